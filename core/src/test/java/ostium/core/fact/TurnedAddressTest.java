package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Reading;

/** An address that begins with its town is asked about: a street is no town. */
class TurnedAddressTest {
    @ParameterizedTest(name = "{0} in {1}")
    @CsvSource(delimiter = '|', textBlock = """
            QH1 9AB Quillhaven, 4 Quay Street | GB | 4 Quay Street, Quillhaven QH1 9AB
            Quillhaven, 4 Quay Street         | GB | 4 Quay Street, Quillhaven
            Marlstadt, Hafenstr. 12           | DE | Hafenstr. 12, Marlstadt
            24937 Marlstadt, Am Markt 3       | DE | Am Markt 3, 24937 Marlstadt
            """)
    void isAskedAboutInTheUsualOrder(String typed, String country, String usual) {
        Reading<Place> reading = Place.read(typed, country);
        assertThat(reading).isInstanceOf(Reading.Unclear.class);
        List<String> choices = ((Reading.Unclear<Place>) reading).choices();
        assertThat(choices).containsExactly(usual);
        assertThat(Place.read(usual, country).value()).isPresent();
    }
}
