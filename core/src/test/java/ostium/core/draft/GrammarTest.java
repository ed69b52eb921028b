package ostium.core.draft;

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
                "name|telephone|person|person\\.first|founded|promise|hours\\.(days|closed)|area|area\\.(first|rest|beyond|count)|"
                        + "town|street|membership|membership\\.number|trade\\.(Said|doing|Doing)|"
                        + "service[123]|service[123]\\.(lower|done|done\\.lower|act|price|time)|services\\.acts|practice[0-9]\\.says|"
                        + "if\\.(visits|receives|urgent|area|prices|noPrices|times|from|onRequest|fromAndRequest"
                        + "|call|book|write|visit|form|apart|firm)";
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
            String words = variant.tokens() + ownWords(variant);
            if (!said.add(words + variant.pattern().tones())) {
                twice.add(variant.id() + ": " + words);
            }
        }
        assertThat(twice).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Tone.class)
    void hasWordsForEveryPlaceInEveryTone(Tone tone) {
        for (SectionDescriptor kind : SectionKinds.all()) {
            for (String slot : kind.slotNames()) {
                for (String place : kind.placesOf(slot)) {
                    assertThat(GRAMMAR.variants(place, tone).size())
                            .as("%s, %s", place, tone)
                            .isGreaterThanOrEqualTo(3);
                }
            }
        }
    }

    @Test
    void readsAChoiceInEveryWay() {
        Pattern pattern = new Pattern("p", "(Come/Call) to {town}(/, please).", null, null, null);
        assertThat(pattern.variants())
                .extracting(GrammarTest::ownWords)
                .containsExactlyInAnyOrder("Come to _.", "Come to _, please.", "Call to _.", "Call to _, please.");
        assertThat(pattern.variants()).extracting(Variant::id).containsExactly("p#0", "p#1", "p#2", "p#3");
    }
}
