package ostium.app.mail;

/**
 * A mail to be sent, plain text.
 *
 * @param to recipient's address
 * @param replyTo address that answers go to, or null
 * @param subject one line
 * @param body lines separated by {@code \n}
 * @param enquiry id of the enquiry it tells of, or null
 * @param booking id of the booking it tells of, or null
 * @param calendar an iCalendar file that comes with it, or null
 */
public record Mail(
        String to, String replyTo, String subject, String body, String enquiry, String booking, String calendar) {
    /** A mail that tells of an enquiry. */
    public Mail(String to, String replyTo, String subject, String body, String enquiry) {
        this(to, replyTo, subject, body, enquiry, null, null);
    }

    /** A mail that tells of no enquiry. */
    public static Mail of(String to, String subject, String body) {
        return new Mail(to, null, subject, body, null);
    }
}
