package ostium.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;

/**
 * A day on the calendar of a business: "today" is the day in its own zone, never the server's. Made from an instant and a
 * zone only, so that neither can be forgotten.
 */
public final class BusinessDay {
    private final LocalDate date;
    private final ZoneId zone;

    private BusinessDay(LocalDate date, ZoneId zone) {
        this.date = date;
        this.zone = zone;
    }

    /** The day it is at an instant, where the business is. */
    public static BusinessDay at(Instant now, ZoneId zone) {
        Objects.requireNonNull(now, "now");
        return new BusinessDay(now.atZone(zone).toLocalDate(), zone);
    }

    public LocalDate date() {
        return date;
    }

    public ZoneId zone() {
        return zone;
    }

    /** The instant this day ends, and the next begins. */
    public Instant end() {
        return date.plusDays(1).atStartOfDay(zone).toInstant();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof BusinessDay day && day.date.equals(date) && day.zone.equals(zone);
    }

    @Override
    public int hashCode() {
        return Objects.hash(date, zone);
    }

    @Override
    public String toString() {
        return date + " in " + zone;
    }
}
