package ostium.core.hours;

import java.util.ArrayList;
import java.util.List;

/**
 * Decides what two written times mean together. One rule for reading and, turned round, for saying.
 *
 * <p>With no am or pm, an end not after its start means the afternoon: {@code 9-5} is 09:00–17:00, {@code 8-12} is
 * 08:00–12:00. What could be day or night as easily ({@code 8-8}, {@code 1-5}, {@code 6-10}) is asked, and so is what would last
 * through the night and most of the day after.
 */
sealed interface SpanReading {
    /** It means one thing. */
    record Clear(TimeSpan span) implements SpanReading {}

    /** It can mean these. */
    record Either(List<TimeSpan> spans) implements SpanReading {}

    int NOON = 12 * 60;

    /** Longer than this over midnight, a span is a slip more often than not. */
    int LONG = 16 * 60;

    ClockTime.Half EXACT = ClockTime.Half.EXACT;

    /**
     * How times are written beside these two.
     *
     * @param previousEnd end of the span said before for the same day, in minutes, or −1
     * @param dial whether all times are of the 24-hour clock, so that 7 is in the morning
     * @param nextDay whether the end is said to be on the next day
     */
    record Manner(int previousEnd, boolean dial, boolean nextDay) {}

    static SpanReading of(ClockTime from, ClockTime to, Manner manner) {
        SpanReading reading = read(from, to, manner);
        if (!manner.nextDay() && reading instanceof Clear clear && isLong(clear.span())) {
            int afternoon = clear.span().to() - NOON;
            List<TimeSpan> meanings = new ArrayList<>();
            if (afternoon > clear.span().from() && afternoon <= TimeSpan.DAY) {
                meanings.add(new TimeSpan(clear.span().from(), afternoon));
            }
            meanings.add(clear.span());
            return new Either(meanings);
        }
        return reading;
    }

    /** Whether a span lasts over midnight for so long that it has to be said to end on the next day. */
    static boolean isLong(TimeSpan span) {
        return span.to() > TimeSpan.DAY && span.to() - span.from() > LONG;
    }

    private static SpanReading read(ClockTime from, ClockTime to, Manner manner) {
        if (!from.isBare()) {
            // Who writes 20:30 keeps the 24-hour clock: 20:30-10:30 ends in the morning.
            boolean keepsTheClock = from.half() == ClockTime.Half.EXACT && from.hour() > 12;
            return new Clear(endingFrom(from.minutes(), keepsTheClock && to.isBare() ? to.in(EXACT) : to));
        }
        if (to.half() == ClockTime.Half.AM || to.half() == ClockTime.Half.PM) {
            int same = from.in(to.half()).minutes();
            ClockTime.Half other = to.half() == ClockTime.Half.AM ? ClockTime.Half.PM : ClockTime.Half.AM;
            int start = same < to.minutes() ? same : from.in(other).minutes();
            return new Clear(span(start, to.minutes()));
        }
        int start = from.minutes();
        boolean afternoonAgain = start < manner.previousEnd() && from.hour() <= 8 && from.hour() > 0;
        if (afternoonAgain) {
            return new Clear(endingFrom(start + NOON, to));
        }
        boolean earlyHour = from.hour() >= 1 && from.hour() <= 5;
        if (to.isBare() && start == to.minutes() || earlyHour && to.isBare() && to.minutes() > start) {
            int end = to.minutes();
            TimeSpan day = start == end ? span(start % NOON, start % NOON + NOON) : span(start + NOON, end + NOON);
            TimeSpan night = start == end ? span(start % NOON + NOON, start % NOON + TimeSpan.DAY) : span(start, end);
            return new Either(List.of(day, night));
        }
        boolean breakfastOrSupper = from.hour() >= 6 && from.hour() <= 8 && to.isBare() && to.hour() < 12;
        if (!manner.dial() && breakfastOrSupper && to.minutes() > start) {
            int end = to.minutes();
            return new Either(List.of(span(start, end), span(start, end + NOON), span(start + NOON, end + NOON)));
        }
        return new Clear(endingFrom(start, to));
    }

    /** The first time a written end can mean after a start that is settled. */
    private static TimeSpan endingFrom(int start, ClockTime to) {
        int end = to.minutes();
        if (to.isBare() && end <= start && to.hour() <= 12) {
            int evening = to.in(ClockTime.Half.PM).minutes();
            int midnight = to.hour() == 12 ? TimeSpan.DAY + to.minute() : evening;
            end = midnight > start ? midnight : end;
        }
        return span(start, end);
    }

    private static TimeSpan span(int start, int end) {
        return new TimeSpan(start % TimeSpan.DAY, end <= start ? end + TimeSpan.DAY : end);
    }
}
