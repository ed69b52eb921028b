package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import ostium.core.base.Messages;
import ostium.core.fact.Facts;

/**
 * Says days and times by the clocks of a business, as people write them where it is. A time that comes twice when clocks go back
 * names its zone.
 *
 * @param zone whose clocks
 * @param american whether the month comes first, and the clock has twelve hours
 */
public record ClockWords(ZoneId zone, boolean american) {
    private static final Messages WORDS = Messages.of("booking");
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private static final DateTimeFormatter AMERICAN_TIME = DateTimeFormatter.ofPattern("h:mm a", Locale.US);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter AMERICAN_DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final DateTimeFormatter LONG_DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter AMERICAN_LONG_DAY = DateTimeFormatter.ofPattern("EEEE, MMMM d", Locale.US);
    private static final DateTimeFormatter ZONE = DateTimeFormatter.ofPattern("zzz", Locale.UK);
    private static final DateTimeFormatter AMERICAN_ZONE = DateTimeFormatter.ofPattern("zzz", Locale.US);

    public static ClockWords of(Facts facts) {
        return of(facts.zone(), facts.region());
    }

    /** @param region ISO 3166 */
    public static ClockWords of(ZoneId zone, String region) {
        return new ClockWords(zone, region.equals("US"));
    }

    /** "14:30"; "01:30 BST" where there is a second half past one on that day. */
    public String time(Instant at) {
        ZonedDateTime local = at.atZone(zone);
        boolean twice = zone.getRules().getValidOffsets(local.toLocalDateTime()).size() > 1;
        String time = american ? AMERICAN_TIME.format(local).toLowerCase(Locale.ROOT) : TIME.format(local);
        return twice ? WORDS.say("time.zone", time, (american ? AMERICAN_ZONE : ZONE).format(local)) : time;
    }

    /** "Tue 1 Dec". */
    public String day(LocalDate date) {
        return (american ? AMERICAN_DAY : DAY).format(date);
    }

    /** "Tuesday 1 December". */
    public String longDay(LocalDate date) {
        return (american ? AMERICAN_LONG_DAY : LONG_DAY).format(date);
    }

    /** The day of an instant: "Tuesday 1 December". */
    public String longDay(Instant at) {
        return longDay(at.atZone(zone).toLocalDate());
    }

    /** "Tuesday 1 December, 14:30 to 15:15". */
    public String say(Instant from, Instant to) {
        return WORDS.say("between", longDay(from), time(from), time(to));
    }
}
