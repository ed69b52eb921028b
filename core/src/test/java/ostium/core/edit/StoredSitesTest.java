package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.section.SectionKinds;
import ostium.core.section.opening.OpeningSection;
import ostium.core.site.Node;
import ostium.core.site.Section;
import ostium.core.site.Text;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whole sites as they were stored: opened, edited and taken back. The fixtures are never changed. */
class StoredSitesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static JsonNode fixture(String name) throws IOException {
        try (InputStream in = StoredSitesTest.class.getResourceAsStream("/ostium/edit/" + name + ".json")) {
            return JSON.readTree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static State replayed(JsonNode site) {
        State state = Stored.readState(site.path("snapshot").toString());
        for (JsonNode entry : site.path("log")) {
            state = Stored.readEntry(entry.toString()).edit().apply(state).state();
        }
        return state;
    }

    @ParameterizedTest
    @ValueSource(strings = {"site-schema-4-ashlatch", "site-schema-4-wren", "site-schema-4-bellkite"})
    void aLogIsReplayedAndTakenBackStepByStep(String name) throws IOException {
        JsonNode site = fixture(name);
        State first = Stored.readState(site.path("snapshot").toString());
        State last = replayed(site);
        List<JsonNode> log = new ArrayList<>(site.path("log").values());
        State back = last;
        for (int i = log.size() - 1; i >= 0; i--) {
            back = Stored.readEntry(log.get(i).toString()).inverse().apply(back).state();
        }
        assertThat(back).isEqualTo(first);
        assertThat(Stored.readState(Stored.write(last))).isEqualTo(last);
    }

    @ParameterizedTest
    @ValueSource(strings = {"site-schema-4-ashlatch", "site-schema-4-wren"})
    void aSiteOfThenIsEditedNow(String name) throws IOException {
        State state = replayed(fixture(name));
        Text headline = state.site()
                .section(OpeningSection.KIND)
                .flatMap(opening -> opening.text("headline"))
                .orElseThrow();
        Edit edit = new TextEdit.SetText(
                headline.id(),
                Text.Mark.OWN,
                List.of(new Node.Paragraph(List.of(new Node.Words("Written today")))),
                Text.Origin.own());
        Applied applied = edit.apply(state);
        assertThat(applied.state().site().text(headline.id()).orElseThrow().mark())
                .isEqualTo(Text.Mark.OWN);
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(state);
    }

    @Test
    void aPublishedStateIsRead() throws IOException {
        State state = Stored.readState(fixture("publication-schema-4").toString());
        assertThat(state.reading(Samples.NOW).isEnough()).isTrue();
    }

    /** A document of a newer version: a kind of section this one does not know. */
    @Nested
    class OfANewerKind {
        private State withNewer() throws IOException {
            ObjectNode site = (ObjectNode) fixture("publication-schema-4");
            ArrayNode sections =
                    (ArrayNode) site.path("site").path("pages").path(0).path("sections");
            sections.add(JSON.readTree("""
                    {"id": "newer-1", "kind": "AUCTION", "layout": "hammer", "anchor": "auction", "hidden": false,
                     "texts": {"heading": {"id": "newer-2", "mark": "OWN",
                        "tree": [{"kind": "paragraph", "inside": [{"kind": "words", "value": "Going, going"}]}],
                        "origin": {"pattern": "", "seed": 0, "needs": []}}},
                     "items": []}
                    """));
            return Stored.readState(site.toString());
        }

        @Test
        void isOpenedAndKeptWhole() throws IOException {
            State state = withNewer();
            Section newer = state.site().section("newer-1").orElseThrow();
            assertThat(SectionKinds.of(newer).words()).contains("newer version");
            assertThat(Stored.readState(Stored.write(state))).isEqualTo(state);
            assertThat(Stored.write(state)).contains("AUCTION", "hammer", "Going, going");
        }

        @Test
        void isMovedHiddenRemovedAndHadBack() throws IOException {
            State state = withNewer();
            Applied removed = new SectionEdit.RemoveSection("newer-1").apply(state);
            assertThat(removed.inverse().apply(removed.state()).state()).isEqualTo(state);
            Applied hidden = new SectionEdit.HideSection("newer-1", true).apply(state);
            assertThat(hidden.inverse().apply(hidden.state()).state()).isEqualTo(state);
        }
    }
}
