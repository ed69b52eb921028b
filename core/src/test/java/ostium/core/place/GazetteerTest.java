package ostium.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Point;
import ostium.core.fact.Point.Accuracy;

/** The demo world, asked as an owner types and as a pin is moved. */
class GazetteerTest {
    private static final PlaceFinder PLACES = load();

    private static PlaceFinder load() {
        Path folder = Path.of("../app/src/main/resources/ostium/standin");
        try {
            return new Gazetteer(List.of(
                    Files.readString(folder.resolve("quill.geojson")),
                    Files.readString(folder.resolve("port-merrow.geojson"))));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GB | 3 net l | 3 Net Loft, Quillhaven QH1 2NL | HOUSE",
                "GB | 3 Net Loft, Quillhaven QH1 2NL | 3 Net Loft, Quillhaven QH1 2NL | HOUSE",
                "GB | Net Loft | Net Loft, Quillhaven QH1 2NL | STREET",
                "GB | 99 Net Loft | Net Loft, Quillhaven QH1 2NL | STREET",
                "GB | Quillh | Quillhaven | TOWN",
                "GB | pennocks | Pennock’s Mill | TOWN",
                "GB | sailmaker row | Sailmakers’ Row, Tolver QH4 1SR | STREET",
                "GB | Harbuor Steps | Harbour Steps, Quillhaven QH1 1HS | STREET",
                "GB | QH5 1ME | Marl End, Upper Marl QH5 1ME | STREET",
                "US | 18 wharf | 18 Wharf Street, Port Merrow, ME 04199 | HOUSE",
            })
    void suggestsWhatIsTyped(String country, String typed, String first, String accuracy) {
        List<FoundPlace> found = PLACES.suggest(typed, country, 5);
        assertThat(found).isNotEmpty();
        assertThat(found.get(0).address()).isEqualTo(first);
        assertThat(found.get(0).point().accuracy()).hasToString(accuracy);
    }

    @Test
    void knowsNothingElsewhere() {
        assertThat(PLACES.suggest("Net Loft", "DE", 5)).isEmpty();
        assertThat(PLACES.suggest("zzzz", "GB", 5)).isEmpty();
        assertThat(PLACES.suggest("", "GB", 5)).isEmpty();
        assertThat(PLACES.find("1 Nowhere Street, Nothington", "GB")).isEmpty();
        assertThat(PLACES.at(new Point(10, 10, Accuracy.HOUSE))).isEmpty();
        assertThat(PLACES.mapAround(new Point(10, 10, Accuracy.HOUSE))).isEmpty();
    }

    @Test
    void findsAHouseAndThePointFindsItAgain() {
        FoundPlace house = PLACES.find("3 Net Loft, Quillhaven QH1 2NL", "GB").orElseThrow();
        assertThat(house.point().accuracy()).isEqualTo(Accuracy.HOUSE);
        assertThat(house.point().metresTo(new Point(49.7010, -7.4036, Accuracy.HOUSE)))
                .isLessThan(150);
        assertThat(PLACES.at(house.point()).orElseThrow().address()).contains("Net Loft, Quillhaven QH1 2NL");
    }

    @Test
    void neverClaimsMoreThanItsWordsSay() {
        assertThat(PLACES.find("Tolver", "GB").orElseThrow().point().accuracy()).isEqualTo(Accuracy.TOWN);
        assertThat(PLACES.find("Sail Street, Tolver", "GB")
                        .orElseThrow()
                        .point()
                        .accuracy())
                .isEqualTo(Accuracy.STREET);
    }

    @Test
    void hasAMapAroundItsPlaces() {
        assertThat(PLACES.mapAround(new Point(49.7, -7.4, Accuracy.HOUSE)).orElseThrow())
                .contains("\"coast\"");
    }
}
