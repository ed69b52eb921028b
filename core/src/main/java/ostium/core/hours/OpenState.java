package ostium.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * What a visitor finds at an instant.
 *
 * @param open whether the business is open then
 * @param until when that changes, or null when it does not within a week
 */
public record OpenState(boolean open, Instant until) {
    /** A week and a day each side covers spans that began yesterday and the same day next week. */
    private static final int DAYS_AHEAD = 8;

    static OpenState of(WeeklyHours week, Instant now, ZoneId zone) {
        LocalDate today = now.atZone(zone).toLocalDate();
        Instant openUntil = null;
        Instant opensAt = null;
        for (int offset = -1; offset <= DAYS_AHEAD; offset++) {
            LocalDate date = today.plusDays(offset);
            for (TimeSpan span : week.on(date.getDayOfWeek()).spans()) {
                Instant start = wall(date, span.from(), zone, false);
                Instant end = wall(date, span.to(), zone, true);
                if (openUntil != null && start.equals(openUntil)) {
                    openUntil = end;
                } else if (!now.isBefore(start) && now.isBefore(end)) {
                    openUntil = end;
                } else if (start.isAfter(now) && (opensAt == null || start.isBefore(opensAt))) {
                    opensAt = start;
                }
            }
        }
        if (openUntil != null) {
            boolean never = openUntil.isAfter(wall(today.plusDays(DAYS_AHEAD), 0, zone, false));
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
