package ostium.core.enquiry;

/** What has come of an enquiry. */
public enum EnquiryState {
    /** Nobody has answered yet. */
    NEW,
    /** Answered; what comes of it is open. */
    ANSWERED,
    /** A job was agreed. */
    AGREED,
    DONE,
    /** They went elsewhere, or nothing came of it. */
    LOST,
    /** No customer's; set aside, never thrown away. */
    UNWANTED;

    /** Whether somebody waits for the first answer. */
    public boolean waits() {
        return this == NEW;
    }

    /** Whether it is over: nothing more is planned for it. */
    public boolean closed() {
        return this == DONE || this == LOST || this == UNWANTED;
    }
}
