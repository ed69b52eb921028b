package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Drafting and wording over HTTP: tones, pages, other words, rewriting, a whole new draft, names. */
class WordsTest {
    private final Browserlike owner = Browserlike.fresh();
    private String id;

    @BeforeEach
    void keepsADraft() {
        Map<String, Object> sheet = Browserlike.sheet("Worded Sweeps");
        sheet.put("place", "2 Sail Street, Quillhaven QH1 1AA");
        sheet.put("person", "Ada Ashlatch");
        sheet.put("services", List.of(Map.of("usual", "sweep", "name", "Chimney sweep", "price", "£65")));
        JsonNode site = owner.site(sheet);
        id = site.path("id").asString();
        owner.signUp(UUID.randomUUID() + "@quill.example");
        owner.call("POST", "/api/sites/" + id + "/kept", Map.of());
    }

    private JsonNode manuscript() {
        return owner.get("/api/sites/" + id + "/manuscript").json();
    }

    private JsonNode section(String kind) {
        for (JsonNode page : manuscript().at("/site/pages")) {
            for (JsonNode section : page.path("sections")) {
                if (section.path("kind").asString().equals(kind)) {
                    return section;
                }
            }
        }
        throw new AssertionError("no " + kind);
    }

    private String text(String kind, String slot) {
        return section(kind).at("/texts/" + slot + "/id").asString();
    }

    private void edit(Map<String, Object> edit) {
        owner.edit(id, manuscript().path("revision").asLong(), edit);
    }

    private JsonNode wording(String text, String tone) {
        return owner.get("/api/sites/" + id + "/texts/" + text + "/wording?tone=" + tone)
                .json();
    }

    @Test
    void everyToneIsShownByASampleFromTheSitesOwnFacts() {
        JsonNode drafting = owner.get("/api/sites/" + id + "/drafting").json();
        List<String> samples = new ArrayList<>();
        drafting.path("tones").forEach(tone -> samples.add(tone.path("sample").toString()));
        assertThat(samples).hasSize(5).doesNotHaveDuplicates();
        assertThat(drafting.path("extentReason").asString()).startsWith("One page");
        assertThat(drafting.at("/pages/0/sections/0/reason").asString()).endsWith(".");
    }

    @Test
    void otherWordsAreChosenConfirmedAndTakenBack() {
        String headline = text("OPENING", "headline");
        JsonNode wording = wording(headline, "warm");
        assertThat(wording.path("why").get(0).asString()).startsWith("It stands on ");
        String says = wording.path("others").get(0).asString();
        JsonNode answer = owner.call(
                        "POST",
                        "/api/sites/" + id + "/texts/" + headline + "/wording",
                        Map.of("revision", 1, "tone", "warm", "says", says))
                .json();
        assertThat(answer.path("manuscript").path("revision").asLong()).isPositive();
        assertThat(section("OPENING").at("/texts/headline/mark").asString()).isEqualTo("CONFIRMED");
        owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", 1));
        assertThat(section("OPENING").at("/texts/headline/mark").asString()).isEqualTo("SUGGESTED");
    }

    @Test
    void wordsThatAreNotOfferedCannotBeCalledOurs() {
        String headline = text("OPENING", "headline");
        Browserlike.Answer answer = owner.call(
                "POST",
                "/api/sites/" + id + "/texts/" + headline + "/wording",
                Map.of("revision", 1, "tone", "warm", "says", "The best sweep of the island"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("Ask again");
    }

    @Test
    void rewritingShowsAndChangesNothing() {
        String heading = text("SERVICES", "heading");
        edit(Browserlike.setText(heading, "What we utilise, in order to sweep"));
        String path = "/api/sites/" + id + "/texts/" + heading + "/rewriting";
        JsonNode rewritten = owner.call("POST", path, Map.of("way", "plainer")).json();
        assertThat(rewritten.path("says").asString()).isEqualTo("What we use, to sweep");
        assertThat(rewritten.at("/tree/0/kind").asString())
                .as("as an edit takes it")
                .isEqualTo("paragraph");
        assertThat(section("SERVICES").at("/texts/heading").toString()).contains("utilise");
        JsonNode nothing = owner.call("POST", path, Map.of("way", "reader")).json();
        assertThat(nothing.path("found").asBoolean()).isFalse();
        assertThat(nothing.path("words").asString()).isNotBlank();
        assertThat(owner.call("POST", path, Map.of("way", "grander")).status()).isEqualTo(422);
    }

    @Test
    void aWholeNewDraftOnAFewPagesIsOneStep() {
        edit(Map.of("kind", "setLine", "path", "pages", "words", "few"));
        JsonNode before = manuscript().path("site");
        JsonNode answer = owner.call("POST", "/api/sites/" + id + "/draft", Map.of("revision", 1))
                .json();
        assertThat(answer.at("/manuscript/site/pages").size()).isGreaterThan(1);
        assertThat(answer.at("/shopfront/pages").size())
                .isEqualTo(answer.at("/manuscript/site/pages").size());
        owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", 1));
        assertThat(manuscript().path("site")).isEqualTo(before);
    }

    @Test
    void pagesOfAPublishedSiteAreServedWithoutAnEnding() {
        edit(Map.of("kind", "setLine", "path", "pages", "words", "few"));
        owner.call("POST", "/api/sites/" + id + "/draft", Map.of("revision", 1));
        String name = "worded-" + id.substring(0, 8);
        JsonNode site = owner.get("/api/sites/" + id).json();
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        String contact = owner.getAt(name + ".localhost", "/contact").body();
        assertThat(contact)
                .contains("<h1 class=\"page-name\">Contact</h1>")
                .contains("aria-current=\"page\">Contact</a>");
        assertThat(contact).contains("<link rel=\"canonical\" href=\"").contains("/contact\">");
        assertThat(owner.getAt(name + ".localhost", "/sitemap.xml").body()).contains("/contact</loc>");
        assertThat(owner.getAt(name + ".localhost", "/nowhere").status()).isEqualTo(404);
    }

    @Test
    void namesAreProposedWithTheAddressEachWouldGive() {
        JsonNode names = owner.get("/api/sites/" + id + "/names").json();
        assertThat(names.size()).isEqualTo(6);
        assertThat(names.get(0).path("address").asString()).matches("[a-z0-9-]+");
        assertThat(names.get(0).path("free").asBoolean()).isTrue();
        assertThat(owner.get("/api/sites/" + id + "/names?turn=1").json()).isNotEqualTo(names);
    }
}
