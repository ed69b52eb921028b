package ostium.core.hours;

import java.util.List;

/**
 * One day of the week.
 *
 * @param kind open at the spans, closed, or by appointment
 * @param spans in order and apart from one another; empty unless open
 */
public record DayHours(Kind kind, List<TimeSpan> spans) {

    /** What a day is. */
    public enum Kind {
        OPEN,
        CLOSED,
        BY_APPOINTMENT
    }

    public static final DayHours CLOSED = new DayHours(Kind.CLOSED, List.of());
    public static final DayHours BY_APPOINTMENT = new DayHours(Kind.BY_APPOINTMENT, List.of());

    public DayHours {
        spans = spans.stream().sorted().toList();
        if ((kind == Kind.OPEN) == spans.isEmpty()) {
            throw new IllegalArgumentException(kind + " with " + spans);
        }
        for (int i = 1; i < spans.size(); i++) {
            if (spans.get(i - 1).overlaps(spans.get(i))) {
                throw new IllegalArgumentException("spans overlap: " + spans);
            }
        }
    }

    public static DayHours open(TimeSpan... spans) {
        return new DayHours(Kind.OPEN, List.of(spans));
    }

    public boolean isOpen() {
        return kind == Kind.OPEN;
    }
}
