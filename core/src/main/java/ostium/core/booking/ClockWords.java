package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import ostium.core.base.Messages;

/** Says days and times by the clocks of a business. A time that comes twice when clocks go back names its zone. */
public final class ClockWords {
    private static final Messages WORDS = Messages.of("booking");
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter LONG_DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter ZONE = DateTimeFormatter.ofPattern("zzz", Locale.UK);

    private ClockWords() {}

    /** "14:30"; "01:30 BST" where there is a second half past one on that day. */
    public static String time(Instant at, ZoneId zone) {
        ZonedDateTime local = at.atZone(zone);
        boolean twice = zone.getRules().getValidOffsets(local.toLocalDateTime()).size() > 1;
        return TIME.format(local) + (twice ? " " + ZONE.format(local) : "");
    }

    /** "Tue 1 Dec". */
    public static String day(LocalDate date) {
        return DAY.format(date);
    }

    /** "Tuesday 1 December". */
    public static String longDay(LocalDate date) {
        return LONG_DAY.format(date);
    }

    /** "Tuesday 1 December, 14:30 to 15:15". */
    public static String say(Instant from, Instant to, ZoneId zone) {
        return WORDS.say("between", longDay(from.atZone(zone).toLocalDate()), time(from, zone), time(to, zone));
    }
}
