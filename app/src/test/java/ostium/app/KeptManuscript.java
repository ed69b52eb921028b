package ostium.app;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** A site whose draft is kept, as tests of editing begin with it. */
abstract class KeptManuscript {
    final Browserlike owner = Browserlike.fresh();
    String id;
    JsonNode manuscript;

    @BeforeEach
    void keepADraft() {
        JsonNode site = owner.site(Browserlike.sheet("Edited Sweeps"));
        id = site.path("id").asString();
        owner.signUp(UUID.randomUUID() + "@quill.example");
        manuscript = owner.keep(site).json();
    }

    static JsonNode section(JsonNode manuscript, String kind) {
        for (JsonNode page : manuscript.at("/site/pages")) {
            for (JsonNode section : page.path("sections")) {
                if (section.path("kind").asString().equals(kind)) {
                    return section;
                }
            }
        }
        throw new AssertionError("no section " + kind);
    }

    static String headline(JsonNode manuscript) {
        return section(manuscript, "OPENING").at("/texts/headline/id").asString();
    }

    static String words(JsonNode manuscript) {
        return section(manuscript, "OPENING")
                .at("/texts/headline/tree/0/inside/0/value")
                .asString();
    }

    long revision() {
        return owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
    }

    JsonNode now() {
        return owner.get("/api/sites/" + id + "/manuscript").json();
    }

    Browserlike.Answer headline(String words) {
        return owner.edit(id, revision(), Browserlike.setText(headline(manuscript), words));
    }
}
