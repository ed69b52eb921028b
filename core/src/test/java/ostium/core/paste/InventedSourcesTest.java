package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.DataFile;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;

/**
 * Sources of many kinds, each read by a person before it was tried ({@code invented-sources.yaml}): nine facts in ten are found,
 * what is called sure is right, and nothing at all is taken from a bill of somebody else without a question.
 */
class InventedSourcesTest {
    private static final BusinessDay TODAY =
            BusinessDay.at(Instant.parse("2026-11-25T12:00:00Z"), ZoneId.of("Europe/London"));
    private static final double ENOUGH = 0.9;

    record Invented(String name, String file, String region, String text, List<String> facts) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Invented> sources() {
        return Stream.of(DataFile.read("/ostium/paste/invented-sources.yaml", Invented[].class))
                .map(InventedSourcesTest::byTrade)
                .toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void whatIsCalledSureIsRight(Invented source) {
        Set<String> facts = new HashSet<>(source.facts());
        assertThat(proposals(source))
                .filteredOn(proposal -> proposal.sureness() == Sureness.SURE)
                .extracting(InventedSourcesTest::said)
                .allMatch(facts::contains);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sources")
    void nothingWrongIsLikelyMoreThanOnce(Invented source) {
        Set<String> facts = new HashSet<>(source.facts());
        assertThat(proposals(source))
                .filteredOn(proposal -> proposal.sureness() == Sureness.LIKELY)
                .extracting(InventedSourcesTest::said)
                .filteredOn(said -> !facts.contains(said))
                .hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void nineFactsInTenAreFound() {
        List<String> missing = new ArrayList<>();
        int all = 0;
        for (Invented source : sources()) {
            List<String> said =
                    proposals(source).stream().map(InventedSourcesTest::said).toList();
            all += source.facts().size();
            source.facts().stream()
                    .filter(fact -> !said.contains(fact))
                    .forEach(fact -> missing.add(source + ": " + fact));
        }
        assertThat(missing).hasSizeLessThanOrEqualTo((int) (all * (1 - ENOUGH)));
    }

    private static Invented byTrade(Invented source) {
        List<String> facts = source.facts().stream()
                .map(fact -> fact.startsWith("Trade: ") ? "Trade: " + trade(fact.substring("Trade: ".length())) : fact)
                .toList();
        return new Invented(source.name(), source.file(), source.region(), source.text(), facts);
    }

    /** A trade by whatever name of it stands there. */
    private static String trade(String words) {
        return TradeCatalogue.shipped().find(words).trade().id();
    }

    private static List<Proposal> proposals(Invented source) {
        Source read = Source.file(source.text().getBytes(StandardCharsets.UTF_8), source.file())
                .value()
                .orElseThrow();
        return PasteReader.read(read, TypedSheet.empty(source.region(), 1), TODAY)
                .proposals();
    }

    private static String said(Proposal proposal) {
        String says = proposal.path().equals("trade") ? trade(proposal.says()) : proposal.says();
        return proposal.name() + ": " + says + (proposal.sureness() == Sureness.ASK ? " [ASK]" : "");
    }
}
