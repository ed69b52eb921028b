package ostium.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static ostium.core.booking.BookingSamples.LONDON;
import static ostium.core.booking.BookingSamples.MARL;
import static ostium.core.booking.BookingSamples.NOW;
import static ostium.core.booking.BookingSamples.SURVEY;
import static ostium.core.booking.BookingSamples.SWEEP;
import static ostium.core.booking.BookingSamples.TOLVER;
import static ostium.core.booking.BookingSamples.appointment;
import static ostium.core.booking.BookingSamples.at;
import static ostium.core.booking.BookingSamples.rules;
import static ostium.core.booking.BookingSamples.sheet;
import static ostium.core.booking.BookingSamples.sweep;
import static ostium.core.booking.BookingSamples.terms;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import ostium.core.sheet.Line;

/** Which times can be booked, and why another cannot. */
class SlotsTest {
    private static final ClockWords CLOCK = ClockWords.of(LONDON, "GB");
    private static final Wanted A_SWEEP = Wanted.of(SWEEP);

    private static Slots slots(BookingRules rules, Appointment... appointments) {
        return Slots.of(terms(rules), new Agenda(List.of(appointments), List.of()), NOW);
    }

    /** The starts of a day, as clocks show them. */
    private static String on(Slots slots, Wanted wanted, String day) {
        return slots.free(wanted, LocalDate.parse(day), 1).stream()
                .map(slot -> CLOCK.time(slot.start()))
                .collect(Collectors.joining(" "));
    }

    private static Reason why(Slots slots, Wanted wanted, String local) {
        return slots.whyNot(wanted, at(local)).map(Refusal::reason).orElse(null);
    }

    @Nested
    class ByTheHours {
        @Test
        void fromOpeningToTheLastThatIsDoneBeforeClosing() {
            String free = on(slots(withGrid(30)), A_SWEEP, "2026-12-01");
            assertThat(free).startsWith("09:00 09:30 10:00").endsWith("15:30 16:00");
        }

        @Test
        void noneOnADayThatIsClosed() {
            Slots slots = slots(rules());
            assertThat(on(slots, A_SWEEP, "2026-12-03")).isEmpty();
            assertThat(slots.whyNot(A_SWEEP, at("2026-12-03T10:00")))
                    .hasValue(new Refusal(Reason.CLOSED, "Closed: guild meeting."));
            assertThat(why(slots, A_SWEEP, "2026-12-05T10:00")).as("Saturday").isEqualTo(Reason.CLOSED);
            assertThat(slots.whyNot(A_SWEEP, at("2026-12-01T16:30")))
                    .hasValue(new Refusal(Reason.TOO_LONG, "It takes 45 min, and you close before it is done."));
        }

        @Test
        void inAWeekOfTheirOwnWithTheSameDaysOff() {
            BookingRules rules = with(rules(), "Mon-Sun 14-16", List.of());
            assertThat(on(slots(rules), Wanted.of(SURVEY), "2026-12-05")).isEqualTo("14:00 14:15 14:30 14:45 15:00");
            assertThat(on(slots(rules), Wanted.of(SURVEY), "2026-12-03")).isEmpty();
        }

        @Test
        void notBeforeNoticeAndNotTooFarAhead() {
            Slots slots = slots(rules());
            assertThat(on(slots, A_SWEEP, "2026-11-25")).startsWith("13:00 13:15");
            assertThat(slots.whyNot(A_SWEEP, at("2026-11-25T12:45")))
                    .hasValue(new Refusal(Reason.NOTICE, "Too soon: you ask for an hour of notice."));
            assertThat(why(slots, A_SWEEP, "2026-11-25T11:45")).isEqualTo(Reason.PAST);
            assertThat(why(slots, A_SWEEP, "2027-01-22T10:00")).isNull();
            assertThat(slots.whyNot(A_SWEEP, at("2027-01-25T10:00")))
                    .hasValue(new Refusal(Reason.AHEAD, "Too far ahead: bookings are taken up to Sun 24 Jan."));
            assertThat(slots.free(A_SWEEP, LocalDate.parse("2027-01-25"), 30)).isEmpty();
        }

        @Test
        void onlyAtTheMinutesAppointmentsBeginAt() {
            assertThat(why(slots(rules()), A_SWEEP, "2026-12-01T10:10")).isEqualTo(Reason.GRID);
            assertThat(why(slots(withGrid(10)), A_SWEEP, "2026-12-01T10:10")).isNull();
        }

        @Test
        void onlyWhatIsOfferedAndHasALength() {
            Slots slots = slots(rules());
            assertThat(why(slots, Wanted.of("service/advice"), "2026-12-01T10:00"))
                    .isEqualTo(Reason.NOT_OFFERED);
            assertThat(on(slots, Wanted.of("service/none"), "2026-12-01")).isEmpty();
        }
    }

