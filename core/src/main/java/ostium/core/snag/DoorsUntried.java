package ostium.core.snag;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorKinds;
import ostium.core.door.DoorsOf;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Doors nobody has gone through yet: that they are there does not say that they work. */
public final class DoorsUntried {
    /** Name of the rule. */
    public static final String RULE = "doors-untried";

    private static final Messages WORDS = Messages.of("snag");

    private DoorsUntried() {}

    /** @param tried the doors that were tried as they are now */
    public static Optional<Snag> of(State state, SheetReading reading, Set<DoorKind> tried) {
        if (!state.isKept()) {
            return Optional.empty();
        }
        DoorsOf doors = state.doors().of(reading.brief().facts(), state.site());
        List<String> names = DoorKinds.all().stream()
                .filter(kind -> kind.keepsHours() && doors.open().contains(kind.kind()))
                .filter(kind -> !tried.contains(kind.kind()))
                .map(DoorDescriptor::words)
                .toList();
        if (names.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Snag(
                Snag.Level.SHOULD,
                RULE,
                WORDS.say(
                        names.size() == 1 ? "doorsUntried.one" : "doorsUntried.many",
                        names.stream().collect(Collectors.joining(", "))),
                WORDS.say("doorsUntried.why"),
                "",
                "",
                null));
    }
}
