package ostium.core.hours;

import ostium.core.base.Reading.Span;

/**
 * A time as it was written, before it is decided which half of the day is meant.
 *
 * @param hour as written, 0–24
 * @param minute 0–59
 * @param half what the writing says about the half of the day
 * @param at where it stands in the words
 */
record ClockTime(int hour, int minute, Half half, Span at) {

    /** What a written time says about the half of the day. */
    enum Half {
        /** {@code 9}, {@code 9:30}: may be morning or evening. */
        BARE,
        AM,
        PM,
        /** {@code 09:00}, {@code 18}, noon: says it by itself. */
        EXACT
    }

    boolean isBare() {
        return half == Half.BARE;
    }

    /** Minutes after midnight if read in one half of the day; a bare time reads as in the morning, 12 as noon. */
    int minutes() {
        return switch (half) {
            case AM -> hour % 12 * 60 + minute;
            case PM -> (hour % 12 + 12) * 60 + minute;
            case BARE, EXACT -> hour * 60 + minute;
        };
    }

    ClockTime in(Half other) {
        return new ClockTime(hour, minute, other, at);
    }

    /** As said with its half of the day: {@code 8am}, {@code 5:30pm}. */
    static String sayWithHalf(int minutes) {
        int ofDay = minutes % TimeSpan.DAY;
        int hour = ofDay / 60 % 12 == 0 ? 12 : ofDay / 60 % 12;
        return hour + (ofDay % 60 == 0 ? "" : String.format(":%02d", ofDay % 60)) + (ofDay < 720 ? "am" : "pm");
    }

    /** As said without it: {@code 8}, {@code 5:30}. */
    static String sayBare(int minutes) {
        return sayWithHalf(minutes).replaceFirst("[ap]m$", "");
    }
}
