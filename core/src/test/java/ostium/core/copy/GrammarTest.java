package ostium.core.copy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.brief.Tone;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;

/** What every pattern of {@code words/en} has to keep to, whatever the facts are. */
class GrammarTest {
    private static final Grammar GRAMMAR = Grammar.english();

    static Stream<String> places() {
        return GRAMMAR.places().stream();
    }

    private static String ownWords(Variant variant) {
        return variant.lines().stream()
                .map(line -> line.stream()
                        .map(part -> part.isGap() ? "_" : part.words())
                        .collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @MethodSource("places")
    void namesTheClaimsOfEachSentenceAndWhatCarriesThem(String place) {
        for (Variant variant : GRAMMAR.place(place).variants()) {
            assertThat(variant.pattern().claims().keySet())
                    .as("claims of %s: %s", variant.id(), ownWords(variant))
                    .containsAll(Claims.in(ownWords(variant)));
            variant.pattern().claims().forEach((kind, carriers) -> {
                assertThat(Claims.kinds()).contains(kind);
                assertThat(carriers).as(variant.id()).isNotEmpty();
                assertThat(variant.tokens()).as(variant.id()).containsAll(carriers);
            });
        }
    }

    @ParameterizedTest
    @MethodSource("places")
    void holdsNoClicheNoExclamationAndNoFigure(String place) {
        for (Variant variant : GRAMMAR.place(place).variants()) {
            String words = ownWords(variant);
            assertThat(Cliches.in(words)).as(words).isEmpty();
            assertThat(words).doesNotContain("!").doesNotContainPattern("[0-9]").doesNotContain("  ");
        }
    }

    @ParameterizedTest
    @MethodSource("places")
    void knowsEveryGap(String place) {
        String known =
                "name|telephone|founded|hours\\.days|person|person\\.first|people|people\\.[a-z]+|promise|promise\\.day|"
                        + "trade|Trade|Said|Activity|tradesperson|tradespeople|One\\.premises|customers|job|one\\.job|does|List|"
                        + "service[123]|service[123]\\.lower|cheapest|street|base|in|area|area\\.beyond|"
                        + "we|us|our|We|Our|are|it|it\\.(who|number|phrase|apart)|"
                        + "if\\.(visits|receives|comes|area|urgent|prices|noPrices|somePrices|call|book|write|visit|form|quoted|apart|firm|"
                        + "plainName|taught|alone|several|listed|askedFor|named|lively|made|titled|questions|oneQuestion)";
        for (Variant variant : GRAMMAR.place(place).variants()) {
            assertThat(variant.tokens()).as(variant.id()).allMatch(token -> token.matches(known));
        }
    }

    @Test
    void callsNoTwoPatternsTheSame() {
        List<String> ids = GRAMMAR.places().stream()
                .flatMap(place -> GRAMMAR.place(place).variants().stream())
                .map(Variant::id)
                .toList();
        assertThat(ids).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("places")
    void saysNothingTwiceAtOnePlace(String place) {
        Set<String> said = new HashSet<>();
        List<String> twice = new ArrayList<>();
        for (Variant variant : GRAMMAR.place(place).variants()) {
            String words = variant.pattern().says() + variant.tokens() + ownWords(variant);
            if (!said.add(words + variant.pattern().tones())) {
                twice.add(variant.id() + ": " + words);
            }
        }
        assertThat(twice).isEmpty();
    }

    /** Parts of a message are there where one is worded, and nowhere else. */
    @ParameterizedTest
    @MethodSource("places")
    void speaksOfAMessageWhereItWordsOne(String place) {
        for (Variant variant : GRAMMAR.place(place).variants()) {
            boolean speaks = variant.tokens().stream().anyMatch(token -> token.equals("it") || token.startsWith("it."));
            assertThat(variant.pattern().says().isEmpty()).as(variant.id()).isEqualTo(!speaks);
        }
    }

    /** What stands on every page has words in every tone; a section may have none where nothing is worth saying. */
    @ParameterizedTest
    @EnumSource(Tone.class)
    void hasWordsForEveryHeadlineAndHeadingInEveryTone(Tone tone) {
        for (SectionDescriptor kind : SectionKinds.all()) {
            for (String slot : kind.slotNames()) {
                for (String place : kind.placesOf(slot)) {
                    int least = place.endsWith("heading") || place.endsWith("headline") ? 3 : 1;
                    assertThat(GRAMMAR.variants(place, tone).size())
                            .as("%s, %s", place, tone)
                            .isGreaterThanOrEqualTo(least);
                }
            }
        }
    }

    @Test
    void readsAChoiceInEveryWay() {
        Pattern pattern = new Pattern("p", "(Come/Call) to {in}(/, please).", null, null, null, null);
        assertThat(pattern.variants())
                .extracting(GrammarTest::ownWords)
                .containsExactlyInAnyOrder("Come to _.", "Come to _, please.", "Call to _.", "Call to _, please.");
        assertThat(pattern.variants()).extracting(Variant::id).containsExactly("p#0", "p#1", "p#2", "p#3");
    }
}
