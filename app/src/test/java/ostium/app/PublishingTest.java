package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** From a sheet to a public page, and what is served there. */
class PublishingTest {
    private static final Browserlike OWNER = Browserlike.fresh();
    private static final Browserlike VISITOR = Browserlike.fresh();
    private static JsonNode site;

    @BeforeAll
    static void signUp() {
        OWNER.signUp("publisher@quill.example");
        site = OWNER.site(Browserlike.sheet("Public Sweeps"));
        assertThat(OWNER.publish(site, "public-sweeps")
                        .json()
                        .path("publicAddress")
                        .asString())
                .isEqualTo(
                        "http://public-sweeps.localhost:" + RunningOstium.get().port() + "/");
    }

    @Test
    void needsAnAccount() {
        Browserlike nobody = Browserlike.fresh();
        assertThat(nobody.publish(nobody.site(Browserlike.sheet("Nobody")), "nobody")
                        .status())
                .isEqualTo(401);
    }

    @Test
    void needsWhatIsMissingAndSaysSo() {
        Map<String, Object> sheet = Browserlike.sheet("Unreachable");
        sheet.remove("telephone");
        Browserlike.Answer answer = OWNER.publish(OWNER.site(sheet), "unreachable");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString())
                .isEqualTo("Still needed: a telephone number or a mail address.");
    }

    @Test
    void waitsForWhatIsNotUnderstood() {
        Map<String, Object> sheet = Browserlike.sheet("Unclear");
        sheet.put("hours", "Mon 8-8");
        Browserlike.Answer answer = OWNER.publish(OWNER.site(sheet), "unclear");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("A line of your facts is not understood");
    }

    @ParameterizedTest(name = "“{0}” → {1}")
    @CsvSource({"public-sweeps,409", "preview,422", "ab,422", "-x-,422", "a--b,422", "Größe,422", "'',422", "../etc,422"
    })
    void refusesNamesThatCannotBeHad(String name, int status) {
        Browserlike.Answer answer = OWNER.publish(OWNER.site(Browserlike.sheet("Another")), name);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.json().path("field").asString()).isEqualTo("address");
    }

    @Test
    void showsThePageToAnyoneWithoutCookies() {
        Browserlike.Answer page = VISITOR.getAt("public-sweeps.localhost", "/");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.body()).contains("tel:+441174960142", "application/ld+json", "Public Sweeps");
        assertThat(page.header("Set-Cookie")).isEmpty();
        assertThat(page.header("Content-Security-Policy"))
                .contains("default-src 'none'")
                .doesNotContain("unsafe");
    }

    @ParameterizedTest
    @ValueSource(strings = {"PUBLIC-SWEEPS.localhost", "public-sweeps.localhost."})
    void knowsItsHostHoweverItIsWritten(String host) {
        assertThat(VISITOR.getAt(host, "/").status()).isEqualTo(200);
    }

    @Test
    void answersAgainWithNothingWhenNothingHasChanged() {
        String etag = VISITOR.getAt("public-sweeps.localhost", "/").header("ETag");
        Browserlike.Answer again = VISITOR.getAt("public-sweeps.localhost", "/", "If-None-Match", etag);
        assertThat(again.status()).isEqualTo(304);
        assertThat(again.body()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            br, gzip      | br
            gzip          | gzip
            identity      | ''
            br;q=0, gzip  | gzip
            """)
    void isCompressedAsTheVisitorCanRead(String accepted, String encoding) {
        Browserlike.Answer answer = VISITOR.getAt("public-sweeps.localhost", "/", "Accept-Encoding", accepted);
        assertThat(answer.header("Content-Encoding")).isEqualTo(encoding);
        assertThat(answer.header("Vary")).isEqualTo("Accept-Encoding");
    }

    @Test
    void keepsFilesNamedByContentForAYear() {
        String css = org.jsoup.Jsoup.parse(
                        VISITOR.getAt("public-sweeps.localhost", "/").body())
                .select("link[rel=stylesheet]")
                .attr("href");
        Browserlike.Answer answer = VISITOR.getAt("public-sweeps.localhost", "/" + css);
        assertThat(answer.header("Cache-Control")).contains("immutable");
        assertThat(answer.header("Content-Type")).startsWith("text/css");
    }

    @Test
    void changesNothingPublicUntilPublishedAgain() {
        JsonNode edited = OWNER.site(Browserlike.sheet("Before"));
        OWNER.publish(edited, "before-after");
        JsonNode now = OWNER.get("/api/sites/" + edited.path("id").asString()).json();
        JsonNode changed =
                OWNER.keepSheet(now, Browserlike.sheet("After")).json().path("site");
        assertThat(changed.path("pendingChanges").asInt()).isEqualTo(1);
        assertThat(VISITOR.getAt("before-after.localhost", "/").body())
                .contains("Before")
                .doesNotContain("After");
        OWNER.publish(changed, "ignored");
        assertThat(VISITOR.getAt("before-after.localhost", "/").body())
                .contains("After")
                .doesNotContain("Before");
        assertThat(OWNER.get("/api/sites/" + edited.path("id").asString())
                        .json()
                        .path("pendingChanges")
                        .asInt())
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"no-such-site.localhost", "evil.example", "a.b.c.localhost"})
    void sendsUnknownHostsAPlainPage(String host) {
        Browserlike.Answer answer = VISITOR.getAt(host, "/");
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.body()).contains("No such site").doesNotContain(host);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/nothing",
                "/index.htm",
                "/../secret",
                "/%2e%2e/x",
                "/_ostium/none.js",
                "/api/session",
                "/_ostium/../x"
            })
    void sendsUnknownPathsAPlainPage(String path) {
        assertThat(VISITOR.getAt("public-sweeps.localhost", path).status()).isIn(400, 404);
    }

    @Test
    void hasRobotsAndASitemap() {
        assertThat(VISITOR.getAt("public-sweeps.localhost", "/robots.txt").body())
                .contains("/sitemap.xml");
        assertThat(VISITOR.getAt("public-sweeps.localhost", "/sitemap.xml").body())
                .contains("<loc>http://public-sweeps.localhost");
    }

    /** An earlier version, as the preview shows it. */
    private static Browserlike.Answer look(String site, String version) {
        String preview = OWNER.get("/api/sites/" + site).json().path("preview").asString();
        return VISITOR.getAt(
                "preview.localhost", preview.replaceFirst("https?://[^/]+", "") + "version/" + version + "/");
    }

    @Test
    void whatHasChangedIsSaidAndAnEarlierVersionCanBeHadBack() {
        JsonNode site = OWNER.site(Browserlike.sheet("Version One"));
        String id = site.path("id").asString();
        OWNER.publish(site, "versions");
        long revision = OWNER.get("/api/sites/" + id).json().path("revision").asLong();
        OWNER.edit(id, revision, Map.of("kind", "setLine", "path", "name", "words", "Version Two"));
        JsonNode before = OWNER.get("/api/sites/" + id + "/publications").json();
        assertThat(before.at("/changes/0/words").asString()).isEqualTo("Your name");
        assertThat(before.at("/changes/0/before").asString()).isEqualTo("Version One");
        assertThat(before.at("/changes/0/after").asString()).isEqualTo("Version Two");
        OWNER.publish(site, "");
        assertThat(VISITOR.getAt("versions.localhost", "/").body()).contains("Version Two");

        JsonNode versions =
                OWNER.get("/api/sites/" + id + "/publications").json().path("versions");
        assertThat(versions.size()).isEqualTo(2);
        assertThat(versions.at("/0/number").asInt()).isEqualTo(2);
        assertThat(versions.at("/0/changes/0/after").asString()).isEqualTo("Version Two");
        assertThat(versions.at("/1/changes").size()).isZero();
        assertThat(look(id, versions.at("/1/id").asString()).body()).contains("Version One");
        assertThat(look(id, "999999").status()).isEqualTo(404);
        String first = versions.path(1).path("id").asString();
        assertThat(OWNER.call("POST", "/api/sites/" + id + "/publications/" + first + "/put-back", null)
                        .status())
                .isEqualTo(200);
        assertThat(VISITOR.getAt("versions.localhost", "/").body())
                .contains("Version One")
                .doesNotContain("Version Two");
        assertThat(OWNER.get("/api/sites/" + id).json().path("name").asString()).isEqualTo("Version One");
        assertThat(OWNER.get("/api/sites/" + id).json().path("pendingChanges").asInt())
                .isZero();
        OWNER.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", 1));
        assertThat(OWNER.get("/api/sites/" + id).json().path("name").asString()).isEqualTo("Version Two");
        assertThat(OWNER.call("POST", "/api/sites/" + id + "/publications/999999/put-back", null)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aSiteIsTakenOffTheWebAndItsAddressStaysItsOwn() {
        JsonNode site = OWNER.site(Browserlike.sheet("Off the web"));
        String id = site.path("id").asString();
        OWNER.publish(site, "off-the-web");
        assertThat(OWNER.call("DELETE", "/api/sites/" + id + "/publications/live", null)
                        .status())
                .isEqualTo(204);
        assertThat(VISITOR.getAt("off-the-web.localhost", "/").status()).isEqualTo(404);
        JsonNode other = OWNER.site(Browserlike.sheet("Somebody else"));
        assertThat(OWNER.publish(other, "off-the-web").status()).isEqualTo(409);
        assertThat(OWNER.publish(site, "").status()).isEqualTo(201);
        assertThat(VISITOR.getAt("off-the-web.localhost", "/").status()).isEqualTo(200);
    }

    @Test
    void aSiteOffTheWebCanHaveAnotherNameAndGivesTheOldOneUp() {
        JsonNode site = OWNER.site(Browserlike.sheet("Renamed"));
        String id = site.path("id").asString();
        OWNER.publish(site, "renamed-before");
        OWNER.publish(site, "renamed-too-early");
        assertThat(VISITOR.getAt("renamed-too-early.localhost", "/").status()).isEqualTo(404);
        OWNER.call("DELETE", "/api/sites/" + id + "/publications/live", null);
        Browserlike.Answer answer = OWNER.publish(site, "renamed-after");
        assertThat(answer.json().path("publicAddress").asString()).contains("renamed-after");
        assertThat(VISITOR.getAt("renamed-after.localhost", "/").status()).isEqualTo(200);
        assertThat(VISITOR.getAt("renamed-before.localhost", "/").status()).isEqualTo(404);
        JsonNode other = OWNER.site(Browserlike.sheet("Somebody else"));
        assertThat(OWNER.publish(other, "renamed-before").status()).isEqualTo(201);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1ookalike", "look-alike", "lo0kalike"})
    void aNameThatLooksLikeATakenOneIsRefused(String name) {
        OWNER.publish(OWNER.site(Browserlike.sheet("Lookalike")), "lookalike");
        Browserlike.Answer answer = OWNER.publish(OWNER.site(Browserlike.sheet("Another")), name);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.json().path("field").asString()).isEqualTo("address");
        assertThat(answer.json().path("detail").asString()).contains("looks like a name that is taken");
    }

    @Test
    void ofTwoWhoTakeAFreeNameAtOnceOneHasItAndTheOtherIsTold() throws Exception {
        for (int turn = 0; turn < 6; turn++) {
            String name = "at-once-" + turn + "-x";
            JsonNode one = OWNER.site(Browserlike.sheet("One"));
            JsonNode other = OWNER.site(Browserlike.sheet("Other"));
            OWNER.keep(one);
            OWNER.keep(other);
            List<Integer> statuses = Stream.of(one, other)
                    .map(site -> CompletableFuture.supplyAsync(
                            () -> OWNER.publish(site, name).status()))
                    .toList()
                    .stream()
                    .map(CompletableFuture::join)
                    .sorted()
                    .toList();
            assertThat(statuses).containsExactly(201, 409);
        }
    }

    @Test
    void aMustSnagBlocks() {
        JsonNode site = OWNER.site(Browserlike.sheet("Snagged"));
        String id = site.path("id").asString();
        long revision = OWNER.keep(site).json().path("revision").asLong();
        OWNER.edit(id, revision, Map.of("kind", "sendMessagesTo", "addresses", List.of()));
        Browserlike.Answer answer = OWNER.publish(site, "snagged");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).isEqualTo("Messages from this form go to nobody.");
        assertThat(OWNER.get("/api/sites/" + id + "/publications")
                        .json()
                        .at("/snags/0/words")
                        .asString())
                .isEqualTo("Messages from this form go to nobody.");
    }
}
