package ostium.app.standin;

import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import ostium.app.standin.CaughtMail.Caught;

/** The last mails that were caught: in a directory, as files that any mail program opens (RFC 5322), or in memory alone. */
class CaughtMailFiles {
    static final int MOST_KEPT = 200;

    private static final Logger LOG = LoggerFactory.getLogger(CaughtMailFiles.class);

    private final Path directory;
    private final Deque<Kept> kept = new ArrayDeque<>();
    private long last;

    /** @param file null where it is in memory alone */
    private record Kept(Path file, Caught mail) {}

    /** @param directory where they are kept; empty for nowhere */
    CaughtMailFiles(String directory) {
        this.directory = directory.isBlank() ? null : Path.of(directory);
        if (this.directory != null) {
            open();
        }
    }

    private void open() {
        try {
            Files.createDirectories(directory);
            try (Stream<Path> files = Files.list(directory)) {
                files.filter(file -> file.toString().endsWith(".eml")).sorted().forEach(this::read);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void read(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            add(file, new MimeMessage(Session.getInstance(new Properties()), in));
        } catch (MessagingException | IOException e) {
            LOG.warn("{} is not a mail: {}", file, e.getMessage());
        }
    }

    /** Keeps a mail, and lets the oldest go where there are more than {@value #MOST_KEPT}. */
    synchronized void keep(MimeMessage message) throws MessagingException {
        try {
            add(directory == null ? null : written(message), message);
        } catch (IOException e) {
            throw new MessagingException("cannot be kept", e);
        }
    }

    private Path written(MimeMessage message) throws MessagingException, IOException {
        last = Math.max(last + 1, System.currentTimeMillis());
        Path file = directory.resolve(last + ".eml");
        try (OutputStream out = Files.newOutputStream(file)) {
            message.writeTo(out);
        }
        return file;
    }

    private synchronized void add(Path file, MimeMessage message) throws MessagingException, IOException {
        kept.addFirst(new Kept(file, CaughtMailReader.read(message)));
        while (kept.size() > MOST_KEPT) {
            Path oldest = kept.removeLast().file();
            if (oldest != null) {
                Files.deleteIfExists(oldest);
            }
        }
    }

    /** The last first. */
    synchronized List<Caught> kept() {
        return kept.stream().map(Kept::mail).toList();
    }
}
