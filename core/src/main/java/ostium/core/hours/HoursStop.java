package ostium.core.hours;

import java.util.List;
import ostium.core.base.Reading;
import ostium.core.base.Reading.Span;

/** Ends the reading of hours early, with a question or a fault. */
final class HoursStop extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient Reading<WeeklyHours> reading;

    private HoursStop(Reading<WeeklyHours> reading) {
        super(null, null, false, false);
        this.reading = reading;
    }

    static HoursStop refused(String reason, Span at) {
        return new HoursStop(Reading.refused(reason, at.from(), at.to()));
    }

    static HoursStop asks(String question, Span at, List<String> choices) {
        return new HoursStop(new Reading.Unclear<>(question, at, choices));
    }

    Reading<WeeklyHours> reading() {
        return reading;
    }
}
