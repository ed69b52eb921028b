package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The files of trades are what their schema says, and whoever makes a mistake is told where. */
class TradeFileCheckTest {
    static Stream<String> families() {
        return TradeCatalogue.FAMILIES.stream().filter(family -> !family.equals(TradeCatalogue.GENERAL));
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyFileIsAsItsSchemaSays(String family) {
        assertThat(TradeFileCheck.mistakes(family + ".yaml", TradeFileCheck.text(family + ".yaml")))
                .isEmpty();
    }

    private static final String RIGHT = """
            family:
              id: kites
              speech: { customer: customer, job: kite, does: work, list: Kites, tell: [what for, how big, when you need it] }
              schemaType: LocalBusiness
              coming: both
              urgency: seldom
              goal: write
              motif: leaf
              moods: [lamp]
              houses: [kiosk, studio, garden]
              practices: []
            trades:
              - id: kite-maker
                names: { en: [kite maker], de: [Drachenbauer] }
                doing: kite making
                services:
                  - { key: kites, name: Kites, price: from }
                questions: ["How high?", "How long?", "In what wind?"]
            """;

    @Test
    void aSmallFileCanBeRight() {
        assertThat(TradeFileCheck.mistakes("kites.yaml", RIGHT)).isEmpty();
    }

    @Test
    void theExampleOfThePageOnAddingTradesIsRight() throws IOException {
        String page = Files.readString(Path.of("../docs/trades.md"));
        String example =
                page.substring(page.indexOf("```yaml") + 8, page.indexOf("```\n", page.indexOf("```yaml") + 8));
        String head = RIGHT.substring(0, RIGHT.indexOf("  - id:"));
        assertThat(TradeFileCheck.mistakes("example.yaml", head + example)).isEmpty();
    }

    @ParameterizedTest(name = "{0} → {1}: line {2}")
    @CsvSource({
        "coming: both, coming: perhaps, 5",
        "price: from, price: 40, 17",
        "name: Kites, name: kites, 17",
        "How high?, How high, 18",
        "doing: kite making, going: kite making, 13",
        "moods: [lamp], moods: [pink], 9",
        "price: from, minutes: 3, 17",
        "In what wind?, What is £40?, 18",
        "when you need it, When do you need it?, 3"
    })
    void aMistakeNamesTheFileAndTheLine(String right, String wrong, int line) {
        assertThat(TradeFileCheck.mistakes("kites.yaml", RIGHT.replace(right, wrong)))
                .isNotEmpty()
                .anyMatch(mistake -> mistake.startsWith("kites.yaml:" + line + ": "));
    }
}
