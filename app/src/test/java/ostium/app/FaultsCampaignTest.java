package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A bad month in some minutes: visitors write and read, an owner edits and publishes at two instances, while instances and the
 * database are killed, the database hangs, its disk is full and hundreds send slowly, all at random. Nothing that was acknowledged is
 * lost, nothing is there twice, every mail arrives, and public pages stand all the time.
 *
 * <p>How often is said by {@code -Dostium.faults.kills} and the like; {@code ./ostium test faults} plays the whole campaign.
 */
@Tag("long")
class FaultsCampaignTest {
    private static final long SEED = Long.getLong("ostium.faults.seed", 20261129);
    /** Megabytes: what the server needs, and some more. */
    private static final int DISK = 240;

    private static final int MORE_DISK = 60;

    private static final TestDatabase DATABASE = TestDatabase.onADiskOf(DISK);

    private enum Fault {
        KILL(3),
        DATABASE_KILL(1),
        DATABASE_HANGS(1),
        DISK_FULL(1),
        SLOW_CLIENTS(1);

        private final int times;

        Fault(int usual) {
            String name =
                    "ostium.faults." + name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
            this.times = Integer.getInteger(name, usual);
        }
    }

    private final Random random = new Random(SEED);
    private int disk = DISK;

    @Test
    void nothingAcknowledgedIsLostAndPagesStand() throws Exception {
        GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        server.start();
        TwoApplications applications = new TwoApplications(
                DATABASE,
                "--spring.mail.host=127.0.0.1",
                "--spring.mail.port=" + server.getSmtp().getPort(),
                "--ostium.trusted-proxies=127.0.0.1,::1",
                "--ostium.wrong-sign-ins=1000000",
                "--ostium.patience-with-bodies=5s",
                "--ostium.database.patience=4000");
        try {
            long begun = System.nanoTime();
            CampaignWork work = new CampaignWork(applications);
            int arrived = 0;
            try {
                work.begin();
                for (Fault fault : faults()) {
                    Thread.sleep(200 + random.nextInt(800));
                    happens(fault, applications);
                }
                applications.whole();
                work.end();
                arrived = arrived(server, work);
            } finally {
                report(work, arrived, (System.nanoTime() - begun) / 1_000_000_000);
            }
            work.assertKept(DATABASE);
            assertThat(arrived).as("mails").isGreaterThanOrEqualTo(work.acknowledged.size());
            assertThat(work.faults).isEmpty();
        } finally {
            applications.stop();
            server.stop();
        }
    }

    private List<Fault> faults() {
        List<Fault> all = new ArrayList<>();
        for (Fault fault : Fault.values()) {
            all.addAll(Collections.nCopies(fault.times, fault));
        }
        Collections.shuffle(all, random);
        return all;
    }

    private void happens(Fault fault, TwoApplications applications) throws Exception {
        switch (fault) {
            case KILL -> applications.killOne();
            case DATABASE_KILL -> DATABASE.killed(() -> rests(300 + random.nextInt(1200)));
            case DATABASE_HANGS -> DATABASE.hung(() -> rests(2_000 + random.nextInt(6_000)));
            case DISK_FULL -> full();
            case SLOW_CLIENTS -> slowClients(applications.alivePort());
            default -> throw new IllegalStateException();
        }
    }

    private static void rests(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Somebody else's table takes all the room there is; after a while the database gets a larger disk. */
    private void full() throws SQLException {
        try (Connection connection = DATABASE.connect();
                Statement statement = connection.createStatement()) {
            statement.execute("create table filler (id int auto_increment primary key, bytes longblob)");
            for (int bytes = 8_000_000; bytes > 100_000; bytes /= 4) {
                fill(statement, bytes);
            }
        }
        rests(6_000);
        disk += MORE_DISK;
        DATABASE.moveToADiskOf(disk);
        try (Connection connection = DATABASE.connect();
                Statement statement = connection.createStatement()) {
            statement.execute("drop table filler");
        }
    }

    private static void fill(Statement statement, int bytes) {
        try {
            while (true) {
                statement.execute("insert into filler (bytes) values (repeat('x', " + bytes + "))");
            }
        } catch (SQLNonTransientConnectionException ended) {
            // A server that has no room for what it needs itself may end of it; it comes back on the larger disk.
        } catch (SQLException full) {
            assertThat(full.getMessage()).contains("is full");
        }
    }

    /** Three hundred that begin to send and go on letter by letter, from three addresses. */
    private static void slowClients(int port) throws IOException {
        List<Socket> held = new ArrayList<>();
        try {
            for (int i = 0; i < 300; i++) {
                Socket socket = new Socket("127.0.0.1", port);
                held.add(socket);
                String head = "POST /_ostium/enquiry HTTP/1.1\r\nHost: " + CampaignWork.HOST
                        + "\r\nX-Forwarded-For: 203.0.113." + i % 3
                        + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 9000\r\n\r\n";
                socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            }
            for (int letter = 0; letter < 8; letter++) {
                rests(500);
                for (Socket socket : held) {
                    send(socket);
                }
            }
        } finally {
            for (Socket socket : held) {
                socket.close();
            }
        }
    }

    private static void send(Socket socket) {
        try {
            socket.getOutputStream().write('a');
        } catch (IOException e) {
            // It was turned away.
        }
    }

    /** How many messages have come by mail, once all have, or nobody would wait any longer. */
    private static int arrived(GreenMail server, CampaignWork work) throws Exception {
        long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(10);
        int arrived = 0;
        while (arrived < work.acknowledged.size() && System.nanoTime() < end) {
            Thread.sleep(1_000);
            Map<String, String> words = new HashMap<>();
            for (MimeMessage mail : server.getReceivedMessages()) {
                words.put(mail.getMessageID(), GreenMailUtil.getWholeMessage(mail));
            }
            arrived = work.arrived(words).size();
        }
        return arrived;
    }

    private static void report(CampaignWork work, int arrived, long seconds) throws IOException {
        StringBuilder words = new StringBuilder("seed " + SEED + ", " + seconds + " s: ");
        for (Fault fault : Fault.values()) {
            words.append(fault.times).append(" × ").append(fault).append(", ");
        }
        words.append(work.acknowledged.size()).append(" messages and ").append(work.edits.size());
        words.append(" edits acknowledged, ")
                .append(work.published)
                .append(" publications, ")
                .append(work.pagesRead);
        words.append(" pages read, ")
                .append(work.sentAgain)
                .append(" times sent again, ")
                .append(arrived);
        words.append(" messages by mail, faults: ").append(work.faults.size()).append('\n');
        work.faults.stream().limit(20).forEach(fault -> words.append(fault).append('\n'));
        System.out.print(words);
        Files.writeString(Path.of("target", "faults.txt"), words);
    }
}
