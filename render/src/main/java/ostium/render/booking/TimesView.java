package ostium.render.booking;

import java.util.List;

/**
 * The days of two weeks, and the times of one.
 *
 * @param service what is booked, with its length and price in words
 * @param page address of the booking page
 * @param back where another service is chosen; empty where there is only one
 * @param said something that has to be said first, such as that a time has gone; empty for nothing
 * @param asksWhere whether it is asked where it shall be
 * @param where what was answered to that
 * @param foundWhere whether that place is known, so that the way counts
 * @param hidden what the page is asked with, for its forms
 * @param people who can be chosen; empty where there is no choice
 * @param days those that are shown
 * @param chosen the day whose times are shown, in words; empty where none has any
 * @param parts the times of that day
 * @param zone name of the clocks the times go by
 * @param zoneId the same as the tz database has it
 * @param earlier where the days before are; empty where there are none
 * @param later where the days after are; empty where there are none
 * @param next what is said where none of the days has a time, and where the first is that has; empty for nothing
 * @param post where a time that is pressed goes
 */
public record TimesView(
        String service,
        String page,
        String back,
        String said,
        boolean asksWhere,
        String where,
        boolean foundWhere,
        List<Hidden> hidden,
        List<Person> people,
        List<Day> days,
        String chosen,
        List<Part> parts,
        String zone,
        String zoneId,
        String earlier,
        String later,
        Next next,
        String post) {

    /** Key of what is said of the place that was answered. */
    public String sayOfWhere() {
        return where.isEmpty() ? "times.where.why" : foundWhere ? "times.where.counts" : "times.where.unknown";
    }

    /** A hidden field. */
    public record Hidden(String name, String value) {}

    /** Somebody who can be chosen. */
    public record Person(String name, String link, boolean chosen) {}

    /**
     * A day.
     *
     * @param name "Tue 1 Dec"
     * @param says how free it is, in words
     * @param link where its times are; empty where it has none
     * @param lane how free it is, as stretches of its opening hours
     */
    public record Day(String name, String says, String link, boolean chosen, List<Stretch> lane) {}

    /** A free stretch of a day, in hundredths of the hours that are shown. */
    public record Stretch(int from, int width) {}

    /** Times of a part of the day: morning, afternoon, evening. */
    public record Part(String name, List<Time> times) {}

    /** A time, in words and as it is sent. */
    public record Time(String words, String value) {}

    /** Where the first free day is. */
    public record Next(String says, String link) {
        public static final Next NOTHING = new Next("", "");
    }
}
