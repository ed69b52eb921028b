package ostium.app.publishing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressNameTest {
    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(delimiter = '|', textBlock = """
            Ashlatch Chimney Care   | ashlatch-chimney-care
            Wren & Tindle Pianos    | wren-and-tindle-pianos
            Preview                 | site-01234567
            مقهى                    | site-01234567
            A                       | site-01234567
            """)
    void isSuggestedFromTheNameOfTheBusiness(String business, String name) {
        assertThat(AddressName.suggest(business, "01234567-89ab-cdef-0123-456789abcdef"))
                .isEqualTo(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "a1b", "wren-and-tindle", "123"})
    void canBeHad(String name) {
        assertThat(AddressName.fault(name)).isEmpty();
    }

    @ParameterizedTest(name = "“{0}”: {1}")
    @CsvSource(delimiter = '|', textBlock = """
            ab                                          | Between 3 and 40 characters, please.
            aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa | Between 3 and 40 characters, please.
            -ash                                        | Letters a to z, digits and single hyphens between them.
            ash--latch                                  | Letters a to z, digits and single hyphens between them.
            ash.latch                                   | Letters a to z, digits and single hyphens between them.
            аshlatch                                    | Letters a to z, digits and single hyphens between them.
            preview                                     | This name is kept for Ostium itself.
            www                                         | This name is kept for Ostium itself.
            """)
    void isRefusedForAReasonInWords(String name, String fault) {
        assertThat(AddressName.fault(name)).contains(fault);
    }

    @ParameterizedTest(name = "“{0}” is taken as “{1}”")
    @CsvSource({"' Ashlatch ',ashlatch", "WREN,wren"})
    void isTakenInLowerCase(String typed, String name) {
        assertThat(AddressName.normal(typed)).isEqualTo(name);
    }
}
