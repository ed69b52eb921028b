package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The owner's own words are read for slips a moment after they were written; nothing waits for it. */
class ProofreadingTest extends KeptManuscript {
    /** The manuscript, once its words were read; asked for again and again, as the interface does. */
    private JsonNode read(Predicate<JsonNode> until) {
        Instant end = Instant.now().plus(Duration.ofMinutes(2));
        JsonNode view = now();
        while (!until.test(view) && Instant.now().isBefore(end)) {
            view = now();
        }
        assertThat(until.test(view)).as("words were read").isTrue();
        return view;
    }

    private JsonNode read() {
        return read(view -> !view.path("isReading").asBoolean());
    }

    private static List<JsonNode> slips(JsonNode view) {
        return view.path("snags")
                .valueStream()
                .filter(snag -> snag.path("rule").asString().startsWith("likely-slip"))
                .toList();
    }

    private Browserlike.Answer put(JsonNode snag, boolean leave) {
        return owner.call(
                "POST",
                "/api/sites/" + id + "/fixes",
                Map.of(
                        "revision",
                        revision(),
                        "rule",
                        snag.path("rule").asString(),
                        "section",
                        snag.path("section").asString(),
                        "text",
                        snag.path("text").asString(),
                        "leave",
                        leave));
    }

    @Test
    void aSlipInAHeadlineIsPutRightByOnePress() {
        headline("We recieve you in Tolver");
        JsonNode slip = slips(read()).get(0);
        assertThat(slip.path("level").asString()).isEqualTo("could");
        assertThat(slip.path("words").asString()).contains("recieve");
        assertThat(slip.path("fix").asString()).isEqualTo("Write “receive”");
        assertThat(slip.path("line").asString()).isEmpty();
        put(slip, false);
        assertThat(words(now())).isEqualTo("We receive you in Tolver");
        assertThat(slips(read())).isEmpty();
    }

    @Test
    void theOwnerHasTheLastWord() {
        owner.edit(
                id,
                revision(),
                Map.of("kind", "setLine", "path", "words", "words", "We leave every hearth sootlesse."));
        List<JsonNode> slips = slips(read());
        assertThat(slips).hasSize(1);
        assertThat(slips.get(0).path("leave").asString()).isEqualTo("It is right");
        assertThat(put(slips.get(0), true).status()).isEqualTo(200);
        assertThat(slips(read())).isEmpty();
        owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision()));
        assertThat(slips(read())).hasSize(1);
    }

    @Test
    void whatIsWrongInAWholeSentenceIsFoundAndBlocksNothing() {
        owner.edit(
                id,
                revision(),
                Map.of("kind", "setLine", "path", "words", "words", "I is never late, and Ada neither."));
        assertThat(slips(read())).hasSize(1);
        JsonNode publications = owner.get("/api/sites/" + id + "/publications").json();
        assertThat(publications
                        .path("snags")
                        .valueStream()
                        .map(snag -> snag.path("level").asString()))
                .contains("COULD");
    }

    @Test
    void wordsOfAnotherLanguageAreLeftAlone() {
        owner.edit(id, revision(), Map.of("kind", "setLine", "path", "region", "words", "DE"));
        owner.edit(id, revision(), Map.of("kind", "setLine", "path", "words", "words", "Wir kehren seit 1988."));
        JsonNode view = now();
        assertThat(view.path("isReading").asBoolean()).isFalse();
        assertThat(slips(view)).isEmpty();
    }
}
