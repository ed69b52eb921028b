package ostium.core.door;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import ostium.core.hours.OpenSpan;
import ostium.core.trade.Goal;

/**
 * The doors of a site with the facts and pages they stand on: what a visitor finds there, at any instant.
 *
 * <pre>{@code
 * DoorsOf doors = state.doors().of(facts, site);
 * doors.found(now);                     // each kind: open, ajar or shut; answered or not
 * doors.at(DoorPlace.BAR, goal);        // which two stand at the foot of a phone's screen
 * doors.moment(now).away();             // those whose stand-in is shown instead
 * }</pre>
 */
public final class DoorsOf {
    private final Doors doors;
    private final Premises premises;

    DoorsOf(Doors doors, Premises premises) {
        this.doors = doors;
        this.premises = premises;
    }

    public Premises premises() {
        return premises;
    }

    /** What a visitor finds at an instant: every kind of door there is, in the order they are shown. */
    public List<FoundDoor> found(Instant t) {
        return DoorKinds.all().stream().map(kind -> found(kind, t)).toList();
    }

    private FoundDoor found(DoorDescriptor kind, Instant t) {
        Door door = doors.door(kind.kind());
        Optional<String> missing = kind.missing(premises);
        FoundDoor.State state =
                door.shut() ? FoundDoor.State.SHUT : missing.isPresent() ? FoundDoor.State.AJAR : FoundDoor.State.OPEN;
        boolean open = state == FoundDoor.State.OPEN;
        return new FoundDoor(
                door,
                state,
                open && (!kind.keepsHours() || door.hours().covers(premises.facts(), t)),
                state == FoundDoor.State.AJAR ? missing.get() : "",
                door.shut() ? "" : kind.address(premises, door.opening()).orElse(""));
    }

    /** Doors that have all they need and are not shut, whatever the hour. */
    public List<DoorKind> open() {
        return DoorKinds.all().stream()
                .filter(kind -> !doors.door(kind.kind()).shut())
                .filter(kind -> kind.missing(premises).isEmpty())
                .map(DoorDescriptor::kind)
                .toList();
    }

    /** Whether a visitor can reach somebody, at whatever hour. */
    public boolean reachesSomebody() {
        return answering().anyMatch(kind -> open().contains(kind.kind()));
    }

    /** The doors that stand in a place of the page, in order, whatever the hour. */
    public List<DoorKind> at(DoorPlace place, Goal goal) {
        return doors.at(
                place,
                goal,
                DoorKinds.all().stream()
                        .map(DoorDescriptor::kind)
                        .filter(this::stands)
                        .toList());
    }

    /** Whether a door can be drawn on pages: it is not shut, and lacks at most what visitors do not see. */
    public boolean stands(DoorKind kind) {
        return !doors.door(kind).shut()
                && DoorKinds.of(kind)
                        .filter(descriptor -> descriptor.stands(premises))
                        .isPresent();
    }

    /** The door visitors are led to while a door is not answered; only one that is open does. */
    public Optional<DoorKind> standIn(DoorKind kind) {
        return doors.door(kind).standIn().filter(open()::contains);
    }

    /** What the doors are at an instant. */
    public DoorMoment moment(Instant t) {
        List<FoundDoor> found = found(t);
        return new DoorMoment(
                found.stream()
                        .filter(door -> door.state() == FoundDoor.State.SHUT || door.isOpen() && !door.answered())
                        .map(FoundDoor::kind)
                        .filter(kind -> standIn(kind).isPresent())
                        .toList(),
                found.stream()
                        .filter(door -> door.state() == FoundDoor.State.SHUT)
                        .map(FoundDoor::kind)
                        .toList());
    }

    /** When that may be other than it is, after an instant; empty when it stays as it is. */
    public Optional<Instant> next(Instant t) {
        return answering()
                .flatMap(kind -> doors.door(kind.kind()).hours().next(premises.facts(), t).stream())
                .min(Comparator.naturalOrder());
    }

    /**
     * The instants at which the doors of a page change, with what they are then.
     *
     * @param from first instant that is covered
     * @param days how many days from there
     * @return in order, the first at {@code from}; each other than the one before
     */
    public SortedMap<Instant, DoorMoment> moments(Instant from, int days) {
        Instant end = from.plus(days, ChronoUnit.DAYS);
        SortedMap<Instant, DoorMoment> moments = new TreeMap<>();
        DoorMoment last = null;
        for (Optional<Instant> t = Optional.of(from); t.isPresent() && t.get().isBefore(end); t = next(t.get())) {
            DoorMoment moment = moment(t.get());
            if (!moment.equals(last)) {
                moments.put(t.get(), moment);
            }
            last = moment;
        }
        return moments;
    }

    /** All that {@link #moments} depends on beside the hours of the business. */
    public Object settings() {
        return List.of(
                open(),
                doors.set().stream()
                        .map(door -> door.withWords("").withOpening(""))
                        .toList());
    }

    /** The times a door is answered between two instants, in order; none while it is not open. */
    public List<OpenSpan> answered(DoorKind kind, Instant from, Instant to) {
        if (!open().contains(kind)) {
            return List.of();
        }
        return DoorKinds.of(kind).filter(DoorDescriptor::keepsHours).isEmpty()
                ? List.of(new OpenSpan(from, to))
                : doors.door(kind).hours().between(premises.facts(), from, to);
    }

    private Stream<DoorDescriptor> answering() {
        return DoorKinds.all().stream().filter(DoorDescriptor::keepsHours);
    }
}
