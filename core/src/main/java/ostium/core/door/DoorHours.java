package ostium.core.door;

import java.time.Instant;
import ostium.core.fact.Facts;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;

/**
 * When somebody answers at a door.
 *
 * @param when how they hang on the hours of the business
 * @param own the week of the door alone, with {@link When#OWN}; else null
 */
public record DoorHours(When when, WeeklyHours own) {
    public static final DoorHours ALWAYS = new DoorHours(When.ALWAYS, null);

    /** How the hours of a door hang on those of the business. */
    public enum When {
        ALWAYS,
        /** While the business is open; always where no hours are known. */
        IN_HOURS,
        /** While it is closed. */
        OUT_OF_HOURS,
        /** In a week of the door's own; days that differ for the business differ for the door. */
        OWN
    }

    public DoorHours {
        if ((when == When.OWN) != (own != null)) {
            throw new IllegalArgumentException("own hours come with their week, and only they do");
        }
    }

    /** Whether the door is answered at an instant. */
    boolean covers(Facts facts, Instant t) {
        boolean open = facts.openingTimes()
                .map(times -> times.at(t, facts.zone()).open())
                .orElse(when == When.IN_HOURS);
        return switch (when) {
            case ALWAYS -> true;
            case IN_HOURS -> open;
            case OUT_OF_HOURS -> !open;
            case OWN ->
                new OpeningTimes(
                                own,
                                facts.openingTimes().map(OpeningTimes::special).orElse(java.util.List.of()))
                        .at(t, facts.zone())
                        .open();
        };
    }
}
