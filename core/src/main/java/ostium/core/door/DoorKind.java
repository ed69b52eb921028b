package ostium.core.door;

/** The doors there are so far: ways to reach the business. */
public enum DoorKind {
    CALL("Call"),
    EMAIL("E-mail"),
    FORM("Form");

    private final String words;

    DoorKind(String words) {
        this.words = words;
    }

    /** What the owner calls it. */
    public String words() {
        return words;
    }
}
