package ostium.render;

import ostium.core.door.DoorKind;

/**
 * A door as it stands in a place of a page.
 *
 * @param kind what kind of door it is
 * @param address where it leads
 * @param words what stands on it
 * @param drawing name of the drawing on it; empty for none
 * @param standIn what is shown instead while nobody answers; null for nothing
 * @param unless the door in whose place it is shown while that is away, so that it is not shown twice; null for none
 */
public record StandingDoor(
        DoorKind kind, String address, String words, String drawing, StandingDoor standIn, DoorKind unless) {}
