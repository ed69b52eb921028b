package ostium.core.hours;

import ostium.core.base.Reading;

/**
 * Hours of some days that differ from the usual week: a closure, a short day, a season.
 *
 * <pre>{@code
 * SpecialHours.read("Thu 3 Dec closed, guild meeting", today, "GB");
 * SpecialHours.read("May-Sep: Mon-Sat 8-7", today, "GB");
 * }</pre>
 *
 * @param when the dates
 * @param week the hours on them, by day of the week; the same on every day unless it is a season
 * @param reason why, in the owner's words, or empty
 */
public record SpecialHours(When when, WeeklyHours week, String reason) {
    /** Most characters of a line. */
    public static final int LONGEST = 200;

    /** The same hours on all of the dates. */
    public static SpecialHours of(When when, DayHours hours, String reason) {
        return new SpecialHours(when, WeeklyHours.everyDay(hours), reason);
    }

    /** Reads one line, as people write it. See {@link SpecialHoursReader} for the rules. */
    public static Reading<SpecialHours> read(String words, BusinessDay today, String country) {
        return new SpecialHoursReader(words, today, country).read();
    }

    public String say() {
        return say(HoursLanguage.ENGLISH);
    }

    /** {@code 3 Dec 2026 closed, guild meeting}; {@code May–Sep: Mon–Sat 8–7}. It reads back the same. */
    public String say(HoursLanguage language) {
        DayHours monday = week.on(java.time.DayOfWeek.MONDAY);
        boolean uniform = week.days().values().stream().allMatch(monday::equals);
        String dates = when.say(language);
        String hours = uniform
                ? " " + HoursWords.hours(monday, language)
                : ": " + week.say(language).replace(" · ", ", ");
        return dates + hours + (reason.isEmpty() ? "" : " (" + reason + ")");
    }
}
