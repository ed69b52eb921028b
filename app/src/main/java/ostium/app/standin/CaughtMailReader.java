package ostium.app.standin;

import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import ostium.app.standin.CaughtMail.Caught;

/** Reads what a mail program would show of a mail. */
final class CaughtMailReader {
    private CaughtMailReader() {}

    static Caught read(MimeMessage message) throws MessagingException, IOException {
        String[] leaves = message.getHeader("List-Unsubscribe");
        return new Caught(
                message.getMessageID(),
                address(message.getFrom()),
                address(message.getAllRecipients()),
                message.getHeader("Reply-To") == null ? "" : address(message.getReplyTo()),
                message.getSubject(),
                part(message, "text/plain"),
                part(message, "text/html"),
                part(message, "text/calendar"),
                leaves == null ? "" : leaves[0].replaceAll("[<>]", ""),
                message.getSentDate() == null
                        ? Instant.EPOCH
                        : message.getSentDate().toInstant());
    }

    /** The first part of a type, as text; empty where there is none. */
    private static String part(Part message, String type) throws MessagingException, IOException {
        Object content = message.getContent();
        if (content instanceof Multipart parts) {
            for (int i = 0; i < parts.getCount(); i++) {
                String found = part(parts.getBodyPart(i), type);
                if (!found.isEmpty()) {
                    return found;
                }
            }
            return "";
        }
        if (!message.isMimeType(type)) {
            return "";
        }
        return content instanceof String words
                ? words
                : new String(message.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    private static String address(jakarta.mail.Address[] addresses) {
        return addresses == null || addresses.length == 0 ? "" : addresses[0].toString();
    }
}
