package ostium.app.booking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import ostium.app.site.StoredSite;
import ostium.core.booking.Agenda;
import ostium.core.booking.BookingTerms;
import ostium.core.booking.OfferedService;
import ostium.core.booking.Slot;
import ostium.core.booking.Slots;
import ostium.core.booking.Wanted;
import ostium.core.brief.Brief;
import ostium.core.edit.State;
import ostium.core.hours.BusinessDay;

/**
 * A site with its rules as they are at an instant, and its diary, which is read each time it is asked.
 *
 * @param brief the facts, read
 */
public record Desk(StoredSite site, State state, Brief brief, BookingTerms terms, Diary diary, Instant now) {
    /** Beside the range that can be booked: an appointment or a way may reach into it. */
    private static final Duration MARGIN = Duration.ofDays(3);

    /** What takes time between two instants. */
    interface Diary {
        Agenda between(Instant from, Instant to);
    }

    /** What can be booked. */
    public Slots slots() {
        return Slots.of(terms, agenda(), now);
    }

    /** What could be booked if one appointment were not there. */
    public Slots slotsWithout(String appointment) {
        return Slots.of(terms, agenda().without(appointment), now);
    }

    /** From yesterday to as far ahead as bookings are taken, and what reaches into that. */
    private Agenda agenda() {
        return diary.between(
                now.minus(MARGIN),
                now.plus(Duration.ofDays(terms.rules().daysAhead())).plus(MARGIN));
    }

    /**
     * One start, if it can be booked; reads no more of the diary than that takes.
     *
     * @param without an appointment that is not counted, or empty
     */
    Optional<Slot> slot(Wanted wanted, Instant start, String without) {
        int minutes =
                terms.service(wanted.service()).map(OfferedService::minutes).orElse(0);
        Instant end = start.plus(Duration.ofMinutes(minutes));
        Duration beside = Slots.around(terms.rules());
        Agenda around = diary.between(start.minus(beside), end.plus(beside)).without(without);
        return Slots.one(terms, around, now, wanted, start);
    }

    public LocalDate today() {
        return BusinessDay.at(now, terms.zone()).date();
    }

    /** The name of the business. */
    public String name() {
        return state.sheet().name();
    }
}
