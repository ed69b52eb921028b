package ostium.core.door;

import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.trade.Goal;

/**
 * All there is to say about one kind of door: what it needs, where it leads, and what can be set on it. Whoever treats doors
 * asks here and knows no kind by itself.
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

    /** Whether it can be drawn on a page; one that only the owner's side is missing of can, so that its place is seen. */
    public boolean stands(Premises premises) {
        return lacks(premises).isEmpty();
    }

    /** Name of what is missing; empty when nothing is. */
    protected abstract Optional<String> lacks(Premises premises);

    /**
     * The address it leads to; empty where it leads to a place on the page.
     *
     * @param opening what a message begun through it already says, or empty
     */
    public Optional<String> address(Premises premises, String opening) {
        return Optional.empty();
    }

    /** Name of the page of its own it leads to, without ending; empty where it leads elsewhere. */
    public Optional<String> page() {
        return Optional.empty();
    }

    /** What stands on it until its owner says otherwise. */
    public final String usualWords(Premises premises) {
        return says(premises).isEmpty()
                ? WORDS.say(kind.id() + ".says")
                : WORDS.say(kind.id() + ".says.gap", says(premises));
    }

    /** What the usual words name: the number, the network; empty for nothing. */
    protected String says(Premises premises) {
        return "";
    }

    /** What it leads to, as its owner knows it: the number, the address; empty when it is missing. */
    public abstract String leadsTo(Premises premises);

    /** The line of the sheet that what it leads to is typed on; empty when it is none of the sheet's. */
    public Optional<String> line() {
        return Optional.empty();
    }

    /** What an owner wants of visitors who makes this the main door. */
    public Optional<Goal> goal() {
        return Optional.empty();
    }

    /** Whether somebody answers there, so that it keeps hours and another can stand in. */
    public boolean keepsHours() {
        return true;
    }

    /** Whether visitors can be led to it while another is not answered. */
    public boolean canStandIn() {
        return true;
    }

    /** Whether it can stand in the places of a page as a button. */
    public boolean isPlaced() {
        return true;
    }

    /** Whether a message begun through it can say something already. */
    public boolean hasOpening() {
        return false;
    }

    /** The drawing on it; empty for none. */
    public String drawing() {
        return "";
    }

    /** What is set up behind it, beyond what every door has: the name of that in the interface; empty for nothing. */
    public String setUp() {
        return "";
    }

    /** Whether a test goes the whole way to the mail that arrives, rather than say what a telephone would do. */
    public boolean isTriedWhole() {
        return false;
    }

    /** What a telephone does with it, in words for the owner. */
    public String test(Premises premises, Door door) {
        return WORDS.say(
                kind.id() + (door.opening().isEmpty() || !hasOpening() ? ".test" : ".test.opening"),
                leadsTo(premises),
                door.opening());
    }
}
