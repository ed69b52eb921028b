package ostium.core.edit;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.door.Door;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorHours;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorKinds;
import ostium.core.door.DoorPlace;
import ostium.core.door.Doors;
import ostium.core.hours.WeeklyHours;

/** What an owner can set on a door. */
final class DoorLimits {
    private static final Messages WORDS = Messages.of("edit");

    private DoorLimits() {}

    /**
     * A door that stands in is answered at every hour, so that nobody is led on from there.
     *
     * @throws EditRefused in words for the owner
     */
    static void check(Door door, Doors doors) {
        DoorDescriptor kind = known(door.kind());
        atMost(Door.LONGEST_WORDS, door.words(), "door.words");
        atMost(Door.LONGEST_OPENING, door.opening(), "door.opening");
        boolean always = door.hours().when() == DoorHours.When.ALWAYS;
        if (!always && !kind.keepsHours()) {
            throw EditRefused.saying("door.noHours", kind.words());
        }
        if (door.hours().when() == DoorHours.When.OWN) {
            readable(door.hours().week());
        }
        door.standIn().ifPresent(other -> standsIn(door, other, doors));
        List<DoorKind> waiting = doors.standInOf(door.kind());
        if (!always && !waiting.isEmpty()) {
            throw EditRefused.saying("door.standsIn", kind.words(), name(waiting.get(0)));
        }
    }

    private static void standsIn(Door door, DoorKind other, Doors doors) {
        DoorDescriptor kind = known(other);
        if (other.equals(door.kind()) || !kind.canStandIn()) {
            throw EditRefused.saying("door.cannotStandIn", kind.words());
        }
        if (doors.door(other).hours().when() != DoorHours.When.ALWAYS) {
            throw EditRefused.saying("door.keepsHours", kind.words());
        }
    }

    /** @throws EditRefused where there is no room for so many, or one cannot stand there */
    static void check(DoorPlace place, List<DoorKind> kinds) {
        if (kinds.size() > place.most() || kinds.stream().distinct().count() != kinds.size()) {
            throw EditRefused.saying(place.most() == 1 ? "door.place.one" : "door.place.many", place.most());
        }
        for (DoorKind kind : kinds) {
            if (!known(kind).isPlaced()) {
                throw EditRefused.saying("door.notPlaced", name(kind));
            }
        }
    }

    private static void readable(Reading<WeeklyHours> week) {
        if (week instanceof Reading.Refused<WeeklyHours> refused) {
            throw new EditRefused(refused.reason());
        }
        if (week instanceof Reading.Unclear<WeeklyHours> unclear) {
            throw new EditRefused(
                    WORDS.say("door.hours.which", unclear.question(), String.join(" · ", unclear.choices())));
        }
    }

    private static void atMost(int most, String words, String key) {
        int length = words.codePointCount(0, words.length());
        if (length > most) {
            throw EditRefused.saying(key, most, length);
        }
    }

    private static DoorDescriptor known(DoorKind kind) {
        return DoorKinds.of(kind).orElseThrow(() -> EditRefused.saying("door.unknown"));
    }

    private static String name(DoorKind kind) {
        return known(kind).words();
    }
}
