package ostium.core.edit;

import ostium.core.base.Messages;

/** An edit cannot be applied to this state; the message says why, in words for the owner. */
public final class EditRefused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final Messages WORDS = Messages.of("edit");

    public EditRefused(String message) {
        super(message);
    }

    /**
     * Says why by the key of a message of the room {@code edit}.
     *
     * @param gaps what its gaps are filled with
     */
    static EditRefused saying(String key, Object... gaps) {
        return new EditRefused(WORDS.say(key, gaps));
    }

    /** @param what {@code page}, {@code section}, {@code row}, {@code service} or {@code text} */
    static EditRefused gone(String what) {
        return saying("gone." + what);
    }
}
