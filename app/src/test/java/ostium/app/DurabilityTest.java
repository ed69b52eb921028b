package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was acknowledged survives the sudden end of the application, on a database with an owner's settings. */
class DurabilityTest {
    private static final TestDatabase DATABASE = TestDatabase.durable();

    @Test
    void anAcceptedEnquirySurvivesKillMinusNine() throws Exception {
        Application first = Application.start();
        Browserlike owner = new Browserlike(first.port());
        owner.signUp("durable@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Durable Sweeps"));
        owner.publish(site, "durable");
        List<String> acknowledged = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            String words = "Message number " + i;
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

        Application second = Application.start();
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

    /** The application in a process of its own. */
    private record Application(Process process, int port) {
        static Application start() throws IOException, InterruptedException {
            Path log = Files.createTempFile("ostium", ".log");
            List<String> command = new ArrayList<>(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-cp",
                    System.getProperty("java.class.path"),
                    "ostium.app.Ostium",
                    "--server.port=0"));
            for (String setting : DATABASE.settings()) {
                command.add("--" + setting);
            }
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(new File(log.toString()))
                    .start();
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(90);
            while (System.nanoTime() < end && process.isAlive()) {
                String said = Files.readString(log);
                var ready = java.util.regex.Pattern.compile("ready at http://localhost:([0-9]+)")
                        .matcher(said);
                if (ready.find()) {
                    return new Application(process, Integer.parseInt(ready.group(1)));
                }
                Thread.sleep(100);
            }
            throw new AssertionError("did not start: " + Files.readString(log));
        }

        void kill() throws InterruptedException {
            process.destroyForcibly().waitFor();
        }
    }
}
