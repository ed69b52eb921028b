package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The opening sheet over HTTP, before any account. */
class SheetTest {
    private final Browserlike owner = Browserlike.fresh();

    @Test
    void isKeptAsTypedAndReadBack() {
        Map<String, Object> sheet = Browserlike.sheet("Ashlatch");
        sheet.put("hours", "Mon-Fri 9-25");
        JsonNode site = owner.site(sheet);
        assertThat(site.at("/sheet/lines/hours").asString()).isEqualTo("Mon-Fri 9-25");
        assertThat(site.at("/answers/hours/state").asString()).isEqualTo("REFUSED");
        assertThat(site.at("/answers/telephone/says").asString()).contains("+44 117 496 0142");
        assertThat(site.path("missing").size()).isZero();
        assertThat(owner.get("/api/sites/" + site.path("id").asString())
                        .json()
                        .at("/sheet/lines/name")
                        .asString())
                .isEqualTo("Ashlatch");
    }

    @Test
    void ofAnotherWindowIsNotOverwritten() {
        JsonNode site = owner.site(Browserlike.sheet("First"));
        assertThat(owner.keepSheet(site, Browserlike.sheet("Second")).status()).isEqualTo(200);
        Browserlike.Answer stale = owner.keepSheet(site, Browserlike.sheet("Third"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().path("detail").asString()).contains("Somebody else has changed this");
        assertThat(owner.get("/api/sites/" + site.path("id").asString())
                        .json()
                        .at("/sheet/lines/name")
                        .asString())
                .isEqualTo("Second");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{",
                "[]",
                "{\"revision\": \"x\"}",
                "null",
                "{\"revision\": 1, \"key\": \"one-edit\", \"edit\": 5}",
                "{\"revision\": 1, \"key\": \"one-edit\", \"edit\": {\"kind\": \"putState\"}}",
                "{\"revision\": 1, \"key\": \"one-edit\", \"edit\": {\"kind\": \"setLine\"}}",
                "{\"revision\": 2}"
            })
    void thatCannotBeReadIsRefusedWithoutAFailure(String body) {
        JsonNode site = owner.site(Browserlike.sheet("Ashlatch"));
        Browserlike.Answer answer =
                owner.call("POST", "/api/sites/" + site.path("id").asString() + "/sheet/edits", body);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.body()).doesNotContain("Exception", "tools.jackson");
    }

    @Test
    void ofAMegabyteIsRefused() {
        JsonNode site = owner.site(Browserlike.sheet("Ashlatch"));
        Map<String, Object> sheet = Browserlike.sheet("x".repeat(1_000_000));
        assertThat(owner.keepSheet(site, sheet).status()).isEqualTo(413);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"<script>alert(1)</script>", "مقهى القطط", "🧹🔥 Sweeps", "\u202Eevil\u202C", "Ada’s “Best” & Co"
            })
    void takesAnyNameAndShowsItAsText(String name) {
        JsonNode site = owner.site(Browserlike.sheet(name));
        String page = preview(site);
        assertThat(page).doesNotContain("<script>alert").contains("<h1");
        assertThat(org.jsoup.Jsoup.parse(page).select(".brand .name").text())
                .isEqualTo(org.jsoup.Jsoup.parse("<p></p>")
                        .selectFirst("p")
                        .text(name)
                        .text());
    }

    @Test
    void takesSixtyServices() {
        Map<String, Object> sheet = new LinkedHashMap<>(Browserlike.sheet("Many"));
        sheet.put(
                "services",
                java.util.stream.IntStream.range(0, 60)
                        .mapToObj(i -> Map.of("name", "Job number " + i, "price", "from " + (i + 1)))
                        .toList());
        JsonNode site = owner.site(sheet);
        assertThat(org.jsoup.Jsoup.parse(preview(site)).select(".rates li")).hasSize(60);
    }

    @Test
    void previewOpensOnlyWithItsToken() {
        JsonNode site = owner.site(Browserlike.sheet("Ashlatch"));
        Browserlike stranger = Browserlike.fresh();
        String path = previewPath(site);
        Browserlike.Answer open = stranger.getAt("preview.localhost", path);
        assertThat(open.status()).isEqualTo(200);
        assertThat(open.header("Content-Security-Policy"))
                .contains("frame-ancestors http://localhost:"
                        + RunningOstium.get().port())
                .doesNotContain("unsafe");
        assertThat(open.header("Set-Cookie")).isEmpty();
        char[] forged = path.toCharArray();
        forged[20] = forged[20] == 'A' ? 'B' : 'A';
        assertThat(stranger.getAt("preview.localhost", new String(forged)).status())
                .isEqualTo(404);
        assertThat(stranger.getAt("preview.localhost", "/").status()).isEqualTo(404);
        assertThat(stranger.getAt("preview.localhost", path + "../secret").status())
                .isEqualTo(404);
    }

    @Test
    void earlierSitesOfABrowserAreFoundAgain() {
        owner.site(Browserlike.sheet("Begun before"));
        assertThat(owner.get("/api/sites").json())
                .extracting(line -> line.path("name").asString())
                .contains("Begun before");
        assertThat(Browserlike.fresh().get("/api/sites").json().size()).isZero();
    }

    @Test
    void tradesAreSuggested() {
        assertThat(owner.get("/api/trades?words=pia").json())
                .extracting(trade -> trade.path("id").asString())
                .startsWith("piano-tuner");
        assertThat(owner.get("/api/trades?words=" + "x".repeat(500)).json().size())
                .isZero();
    }

    private String preview(JsonNode site) {
        return owner.getAt("preview.localhost", previewPath(site)).body();
    }

    private static String previewPath(JsonNode site) {
        return site.path("preview").asString().replaceFirst("^https?://[^/]+", "");
    }

    @Test
    void listOfPlacesAndLinksIsReadToo() {
        Map<String, Object> sheet = Browserlike.sheet("Ashlatch");
        sheet.put("area", "Quillhaven, Tolver and Upper Marl");
        sheet.put("links", List.of("instagram @ashlatchsweeps"));
        JsonNode site = owner.site(sheet);
        assertThat(site.at("/answers/area/says").asString()).isEqualTo("three places");
        assertThat(site.path("answers").path("links.0").path("says").asString())
                .contains("instagram.com/ashlatchsweeps");
    }
}
