package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.Set;
import ostium.core.base.Reading.Span;

/** What days and hours are made of, in the order in which they stand. */
sealed interface HoursClause {
    Span at();

    /** Days that hours are said of. */
    record Days(Set<DayOfWeek> days, Span at) implements HoursClause {}

    /** Days that are taken out of those before. */
    record Without(Set<DayOfWeek> days, Span at) implements HoursClause {}

    /**
     * Two written times, not yet settled.
     *
     * @param part the part of the day that is named beside them, or null
     * @param nextDay whether the end is said to be on the next day
     */
    record Times(ClockTime from, ClockTime to, DayPart part, boolean nextDay, Span at) implements HoursClause {}

    /** Times between which it is closed, within the hours before. */
    record Pause(Times times, Span at) implements HoursClause {}

    /** Another end of the hours that days have already. */
    record Ends(ClockTime to, Span at) implements HoursClause {}

    /** Closed, by appointment, or all day. */
    record State(DayHours hours, Span at) implements HoursClause {}

    /** The end of a clause. */
    record End(Span at) implements HoursClause {}
}
