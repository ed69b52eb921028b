package ostium.app.mail;

import ostium.render.mail.MailButton;
import ostium.render.mail.MailDress;

/**
 * A mail to be sent. Its words are plain; mail programs that can show more show them in its dress.
 *
 * @param to recipient's address
 * @param replyTo address that answers go to, or null
 * @param subject one line
 * @param body lines separated by {@code \n}
 * @param button the one thing to press
 * @param dress whom it looks to come from
 * @param about what it tells of; it goes with that
 * @param calendar an iCalendar file that comes with it, or null
 * @param leaveAddress where its reader leaves the list it goes to, in one press (RFC 8058), or null
 */
public record Mail(
        String to,
        String replyTo,
        String subject,
        String body,
        MailButton button,
        MailDress dress,
        About about,
        String calendar,
        String leaveAddress) {

    /** Ids of what a mail can tell of; null for what it does not. */
    public record About(String site, String enquiry, String booking, String listMember) {
        static final About NOTHING = new About(null, null, null, null);

        /** Of a site as a whole. */
        public static About site(String site) {
            return new About(site, null, null, null);
        }

        public static About enquiry(String site, String id) {
            return new About(site, id, null, null);
        }

        public static About booking(String site, String id) {
            return new About(site, null, id, null);
        }

        public static About listMember(String site, String id) {
            return new About(site, null, null, id);
        }
    }

    /** A mail of Ostium's own. */
    public Mail(String to, String replyTo, String subject, String body, About about) {
        this(to, replyTo, subject, body, MailButton.NONE, MailDress.OSTIUM, about, null, null);
    }

    /** A mail that tells of nothing that is kept. */
    public static Mail of(String to, String subject, String body) {
        return new Mail(to, null, subject, body, About.NOTHING);
    }

    /** A mail that goes with a site. */
    public Mail of(About other) {
        return new Mail(to, replyTo, subject, body, button, dress, other, calendar, leaveAddress);
    }

    public Mail withSubject(String other) {
        return new Mail(to, replyTo, other, body, button, dress, about, calendar, leaveAddress);
    }

    public Mail withBody(String other) {
        return new Mail(to, replyTo, subject, other, button, dress, about, calendar, leaveAddress);
    }

    public Mail withButton(String words, String address) {
        MailButton other = new MailButton(words, address);
        return new Mail(to, replyTo, subject, body, other, dress, about, calendar, leaveAddress);
    }

    public Mail in(MailDress other) {
        return new Mail(to, replyTo, subject, body, button, other, about, calendar, leaveAddress);
    }

    public Mail withCalendar(String other) {
        return new Mail(to, replyTo, subject, body, button, dress, about, other, leaveAddress);
    }

    public Mail withLeaveAddress(String other) {
        return new Mail(to, replyTo, subject, body, button, dress, about, calendar, other);
    }
}
