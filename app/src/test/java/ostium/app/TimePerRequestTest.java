package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A request has so much time of a processor, and no more; the next one has its own. */
class TimePerRequestTest {
    private static RunningOstium ostium;

    @BeforeAll
    static void start() {
        ostium = RunningOstium.another("--ostium.time-per-request=40ms");
    }

    @AfterAll
    static void stop() {
        ostium.close();
    }

    @Test
    void whatTakesLongerIsGivenUpInWordsAndTheNextIsAnswered() {
        Browserlike owner = new Browserlike(ostium.port());
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Quick Sweeps"));
        String paste = "/api/sites/" + site.path("id").asString() + "/paste";
        String words = IntStream.range(1, 6_000)
                .mapToObj(i ->
                        "Sweeping of flue " + i + " in Quillhaven, by Ada Flue, Mon-Fri 9-" + i % 12 + ", from £" + i)
                .collect(Collectors.joining("\n"));

        Browserlike.Answer answer = owner.call("POST", paste, Map.of("text", words));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("Send a part of it");

        Browserlike.Answer part = owner.call("POST", paste, Map.of("text", "Tel 0117 496 0155"));
        assertThat(part.status()).isEqualTo(200);
        assertThat(part.body()).contains("0117 496 0155");
    }
}
