package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A database that takes calls and answers none: visitors see public pages, everybody else is told to come again. */
class HungDatabaseTest {
    private static RunningOstium ostium;

    @BeforeAll
    static void start() {
        ostium = RunningOstium.another(
                "--ostium.database.patience=2000", "--spring.datasource.hikari.connection-timeout=2000");
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

        int status = 503;
        for (int tries = 0; tries < 100 && status == 503; tries++) {
            status = owner.get("/api/sites/" + id).status();
        }
        assertThat(status).isEqualTo(200);
        assertThat(readiness()).isEqualTo(200);
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
