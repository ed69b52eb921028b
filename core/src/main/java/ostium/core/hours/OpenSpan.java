package ostium.core.hours;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A time without a break in which a business is open, from the first instant to just before the last. */
public record OpenSpan(Instant from, Instant to) {
    public Duration length() {
        return Duration.between(from, to);
    }

    /** What lies between spans, from one instant to another. */
    public static List<OpenSpan> gaps(List<OpenSpan> spans, Instant from, Instant to) {
        List<OpenSpan> gaps = new ArrayList<>();
        Instant t = from;
        for (OpenSpan span : spans) {
            if (span.from().isAfter(t)) {
                gaps.add(new OpenSpan(t, span.from()));
            }
            t = span.to().isAfter(t) ? span.to() : t;
        }
        if (t.isBefore(to)) {
            gaps.add(new OpenSpan(t, to));
        }
        return gaps;
    }
}
