package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The list of how complete each trade is says what the catalogue holds; when it does not, it is written anew. */
class TradeListTest {
    private static final Path LIST = Path.of("../docs/trades-list.md");

    private static String list() {
        List<Trade> trades = TradeCatalogue.shipped().all().stream()
                .filter(trade -> !trade.id().equals(TradeCatalogue.GENERAL))
                .toList();
        StringBuilder list = new StringBuilder("""
                # How complete each trade is

                Written by `TradeListTest`; do not edit. *In depth* means: what to say of each service, five questions or more, practices
                of its own, and proof. Every trade has names in English, German, French and Spanish. What is inherited comes from the
                family.

                """);
        list.append(trades.size())
                .append(" trades in ")
                .append(trades.stream().map(Trade::family).distinct().count())
                .append(" families, ")
                .append(trades.stream().filter(TradeCatalogueTest::isInDepth).count())
                .append(" of them in depth.\n\n")
                .append("| trade | family | depth | names | services | questions | own practices "
                        + "| form | proof | countries | inherited |\n")
                .append("|---|---|---|---|---|---|---|---|---|---|---|\n");
        trades.forEach(trade -> list.append(row(trade)));
        return list.toString();
    }

    private static String row(Trade trade) {
        return "| " + trade.name() + " | " + trade.family() + " | "
                + (TradeCatalogueTest.isInDepth(trade) ? "in depth" : "basic") + " | "
                + trade.names().size() + " | " + trade.services().size() + " | "
                + trade.questions().size() + " | "
                + (trade.inherited().contains("practices") ? "no" : "yes") + " | "
                + (trade.inherited().contains("form") ? "family's" : "own") + " | "
                + trade.proof().size() + " | "
                + trade.regulated().stream().map(Trade.RegulatedLine::country).collect(Collectors.joining(" ")) + " | "
                + String.join(", ", trade.inherited()) + " |\n";
    }

    @Test
    void theListSaysWhatTheCatalogueHolds() throws IOException {
        String list = list();
        String there = Files.exists(LIST) ? Files.readString(LIST) : "";
        if (!there.equals(list)) {
            Files.writeString(LIST, list);
        }
        assertThat(there)
                .as("docs/trades-list.md was out of date; it was written anew: commit it")
                .isEqualTo(list);
    }
}
