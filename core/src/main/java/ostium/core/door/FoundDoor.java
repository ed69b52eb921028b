package ostium.core.door;

import java.util.Optional;

/**
 * A door as a visitor finds it at an instant.
 *
 * @param door as its owner has set it
 * @param state open, ajar or shut
 * @param answered whether somebody answers at that instant; never at a door that is not open
 * @param missing what is missing, in words for the owner, where it is ajar; else empty
 * @param address where it leads; empty for a place on the page, or when it leads nowhere
 */
public record FoundDoor(Door door, State state, boolean answered, String missing, String address) {

    /** How a door stands. */
    public enum State {
        /** All it needs is there. */
        OPEN,
        /** Something is missing. */
        AJAR,
        /** Shut by the owner. */
        SHUT
    }

    public DoorKind kind() {
        return door.kind();
    }

    public boolean isOpen() {
        return state == State.OPEN;
    }

    /** The door a visitor is led to instead, while nobody answers here. */
    public Optional<DoorKind> leadsTo() {
        return isOpen() && !answered ? door.standIn() : Optional.empty();
    }
}
