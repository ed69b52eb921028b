package ostium.core.ask;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.InventedBusinesses.Richness;
import ostium.core.RichBusinesses;
import ostium.core.brief.Brief;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** What would make a page stronger, best first. */
class PageQuestionsTest {
    private static List<String> keys(Brief brief) {
        return PageQuestions.of(brief, Set.of()).stream().map(PageQuestion::key).toList();
    }

    private static Brief card(String trade) {
        return InventedBusinesses.brief(TradeCatalogue.shipped().byId(trade), 3, Richness.CARD);
    }

    @Test
    void asksWhereAndWhatBeforeWhatIsSpecial() {
        assertThat(keys(card("plumber"))).startsWith("area", "services").contains("guarantee", "own", "people");
        assertThat(keys(card("tailor"))).startsWith("place", "services");
    }

    @Test
    void asksWhatTheTradeIsChosenFor() {
        assertThat(keys(card("physiotherapist"))).containsSubsequence("qualification", "guarantee");
        assertThat(keys(card("roofer"))).containsSubsequence("guarantee", "qualification");
    }

    @Test
    void asksNothingThatIsKnownAndNothingThatWasPutOff() {
        Brief rich = RichBusinesses.all().get(0);
        assertThat(keys(rich))
                .doesNotContain("area", "services", "prices", "guarantee", "own", "people", "since", "promise");
        String first = keys(card("plumber")).get(0);
        assertThat(PageQuestions.of(card("plumber"), Set.of(first)))
                .extracting(PageQuestion::key)
                .doesNotContain(first)
                .isNotEmpty();
    }

    /** Each is asked where its answer would be read. */
    @Test
    void standsBesideASection() {
        assertThat(PageQuestions.of(card("plumber"), Set.of()))
                .extracting(PageQuestion::key, question -> question.beside().name())
                .contains(
                        tuple("area", "PLACE"),
                        tuple("services", "SERVICES"),
                        tuple("guarantee", "OPENING"),
                        tuple("own", "ABOUT"),
                        tuple("customer", "TESTIMONIALS"));
    }

    @Test
    void aPracticeIsAYesAndShowsWhatThePageCouldSay() {
        PageQuestion practice = PageQuestions.of(card("chimney-sweep"), Set.of()).stream()
                .filter(PageQuestion::isYesOrNo)
                .findFirst()
                .orElseThrow();
        assertThat(practice.ask()).endsWith("?");
        assertThat(practice.gains()).contains("“").endsWith("”");
        assertThat(practice.field()).startsWith("practice/");
    }

    static List<Trade> trades() {
        return TradeCatalogue.shipped().all();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void everyTradeIsAskedSomethingAndNothingTwice(Trade trade) {
        Brief card = InventedBusinesses.brief(trade, 1, Richness.CARD);
        assertThat(keys(card)).hasSizeGreaterThan(5).doesNotHaveDuplicates();
    }
}
