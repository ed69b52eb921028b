package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Area.Answer;
import ostium.core.fact.Point.Accuracy;

/** Where a business comes to, in words and on the earth. */
class AreaTest {
    private static final Point HARBOUR = new Point(49.7, -7.4, Accuracy.HOUSE);

    private static Area read(String words) {
        return Area.read(words).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Quillhaven, Tolver and Upper Marl | Quillhaven, Tolver and Upper Marl",
                "Tolver; Upper Marl | Tolver and Upper Marl",
                "Quillhaven and 15 miles around | Quillhaven and 15 miles around",
                "within 10 miles | 10 miles around",
                "up to 20 km | 20 km around",
                "anywhere within 5 miles of us | 5 miles around",
                "a 1 mile radius | 1 mile around",
                "Tolver, Tolver | Tolver",
            })
    void readsPlacesAndDistances(String words, String said) {
        assertThat(read(words).say("")).contains(said);
        assertThat(read(said)).isEqualTo(read(words));
    }

    @Test
    void refusesWhatIsNoPlaceOrTooFar() {
        assertThat(Area.read("  ,, ").value()).isEmpty();
        assertThat(Area.read("9000 miles").value()).isEmpty();
        assertThat(Area.read("x".repeat(61)).value()).isEmpty();
    }

    @Test
    void answersByName() {
        Area area = read("Pennock’s Mill, Tolver");
        assertThat(area.comesTo("pennocks mill", Optional.empty(), Optional.empty()))
                .isEqualTo(Answer.YES);
        assertThat(area.comesTo("Sandgate Reach", Optional.empty(), Optional.empty()))
                .isEqualTo(Answer.ASK);
    }

    @Test
    void answersByDistanceAndAsksAtTheEdge() {
        Area area = read("10 km around");
        assertThat(area.comesTo("Near", Optional.of(new Point(49.75, -7.4, Accuracy.HOUSE)), Optional.of(HARBOUR)))
                .isEqualTo(Answer.YES);
        assertThat(area.comesTo("Far", Optional.of(new Point(49.9, -7.4, Accuracy.HOUSE)), Optional.of(HARBOUR)))
                .isEqualTo(Answer.NO);
        assertThat(area.comesTo("Edge", Optional.of(new Point(49.79, -7.4, Accuracy.HOUSE)), Optional.of(HARBOUR)))
                .isEqualTo(Answer.ASK);
        assertThat(new Area(List.of("Tolver"), 10_000)
                        .comesTo("Far", Optional.of(new Point(49.9, -7.4, Accuracy.HOUSE)), Optional.of(HARBOUR)))
                .as("places by name may lie further out")
                .isEqualTo(Answer.ASK);
        assertThat(area.comesTo("Unknown", Optional.empty(), Optional.of(HARBOUR)))
                .isEqualTo(Answer.ASK);
    }

    /** A degree of latitude is about 111.2 km on the sphere; a quarter of the equator about 10,007 km. */
    @Test
    void measuresGreatCircles() {
        assertThat(HARBOUR.metresTo(new Point(50.7, -7.4, Accuracy.HOUSE))).isBetween(111_150.0, 111_250.0);
        assertThat(new Point(0, 0.0001, Accuracy.TOWN).metresTo(new Point(0, 90.0001, Accuracy.TOWN)))
                .isBetween(10_007_000.0, 10_008_000.0);
        assertThat(HARBOUR.metresTo(HARBOUR)).isZero();
    }
}
