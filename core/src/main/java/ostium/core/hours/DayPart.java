package ostium.core.hours;

import ostium.core.hours.ClockTime.Half;

/** A part of the day, as people name it beside times: it says which half of the day a bare time is in. */
enum DayPart {
    MORNING(4 * 60, 14 * 60),
    AFTERNOON(11 * 60, 20 * 60),
    EVENING(15 * 60, 28 * 60);

    private final int earliest;
    private final int latest;

    /**
     * @param earliest first minute of the day it may begin
     * @param latest last minute it may end
     */
    DayPart(int earliest, int latest) {
        this.earliest = earliest;
        this.latest = latest;
    }

    /** A bare time in this part; others stay. */
    ClockTime of(ClockTime from) {
        if (!from.isBare()) {
            return from;
        }
        return this == MORNING ? (from.hour() == 12 ? from : from.in(Half.AM)) : from.in(Half.PM);
    }

    boolean holds(TimeSpan span) {
        return span.from() >= earliest && span.to() <= latest;
    }
}
