package ostium.core.door;

import java.util.Optional;

/**
 * One way to reach the business, as its owner has set it.
 *
 * @param kind what kind of door it is
 * @param shut whether the owner keeps it shut
 * @param hours when somebody answers
 * @param standsIn the door visitors are led to when this one is not answered; null where there is none
 * @param words what stands on it, in the owner's words; empty for the usual ones
 */
public record Door(DoorKind kind, boolean shut, DoorHours hours, DoorKind standsIn, String words) {
    public Door {
        hours = hours == null ? DoorHours.ALWAYS : hours;
        words = words == null ? "" : words;
    }

    /** A door as it is until an owner sets it: not shut, always answered, with the usual words. */
    public static Door usual(DoorKind kind) {
        return new Door(kind, false, DoorHours.ALWAYS, null, "");
    }

    public Optional<DoorKind> standIn() {
        return Optional.ofNullable(standsIn);
    }
}
