package ostium.app.standin;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ostium.app.mail.MailStandIn;

/**
 * The mail server that ships with Ostium. It takes every mail on loopback, keeps it in memory until the application
 * ends, and delivers nothing. Runs as long as no real server is set.
 */
@Component
@ConditionalOnProperty(name = "spring.mail.host", matchIfMissing = true, havingValue = "no server has this name")
public class CaughtMail implements MailStandIn {
    private static final int MOST_SHOWN = 200;

    /**
     * A mail it has caught.
     *
     * @param calendar the iCalendar file that came with it, or empty
     * @param leaves where a mail program leaves the list it goes to, or empty
     */
    public record Caught(
            String messageId,
            String from,
            String to,
            String replyTo,
            String subject,
            String text,
            String calendar,
            String leaves,
            Instant at) {}

    private GreenMail server;
    private int port;

    @PostConstruct
    synchronized void begin() throws IOException {
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
        server = new GreenMail(new ServerSetup(port, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        server.start();
    }

    /** Takes mail again, after {@link #stop}; what was caught before is still there. */
    public synchronized void start() {
        server.start();
    }

    /** Takes no more mail, as a server that is down. */
    @PreDestroy
    public synchronized void stop() {
        server.stop();
    }

    @Override
    public int port() {
        return port;
    }

    /** What was caught, the last first; at most {@value #MOST_SHOWN}. */
    public List<Caught> caught() {
        List<Caught> caught = new ArrayList<>();
        for (MimeMessage message : server.getReceivedMessages()) {
            try {
                caught.add(new Caught(
                        message.getMessageID(),
                        address(message.getFrom()),
                        address(message.getAllRecipients()),
                        message.getHeader("Reply-To") == null ? "" : address(message.getReplyTo()),
                        message.getSubject(),
                        part(message, "text/plain"),
                        part(message, "text/calendar"),
                        message.getHeader("List-Unsubscribe") == null
                                ? ""
                                : message.getHeader("List-Unsubscribe")[0].replaceAll("[<>]", ""),
                        message.getSentDate() == null
                                ? Instant.EPOCH
                                : message.getSentDate().toInstant()));
            } catch (MessagingException | IOException e) {
                // A mail that cannot be read is not shown; nothing of ours writes such a one.
            }
        }
        caught.sort(Comparator.comparing(Caught::at).reversed());
        return caught.stream().limit(MOST_SHOWN).toList();
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
