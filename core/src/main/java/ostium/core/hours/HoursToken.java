package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.Set;
import ostium.core.base.Reading.Span;

/** The words of a line of hours, one by one. Words that change nothing are none. */
sealed interface HoursToken {
    Span at();

    /** One day or a named set of days. */
    record Days(Set<DayOfWeek> days, Span at) implements HoursToken {}

    record Time(ClockTime time, Span at) implements HoursToken {}

    /** Closed, by appointment, or all day. */
    record State(DayHours hours, Span at) implements HoursToken {}

    /** "–", "to", "until". */
    record To(Span at) implements HoursToken {}

    /** A comma, a semicolon, a new line, "open": ends a clause. */
    record Separator(Span at) implements HoursToken {}

    /** "except". */
    record Except(Span at) implements HoursToken {}

    /** "lunch", "break". */
    record Pause(Span at) implements HoursToken {}

    /** "mornings", "in the evening". */
    record Part(DayPart part, Span at) implements HoursToken {}

    /** "the next day", behind a time. */
    record NextDay(Span at) implements HoursToken {}

    /** Public holidays, which are no day of the week. */
    record Holidays(Span at) implements HoursToken {}

    /**
     * A word or number that has no place in hours.
     *
     * @param reason key of the message that says why
     */
    record Unknown(String words, String reason, Span at) implements HoursToken {}
}
