package ostium.core.hours;

import java.time.Duration;
import java.time.Instant;

/** A time without a break in which a business is open, from the first instant to just before the last. */
public record OpenSpan(Instant from, Instant to) {
    public Duration length() {
        return Duration.between(from, to);
    }
}
