package ostium.core.door;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ostium.core.base.Reading;
import ostium.core.fact.Facts;
import ostium.core.hours.OpenSpan;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;

/**
 * When somebody answers at a door.
 *
 * @param when how they hang on the hours of the business
 * @param own the week of the door alone as its owner typed it, with {@link When#OWN}; else empty
 */
public record DoorHours(When when, String own) {
    public static final DoorHours ALWAYS = new DoorHours(When.ALWAYS, "");

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
        when = when == null ? When.ALWAYS : when;
        own = when == When.OWN && own != null ? own.strip() : "";
    }

    /** The week of the door alone; refused or unclear where it cannot be read. */
    public Reading<WeeklyHours> week() {
        return WeeklyHours.read(own);
    }

    /** Whether the door is answered at an instant. */
    boolean covers(Facts facts, Instant t) {
        return switch (when) {
            case ALWAYS -> true;
            case IN_HOURS, OWN ->
                times(facts).map(times -> times.at(t, facts.zone()).open()).orElse(true);
            case OUT_OF_HOURS ->
                !times(facts).map(times -> times.at(t, facts.zone()).open()).orElse(false);
        };
    }

    /** When that may be other than it was, after an instant; empty when it stays as it is. */
    Optional<Instant> next(Facts facts, Instant t) {
        return when == When.ALWAYS
                ? Optional.empty()
                : times(facts).map(times -> times.at(t, facts.zone()).until());
    }

    /** The times it is answered between two instants, in order. */
    List<OpenSpan> between(Facts facts, Instant from, Instant to) {
        List<OpenSpan> open =
                times(facts).map(times -> times.between(from, to, facts.zone())).orElse(null);
        return when == When.ALWAYS || open == null && when == When.IN_HOURS
                ? List.of(new OpenSpan(from, to))
                : when == When.OUT_OF_HOURS ? OpenSpan.gaps(open == null ? List.of() : open, from, to) : open;
    }

    /** The times this hangs on; those of a week of its own that cannot be read are those of the business. */
    private Optional<OpeningTimes> times(Facts facts) {
        Optional<OpeningTimes> business = facts.openingTimes();
        return when == When.OWN
                ? week().value()
                        .map(week -> new OpeningTimes(
                                week, business.map(OpeningTimes::special).orElse(List.of())))
                        .or(() -> business)
                : business;
    }
}
