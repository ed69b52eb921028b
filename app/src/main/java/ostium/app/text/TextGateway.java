package ostium.app.text;

/** Whoever brings texts to telephones. What ships is a stand-in that brings them to nobody. */
public interface TextGateway {
    /**
     * Hands a text over.
     *
     * @param id the same when it is handed over again, so that it arrives once
     * @throws NotTaken if it is not taken now; it is tried again
     */
    void send(String id, String to, String words) throws NotTaken;

    /** The gateway does not take it. */
    class NotTaken extends Exception {
        private static final long serialVersionUID = 1L;

        public NotTaken(String message) {
            super(message);
        }
    }
}
