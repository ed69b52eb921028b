package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was acknowledged survives the sudden end of the application, on a database with an owner's settings. */
@Tag("long")
class DurabilityTest {
    private static final TestDatabase DATABASE = TestDatabase.durable();

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
}
