package ostium.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import ostium.core.fact.Point;

/** How long ways take, by distance. */
class MeasuredTravelTest {
    private static final TravelTimes WAYS = new MeasuredTravel();

    private static Point at(double latitude, double longitude) {
        return new Point(latitude, longitude, Point.Accuracy.HOUSE);
    }

    @Test
    void nextDoorIsNoWay() {
        assertThat(WAYS.minutes(at(49.7, -7.4), at(49.7005, -7.4))).isZero();
    }

    @Test
    void aTownAwayIsAQuarterOfAnHour() {
        assertThat(WAYS.minutes(at(49.7005, -7.402), at(49.7205, -7.395))).isEqualTo(10);
        assertThat(WAYS.minutes(at(49.7005, -7.402), at(49.6975, -7.448))).isEqualTo(10);
        assertThat(WAYS.minutes(at(49.6975, -7.448), at(49.7085, -7.359))).isEqualTo(20);
    }

    @Test
    void isTheSameBothWaysInStepsOfFiveAndNeverLessForFurther() {
        Random random = new Random(3);
        Point home = at(49.7, -7.4);
        for (int i = 0; i < 500; i++) {
            double far = random.nextDouble() / 2;
            Point near = at(49.7 + far, -7.4);
            Point further = at(49.7 + far * 1.3, -7.4);
            int minutes = WAYS.minutes(home, near);
            assertThat(minutes).isEqualTo(WAYS.minutes(near, home)).isNotNegative();
            assertThat(minutes % 5).isZero();
            assertThat(WAYS.minutes(home, further)).isGreaterThanOrEqualTo(minutes);
        }
    }
}
