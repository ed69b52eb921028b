package ostium.render.mail;

/**
 * The one thing to press in a mail. It stands where its address is a paragraph of its own; the same address typed by somebody else
 * leads to the same place, another address is never behind its words.
 *
 * @param words what stands on it
 * @param address where it leads
 */
public record MailButton(String words, String address) {
    public static final MailButton NONE = new MailButton("", "");
}
