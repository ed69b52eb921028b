package ostium.core.copy;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that are not ours, as they can be quoted. */
class PhrasesTest {
    @Nested
    class OwnWords {
        @Test
        void leadWithTheFirstSentenceThatStandsAlone() {
            assertThat(
                            Phrases.leading(
                                    "It all began in a shed. I teach children from six and adults who meant to learn. Come by."))
                    .contains("I teach children from six and adults who meant to learn.");
        }

        @ParameterizedTest
        @ValueSource(
                strings = {
                    "I still ride every day and I always will.",
                    "Come. Stay. Go.",
                    "They came from far. This was long ago and nobody knows why.",
                    "See www.example.org for all of it. Write to ada@example.org when you like.",
                    ""
                })
        void leadWithNothingWhereNothingStandsAlone(String words) {
            assertThat(Phrases.leading(words)).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "Five-year guarantee on new roofs, in writing|a five-year guarantee on new roofs, in writing",
                "Two-year guarantee on all our work.|a two-year guarantee on all our work",
                "five years' guarantee|five years' guarantee",
                "12-month guarantee|a 12-month guarantee",
                "Eight-year guarantee|-",
                "What we break, we pay for.|-",
                "If it comes back within a month, so do we|-"
            })
    void aGuaranteeStandsBehindWithWhereItIsNoSentence(String words, String phrase) {
        assertThat(Phrases.guarantee(words).orElse(null)).isEqualTo(phrase);
    }

    @Test
    void aCustomersWordsAreQuotedWhileTheyAreShort() {
        assertThat(Phrases.isQuotable("They found the fault in half an hour.")).isTrue();
        assertThat(Phrases.isQuotable("Good.")).isFalse();
        assertThat(Phrases.isQuotable("One. Two came later than that. And three came last of all."))
                .isFalse();
        assertThat(Phrases.isQuotable("Where would we be without you all?")).isFalse();
    }

    @Test
    void aSentenceThatPointsBackCannotStandFirst() {
        assertThat(Phrases.leans("You are told what is in it.")).isTrue();
        assertThat(Phrases.leans("One dog is groomed at a time.")).isFalse();
    }

    @Test
    void aSentenceHasACapitalAndAFullStop() {
        assertThat(Phrases.sentence("two-year guarantee")).isEqualTo("Two-year guarantee.");
        assertThat(Phrases.sentence("What we break, we pay for.")).isEqualTo("What we break, we pay for.");
    }
}
