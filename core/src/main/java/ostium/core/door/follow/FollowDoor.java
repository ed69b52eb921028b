package ostium.core.door.follow;

import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.Link;

/** The business's pages elsewhere, as links in the foot of every page. */
public final class FollowDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("follow");

    public FollowDoor() {
        super(KIND);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return premises.facts().all(Link.class).isEmpty() ? Optional.of("links") : Optional.empty();
    }

    @Override
    public String leadsTo(Premises premises) {
        return premises.facts().all(Link.class).stream()
                .map(link -> link.value().label())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    @Override
    public Optional<String> line() {
        return Optional.of("links");
    }

    @Override
    public boolean keepsHours() {
        return false;
    }

    @Override
    public boolean canStandIn() {
        return false;
    }

    @Override
    public boolean isPlaced() {
        return false;
    }
}
