package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TradeCatalogueTest {
    private final TradeCatalogue trades = TradeCatalogue.shipped();

    static Stream<Trade> all() {
        return TradeCatalogue.shipped().all().stream()
                .filter(trade -> !trade.id().equals(TradeCatalogue.GENERAL));
    }

    @Test
    void holdsTheFirstTwentyFourAndMore() {
        assertThat(all().count()).isGreaterThanOrEqualTo(24);
    }

    @ParameterizedTest(name = "“{0}” is {1}")
    @CsvSource(delimiter = '|', textBlock = """
            chimney sweep                     | chimney-sweep
            chimny sweep                      | chimney-sweep
            Chimney sweep and stove servicing | chimney-sweep
            boiler man                        | plumber
            leak repair                       | plumber
            sparky                            | electrician
            electritian                       | electrician
            dog wash                          | dog-groomer
            piano tuning and repair           | piano-tuner
            clothing alterations              | tailor
            seamstres                         | tailor
            bike shop                         | bicycle-repair
            locked out                        | locksmith
            hedge cutting                     | gardener
            guitar lessons                    | music-teacher
            maths tutor                       | tutor
            car mechanic                      | garage
            washing machine repair            | appliance-repair
            """)
    void findsATradeByWhatPeopleCallIt(String words, String id) {
        assertThat(trades.find(words)).isEqualTo(new TradeCatalogue.Found(trades.byId(id), true));
    }

    @ParameterizedTest
    @ValueSource(strings = {"falconer", "lighthouse keeper", "", "  ", "🙂", "調律師", "<script>"})
    void runsOnTheGeneralTradeForOtherWordsAndSaysSo(String words) {
        assertThat(trades.find(words)).isEqualTo(new TradeCatalogue.Found(trades.byId(TradeCatalogue.GENERAL), false));
    }

    @Test
    void offersTradesWhileTheOwnerTypes() {
        assertThat(trades.suggest("pia", 6))
                .extracting(match -> match.trade().id())
                .startsWith("piano-tuner");
        assertThat(trades.suggest("xyzzy", 6)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyTradeHasWhatADraftNeeds(Trade trade) {
        assertThat(trade.doing()).isNotBlank();
        assertThat(trade.services()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(trade.practices()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(trade.moods()).isNotEmpty();
        assertThat(keys(trade.services().stream().map(Trade.UsualService::key))).isTrue();
        assertThat(keys(trade.practices().stream().map(Trade.UsualPractice::key)))
                .isTrue();
        assertThat(keys(trade.form().stream().map(Trade.UsualField::key))).isTrue();
    }

    private static boolean keys(Stream<String> keys) {
        Set<String> seen = new HashSet<>();
        return keys.allMatch(seen::add);
    }

    /** Data may hold no amount, no praise and no promise of speed: those are facts of a business, not of a trade. */
    @ParameterizedTest
    @MethodSource("all")
    void saysNothingOfATradeThatOnlyABusinessCanClaim(Trade trade) {
        List<String> sentences = Stream.concat(
                        trade.practices().stream().flatMap(practice -> Stream.of(practice.says(), practice.brief())),
                        trade.services().stream()
                                .flatMap(service -> Stream.of(service.name(), service.done(), service.act())))
                .toList();
        assertThat(sentences)
                .noneMatch(
                        sentence -> sentence.matches(
                                "(?i).*(£|\\$|€|[0-9]|\\bbest\\b|\\bleading\\b|\\bexpert|\\bquality\\b|\\bfast\\b|\\btrusted\\b|guarantee|professional|!).*"));
    }

    @ParameterizedTest
    @MethodSource("all")
    void asksTheOwnerAndTellsTheVisitorInWholeSentences(Trade trade) {
        assertThat(trade.practices()).allSatisfy(practice -> {
            assertThat(practice.ask()).endsWith("?");
            assertThat(practice.says()).endsWith(".").matches("[A-Z].*");
            assertThat(practice.brief().split(" ")).hasSizeLessThanOrEqualTo(5);
        });
    }
}
