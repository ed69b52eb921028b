package ostium.core.door;

import java.util.List;

/**
 * What the doors of a page are at an instant, beside the page as it was published.
 *
 * @param away doors that nobody answers, or that are shut, and whose stand-in is shown instead
 * @param shut doors the owner keeps shut
 */
public record DoorMoment(List<DoorKind> away, List<DoorKind> shut) {
    public static final DoorMoment ALL_OPEN = new DoorMoment(List.of(), List.of());

    public DoorMoment {
        away = List.copyOf(away);
        shut = List.copyOf(shut);
    }
}
