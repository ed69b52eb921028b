package ostium.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static ostium.core.booking.BookingSamples.NOW;
import static ostium.core.booking.BookingSamples.SURVEY;
import static ostium.core.booking.BookingSamples.appointment;
import static ostium.core.booking.BookingSamples.at;
import static ostium.core.booking.BookingSamples.rules;
import static ostium.core.booking.BookingSamples.sweep;
import static ostium.core.booking.BookingSamples.terms;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A day of the diary, as it is drawn. */
class DiaryDayTest {
    private static DiaryDay day(String date, List<Block> blocks, Appointment... appointments) {
        return DiaryDay.of(terms(rules()), new Agenda(List.of(appointments), blocks), NOW, LocalDate.parse(date));
    }

    @Test
    void hasItsHoursItsAppointmentsAndTheRoomThatIsLeft() {
        DiaryDay day = day("2026-12-01", List.of(), sweep("2026-12-01T10:00"), sweep("2026-12-01T14:00"));
        assertThat(day.open()).containsExactly(new DiaryDay.Stretch(540, 1020));
        assertThat(day.placed()).extracting(DiaryDay.Placed::from).containsExactly(600, 840);
        assertThat(day.rooms())
                .containsExactly(
                        new DiaryDay.Room(540, 600, "room for 1 × Chimney sweep, or 1 × Camera survey"),
                        new DiaryDay.Room(645, 840, "room for 4 × Chimney sweep, or 3 × Camera survey"),
                        new DiaryDay.Room(885, 1020, "room for 3 × Chimney sweep, or 2 × Camera survey"));
        assertThat(day.room()).isEqualTo("room for 8 × Chimney sweep, or 6 × Camera survey");
        assertThat(day.rows()).isEqualTo(1);
    }

    @Test
    void aClosedDaySaysWhyAndHasNoRoom() {
        DiaryDay day = day("2026-12-03", List.of());
        assertThat(day.open()).isEmpty();
        assertThat(day.closed()).isEqualTo("guild meeting");
        assertThat(day.room()).isEmpty();
    }

    @Test
    void whatIsBlockedIsNoRoom() {
        Block errand = new Block("", at("2026-11-30T18:00"), at("2026-12-01T16:00"), "Errand");
        DiaryDay day = day("2026-12-01", List.of(errand));
        assertThat(day.blocks()).containsExactly(new DiaryDay.Blocked(0, 0, 960));
        assertThat(day.rooms()).extracting(DiaryDay.Room::from).containsExactly(960);
    }

    @Test
    void whatIsAtTheSameTimeStandsInRows() {
        DiaryDay day = day(
                "2026-12-01",
                List.of(),
                sweep("2026-12-01T10:00"),
                appointment("Cole", SURVEY, "bram", "2026-12-01T10:30", 60),
                sweep("2026-12-01T11:00"));
        assertThat(day.placed()).extracting(DiaryDay.Placed::row).containsExactly(0, 1, 0);
        assertThat(day.rows()).isEqualTo(2);
    }

    @Test
    void onADayThatIsOverNothingFitsAnyMore() {
        assertThat(day("2026-11-24", List.of()).room()).isEmpty();
        assertThat(day("2026-11-25", List.of()).rooms())
                .extracting(DiaryDay.Room::from)
                .containsExactly(13 * 60);
    }

    @Test
    void theWayStandsBeforeWhatItLeadsTo() {
        BookingRules r = rules();
        BookingRules travels = new BookingRules(
                true, 60, 60, 15, 0, 0, true, 25, "", r.services(), List.of(), List.of(), "", TextRules.NONE);
        Agenda agenda = new Agenda(List.of(sweep("2026-12-01T10:00"), sweep("2026-12-01T12:00")), List.of());
        DiaryDay day = DiaryDay.of(terms(travels), agenda, NOW, LocalDate.parse("2026-12-01"));
        assertThat(day.ways()).extracting(DiaryDay.Way::from).containsExactly(12 * 60 - 25);
        assertThat(day.ways()).extracting(DiaryDay.Way::minutes).containsExactly(25);
    }
}
