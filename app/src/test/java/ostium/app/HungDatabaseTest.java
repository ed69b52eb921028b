package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntSupplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A database that takes calls and answers none: visitors see public pages, everybody else is told to come again. */
class HungDatabaseTest {
    private static final String[] SOON = {
        "--ostium.database.patience=2000", "--spring.datasource.hikari.connection-timeout=2000"
    };

    private static RunningOstium ostium;

    @BeforeAll
    static void start() {
        ostium = RunningOstium.another(SOON);
    }

    @AfterAll
    static void stop() {
        ostium.close();
    }

    @Test
    void publicPagesStandAndTheOwnerIsToldToComeAgain() throws InterruptedException {
        Browserlike owner = new Browserlike(ostium.port());
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Hanging Sweeps"));
        String name = "hanging-" + UUID.randomUUID().toString().substring(0, 8);
        owner.publish(site, name);
        String id = site.path("id").asString();
        assertThat(owner.getAt(name + ".localhost", "/").status()).isEqualTo(200);
        assertThat(readiness()).isEqualTo(200);

        RunningOstium.database().hung(() -> {
            Browserlike.Answer page = new Browserlike(ostium.port()).getAt(name + ".localhost", "/");
            assertThat(page.status()).isEqualTo(200);
            assertThat(page.body()).contains("Hanging Sweeps");

            Browserlike.Answer away = owner.get("/api/sites/" + id);
            assertThat(away.status()).isEqualTo(503);
            assertThat(away.header("Retry-After")).isEqualTo("3");
            assertThat(away.json().path("detail").asString()).contains("tried again by itself");

            Browserlike.Answer message = new Browserlike(ostium.port())
                    .post(
                            name + ".localhost",
                            "/_ostium/enquiry",
                            Map.of("name", "Oona", "reach", "oona@quayle.example", "message", "A flue that sings"));
            assertThat(message.status())
                    .as("a message is never taken that is not kept")
                    .isEqualTo(503);

            assertThat(readiness()).isEqualTo(503);
            assertThat(new Browserlike(ostium.port()).get("/health/liveness").status())
                    .as("it would not help to start it anew")
                    .isEqualTo(200);
        });

        assertThat(afterAll(503, () -> owner.get("/api/sites/" + id).status())).isEqualTo(200);
        assertThat(readiness()).isEqualTo(200);
    }

    /** One was published before the instance started, one after; it has shown neither. */
    @Test
    void pagesStandThatNobodyHasAskedForYet() throws InterruptedException {
        Browserlike owner = new Browserlike(ostium.port());
        owner.signUp(UUID.randomUUID() + "@quill.example");
        String before = published(owner);
        RunningOstium fresh = RunningOstium.another(SOON);
        try {
            Browserlike visitor = new Browserlike(fresh.port());
            String after = published(owner);
            // Two more, one after the other: when the last is known, whatever came before the first has been read.
            for (int i = 0; i < 2; i++) {
                String next = name();
                assertThat(visitor.getAt(next, "/").status()).isEqualTo(404);
                publish(owner, next);
                assertThat(afterAll(404, () -> visitor.getAt(next, "/").status()))
                        .isEqualTo(200);
            }
            RunningOstium.database().hung(() -> {
                assertThat(visitor.getAt(before, "/").status()).as("of before").isEqualTo(200);
                assertThat(visitor.getAt(after, "/").status()).as("of after").isEqualTo(200);
            });
        } finally {
            fresh.close();
        }
    }

    /** Asks until the answer is another one, for half a minute at most; answers come faster than what is waited for. */
    private static int afterAll(int status, IntSupplier asked) throws InterruptedException {
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        int now = asked.getAsInt();
        while (now == status && System.nanoTime() < end) {
            Thread.sleep(20);
            now = asked.getAsInt();
        }
        return now;
    }

    private static String name() {
        return "unseen-" + UUID.randomUUID().toString().substring(0, 8) + ".localhost";
    }

    private static String published(Browserlike owner) {
        String host = name();
        publish(owner, host);
        return host;
    }

    private static void publish(Browserlike owner, String host) {
        JsonNode site = owner.site(Browserlike.sheet("Unseen Sweeps"));
        assertThat(owner.publish(site, host.replace(".localhost", "")).status()).isEqualTo(201);
    }

    /** The session is kept when the first bytes of an answer leave: then the answer is being written. */
    @Test
    void aSessionThatCannotBeKeptIsNoFaultOfLongAnswers() throws SQLException {
        Browserlike owner = new Browserlike(ostium.port());
        owner.signUp(UUID.randomUUID() + "@quill.example");
        Map<String, Object> sheet = Browserlike.sheet("Long Answers");
        sheet.put(
                "services",
                IntStream.rangeClosed(1, 40)
                        .mapToObj(number -> Map.of("name", "Sweeping a flue, the way of number " + number))
                        .toList());
        JsonNode site = owner.site(sheet);
        owner.publish(site, "long-" + UUID.randomUUID().toString().substring(0, 8));
        String path = "/api/sites/" + site.path("id").asString() + "/manuscript";
        assertThat(owner.get(path).body()).as("more than is held back").hasSizeGreaterThan(20_000);
        try (Connection connection = RunningOstium.database().connect();
                Statement statement = connection.createStatement()) {
            statement.execute("create trigger gone before update on SPRING_SESSION for each row "
                    + "signal sqlstate '08S01' set message_text = 'gone'");
            try {
                Browserlike.Answer away = owner.get(path);
                assertThat(away.status()).isEqualTo(503);
                assertThat(away.header("Retry-After")).isEqualTo("3");
                assertThat(away.json().path("detail").asString()).contains("tried again by itself");
            } finally {
                statement.execute("drop trigger gone");
            }
        }
        assertThat(owner.get(path).status()).isEqualTo(200);
    }

    private static int readiness() {
        return new Browserlike(ostium.port()).get("/health/readiness").status();
    }

    @Test
    void healthSaysNoWordMoreThanItIsAskedFor() {
        Browserlike asker = new Browserlike(ostium.port());
        assertThat(asker.get("/health/readiness").body()).isEqualTo("{\"status\":\"UP\"}");
        for (String path : new String[] {"/env", "/beans", "/heapdump", "/metrics", "/actuator", "/health/db"}) {
            assertThat(asker.get(path).body()).as(path).doesNotContain("jdbc", "spring", "components");
        }
    }
}
