package ostium.core.door;

import java.util.List;
import java.util.stream.Stream;
import ostium.core.door.book.BookDoor;
import ostium.core.door.call.CallDoor;
import ostium.core.door.directions.DirectionsDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.trade.Goal;

/** Where doors stand on a page. */
public enum DoorPlace {
    /** Beside the name, on every page. */
    HEAD(1),
    /** Beneath the first words. */
    OPENING(2),
    /** Under the services. */
    BAND(1),
    /** At the foot of the screen, on phones. */
    BAR(2);

    private static final List<DoorKind> WRITE = List.of(FormDoor.KIND, EmailDoor.KIND);
    private static final List<DoorKind> BOOK = List.of(BookDoor.KIND, FormDoor.KIND, EmailDoor.KIND);
    private static final List<DoorKind> CALL = List.of(CallDoor.KIND);

    private final int most;

    DoorPlace(int most) {
        this.most = most;
    }

    /** Most doors that fit there. */
    public int most() {
        return most;
    }

    /** The doors that stand there as long as the owner has not said: each is the first of its list that is open. */
    private List<List<DoorKind>> usual(Goal goal) {
        return switch (this) {
            case HEAD -> List.of(CALL);
            case BAND -> List.of(BOOK);
            case BAR -> List.of(CALL, goal == Goal.BOOK ? BOOK : WRITE);
            case OPENING ->
                switch (goal) {
                    case CALL -> List.of(CALL, WRITE);
                    case WRITE -> List.of(WRITE, CALL);
                    case BOOK -> List.of(BOOK, CALL);
                    case VISIT ->
                        List.of(
                                CALL,
                                Stream.concat(Stream.of(DirectionsDoor.KIND), WRITE.stream())
                                        .toList());
                };
        };
    }

    /** The doors of the usual that are open, in order. */
    List<DoorKind> usual(Goal goal, List<DoorKind> open) {
        return usual(goal).stream()
                .flatMap(each -> each.stream().filter(open::contains).limit(1))
                .toList();
    }
}
