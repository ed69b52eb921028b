package ostium.core.door;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.Facts;
import ostium.core.site.Site;

/**
 * How the doors of a site are set.
 *
 * @param messagesTo mail addresses that messages from the form go to, lower case, no two the same
 * @param set the doors an owner has set; every other kind is as usual
 */
public record Doors(List<String> messagesTo, List<Door> set) {
    /** Most addresses messages may go to. */
    public static final int MOST_ADDRESSES = 5;

    public Doors {
        messagesTo = messagesTo == null ? List.of() : List.copyOf(messagesTo);
        set = set == null ? List.of() : List.copyOf(set);
        if (set.stream().map(Door::kind).distinct().count() != set.size()) {
            throw new IllegalArgumentException("a kind of door is set twice");
        }
    }

    /** All doors as usual, and nobody told of messages yet. */
    public static Doors none() {
        return new Doors(List.of(), List.of());
    }

    public Doors withMessagesTo(List<String> others) {
        return new Doors(others, set);
    }

    /** These doors with one set; one that is set as usual is as if it had never been. */
    public Doors with(Door door) {
        List<Door> others = new ArrayList<>(set);
        others.removeIf(each -> each.kind().equals(door.kind()));
        if (!door.equals(Door.usual(door.kind()))) {
            others.add(door);
        }
        others.sort(Comparator.comparing(each -> each.kind().id()));
        return new Doors(messagesTo, others);
    }

    /** A door, as set or as usual. */
    public Door door(DoorKind kind) {
        return set.stream().filter(door -> door.kind().equals(kind)).findFirst().orElseGet(() -> Door.usual(kind));
    }

    /** What a visitor finds at an instant: every kind of door there is, in the order they are shown. */
    public List<FoundDoor> found(Facts facts, Site site, Instant t) {
        Premises premises = new Premises(facts, site, messagesTo);
        return DoorKinds.all().stream().map(kind -> found(kind, premises, t)).toList();
    }

    private FoundDoor found(DoorDescriptor kind, Premises premises, Instant t) {
        Door door = door(kind.kind());
        Optional<String> missing = kind.missing(premises);
        FoundDoor.State state =
                door.shut() ? FoundDoor.State.SHUT : missing.isPresent() ? FoundDoor.State.AJAR : FoundDoor.State.OPEN;
        boolean open = state == FoundDoor.State.OPEN;
        return new FoundDoor(
                door,
                state,
                open && door.hours().covers(premises.facts(), t),
                state == FoundDoor.State.AJAR ? missing.get() : "",
                door.shut() ? "" : kind.address(premises).orElse(""));
    }

    /** Doors that have all they need and are not shut, whatever the hour. */
    public List<DoorKind> open(Facts facts, Site site) {
        return found(facts, site, Instant.EPOCH).stream()
                .filter(FoundDoor::isOpen)
                .map(FoundDoor::kind)
                .toList();
    }
}