    @Nested
    class BesideOthers {
        @Test
        void noneThatOverlapsOneThatIsThere() {
            Slots slots = slots(rules(), sweep("2026-12-01T10:00"));
            assertThat(on(slots, A_SWEEP, "2026-12-01")).startsWith("09:00 09:15 10:45 11:00");
            assertThat(slots.whyNot(A_SWEEP, at("2026-12-01T09:30")))
                    .hasValue(new Refusal(Reason.TAKEN, "Dunnock is booked until 10:45."));
        }

        @Test
        void withTheTimeThatIsKeptFreeBesideEach() {
            BookingRules buffers = withServices(List.of(new BookableService(SWEEP, null, 15, 30, 1)));
            Slots slots = slots(buffers, sweep("2026-12-01T12:00"));
            assertThat(on(slots, A_SWEEP, "2026-12-01"))
                    .contains("10:45 13:00")
                    .doesNotContain("11:00")
                    .doesNotContain("12:45");
        }

        @Test
        void noneInATimeThatIsBlocked() {
            Block errand = new Block("", at("2026-12-01T09:00"), at("2026-12-01T13:00"), "Errand");
            Slots slots = Slots.of(terms(rules()), new Agenda(List.of(), List.of(errand)), NOW);
            assertThat(on(slots, A_SWEEP, "2026-12-01")).startsWith("13:00 13:15");
            assertThat(why(slots, A_SWEEP, "2026-12-01T12:30")).isEqualTo(Reason.BLOCKED);
        }

        @Test
        void theWayCounts() {
            BookingRules travels = travelling(20);
            Appointment there = new Appointment(
                    "1", "Quayle", SURVEY, "", at("2026-12-01T11:00"), at("2026-12-01T12:00"), 0, 0, Optional.of(MARL));
            Slots slots = slots(travels, there);
            assertThat(on(slots, A_SWEEP.at(MARL), "2026-12-01")).contains("10:15 12:00");
            assertThat(on(slots, A_SWEEP.at(TOLVER), "2026-12-01"))
                    .contains("09:45 12:30")
                    .doesNotContain("10:00");
            assertThat(slots.whyNot(A_SWEEP.at(TOLVER), at("2026-12-01T10:00")))
                    .hasValue(new Refusal(Reason.TRAVEL, "The way to Quayle takes 25 minutes, and there is less."));
            assertThat(on(slots, A_SWEEP, "2026-12-01"))
                    .as("a place not known is the usual way off")
                    .contains("09:45 12:30");
        }

        @Test
        void aDayHasOnlySoMany() {
            BookingRules rules = limited(2);
            Slots slots = slots(rules, sweep("2026-12-01T09:00"), sweep("2026-12-01T10:00"));
            assertThat(on(slots, A_SWEEP, "2026-12-01")).isEmpty();
            assertThat(why(slots, A_SWEEP, "2026-12-01T15:00")).isEqualTo(Reason.DAILY_LIMIT);
            assertThat(on(slots, A_SWEEP, "2026-12-02")).isNotEmpty();
        }
    }

    @Nested
    class BySeveral {
        private final List<Resource> two = List.of(
                new Resource("oona", Resource.Kind.PERSON, "Oona", "", List.of()),
                new Resource("bram", Resource.Kind.PERSON, "Bram", "Mon-Wed 9-12", List.of(SWEEP)));

        @Test
        void asLongAsOneIsFree() {
            Slots slots = slots(with(rules(), "", two), appointment("Cole", SWEEP, "oona", "2026-12-01T10:00", 45));
            Slot ten = slots.at(A_SWEEP, at("2026-12-01T10:00")).orElseThrow();
            assertThat(ten.resources()).containsExactly("bram");
            assertThat(slots.at(A_SWEEP, at("2026-12-01T11:00")).orElseThrow().resources())
                    .containsExactly("oona", "bram");
            assertThat(why(slots, A_SWEEP.by("oona"), "2026-12-01T10:00")).isEqualTo(Reason.TAKEN);
        }

        @Test
        void eachInItsHoursAndWithWhatItCan() {
            Slots slots = slots(with(rules(), "", two));
            assertThat(on(slots, A_SWEEP.by("bram"), "2026-12-01")).endsWith("11:00 11:15");
            assertThat(on(slots, A_SWEEP.by("bram"), "2026-12-04")).isEmpty();
            assertThat(why(slots, Wanted.of(SURVEY).by("bram"), "2026-12-01T10:00"))
                    .isEqualTo(Reason.NOBODY);
        }

