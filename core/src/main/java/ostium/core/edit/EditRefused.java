package ostium.core.edit;

/** An edit cannot be applied to this state; the message says why, in words for the owner. */
public final class EditRefused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public EditRefused(String message) {
        super(message);
    }

    static EditRefused gone(String what) {
        return new EditRefused("This " + what + " is not there any more.");
    }
}
