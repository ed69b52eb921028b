package ostium.core.door;

import java.util.Optional;
import ostium.core.base.Messages;

/**
 * All there is to say about one kind of door: what it needs and where it leads. Whoever treats doors asks here and knows no
 * kind by itself.
 */
public abstract class DoorDescriptor {
    private static final Messages WORDS = Messages.of("door");

    private final DoorKind kind;

    protected DoorDescriptor(DoorKind kind) {
        this.kind = kind;
    }

    public final DoorKind kind() {
        return kind;
    }

    /** What the owner calls it. */
    public String words() {
        return WORDS.say(kind.id() + ".name");
    }

    /** What is still missing to open it, in words for the owner; empty when it has all it needs. */
    public final Optional<String> missing(Premises premises) {
        return lacks(premises).map(what -> WORDS.say(kind.id() + ".missing." + what));
    }

    /** Name of what is missing; empty when nothing is. */
    protected abstract Optional<String> lacks(Premises premises);

    /** The address it leads to; empty where it leads to a place on the page. */
    public Optional<String> address(Premises premises) {
        return Optional.empty();
    }
}
