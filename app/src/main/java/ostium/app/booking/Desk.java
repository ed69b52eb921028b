package ostium.app.booking;

import java.time.Instant;
import java.time.LocalDate;
import ostium.app.site.StoredSite;
import ostium.core.booking.Agenda;
import ostium.core.booking.BookingTerms;
import ostium.core.booking.Slots;
import ostium.core.brief.Brief;
import ostium.core.edit.State;
import ostium.core.hours.BusinessDay;

/**
 * A site with its rules and its diary, as they are at an instant.
 *
 * @param brief the facts, read
 * @param agenda what takes time, from yesterday to as far ahead as bookings are taken
 */
public record Desk(StoredSite site, State state, Brief brief, BookingTerms terms, Agenda agenda, Instant now) {
    /** What can be booked. */
    public Slots slots() {
        return Slots.of(terms, agenda, now);
    }

    /** What could be booked if one appointment were not there. */
    public Slots slotsWithout(String appointment) {
        return Slots.of(terms, agenda.without(appointment), now);
    }

    public LocalDate today() {
        return BusinessDay.at(now, terms.zone()).date();
    }

    /** The name of the business. */
    public String name() {
        return state.sheet().name();
    }
}
