package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.zone.ZoneOffsetTransition;
import java.time.zone.ZoneRules;

/**
 * What the clocks of a zone show, in minutes: instants as minutes since 1970 in UTC, wall clocks as minutes since midnight of
 * 1 January 1970 there. Remembers the last stretch in which the clocks ran evenly; not thread-safe.
 */
final class WallClock {
    private static final int DAY = 24 * 60;

    private final ZoneId zone;
    private final ZoneRules rules;
    private int from = 1;
    private int until;
    private int offset;

    WallClock(ZoneId zone) {
        this.zone = zone;
        this.rules = zone.getRules();
    }

    /** Minutes since 1970 of an instant; a broken minute counts as begun. */
    static int minute(Instant instant) {
        return Math.toIntExact(Math.floorDiv(instant.getEpochSecond(), 60L));
    }

    static Instant instant(int minute) {
        return Instant.ofEpochSecond(minute * 60L);
    }

    /** What the clocks show. */
    int local(int minute) {
        if (minute < from || minute >= until) {
            look(minute);
        }
        return minute + offset;
    }

    /** Whether the clocks run evenly from the minute that was looked at last to another. */
    boolean runsEvenlyTo(int minute) {
        return minute >= from && minute < until;
    }

    /** Days since 1970 that the calendar shows. */
    int day(int minute) {
        return Math.floorDiv(local(minute), DAY);
    }

    /** The minute a day begins. */
    int startOf(LocalDate day) {
        return minute(day.atStartOfDay(zone).toInstant());
    }

    private void look(int minute) {
        Instant at = instant(minute);
        ZoneOffsetTransition before = rules.previousTransition(at.plusNanos(1));
        ZoneOffsetTransition after = rules.nextTransition(at);
        from = before == null ? Integer.MIN_VALUE : minute(before.getInstant());
        until = after == null ? Integer.MAX_VALUE : minute(after.getInstant());
        offset = rules.getOffset(at).getTotalSeconds() / 60;
    }
}