        @Test
        void whatSomebodyWhoHasLeftWouldDoKeepsTheTime() {
            Slots slots = slots(rules(), appointment("Cole", SWEEP, "gone", "2026-12-01T10:00", 45));
            assertThat(why(slots, A_SWEEP, "2026-12-01T10:00")).isEqualTo(Reason.TAKEN);
        }
    }

    @Nested
    class InAClass {
        private final BookingRules rules = withServices(List.of(new BookableService(SWEEP, null, 0, 0, 3)));

        @Test
        void takesAsManyAsItHoldsAtTheSameStart() {
            List<Appointment> taken = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                Slots slots = Slots.of(terms(rules), new Agenda(taken, List.of()), NOW);
                assertThat(why(slots, A_SWEEP, "2026-12-01T10:00")).isNull();
                taken.add(appointment("Person " + i, SWEEP, "", "2026-12-01T10:00", 45));
            }
            Slots full = Slots.of(terms(rules), new Agenda(taken, List.of()), NOW);
            assertThat(why(full, A_SWEEP, "2026-12-01T10:00")).isEqualTo(Reason.FULL);
            assertThat(why(full, A_SWEEP, "2026-12-01T10:15")).isEqualTo(Reason.TAKEN);
        }
    }

    @Nested
    class WhenClocksChange {
        @Test
        void theMissingHourOffersNothing() {
            Slots slots = inTheNight("2027-03-27T12:00:00Z");
            assertThat(on(slots, A_SWEEP, "2027-03-28")).isEqualTo("00:00 00:30 02:00 02:30 03:00");
        }

        @Test
        void theDoubledHourIsToldApart() {
            Slots slots = inTheNight("2027-10-30T12:00:00Z");
            assertThat(on(slots, A_SWEEP, "2027-10-31"))
                    .isEqualTo("00:00 00:30 01:00 BST 01:30 BST 01:00 GMT 01:30 GMT 02:00 02:30 03:00");
        }

        private Slots inTheNight(String now) {
            BookingRules rules = with(withGrid(30), "Mon-Sun 0-4", List.of());
            return Slots.of(terms(rules), Agenda.EMPTY, Instant.parse(now));
        }
    }

    @Test
    void overMidnight() {
        BookingRules rules = with(withGrid(60), "Fri 22:00-02:00", List.of());
        Slots slots = slots(rules);
        assertThat(on(slots, A_SWEEP, "2026-12-04")).isEqualTo("22:00 23:00");
        assertThat(on(slots, A_SWEEP, "2026-12-05")).isEqualTo("00:00 01:00");
        assertThat(why(slots, Wanted.of(SURVEY), "2026-12-04T23:00")).isNull();
    }

    @Test
    void whatIsNearestIsOfferedInstead() {
        Slots slots = slots(rules(), appointment("Quay School", SURVEY, "", "2026-12-01T10:00", 60));
        assertThat(slots.nearest(A_SWEEP, at("2026-12-01T10:00"), 3).stream().map(slot -> CLOCK.time(slot.start())))
                .containsExactly("09:00", "09:15", "11:00");
    }

    @Test
    void withoutHoursNothingCanBeBooked() {
        Slots slots = Slots.of(terms(rules(), sheet().with(Line.HOURS, "")), Agenda.EMPTY, NOW);
        assertThat(slots.free(A_SWEEP, LocalDate.parse("2026-11-25"), 60)).isEmpty();
        assertThat(why(slots, A_SWEEP, "2026-12-01T10:00")).isEqualTo(Reason.CLOSED);
    }

    private static BookingRules withGrid(int grid) {
        BookingRules r = rules();
        return new BookingRules(
                true, 60, 60, grid, 0, 0, false, 20, "", r.services(), List.of(), List.of(), "", TextRules.NONE);
    }

    private static BookingRules limited(int limit) {
        BookingRules r = rules();
        return new BookingRules(
                true, 60, 60, 15, limit, 0, false, 20, "", r.services(), List.of(), List.of(), "", TextRules.NONE);
    }

    private static BookingRules travelling(int way) {
        BookingRules r = rules();
        return new BookingRules(
                true, 60, 60, 15, 0, 0, true, way, "", r.services(), List.of(), List.of(), "", TextRules.NONE);
    }

    private static BookingRules withServices(List<BookableService> services) {
        return new BookingRules(
                true, 60, 60, 15, 0, 0, false, 20, "", services, List.of(), List.of(), "", TextRules.NONE);
    }

    private static BookingRules with(BookingRules r, String hours, List<Resource> resources) {
        return new BookingRules(
                true, 60, 60, r.grid(), 0, 0, false, 20, hours, r.services(), resources, List.of(), "", TextRules.NONE);
    }
}
