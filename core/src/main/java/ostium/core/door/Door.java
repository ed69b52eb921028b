package ostium.core.door;

import java.util.Optional;

/**
 * One way to reach the business, as its owner has set it.
 *
 * @param kind what kind of door it is
 * @param shut whether the owner keeps it shut
 * @param hours when somebody answers
 * @param standsIn the door visitors are led to while this one is not answered; null where there is none
 * @param words what stands on it, in the owner's words; empty for the usual ones
 * @param opening what a message that is begun through it already says; empty for nothing
 */
public record Door(DoorKind kind, boolean shut, DoorHours hours, DoorKind standsIn, String words, String opening) {
    /** Most characters on a door. */
    public static final int LONGEST_WORDS = 40;

    /** Most characters of the line a message begins with. */
    public static final int LONGEST_OPENING = 160;

    public Door {
        hours = hours == null ? DoorHours.ALWAYS : hours;
        words = words == null ? "" : words.strip();
        opening = opening == null ? "" : opening.strip();
    }

    /** A door as it is until an owner sets it: not shut, always answered, with the usual words. */
    public static Door usual(DoorKind kind) {
        return new Door(kind, false, DoorHours.ALWAYS, null, "", "");
    }

    public Door withShut(boolean other) {
        return new Door(kind, other, hours, standsIn, words, opening);
    }

    public Door withHours(DoorHours other) {
        return new Door(kind, shut, other, standsIn, words, opening);
    }

    public Door withStandIn(DoorKind other) {
        return new Door(kind, shut, hours, other, words, opening);
    }

    public Door withWords(String other) {
        return new Door(kind, shut, hours, standsIn, other, opening);
    }

    public Door withOpening(String other) {
        return new Door(kind, shut, hours, standsIn, words, other);
    }

    public Optional<DoorKind> standIn() {
        return Optional.ofNullable(standsIn);
    }
}
