package ostium.core.trade;

/** What the owner wants visitors to do first. */
public enum Goal {
    CALL,
    /** Ask for a time. */
    BOOK,
    WRITE,
    /** Come by. */
    VISIT;

    /** @throws IllegalArgumentException naming the goals there are */
    public static Goal of(String word) {
        for (Goal goal : values()) {
            if (goal.name().equalsIgnoreCase(word)) {
                return goal;
            }
        }
        throw new IllegalArgumentException("“" + word + "” is not a goal; there are call, book, write and visit");
    }
}
