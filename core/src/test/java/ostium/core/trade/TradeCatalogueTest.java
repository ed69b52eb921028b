package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TradeCatalogueTest {
    private final TradeCatalogue trades = TradeCatalogue.shipped();

    static Stream<Trade> all() {
        return TradeCatalogue.shipped().all().stream()
                .filter(trade -> !trade.id().equals(TradeCatalogue.GENERAL));
    }

    @Test
    void holdsMoreThanTwoHundredAndFortyTradesInTwentyFamilies() {
        assertThat(all().count()).isGreaterThanOrEqualTo(240);
        assertThat(all().map(Trade::family).distinct().count()).isGreaterThanOrEqualTo(20);
        assertThat(all().filter(TradeCatalogueTest::isInDepth).count()).isGreaterThanOrEqualTo(60);
    }

    /** A trade that is known in depth: its own services with what to say of each, questions, practices and proof. */
    static boolean isInDepth(Trade trade) {
        return trade.services().size() >= 4
                && trade.services().stream().noneMatch(service -> service.say().isEmpty())
                && trade.questions().size() >= 5
                && trade.proof().size() >= 2
                && !trade.inherited().contains("practices");
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyTradeHasNamesInFourLanguagesServicesAndQuestionsOfItsOwn(Trade trade) {
        for (String language : List.of("en", "de", "fr", "es")) {
            assertThat(trade.names())
                    .filteredOn(name -> name.language().equals(language))
                    .as(language)
                    .isNotEmpty();
        }
        assertThat(trade.services()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(trade.questions()).hasSizeGreaterThanOrEqualTo(3).allMatch(question -> question.endsWith("?"));
        assertThat(trade.inherited()).isNotNull();
    }

    @Test
    void noTwoTradesShareMoreThanAThirdOfTheirQuestions() {
        List<Trade> all = all().toList();
        for (Trade one : all) {
            for (Trade other : all) {
                if (one != other) {
                    long shared = one.questions().stream()
                            .filter(other.questions()::contains)
                            .count();
                    assertThat(shared * 3)
                            .as(one.id() + " and " + other.id())
                            .isLessThanOrEqualTo(one.questions().size());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatACountryAsksForHasAKeyACountryAndAReason(Trade trade) {
        assertThat(trade.regulated()).allSatisfy(line -> {
            assertThat(line.country()).matches("[A-Z]{2}");
            assertThat(line.says()).endsWith(".");
            assertThat(line.shows()).isNotBlank();
        });
        assertThat(trade.regulatedIn("XX")).isEmpty();
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
                        Stream.concat(
                                trade.services().stream().flatMap(service -> Stream.of(service.name(), service.say())),
                                Stream.concat(trade.questions().stream(), trade.proof().stream())))
                .toList();
        assertThat(sentences)
                .noneMatch(sentence -> sentence.matches(
                        "(?i).*(£|\\$|€|[0-9]|\\bbest\\b|\\bleading\\b|\\bexpert|\\bquality\\b|\\bfast\\b"
                                + "|\\btrusted\\b|guarantee|professional|!).*"));
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
