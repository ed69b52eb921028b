package ostium.core.door;

import java.util.List;
import java.util.Optional;
import ostium.core.door.book.BookDoor;
import ostium.core.door.call.CallDoor;
import ostium.core.door.chat.ChatDoor;
import ostium.core.door.directions.DirectionsDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.follow.FollowDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.door.list.ListDoor;
import ostium.core.door.text.TextDoor;
import ostium.core.trade.Goal;

/** The kinds of doors there are, in the order they are shown. */
public final class DoorKinds {
    private static final List<DoorDescriptor> ALL = List.of(
            new CallDoor(),
            new TextDoor(),
            new BookDoor(),
            new FormDoor(),
            new EmailDoor(),
            new ChatDoor(),
            new DirectionsDoor(),
            new ListDoor(),
            new FollowDoor());

    private DoorKinds() {}

    public static List<DoorDescriptor> all() {
        return ALL;
    }

    /** What a kind is; empty for one of a newer version. */
    public static Optional<DoorDescriptor> of(DoorKind kind) {
        return ALL.stream().filter(each -> each.kind().equals(kind)).findFirst();
    }

    /** The door a goal leads visitors to first. */
    public static DoorKind main(Goal goal) {
        return ALL.stream()
                .filter(each -> each.goal().filter(goal::equals).isPresent())
                .findFirst()
                .map(DoorDescriptor::kind)
                .orElse(FormDoor.KIND);
    }
}
