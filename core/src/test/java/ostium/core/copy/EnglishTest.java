package ostium.core.copy;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forms of words. */
class EnglishTest {
    @ParameterizedTest
    @CsvSource({
        "plumber, plumbers",
        "family, families",
        "dog groomer, dog groomers",
        "bride, brides",
        "undertaker, undertakers"
    })
    void severalOfANoun(String one, String several) {
        assertThat(English.plural(one)).isEqualTo(several);
    }

    @ParameterizedTest
    @CsvSource({
        "appointment, an appointment",
        "lesson, a lesson",
        "order, an order",
        "unit, a unit",
        "bakery, a bakery",
        "garden visit, a garden visit"
    })
    void aNounWithItsArticle(String noun, String withArticle) {
        assertThat(English.one(noun)).isEqualTo(withArticle);
    }

    @ParameterizedTest
    @CsvSource({"see, sees", "teach, teaches", "visit, visits", "work, works", "bake, bakes"})
    void aVerbAgreesWithWhoDoesIt(String verb, String one) {
        assertThat(English.present(verb, false)).isEqualTo(one);
        assertThat(English.present(verb, true)).isEqualTo(verb);
    }
}
