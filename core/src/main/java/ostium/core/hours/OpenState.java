package ostium.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.function.Function;

/**
 * What a visitor finds at an instant.
 *
 * @param open whether the business is open then
 * @param until when that changes, or null when it does not within a week
 */
public record OpenState(boolean open, Instant until) {
    /**
     * @param on the hours of a date
     * @param ahead how many days are looked at to find the next change
     */
    static OpenState of(Function<LocalDate, DayHours> on, int ahead, Instant now, ZoneId zone) {
        LocalDate today = now.atZone(zone).toLocalDate();
        Instant openUntil = null;
        Instant opensAt = null;
        for (int offset = -1; offset <= ahead; offset++) {
            LocalDate date = today.plusDays(offset);
            boolean settled = offset > 1
                    && (openUntil == null ? opensAt != null : openUntil.isBefore(wall(date, 0, zone, false)));
            if (settled) {
                break;
            }
            for (TimeSpan span : on.apply(date).spans()) {
                Instant start = wall(date, span.from(), zone, false);
                Instant end = wall(date, span.to(), zone, true);
                if (openUntil != null && !start.isAfter(openUntil)) {
                    openUntil = end.isAfter(openUntil) ? end : openUntil;
                } else if (!now.isBefore(start) && now.isBefore(end)) {
                    openUntil = end;
                } else if (start.isAfter(now) && (opensAt == null || start.isBefore(opensAt))) {
                    opensAt = start;
                }
            }
        }
        if (openUntil != null) {
            boolean never = openUntil.isAfter(wall(today.plusDays(ahead), 0, zone, false));
            return new OpenState(true, never ? null : openUntil);
        }
        return new OpenState(false, opensAt);
    }

    /**
     * A wall-clock minute as an instant. A time that a clock change leaves out means the moment of the change; of a
     * time that comes twice, a start means the first and an end the second.
     */
    private static Instant wall(LocalDate date, int minutes, ZoneId zone, boolean end) {
        LocalDateTime local = LocalDateTime.of(date.plusDays(minutes / TimeSpan.DAY), LocalTime.MIDNIGHT)
                .plusMinutes(minutes % TimeSpan.DAY);
        var gap = zone.getRules().getTransition(local);
        if (gap != null && gap.isGap()) {
            return gap.getInstant();
        }
        ZonedDateTime zoned = local.atZone(zone);
        return (end ? zoned.withLaterOffsetAtOverlap() : zoned.withEarlierOffsetAtOverlap()).toInstant();
    }
}
