package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The facts sheet over HTTP: what stands beside the lines, what is read from a paste or a file, and facts out. */
class FactsTest {
    private final Browserlike owner = Browserlike.fresh();

    private String site(Map<String, Object> more) {
        Map<String, Object> sheet = Browserlike.sheet("Ashlatch Chimney Care");
        sheet.putAll(more);
        return owner.site(sheet).path("id").asString();
    }

    private Browserlike.Answer paste(String id, String text) {
        return owner.call("POST", "/api/sites/" + id + "/paste", Map.of("text", text));
    }

    @Test
    void saysWhereEachFactStandsAndTheWeekBehindTheWords() {
        JsonNode facts = owner.get("/api/sites/" + site(Map.of()) + "/facts").json();
        assertThat(facts.at("/uses/telephone/places").asInt()).isGreaterThan(2);
        assertThat(facts.at("/weeks/hours/days")).hasSize(7);
        assertThat(facts.at("/weeks/hours/days/0/spans/0/from").asInt()).isEqualTo(480);
        assertThat(facts.path("holidays")).isNotEmpty();
        assertThat(facts.path("zone").asString()).isEqualTo("Europe/London");
        assertThat(facts.path("zones")).isEmpty();
    }

    @Test
    void asksForTheZoneWhereACountryHasSeveral() {
        String id = site(
                Map.of("region", "US", "place", "18 Wharf Street, Port Merrow, ME 04199", "telephone", "207-555-0142"));
        JsonNode facts = owner.get("/api/sites/" + id + "/facts").json();
        assertThat(facts.path("zones").size()).isGreaterThan(4);
        assertThat(facts.path("zone").asString()).isEqualTo("America/New_York");
    }

    @Test
    void readsWhatIsPastedAndHoldsItAgainstTheSheet() {
        JsonNode findings = paste(
                        site(Map.of()), "Ashlatch Chimney Care\n0117 496 0142\nMon-Fri 9-5\nGuild card being renewed")
                .json();
        assertThat(findings.path("proposals")
                        .valueStream()
                        .map(each -> each.path("name").asString() + " "
                                + each.path("standing").asString()))
                .contains("Name SAME", "Telephone SAME", "Hours REPLACES");
        assertThat(findings.path("notUnderstood")).hasSize(1);
    }

    @Test
    void refusesWhatIsTooMuchInWordsTheOwnerCanUse() {
        String id = site(Map.of());
        Browserlike.Answer answer = paste(id, "a line of words\n".repeat(340_000));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("5 MB", "at most 1 MB");
        assertThat(paste(id, "x".repeat(10_000_000)).status()).isEqualTo(413);
        assertThat(paste(id, "  ").json().path("detail").asString()).contains("nothing here");
    }

    @Test
    void readsAFileByItsContent() {
        String id = site(Map.of());
        Browserlike.Answer card = owner.upload(
                "/api/sites/" + id + "/paste/file",
                "card.vcf",
                "BEGIN:VCARD\nVERSION:3.0\nORG:Ashlatch\nTEL:07700 900142\nEND:VCARD\n"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(card.json().path("kind").asString()).isEqualTo("a contact file");
        Browserlike.Answer packed = owner.upload(
                "/api/sites/" + id + "/paste/file",
                "logo.jpg",
                "PK\3\4 and so on".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(packed.status()).isEqualTo(422);
        assertThat(packed.json().path("detail").asString()).contains("packed file");
        assertThat(owner.call("POST", "/api/sites/" + id + "/paste/file", Map.of())
                        .status())
                .isEqualTo(400);
    }

    @Test
    void givesTheFactsInOpenFormats() {
        String id = site(Map.of("services", List.of(Map.of("name", "Chimney sweep", "price", "£65", "minutes", "45"))));
        assertThat(owner.get("/api/sites/" + id + "/facts.vcf").body())
                .startsWith("BEGIN:VCARD")
                .contains("Ashlatch Chimney Care");
        assertThat(owner.get("/api/sites/" + id + "/facts.jsonld")
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Ashlatch Chimney Care");
        assertThat(owner.get("/api/sites/" + id + "/services.csv").body()).contains("Chimney sweep,,£65,45");
        assertThat(owner.get("/api/sites/" + id + "/opening-hours.txt").body())
                .isEqualTo("Mo-Fr 08:00-17:30; Sa,Su off\n");
    }

    @Test
    void everyCountryOfTheDataIsOffered() {
        assertThat(owner.get("/api/countries").json()).hasSize(12);
    }

    @Test
    void rowsAreKeptAndAnswered() {
        Map<String, Object> sheet = Browserlike.sheet("Rows");
        sheet.put(
                "rows",
                List.of(
                        Map.of("kind", "testimonial", "id", "t1", "lines", Map.of("words", "Good.", "who", "Piet")),
                        Map.of("kind", "nonsense", "id", "n", "lines", Map.of())));
        JsonNode site = owner.site(sheet);
        assertThat(site.at("/sheet/rows")).hasSize(1);
        assertThat(site.at("/answers/testimonial~1t1/remark").asString()).contains("may you show it");
    }
}
