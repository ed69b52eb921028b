package ostium.app.standin;

import com.icegreen.greenmail.mail.MovingMessage;
import com.icegreen.greenmail.user.GreenMailUser;
import com.icegreen.greenmail.user.UserImpl;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.time.Instant;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnClass;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ostium.app.mail.MailStandIn;

/**
 * The mail server that ships with the demo of Ostium. It takes every mail on loopback, keeps the last of them, and delivers nothing.
 * Runs as long as no real server is set.
 */
@Component
@ConditionalOnClass(name = "com.icegreen.greenmail.util.GreenMail")
@ConditionalOnProperty(name = "spring.mail.host", matchIfMissing = true, havingValue = "no server has this name")
public class CaughtMail implements MailStandIn {
    private final CaughtMailFiles files;
    private GreenMail server;
    private int port;

    CaughtMail(@Value("${ostium.caught-mail:}") String directory) {
        this.files = new CaughtMailFiles(directory);
    }

    /**
     * A mail it has caught.
     *
     * @param html what a mail program shows instead of the plain words, or empty
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
            String html,
            String calendar,
            String leaves,
            Instant at) {}

    @PostConstruct
    synchronized void begin() throws IOException {
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
        start();
    }

    /** Takes mail, also again after {@link #stop}; what was caught before is still there. */
    public synchronized void start() {
        server = new GreenMail(new ServerSetup(port, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        GreenMailUser nobody = new HoldsNothing();
        server.getUserManager().setMessageDeliveryHandler((message, address) -> {
            files.keep(message.getMessage());
            return nobody;
        });
        server.start();
    }

    /** Takes no more mail, as a server that is down. */
    @PreDestroy
    public synchronized void stop() {
        server.stop();
    }

    /** A recipient without a mailbox: what came is in the files, and the server's own mailboxes only ever grow. */
    private static final class HoldsNothing extends UserImpl {
        HoldsNothing() {
            super("nobody", "nobody", "", null);
        }

        @Override
        public void deliver(MovingMessage message) {
            // Kept as a file by the handler that asked for this recipient.
        }
    }

    @Override
    public int port() {
        return port;
    }

    /** What was caught, the last first; at most {@value CaughtMailFiles#MOST_KEPT}. */
    public List<Caught> caught() {
        return files.kept();
    }
}
