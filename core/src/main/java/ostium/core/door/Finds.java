package ostium.core.door;

import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import ostium.core.base.Messages;

/** What a visitor finds at an instant, in a line or two for the owner. */
final class Finds {
    private static final Messages WORDS = Messages.of("door");

    private Finds() {}

    /** "Nobody answers the telephone. A visitor can text or leave a message." */
    static String say(DoorsOf doors, Instant t) {
        List<FoundDoor> open = doors.found(t).stream().filter(FoundDoor::isOpen).toList();
        String silent = open.stream()
                .filter(door -> !door.answered())
                .map(door -> WORDS.say(door.kind() + ".silent"))
                .collect(Collectors.joining(" "));
        List<String> can = open.stream()
                .filter(FoundDoor::answered)
                .map(door -> WORDS.say(door.kind() + ".finds"))
                .filter(words -> !words.isEmpty())
                .toList();
        if (can.isEmpty()) {
            return silent.isEmpty() ? WORDS.say("finds.nothing") : WORDS.say("finds.only", silent);
        }
        return silent.isEmpty() ? WORDS.say("finds.all", either(can)) : WORDS.say("finds.silent", silent, either(can));
    }

    private static String either(List<String> words) {
        if (words.size() == 1) {
            return words.get(0);
        }
        List<String> first = words.subList(0, words.size() - 1);
        return WORDS.say("finds.or", String.join(", ", first), words.get(words.size() - 1));
    }
}
