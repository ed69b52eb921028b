package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was acknowledged survives the sudden end of the application, on a database with an owner's settings. */
@Tag("long")
class DurabilityTest {
    private static final TestDatabase DATABASE = TestDatabase.durable();
    private static final long SEED = 20261125;
    private static final int ENQUIRIES = Integer.getInteger("ostium.kills.enquiries", 500);
    private static final int KILLS = Integer.getInteger("ostium.kills", 3);

    @Test
    void anAcceptedEnquirySurvivesKillMinusNine() throws Exception {
        ApplicationProcess first = ApplicationProcess.start(DATABASE);
        Browserlike owner = new Browserlike(first.port());
        owner.signUp("durable@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Durable Sweeps"));
        owner.publish(site, "durable");
        List<String> acknowledged = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            String words = "Kept message " + i;
            int status = new Browserlike(first.port())
                    .post(
                            "durable.localhost",
                            "/_ostium/enquiry",
                            Map.of("name", "Piet", "reach", "piet@marrow.example", "message", words))
                    .status();
            assertThat(status).isEqualTo(303);
            acknowledged.add(words);
        }
        first.kill();

        ApplicationProcess second = ApplicationProcess.start(DATABASE);
        try {
            Browserlike again = new Browserlike(second.port());
            again.call("POST", "/api/session", Map.of("email", "durable@quill.example", "password", "a long password"));
            JsonNode kept = again.get("/api/sites/" + site.path("id").asString() + "/enquiries")
                    .json();
            assertThat(kept)
                    .extracting(enquiry -> enquiry.at("/answers/2/value").asString())
                    .containsExactlyInAnyOrderElementsOf(acknowledged);
            assertThat(again.getAt("durable.localhost", "/").status()).isEqualTo(200);
        } finally {
            second.kill();
        }
    }

    @Test
    void anEditSentWhileTheDatabaseIsAwayIsToldSoAndTakenOnceItIsBack() throws Exception {
        ApplicationProcess application = ApplicationProcess.start(DATABASE);
        try {
            Browserlike owner = new Browserlike(application.port());
            owner.signUp("away@quill.example");
            JsonNode site = owner.site(Browserlike.sheet("Away Sweeps"));
            String id = site.path("id").asString();
            long revision = owner.keep(site).json().path("revision").asLong();
            Map<String, Object> edit = Map.of(
                    "revision",
                    revision,
                    "key",
                    "sent-while-away",
                    "edit",
                    Map.of("kind", "setLine", "path", "promise", "words", "soon"));
            String path = "/api/sites/" + id + "/edits";
            DATABASE.away(() -> {
                Browserlike.Answer answer = owner.call("POST", path, edit);
                assertThat(answer.status()).isEqualTo(503);
                assertThat(answer.json().path("detail").asString()).contains("tried again by itself");
                assertThat(answer.body()).doesNotContain("Exception", "mariadb");
            });
            int status = 503;
            for (int i = 0; i < 20 && status == 503; i++) {
                status = owner.call("POST", path, edit).status();
            }
            assertThat(status).isEqualTo(200);
            assertThat(owner.get("/api/sites/" + id)
                            .json()
                            .at("/sheet/lines/promise")
                            .asString())
                    .isEqualTo("soon");
        } finally {
            application.kill();
        }
    }

    /** As when a machine starts: the database may come later than the application. */
    @Test
    void aDatabaseThatIsNotThereYetIsWaitedFor() throws Exception {
        ApplicationProcess.Starting[] starting = new ApplicationProcess.Starting[1];
        DATABASE.away(() -> {
            try {
                starting[0] = ApplicationProcess.starting(DATABASE);
                while (!starting[0].says().contains("Retrying in")) {
                    assertThat(starting[0].process().isAlive()).isTrue();
                    Thread.sleep(100);
                }
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        });
        ApplicationProcess application = starting[0].ready();
        try {
            assertThat(new Browserlike(application.port())
                            .get("/health/readiness")
                            .status())
                    .isEqualTo(200);
        } finally {
            application.kill();
        }
    }

    /**
     * 500 edits and 500 enquiries (as many as wanted by {@code -Dostium.kills.enquiries}) of four visitors at once, with
     * publications between, while the application is killed at random; what had no answer is sent again, as people do. Nothing
     * that was acknowledged is missing, no enquiry is kept twice, the live page is always a whole one, and every mail arrives.
     */
    @Test
    void nothingAcknowledgedIsLostWhenItIsKilledAtRandom() throws Exception {
        GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        server.start();
        int smtp = server.getSmtp().getPort();
        Random random = new Random(SEED);
        ApplicationProcess application =
                ApplicationProcess.start(DATABASE, "--spring.mail.host=127.0.0.1", "--spring.mail.port=" + smtp);
        Browserlike owner = new Browserlike(application.port());
        owner.signUp("killed@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Version 0"));
        String id = site.path("id").asString();
        owner.publish(site, "killed");
        Work work = new Work(id);
        try {
            for (int kills = 0; !work.isDone(); kills++) {
                boolean last = kills == KILLS;
                List<Thread> busy = new ArrayList<>(List.of(new Thread(work.edits(application.port()))));
                for (int visitor = 0; visitor < 4; visitor++) {
                    busy.add(new Thread(work.enquiries(application.port())));
                }
                busy.forEach(Thread::start);
                if (!last) {
                    Thread.sleep(500 + random.nextInt(1500));
                    application.kill();
                    assertThat(application.process().isAlive()).isFalse();
                }
                for (Thread each : busy) {
                    each.join(240_000);
                }
                assertThat(!last || work.isDone()).as("all sent").isTrue();
                if (!last) {
                    application = ApplicationProcess.start(
                            DATABASE, "--spring.mail.host=127.0.0.1", "--spring.mail.port=" + smtp);
                    Browserlike visitor = new Browserlike(application.port());
                    assertWhole(visitor, work);
                }
            }
            work.assertAllKept(DATABASE);
            assertMailsArrive(server, work);
        } finally {
            application.kill();
            server.stop();
        }
    }

    /** The page is one that was published, with the files it names. */
    private static void assertWhole(Browserlike visitor, Work work) {
        String page = visitor.getAt("killed.localhost", "/").body();
        org.jsoup.nodes.Document document = org.jsoup.Jsoup.parse(page);
        String name = document.select(".brand .name").text();
        assertThat(Integer.parseInt(name.replace("Version ", ""))).isGreaterThanOrEqualTo(work.published.get());
        for (org.jsoup.nodes.Element file : document.select("link[rel=stylesheet], script[src], img")) {
            String path = file.hasAttr("href") ? file.attr("href") : file.attr("src");
            assertThat(visitor.getAt("killed.localhost", "/" + path).status())
                    .as(path)
                    .isEqualTo(200);
        }
    }

    private static void assertMailsArrive(GreenMail server, Work work) throws Exception {
        Set<String> arrived = new HashSet<>();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(240);
        while (arrived.size() < work.enquiries.size() && System.nanoTime() < end) {
            Thread.sleep(500);
            arrived.clear();
            Map<String, String> ids = new HashMap<>();
            for (MimeMessage mail : server.getReceivedMessages()) {
                Matcher words = Pattern.compile("Message number [0-9]+").matcher(GreenMailUtil.getWholeMessage(mail));
                if (words.find() && work.enquiries.contains(words.group())) {
                    arrived.add(words.group());
                    ids.merge(mail.getMessageID(), words.group(), (one, other) -> {
                        assertThat(one).isEqualTo(other);
                        return one;
                    });
                }
            }
            assertThat(ids.values()).as("one Message-ID a message").doesNotHaveDuplicates();
        }
        assertThat(arrived).containsExactlyInAnyOrderElementsOf(work.enquiries);
    }

    /** What is sent, and what was acknowledged of it. */
    private static final class Work {
        private static final int EDITS = 500;
        private final String site;
        private final List<String> edits = new CopyOnWriteArrayList<>();
        private final Set<String> enquiries = ConcurrentHashMap.newKeySet();
        private final Queue<String> toSend = new ConcurrentLinkedQueue<>();
        private final AtomicInteger published = new AtomicInteger();
        private int versions;
        private int edited;

        Work(String site) {
            this.site = site;
            IntStream.range(0, ENQUIRIES).mapToObj(i -> "Message number " + i).forEach(toSend::add);
        }

        boolean isDone() {
            return edits.size() >= EDITS && enquiries.size() >= ENQUIRIES;
        }

        /** Edits one after another, every twentieth with a publication; ends when there are enough, or nobody answers. */
        Runnable edits(int port) {
            return () -> {
                try {
                    Browserlike owner = new Browserlike(port);
                    owner.call(
                            "POST",
                            "/api/session",
                            Map.of("email", "killed@quill.example", "password", "a long password"));
                    while (edits.size() < EDITS) {
                        edit(owner);
                    }
                } catch (UncheckedIOException | tools.jackson.core.JacksonException e) {
                    // Killed.
                }
            };
        }

        private void edit(Browserlike owner) {
            long revision = owner.get("/api/sites/" + site + "/revision")
                    .json()
                    .path("revision")
                    .asLong();
            String key = "edit-number-" + edited++;
            boolean renames = edited % 20 == 0;
            Map<String, Object> edit = renames
                    ? Map.of("kind", "setLine", "path", "name", "words", "Version " + ++versions)
                    : Map.of("kind", "setLine", "path", "promise", "words", "by " + key);
            int status = owner.call(
                            "POST",
                            "/api/sites/" + site + "/edits",
                            Map.of("revision", revision, "key", key, "edit", edit))
                    .status();
            if (status == 200) {
                edits.add(key);
            }
            if (renames
                    && owner.call("POST", "/api/sites/" + site + "/publications", Map.of("address", ""))
                                    .status()
                            == 201) {
                published.set(versions);
            }
        }

        /** One visitor after another until nothing is left to send, or nobody answers; then it is sent again later. */
        Runnable enquiries(int port) {
            return () -> {
                Browserlike visitor = new Browserlike(port);
                for (String words = toSend.poll(); words != null; words = toSend.poll()) {
                    String number = words.replaceAll("\\D", "");
                    Map<String, String> fields = Map.of(
                            "submission",
                            "sent-" + number,
                            "name",
                            "Piet",
                            "reach",
                            "piet" + number + "@marrow.example",
                            "message",
                            words);
                    try {
                        int status = visitor.post("killed.localhost", "/_ostium/enquiry", fields)
                                .status();
                        (status == 303 ? enquiries : toSend).add(words);
                    } catch (UncheckedIOException e) {
                        toSend.add(words);
                        return;
                    }
                }
            };
        }

        void assertAllKept(TestDatabase database) throws SQLException {
            try (Connection connection = database.connect()) {
                assertThat(column(connection, "select edit_key from edit where site = '" + site + "'"))
                        .containsAll(edits);
                List<String> kept = column(connection, "select fields from enquiry where site = '" + site + "'");
                Set<String> messages = new HashSet<>();
                for (String fields : kept) {
                    Matcher words = Pattern.compile("Message number [0-9]+").matcher(fields);
                    assertThat(words.find()).isTrue();
                    messages.add(words.group());
                }
                assertThat(messages).containsAll(enquiries).hasSize(kept.size());
            }
        }

        private static List<String> column(Connection connection, String query) throws SQLException {
            List<String> values = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(query)) {
                while (rows.next()) {
                    values.add(rows.getString(1));
                }
            }
            return values;
        }
    }
}
