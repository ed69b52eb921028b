package ostium.core.door;

import java.util.List;
import java.util.Optional;
import ostium.core.door.call.CallDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.form.FormDoor;

/** The kinds of doors there are, in the order they are shown. */
public final class DoorKinds {
    private static final List<DoorDescriptor> ALL = List.of(new CallDoor(), new EmailDoor(), new FormDoor());

    private DoorKinds() {}

    public static List<DoorDescriptor> all() {
        return ALL;
    }

    /** What a kind is; empty for one of a newer version. */
    public static Optional<DoorDescriptor> of(DoorKind kind) {
        return ALL.stream().filter(each -> each.kind().equals(kind)).findFirst();
    }
}
