package ostium.app.mail;

/**
 * A mail to be sent, plain text.
 *
 * @param to recipient's address
 * @param replyTo address that answers go to, or null
 * @param subject one line
 * @param body lines separated by {@code \n}
 * @param about what it tells of; it goes with that
 * @param calendar an iCalendar file that comes with it, or null
 * @param leaveAddress where its reader leaves the list it goes to, in one press (RFC 8058), or null
 */
public record Mail(
        String to, String replyTo, String subject, String body, About about, String calendar, String leaveAddress) {

    /** Ids of what a mail can tell of; null for what it does not. */
    public record About(String enquiry, String booking, String listMember) {
        static final About NOTHING = new About(null, null, null);

        public static About enquiry(String id) {
            return new About(id, null, null);
        }

        public static About booking(String id) {
            return new About(null, id, null);
        }

        public static About listMember(String id) {
            return new About(null, null, id);
        }
    }

    public Mail(String to, String replyTo, String subject, String body, About about) {
        this(to, replyTo, subject, body, about, null, null);
    }

    /** A mail that tells of nothing that is kept. */
    public static Mail of(String to, String subject, String body) {
        return new Mail(to, null, subject, body, About.NOTHING);
    }

    Mail withSubject(String other) {
        return new Mail(to, replyTo, other, body, about, calendar, leaveAddress);
    }
}
