package ostium.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * When a business is open: the usual week, and the days and seasons that differ.
 *
 * @param usual the usual week
 * @param special what differs; of two that cover a day, the more particular counts
 */
public record OpeningTimes(WeeklyHours usual, List<SpecialHours> special) {
    /** A closure can last a season; beyond a year nothing opens any more. */
    private static final int YEAR = 370;

    public OpeningTimes {
        special = List.copyOf(special);
    }

    /** What differs on a day, if anything does. */
    public Optional<SpecialHours> specialOn(LocalDate date) {
        SpecialHours best = null;
        for (SpecialHours hours : special) {
            boolean smaller = best == null || hours.when().size() < best.when().size();
            if (smaller && hours.when().covers(date)) {
                best = hours;
            }
        }
        return Optional.ofNullable(best);
    }

    public DayHours on(LocalDate date) {
        return specialOn(date).map(SpecialHours::week).orElse(usual).on(date.getDayOfWeek());
    }

    /** What a visitor finds at an instant, and when that changes next; right on days of a clock change. */
    public OpenState at(Instant instant, ZoneId zone) {
        return OpenState.of(this::on, YEAR, instant, zone);
    }

    /** The times it is open between two instants, in order. */
    public List<OpenSpan> between(Instant from, Instant to, ZoneId zone) {
        List<OpenSpan> spans = new ArrayList<>();
        LocalDate last = to.atZone(zone).toLocalDate();
        Instant t = from;
        while (t.isBefore(to)) {
            // A change after the end does not matter: where it is always open there would be none for a year.
            int ahead = (int) ChronoUnit.DAYS.between(t.atZone(zone).toLocalDate(), last) + 1;
            OpenState state = OpenState.of(this::on, ahead, t, zone);
            Instant end = state.until() == null || state.until().isAfter(to) ? to : state.until();
            if (state.open()) {
                spans.add(new OpenSpan(t, end));
            }
            t = end;
        }
        return spans;
    }

    /** What differs on the days from a date on, soonest first: what is said before the usual week. */
    public List<SpecialHours> within(LocalDate from, int days) {
        return from.datesUntil(from.plusDays(days))
                .flatMap(date -> specialOn(date).stream())
                .distinct()
                .toList();
    }
}
