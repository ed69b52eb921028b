package ostium.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static ostium.core.booking.BookingSamples.SURVEY;
import static ostium.core.booking.BookingSamples.SWEEP;
import static ostium.core.booking.BookingSamples.appointment;
import static ostium.core.booking.BookingSamples.sweep;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What an owner cannot do: put two in one place. */
class AgendaTest {
    private static final Agenda TEN = new Agenda(List.of(sweep("2026-12-01T10:00")), List.of());

    @Test
    void anotherAtTheSameTimeStandsInTheWay() {
        assertThat(TEN.clash(appointment("Cole", SWEEP, "", "2026-12-01T10:30", 45), 1))
                .hasValueSatisfying(other -> assertThat(other.who()).isEqualTo("Dunnock"));
        assertThat(TEN.clash(appointment("Cole", SURVEY, "", "2026-12-01T09:30", 60), 1))
                .isPresent();
    }

    @Test
    void oneRightAfterOrBeforeDoesNot() {
        assertThat(TEN.clash(appointment("Cole", SWEEP, "", "2026-12-01T10:45", 45), 1))
                .isEmpty();
        assertThat(TEN.clash(appointment("Cole", SWEEP, "", "2026-12-01T09:15", 45), 1))
                .isEmpty();
    }

    @Test
    void somebodyElsesTimeIsTheirs() {
        assertThat(TEN.clash(appointment("Cole", SWEEP, "bram", "2026-12-01T10:00", 45), 1))
                .isEmpty();
    }

    @Test
    void aClassTakesSeveralAtItsStartAndNobodyInBetween() {
        assertThat(TEN.clash(appointment("Cole", SWEEP, "", "2026-12-01T10:00", 45), 2))
                .isEmpty();
        assertThat(TEN.clash(appointment("Cole", SWEEP, "", "2026-12-01T10:15", 45), 2))
                .isPresent();
        Agenda full = new Agenda(
                List.of(sweep("2026-12-01T10:00"), appointment("Ashe", SWEEP, "", "2026-12-01T10:00", 45)), List.of());
        assertThat(full.clash(appointment("Cole", SWEEP, "", "2026-12-01T10:00", 45), 2))
                .isPresent();
    }

    @Test
    void aDiaryWithoutOneOfItsOwnHasItsTimeFree() {
        Appointment own = TEN.appointments().get(0);
        assertThat(TEN.without(own.id()).clash(own, 1)).isEmpty();
        assertThat(TEN.without("none").appointments()).containsExactly(own);
    }
}
