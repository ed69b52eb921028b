package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.CaseTable;
import ostium.core.base.Reading;
import ostium.core.country.Country;

/** The tables of facts as people type them: what they become, or why they are refused. */
class FactTablesTest {
    static Stream<Arguments> telephones() {
        return CaseTable.arguments(FactTables.TELEPHONES, 3);
    }

    static Stream<Arguments> links() {
        return CaseTable.arguments(LinkTable.LINKS, 3);
    }

    static Stream<Arguments> points() {
        return CaseTable.arguments(FactTables.POINTS, 3);
    }

    static Stream<Arguments> postalCodes() {
        return CaseTable.arguments(FactTables.POSTAL_CODES, 3);
    }

    static Stream<Arguments> places() {
        return CaseTable.arguments(FactTables.PLACES, 7);
    }

    private static void refused(Reading<?> reading, String expected) {
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        assertThat(((Reading.Refused<?>) reading).reason())
                .contains(expected.substring(1).strip());
    }

    private static void asked(Reading<?> reading, String expected) {
        assertThat(reading).isInstanceOf(Reading.Unclear.class);
        assertThat(((Reading.Unclear<?>) reading).question())
                .contains(expected.substring(1).strip());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource
    void telephones(String country, String typed, String expected) {
        Reading<Telephone> reading = Telephone.read(typed, country);
        if (expected.startsWith("!")) {
            refused(reading, expected);
        } else if (expected.startsWith("?")) {
            asked(reading, expected);
            assertThat(((Reading.Unclear<Telephone>) reading).choices())
                    .allSatisfy(choice ->
                            assertThat(Telephone.read(choice, country).value()).isPresent());
        } else {
            assertThat(reading.value()).map(number -> number.uri().substring(4)).contains(expected);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource
    void links(String typed, String network, String expected) {
        Reading<Link> reading = Networks.shipped().read(typed);
        if (expected.startsWith("!")) {
            refused(reading, expected);
        } else if (expected.startsWith("?")) {
            asked(reading, expected);
            assertThat(((Reading.Unclear<Link>) reading).choices())
                    .isNotEmpty()
                    .allSatisfy(choice ->
                            assertThat(Networks.shipped().read(choice).value()).isPresent());
        } else {
            assertThat(reading.value()).map(Link::network).contains(network);
            assertThat(reading.value()).map(Link::url).contains(expected);
            assertThat(Networks.shipped().read(expected).value())
                    .as("again")
                    .map(Link::url)
                    .contains(expected);
        }
    }

    @Test
    void thereAreMoreThanThirtyNetworks() {
        assertThat(Networks.shipped().ids()).hasSizeGreaterThan(30).doesNotHaveDuplicates();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource
    void points(String typed, String expected, String accuracy) {
        Reading<Point> reading = Point.read(typed);
        if (accuracy.startsWith("!")) {
            refused(reading, accuracy);
        } else if (accuracy.startsWith("?")) {
            asked(reading, accuracy);
        } else {
            Point point = reading.value().orElseThrow(() -> new AssertionError(reading));
            String[] degrees = expected.split(", ");
            assertThat(point.latitude()).isCloseTo(Double.parseDouble(degrees[0]), within(0.00001));
            assertThat(point.longitude()).isCloseTo(Double.parseDouble(degrees[1]), within(0.00001));
            assertThat(point.accuracy()).hasToString(accuracy);
            assertThat(Point.read(point.uri()).value()).map(Point::accuracy).contains(point.accuracy());
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource
    void postalCodes(String country, String typed, String expected) {
        Reading<String> reading = PostalCode.read(typed, Country.of(country));
        if (expected.startsWith("!")) {
            refused(reading, "! looks like");
        } else {
            assertThat(reading.value()).contains(expected);
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource
    void places(String country, String typed, String street, String town, String region, String code, String lines) {
        Place place = Place.read(typed.replace('/', '\n'), country).value().orElseThrow();
        assertThat(place.street()).isEqualTo(street);
        assertThat(place.town()).isEqualTo(town);
        assertThat(place.district()).isEqualTo(region);
        assertThat(place.postcode()).isEqualTo(code);
        assertThat(String.join("/", place.lines())).isEqualTo(lines);
        assertThat(Place.read(String.join("\n", place.lines()), place.country()).value())
                .as("read again")
                .contains(place);
    }
}
