package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
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
        JsonNode changed = OWNER.call(
                        "PUT",
                        "/api/sites/" + edited.path("id").asString() + "/sheet",
                        Browserlike.keep(now, Browserlike.sheet("After")))
                .json();
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
}
