package ostium.core.door;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.time.zone.ZoneOffsetTransition;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import ostium.core.fact.Facts;
import ostium.core.hours.SpecialHours;

/**
 * Seven days of the doors, from Monday to Sunday by the clocks of the business. Minutes count from Monday, 0:00, as the clocks
 * show it: 0 to 10080.
 */
public final class DoorWeek {
    private static final int DAYS = 7;
    private static final int MINUTES = 24 * 60;

    private final DoorsOf doors;
    private final ZoneId zone;
    private final LocalDate monday;

    private DoorWeek(DoorsOf doors, LocalDate monday) {
        this.doors = doors;
        this.zone = doors.premises().facts().zone();
        this.monday = monday;
    }

    /** The week a day lies in. */
    public static DoorWeek of(DoorsOf doors, LocalDate day) {
        return new DoorWeek(doors, day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)));
    }

    /** Minutes of the week, from the first to just before the last. */
    public record Stretch(int from, int to) {}

    /**
     * A stretch of the week in which a visitor finds the same, and the clocks run evenly.
     *
     * @param minute where it begins
     * @param at the instant it begins
     * @param says what a visitor finds, in words for the owner
     */
    public record Moment(int minute, Instant at, String says) {}

    /** A day that is not like others. */
    public record Differs(LocalDate date, String says) {}

    public LocalDate monday() {
        return monday;
    }

    /** The minute an instant is shown as; empty in any other week. */
    public Optional<Integer> minuteOf(Instant t) {
        return t.isBefore(start()) || !t.isBefore(end()) ? Optional.empty() : Optional.of(minute(t));
    }

    /** When a door is answered. */
    public List<Stretch> lane(DoorKind kind) {
        return doors.answered(kind, start(), end()).stream()
                .map(span -> new Stretch(minute(span.from()), minute(span.to())))
                .filter(stretch -> stretch.from() < stretch.to())
                .toList();
    }

    /** The days that differ, with the reason or the hours. */
    public List<Differs> differing() {
        Facts facts = doors.premises().facts();
        return IntStream.range(0, DAYS)
                .mapToObj(monday::plusDays)
                .flatMap(date -> facts
                        .openingTimes()
                        .flatMap(times -> times.specialOn(date))
                        .map(hours -> new Differs(date, words(hours, date)))
                        .stream())
                .toList();
    }

    private static String words(SpecialHours hours, LocalDate date) {
        return hours.reason().isBlank() ? hours.say() : hours.reason();
    }

    /** All of the week, in order. */
    public List<Moment> moments() {
        SortedSet<Instant> starts = new TreeSet<>();
        IntStream.range(0, DAYS)
                .mapToObj(day -> monday.plusDays(day).atStartOfDay(zone).toInstant())
                .forEach(starts::add);
        ZoneOffsetTransition shift = zone.getRules().nextTransition(start());
        if (shift != null && shift.getInstant().isBefore(end())) {
            starts.add(shift.getInstant());
        }
        Optional<Instant> next = doors.next(start());
        while (next.isPresent() && next.get().isBefore(end())) {
            starts.add(next.get());
            next = doors.next(next.get());
        }
        return starts.stream()
                .map(at -> new Moment(minute(at), at, Finds.say(doors, at)))
                .toList();
    }

    private Instant start() {
        return monday.atStartOfDay(zone).toInstant();
    }

    private Instant end() {
        return monday.plusDays(DAYS).atStartOfDay(zone).toInstant();
    }

    private int minute(Instant t) {
        ZonedDateTime wall = t.atZone(zone);
        return (int) ChronoUnit.DAYS.between(monday, wall.toLocalDate()) * MINUTES
                + wall.getHour() * 60
                + wall.getMinute();
    }
}
