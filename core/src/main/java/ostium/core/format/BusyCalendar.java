package ostium.core.format;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.TimezoneInfo;
import biweekly.property.DateOrDateTimeProperty;
import biweekly.property.ICalProperty;
import biweekly.util.Duration;
import biweekly.util.Frequency;
import biweekly.util.ICalDate;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TimeZone;

/**
 * Reads when somebody is busy from a calendar file (iCalendar, RFC 5545): repeats, zones, whole days. What is free, called off or
 * cannot be read is left out; nothing in a file makes it throw.
 */
public final class BusyCalendar {
    /** Most times that are taken from one file. */
    public static final int MOST = 20_000;

    /** Most repeats of one event within the range. */
    private static final int MOST_REPEATS = 2_000;

    private static final int LONGEST_WORDS = 120;
    private static final java.time.Duration DAY = java.time.Duration.ofDays(1);

    private final ZoneId zone;
    private final Instant from;
    private final Instant to;
    private final List<Busy> times = new ArrayList<>();
    private int leftOut;

    private BusyCalendar(ZoneId zone, Instant from, Instant to) {
        this.zone = zone;
        this.from = from;
        this.to = to;
    }

    /** A time somebody is busy, and with what. */
    public record Busy(Instant from, Instant to, String words) {}

    /**
     * What was read.
     *
     * @param times within the range, in order
     * @param leftOut events that could not be read, or were more than are taken
     */
    public record Found(List<Busy> times, int leftOut) {}

    /**
     * @param zone whose clock times without a zone mean
     * @param from first instant that matters
     * @param to last instant that matters
     * @return empty where there is no calendar in it
     */
    public static Optional<Found> read(String file, ZoneId zone, Instant from, Instant to) {
        List<ICalendar> calendars;
        try {
            calendars = Biweekly.parse(file).all();
        } catch (RuntimeException e) {
            return Optional.empty();
        }
        if (calendars.isEmpty()) {
            return Optional.empty();
        }
        BusyCalendar reading = new BusyCalendar(zone, from, to);
        calendars.forEach(reading::read);
        reading.times.sort(java.util.Comparator.comparing(Busy::from));
        return Optional.of(new Found(List.copyOf(reading.times), reading.leftOut));
    }

    private void read(ICalendar calendar) {
        Map<String, Set<Instant>> moved = new HashMap<>();
        for (VEvent event : calendar.getEvents()) {
            if (event.getRecurrenceId() != null && event.getUid() != null) {
                moved.computeIfAbsent(event.getUid().getValue(), uid -> new HashSet<>())
                        .add(instant(calendar, event.getRecurrenceId()));
            }
        }
        for (VEvent event : calendar.getEvents()) {
            try {
                if (!isFree(event)) {
                    read(calendar, event, moved);
                }
            } catch (RuntimeException e) {
                // One event that makes no sense leaves the others as they are.
                leftOut++;
            }
        }
    }

    private static boolean isFree(VEvent event) {
        boolean transparent =
                event.getTransparency() != null && event.getTransparency().isTransparent();
        return transparent || event.getStatus() != null && event.getStatus().isCancelled();
    }

    private void read(ICalendar calendar, VEvent event, Map<String, Set<Instant>> moved) {
        if (event.getDateStart() == null || event.getDateStart().getValue() == null) {
            leftOut++;
            return;
        }
        Instant start = instant(calendar, event.getDateStart());
        java.time.Duration length = length(calendar, event, start);
        String words = event.getSummary() == null || event.getSummary().getValue() == null
                ? ""
                : event.getSummary().getValue().replaceAll("\\s+", " ").strip();
        String shortened = words.length() > LONGEST_WORDS ? words.substring(0, LONGEST_WORDS) : words;
        if (event.getRecurrenceRule() == null && event.getRecurrenceDates().isEmpty()) {
            add(start, length, shortened);
            return;
        }
        Set<Instant> elsewhere = event.getRecurrenceId() != null || event.getUid() == null
                ? Set.of()
                : moved.getOrDefault(event.getUid().getValue(), Set.of());
        repeats(calendar, event, start, length, shortened, elsewhere);
    }

    private void repeats(
            ICalendar calendar,
            VEvent event,
            Instant start,
            java.time.Duration length,
            String words,
            Set<Instant> elsewhere) {
        Frequency frequency = event.getRecurrenceRule() == null
                ? Frequency.DAILY
                : event.getRecurrenceRule().getValue().getFrequency();
        if (frequency == Frequency.SECONDLY || frequency == Frequency.MINUTELY) {
            leftOut++;
            return;
        }
        // The rule is walked in the zone of the event, so that nine o'clock stays nine o'clock over a clock change.
        TimezoneInfo zones = calendar.getTimezoneInfo();
        boolean floats = zones.isFloating(event.getDateStart())
                || !event.getDateStart().getValue().hasTime();
        TimeZone own = floats || zones.getTimezone(event.getDateStart()) == null
                ? TimeZone.getTimeZone(zone)
                : zones.getTimezone(event.getDateStart()).getTimeZone();
        event.getDateStart().setValue(new ICalDate(Date.from(start), true));
        DateIterator dates = event.getDateIterator(own);
        Instant earliest = from.minus(length);
        if (start.isBefore(earliest)) {
            dates.advanceTo(Date.from(earliest));
        }
        for (int i = 0; i < MOST_REPEATS && dates.hasNext(); i++) {
            Instant at = dates.next().toInstant();
            if (!at.isBefore(to)) {
                return;
            }
            if (!elsewhere.contains(at)) {
                add(at, length, words);
            }
        }
    }

    private void add(Instant start, java.time.Duration length, String words) {
        Instant end = start.plus(length);
        if (!end.isAfter(from) || !start.isBefore(to)) {
            return;
        }
        if (times.size() >= MOST) {
            leftOut++;
            return;
        }
        times.add(new Busy(start, end, words));
    }

    private java.time.Duration length(ICalendar calendar, VEvent event, Instant start) {
        if (event.getDateEnd() != null && event.getDateEnd().getValue() != null) {
            java.time.Duration length = java.time.Duration.between(start, instant(calendar, event.getDateEnd()));
            return length.isNegative() || length.isZero() ? DAY : length;
        }
        Duration said = event.getDuration() == null ? null : event.getDuration().getValue();
        if (said != null && said.toMillis() > 0) {
            return java.time.Duration.ofMillis(said.toMillis());
        }
        return event.getDateStart().getValue().hasTime() ? java.time.Duration.ofHours(1) : DAY;
    }

    private Instant instant(ICalendar calendar, DateOrDateTimeProperty property) {
        return instant(calendar, property, property.getValue());
    }

    private Instant instant(ICalendar calendar, biweekly.property.RecurrenceId property) {
        return instant(calendar, property, property.getValue());
    }

    /** A whole day, or a time without a zone, is by the clock of the business. */
    private Instant instant(ICalendar calendar, ICalProperty property, ICalDate value) {
        boolean floats = calendar.getTimezoneInfo().isFloating(property);
        var raw = value.getRawComponents();
        if (raw == null || value.hasTime() && !floats) {
            return value.toInstant();
        }
        LocalDate date = LocalDate.of(raw.getYear(), raw.getMonth(), raw.getDate());
        LocalDateTime local = value.hasTime() ? date.atTime(raw.getHour(), raw.getMinute(), 0) : date.atStartOfDay();
        return local.atZone(zone).toInstant();
    }
}
