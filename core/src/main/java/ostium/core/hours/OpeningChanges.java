package ostium.core.hours;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ostium.core.base.Messages;

/**
 * The instants at which what a visitor sees of the hours changes, with what is seen then: hours, exceptions, seasons, holidays,
 * clock changes and spans over midnight are all in it. A page compares the clock with this list and needs no rule.
 *
 * <pre>{@code
 * List<OpeningChange> changes = OpeningChanges.of(times, zone, from, 400);
 * OpeningChanges.at(changes, now);   // what is so now
 * }</pre>
 */
public final class OpeningChanges {
    /** Days that are computed ahead; they are renewed long before they run out. */
    public static final int DAYS = 400;

    private static final Messages WORDS = Messages.of("opening");

    private final OpeningTimes times;
    private final ZoneId zone;

    private OpeningChanges(OpeningTimes times, ZoneId zone) {
        this.times = times;
        this.zone = zone;
    }

    /**
     * @param from first instant that is covered
     * @param days how many days from there
     * @return in order, the first at {@code from}
     */
    public static List<OpeningChange> of(OpeningTimes times, ZoneId zone, Instant from, int days) {
        return new OpeningChanges(times, zone).changes(from, from.plus(days, ChronoUnit.DAYS));
    }

    /** What is so at an instant: the last change that is not after it; nothing before the first. */
    public static java.util.Optional<OpeningChange> at(List<OpeningChange> changes, Instant t) {
        OpeningChange last = null;
        for (OpeningChange change : changes) {
            if (change.at().isAfter(t)) {
                break;
            }
            last = change;
        }
        return java.util.Optional.ofNullable(last);
    }

    private List<OpeningChange> changes(Instant from, Instant end) {
        List<OpeningChange> changes = new ArrayList<>();
        OpeningChange last = null;
        Instant t = from;
        while (t.isBefore(end)) {
            OpenState state = times.at(t, zone);
            OpeningChange change = new OpeningChange(t, state.open(), words(t, state));
            if (last == null || last.open() != change.open() || !last.words().equals(change.words())) {
                changes.add(change);
                last = change;
            }
            t = next(t, state);
        }
        return changes;
    }

    /** Midnight is a change too: what was tomorrow is today. */
    private Instant next(Instant t, OpenState state) {
        Instant midnight = BusinessDay.at(t, zone).end();
        return state.until() == null || state.until().isAfter(midnight) ? midnight : state.until();
    }

    private String words(Instant t, OpenState state) {
        ZonedDateTime until = state.until() == null ? null : state.until().atZone(zone);
        if (state.open()) {
            boolean soon = until != null && Duration.between(t, state.until()).toHours() < 24;
            return soon ? WORDS.say("open.until", clock(until.toLocalTime())) : WORDS.say("open");
        }
        if (until == null) {
            return "";
        }
        String from = clock(until.toLocalTime());
        LocalDate day = until.toLocalDate();
        long ahead = ChronoUnit.DAYS.between(t.atZone(zone).toLocalDate(), day);
        if (ahead < 2) {
            return WORDS.say(ahead == 0 ? "closed.today" : "closed.tomorrow", from);
        }
        return WORDS.say(
                "closed.until",
                ahead < 7
                        ? day.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)
                        : day.format(DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH)),
                from);
    }

    private static String clock(LocalTime time) {
        String minutes = time.getMinute() == 0 ? "" : String.format(Locale.ROOT, ":%02d", time.getMinute());
        int hour = time.getHour() % 12 == 0 ? 12 : time.getHour() % 12;
        return WORDS.say(time.getHour() < 12 ? "clock.morning" : "clock.afternoon", hour + minutes);
    }
}
