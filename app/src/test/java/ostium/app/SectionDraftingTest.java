package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What Ostium drafts within a kept site: a section again, one that is offered, a snag put right. */
class SectionDraftingTest extends KeptManuscript {
    @Test
    void aSectionAgainLeavesOwnWords() {
        headline("My own headline");
        String opening = section(manuscript, "OPENING").path("id").asString();
        JsonNode answer = owner.call(
                        "POST", "/api/sites/" + id + "/sections/" + opening + "/draft", Map.of("revision", revision()))
                .json();
        assertThat(words(answer.path("manuscript"))).isEqualTo("My own headline");
    }

    @Test
    void aSectionTheFactsCouldCarryIsOfferedAndAdded() {
        String hours = section(manuscript, "HOURS").path("id").asString();
        owner.edit(id, revision(), Map.of("kind", "removeSection", "section", hours));
        JsonNode offers = now().path("offers");
        assertThat(offers).extracting(offer -> offer.path("kind").asString()).contains("HOURS");
        JsonNode answer = owner.call(
                        "POST", "/api/sites/" + id + "/sections", Map.of("revision", revision(), "kind", "HOURS"))
                .json();
        assertThat(section(answer.path("manuscript"), "HOURS").path("id").asString())
                .isNotEqualTo(hours);
        owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision()));
        owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision()));
        assertThat(section(now(), "HOURS").path("id").asString()).isEqualTo(hours);
    }

    @Test
    void aSnagIsPutRightByTheOwnersWord() {
        String text = section(manuscript, "HOURS").at("/texts/heading/id").asString();
        owner.edit(id, revision(), Map.of("kind", "setMarks", "marks", Map.of(text, "CONFIRMED")));
        owner.edit(id, revision(), Map.of("kind", "setLine", "path", "hours", "words", ""));
        List<JsonNode> snags = now().path("snags")
                .valueStream()
                .filter(snag -> snag.path("text").asString().equals(text))
                .toList();
        for (JsonNode snag : snags) {
            Browserlike.Answer answer = owner.call(
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
                            text));
            assertThat(answer.status()).isEqualTo(200);
        }
        assertThat(now().path("snags")
                        .valueStream()
                        .filter(snag -> snag.path("text").asString().equals(text)))
                .isEmpty();
    }
}
