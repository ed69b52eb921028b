package ostium.core.hours;

/**
 * A stretch of one day on the wall clock, half open: {@code [from, to)}.
 *
 * @param from minutes after midnight, {@code [0, 1440)}
 * @param to minutes after the same midnight, above {@code from} and at most a day later; above 1440 it ends tomorrow
 */
public record TimeSpan(int from, int to) implements Comparable<TimeSpan> {
    public static final int DAY = 24 * 60;
    public static final TimeSpan WHOLE_DAY = new TimeSpan(0, DAY);

    public TimeSpan {
        if (from < 0 || from >= DAY || to <= from || to > from + DAY) {
            throw new IllegalArgumentException("span " + from + " to " + to);
        }
    }

    /** @throws IllegalArgumentException if the end is not after the start */
    public static TimeSpan of(int fromHour, int fromMinute, int toHour, int toMinute) {
        return new TimeSpan(fromHour * 60 + fromMinute, toHour * 60 + toMinute);
    }

    public boolean overlaps(TimeSpan other) {
        return from < other.to && other.from < to;
    }

    @Override
    public int compareTo(TimeSpan other) {
        return from != other.from ? Integer.compare(from, other.from) : Integer.compare(to, other.to);
    }

    /** 24-hour clock, {@code 17:30}; minutes past midnight of the next day count from 00:00 again. */
    public static String clock(int minutes) {
        int ofDay = minutes == DAY ? DAY : minutes % DAY;
        return String.format("%02d:%02d", ofDay / 60, ofDay % 60);
    }
}
