package ostium.app.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** A server's no for good is told from a no for now (RFC 5321, 4.2.1). */
class MailServerTest {

    @ParameterizedTest(name = "{0} is answered with {1}")
    @CsvSource({
        "RCPT, 550 no such user, true",
        "RCPT, 450 busy, false",
        "DATA, 554 not taken, true",
        "DATA, 451 later, false",
        "MAIL, 552 too large, true"
    })
    void aNoForGoodIsNotTriedAgain(String command, String answer, boolean refused) throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread speaker = new Thread(() -> speak(server, command, answer));
            speaker.start();
            JavaMailSenderImpl sender = new JavaMailSenderImpl();
            sender.setHost("127.0.0.1");
            sender.setPort(server.getLocalPort());
            SimpleMailMessage mail = new SimpleMailMessage();
            mail.setFrom("no-reply@ostium.example");
            mail.setTo("nobody@quill.example");
            mail.setText("Hello");
            MailException thrown = catchThrowableOfType(MailException.class, () -> sender.send(mail));
            assertThat(MailServer.refused(thrown)).isEqualTo(refused);
        }
    }

    /** Speaks SMTP with one client, and answers one command as it is told to. */
    private static void speak(ServerSocket server, String command, String answer) {
        try (Socket socket = server.accept();
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
                Writer out = new java.io.OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII)) {
            say(out, "220 here");
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String said = line.toUpperCase(Locale.ROOT);
                if (said.startsWith(command)) {
                    say(out, answer);
                } else if (said.startsWith("DATA")) {
                    say(out, "354 go on");
                } else {
                    say(out, "250 fine");
                }
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static void say(Writer out, String line) throws IOException {
        out.write(line + "\r\n");
        out.flush();
    }
}
