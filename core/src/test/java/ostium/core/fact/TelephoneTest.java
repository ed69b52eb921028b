package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Reading;

class TelephoneTest {
    @ParameterizedTest(name = "{0} in {1} is {2}")
    @CsvSource(delimiter = '|', textBlock = """
            0117 496 0123            | GB | +441174960123 |
            0117 496 O123            | GB | +441174960123 |
            +44 (0)117 496-0123      | GB | +441174960123 |
            00441174960123           | GB | +441174960123 |
            0117 496 0123 ext 4      | GB | +441174960123 | 4
            (0117) 496.0123          | GB | +441174960123 |
            tel:+44-117-496-0123     | GB | +441174960123 |
            07700 900142             | GB | +447700900142 |
            207-555-0118             | US | +12075550118  |
            +1 (207) 555-0118 x12    | GB | +12075550118  | 12
            1 207 555 0118           | US | +12075550118  |
            020 915 6999             | IE | +353209156999 |
            +49 30 23125 000         | GB | +493023125000 |
            """)
    void takesANumberInAnyFormPeopleType(String typed, String region, String e164, String extension) {
        Telephone telephone = Telephone.read(typed, region).value().orElseThrow();
        assertThat(telephone.e164()).isEqualTo(e164);
        assertThat(telephone.extension()).isEqualTo(extension == null ? "" : extension);
    }

    @ParameterizedTest(name = "{0} is refused: {1}")
    @CsvSource(delimiter = '|', textBlock = """
            0117 49            | This number is too short.
            12                 | This number is too short.
            0117 496 0123 4567 | This number is too long.
            +999 123 4567      | There is no country with this code.
            ask Ada            | There are no digits here.
            ''                 | Type a telephone number.
            """)
    void refusesWhatCannotBeANumberWithTheReason(String typed, String reason) {
        assertThat(Telephone.read(typed, "GB"))
                .isInstanceOfSatisfying(
                        Reading.Refused.class,
                        refused -> assertThat(refused.reason()).isEqualTo(reason));
    }

    @Test
    void takesAPossibleNumberNobodyHasWithANote() {
        Reading<Telephone> reading = Telephone.read("200 555 0123", "US");
        assertThat(reading.remarks()).hasSize(1);
    }

    @Test
    void isSaidAsDialledAtHomeAndFromAbroad() {
        Telephone telephone = Telephone.read("01174960123 ext 4", "GB").value().orElseThrow();
        assertThat(telephone.national()).isEqualTo("0117 496 0123 x4");
        assertThat(telephone.international()).isEqualTo("+44 117 496 0123 x4");
        assertThat(telephone.uri()).isEqualTo("tel:+441174960123;ext=4");
        assertThat(telephone.say("fax")).isEmpty();
    }

    /** Countries that do not tell mobile numbers from others are texted all the same. */
    @ParameterizedTest
    @CsvSource({
        "07700 900461, GB, true",
        "0117 496 0142, GB, false",
        "(212) 555-0123, US, true",
        "+1 604 555 0188, GB, true",
        "0171 1234567, DE, true",
        "030 1234567, DE, false"
    })
    void takesTextsWhereItMayBeMobile(String words, String region, boolean texts) {
        assertThat(Telephone.read(words, region).value().orElseThrow().takesTexts())
                .isEqualTo(texts);
    }
}
