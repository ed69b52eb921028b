package ostium.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(delimiter = '|', textBlock = """
            Ashlatch Chimney Care       | ashlatch-chimney-care
            Wren & Tindle Pianos        | wren-and-tindle-pianos
            Pennock’s Mill Dog Wash     | pennocks-mill-dog-wash
            Café Größe                  | cafe-grosse
            '  -- x --  '               | x
            مرحبا                       | ''
            """)
    void aSlugKeepsLettersDigitsAndSingleHyphens(String words, String slug) {
        assertThat(Slug.of(words, 40)).isEqualTo(slug);
    }

    @ParameterizedTest(name = "{0} in {1} → {2}")
    @CsvSource({"a long business name here,12,a-long", "abcdefghijklmnop,8,abcdefgh", "one two,3,one"})
    void aSlugIsCutBetweenWordsWhereItCan(String words, int longest, String slug) {
        assertThat(Slug.of(words, longest)).isEqualTo(slug);
    }

    @ParameterizedTest(name = "{0} and {1}: {2}")
    @CsvSource({"gmail,gmial,1", "sweep,sweep,0", "tailor,tayler,2", "abc,'',3", "chimney,chimny,1"})
    void slipsAreCounted(String a, String b, int slips) {
        assertThat(EditDistance.between(a, b)).isEqualTo(slips);
        assertThat(EditDistance.between(b, a)).isEqualTo(slips);
    }

    @ParameterizedTest(name = "of “{0}”")
    @CsvSource({
        "'',e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855",
        "abc,ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad"
    })
    void aDigestIsThatOfTheStandard(String words, String hex) {
        assertThat(Sha256.hex(words)).isEqualTo(hex);
    }
}
