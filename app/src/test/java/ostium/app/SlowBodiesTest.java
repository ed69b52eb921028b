package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever sends very slowly, or very much at once, keeps nobody else waiting. */
class SlowBodiesTest {
    private static final int PATIENCE = 2;
    /** What a body may take here, and as long again for a busy machine. */
    private static final int LONGEST = 20_000;

    /** More than are read of one client at once. */
    private static final int MANY = 200;

    private static RunningOstium behind;

    @BeforeAll
    static void start() {
        behind = RunningOstium.another(
                "--ostium.trusted-proxies=127.0.0.1, ::1", "--ostium.patience-with-bodies=" + PATIENCE + "s");
    }

    @AfterAll
    static void stop() {
        behind.close();
    }

    private static Socket post(String path, String client) throws IOException {
        Socket socket = new Socket("127.0.0.1", behind.port());
        socket.setSoTimeout(LONGEST);
        write(
                socket,
                "POST " + path + " HTTP/1.1\r\nHost: nobody.localhost\r\nX-Forwarded-For: " + client
                        + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 60000\r\n\r\n");
        return socket;
    }

    private static void write(Socket socket, String words) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write(words.getBytes(StandardCharsets.US_ASCII));
        out.flush();
    }

    /** Letters one by one, each soon enough for a time-out between two; whether the other side has hung up before the end. */
    private static boolean isCutOff(Socket socket) throws IOException, InterruptedException {
        long end = System.nanoTime() + LONGEST * 1_000_000L;
        while (System.nanoTime() < end) {
            try {
                write(socket, "a");
                socket.setSoTimeout(200);
                if (socket.getInputStream().read() < 0) {
                    return true;
                }
            } catch (SocketTimeoutException e) {
                // Nothing was answered yet: the next letter.
            } catch (SocketException e) {
                return true;
            }
        }
        return false;
    }

    @ParameterizedTest
    @ValueSource(strings = {"/_ostium/enquiry", "/nothing/is/here", "/_ostium/words/none"})
    void aBodyThatComesLetterByLetterIsCutOff(String path) throws Exception {
        try (Socket slow = post(path, "203.0.113.20")) {
            assertThat(isCutOff(slow)).isTrue();
        }
    }

    @Test
    void oneClientHoldsSomeRequestsOpenAndOthersAreAnswered() throws Exception {
        List<Socket> held = new ArrayList<>();
        try {
            for (int i = 0; i < MANY; i++) {
                held.add(post("/_ostium/enquiry", "203.0.113.21"));
            }
            Browserlike.Answer other =
                    new Browserlike(behind.port()).getAt("nobody.localhost", "/", "X-Forwarded-For", "203.0.113.22");
            assertThat(other.status()).isEqualTo(404);
            try (Socket sends = post("/_ostium/enquiry", "203.0.113.23")) {
                write(sends, "a".repeat(60_000));
                assertThat(firstLine(sends)).as("another that sends").contains(" 404");
            }
            int refused = 0;
            for (Socket socket : held) {
                refused += firstLine(socket).contains(" 429 ") ? 1 : 0;
            }
            assertThat(refused).isBetween(1, MANY - 100);
        } finally {
            for (Socket socket : held) {
                socket.close();
            }
        }
    }

    /** Many machines that send slowly leave threads for whoever only reads. */
    @Test
    void manyClientsTogetherLeaveThreadsForReaders() throws Exception {
        List<Socket> held = new ArrayList<>();
        try {
            for (int i = 0; i < 5 * 100; i++) {
                held.add(post("/_ostium/enquiry", "203.0.113." + (100 + i / 100)));
            }
            for (int i = 0; i < 20; i++) {
                assertThat(new Browserlike(behind.port())
                                .getAt("nobody.localhost", "/", "X-Forwarded-For", "203.0.113.22")
                                .status())
                        .isEqualTo(404);
            }
            int refused = 0;
            for (Socket socket : held) {
                refused += firstLine(socket).contains(" 429 ") ? 1 : 0;
            }
            assertThat(refused)
                    .as("of five clients that keep within what one may")
                    .isBetween(200, 300);
        } finally {
            for (Socket socket : held) {
                socket.close();
            }
        }
    }

    /** What is answered first; empty where the line was cut instead. */
    private static String firstLine(Socket socket) throws IOException {
        InputStream in = socket.getInputStream();
        StringBuilder line = new StringBuilder();
        try {
            for (int letter = in.read(); letter >= 0 && letter != '\r'; letter = in.read()) {
                line.append((char) letter);
            }
        } catch (SocketException e) {
            return "";
        }
        return line.toString();
    }

    @Test
    void aBodyThatComesAtAnOrdinaryPaceIsTaken() throws Exception {
        try (Socket socket = post("/nothing/is/here", "203.0.113.23")) {
            for (int i = 0; i < 60; i++) {
                write(socket, "a".repeat(1000));
                Thread.onSpinWait();
            }
            assertThat(firstLine(socket)).startsWith("HTTP/1.1 ").doesNotContain(" 429 ");
        }
    }
}
