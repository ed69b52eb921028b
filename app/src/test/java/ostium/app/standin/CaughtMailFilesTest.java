package ostium.app.standin;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the mail stand-in has caught is still there when it starts again. */
class CaughtMailFilesTest {
    @TempDir
    private Path directory;

    private static MimeMessage mail(String subject) throws Exception {
        MimeMessage mail = new MimeMessage(Session.getInstance(new Properties()));
        mail.setFrom("no-reply@ostium.example");
        mail.setRecipients(jakarta.mail.Message.RecipientType.TO, "ada@ashlatch.example");
        mail.setSubject(subject);
        mail.setText("Straße, café");
        mail.saveChanges();
        return mail;
    }

    @Test
    void aMailIsThereAfterARestart() throws Exception {
        CaughtMailFiles files = new CaughtMailFiles(directory.toString());
        files.keep(mail("first"));
        files.keep(mail("second"));
        CaughtMailFiles again = new CaughtMailFiles(directory.toString());
        assertThat(again.kept()).isEqualTo(files.kept());
        assertThat(again.kept()).extracting(CaughtMail.Caught::subject).containsExactly("second", "first");
        assertThat(again.kept().get(0).text()).isEqualTo("Straße, café");
    }

    @Test
    void aFileThatIsNoMailIsPassedOver() throws Exception {
        Files.writeString(directory.resolve("0.eml"), "");
        Files.writeString(directory.resolve("note.txt"), "not a mail");
        assertThat(new CaughtMailFiles(directory.toString()).kept()).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void theOldestGo() throws Exception {
        CaughtMailFiles files = new CaughtMailFiles(directory.toString());
        for (int i = 0; i < CaughtMailFiles.MOST_KEPT + 3; i++) {
            files.keep(mail("mail " + i));
        }
        assertThat(files.kept()).hasSize(CaughtMailFiles.MOST_KEPT);
        try (Stream<Path> left = Files.list(directory)) {
            assertThat(left).hasSize(CaughtMailFiles.MOST_KEPT);
        }
        assertThat(files.kept().get(CaughtMailFiles.MOST_KEPT - 1).subject()).isEqualTo("mail 3");
    }

    @Test
    void withoutADirectoryMemoryDoes() throws Exception {
        CaughtMailFiles files = new CaughtMailFiles("");
        files.keep(mail("one"));
        assertThat(files.kept()).hasSize(1);
    }
}
