package ostium.core.booking;

/**
 * Which texts to telephones are sent, beside the mails.
 *
 * @param customers whether whoever booked is told by text too, where a mobile number was left
 * @param to number at which the owner is told of bookings, as it was typed; empty for none
 */
public record TextRules(boolean customers, String to) {
    public static final TextRules NONE = new TextRules(false, "");

    public TextRules {
        to = to == null ? "" : to.strip();
    }
}
