package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.Statement;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Signing up, in and out; and whose a site is. */
class AccountTest {
    @Test
    void anAddressOfMegabytesIsNotReadAtAll() {
        Browserlike.Answer answer = Browserlike.fresh()
                .call("POST", "/api/session", Map.of("email", "x".repeat(2_000_000), "password", "guess"));
        assertThat(answer.status()).isEqualTo(413);
    }

    @Test
    void sitesMadeBeforeSigningUpBecomeTheAccounts() {
        Browserlike owner = Browserlike.fresh();
        JsonNode site = owner.site(Browserlike.sheet("Claimed"));
        assertThat(owner.signUp("claimed@quill.example").status()).isEqualTo(201);
        assertThat(owner.get("/api/sites").json().size()).isEqualTo(1);

        Browserlike elsewhere = Browserlike.fresh();
        elsewhere.call(
                "POST", "/api/session", Map.of("email", "Claimed@Quill.example ", "password", "a long password"));
        assertThat(elsewhere.get("/api/sites/" + site.path("id").asString()).status())
                .isEqualTo(200);
        elsewhere.call("DELETE", "/api/session", null);
        assertThat(elsewhere.get("/api/sites/" + site.path("id").asString()).status())
                .isEqualTo(401);
    }

    @ParameterizedTest(name = "{0}, {1}, {2} → {3}")
    @CsvSource({"'',a@b.example,long enough,name", "Ada,ada,long enough,email", "Ada,a@b.example,short,password"})
    void aFieldThatCannotBeTakenIsNamed(String name, String email, String password, String field) {
        Browserlike.Answer answer = Browserlike.fresh()
                .call("POST", "/api/accounts", Map.of("name", name, "email", email, "password", password));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("field").asString()).isEqualTo(field);
    }

    @Test
    void allFieldsThatCannotBeTakenAreNamedAtOnce() {
        Browserlike.Answer answer = Browserlike.fresh()
                .call("POST", "/api/accounts", Map.of("name", " ", "email", "ada", "password", "short"));
        assertThat(answer.json().path("faults").propertyNames()).containsExactlyInAnyOrder("name", "email", "password");
        assertThat(answer.json().at("/faults/name").asString())
                .isEqualTo(answer.json().path("detail").asString());
    }

    @Test
    void anAddressHasOneAccount() {
        Browserlike.fresh().signUp("once@quill.example");
        assertThat(Browserlike.fresh()
                        .signUp("Once@quill.example")
                        .json()
                        .path("field")
                        .asString())
                .isEqualTo("email");
    }

    @Test
    void aWrongPasswordIsRefusedAndCounted() {
        Browserlike.fresh().signUp("guessed@quill.example");
        Browserlike guesser = Browserlike.fresh();
        int last = 0;
        for (int i = 0; i < 12; i++) {
            last = guesser.call(
                            "POST", "/api/session", Map.of("email", "guessed@quill.example", "password", "guess " + i))
                    .status();
        }
        assertThat(last).isEqualTo(429);
    }

    /** Somebody who guesses at an owner's password keeps nobody but themselves out. */
    @Test
    void guessesElsewhereDoNotKeepTheOwnerOutOfABrowserTheyHaveUsed() {
        String email = UUID.randomUUID() + "@quill.example";
        Browserlike owner = signedOutAgain(email);
        Browserlike guesser = Browserlike.fresh();
        for (int i = 0; i < 12; i++) {
            signIn(guesser, email, "guess " + i);
        }
        assertThat(signIn(Browserlike.fresh(), email, "a long password").status())
                .isEqualTo(429);
        assertThat(signIn(owner, email, "a long password").status()).isEqualTo(200);
        // Signed in, nothing that asks for the password again is shut either.
        assertThat(owner.call(
                                "PUT",
                                "/api/account/password",
                                Map.of("current", "a long password", "password", "a longer password"))
                        .status())
                .isEqualTo(204);
        assertThat(signIn(owner, email, "a longer password").status()).isEqualTo(200);
    }

    @Test
    void aKnownBrowserGuessesNoMoreThanAnother() {
        String email = UUID.randomUUID() + "@quill.example";
        Browserlike owner = signedOutAgain(email);
        int last = 0;
        for (int i = 0; i < 12; i++) {
            last = signIn(owner, email, "guess " + i).status();
        }
        assertThat(last).isEqualTo(429);
        assertThat(signIn(owner, UUID.randomUUID() + "@quill.example", "a guess")
                        .status())
                .isEqualTo(422);
    }

    /** A browser in which somebody has signed in, and out. */
    private static Browserlike signedOutAgain(String email) {
        Browserlike browser = Browserlike.fresh();
        browser.signUp(email);
        browser.call("DELETE", "/api/session", null);
        return browser;
    }

    private static Browserlike.Answer signIn(Browserlike browser, String email, String password) {
        return browser.call("POST", "/api/session", Map.of("email", email, "password", password));
    }

    @Test
    void callsWithoutTheTokenOfThePageAreRefused() {
        Browserlike owner = Browserlike.fresh();
        owner.get("/api/session");
        assertThat(owner.callWithoutToken("POST", "/api/sites", "{}").status()).isEqualTo(403);
    }

    /** Endpoints anybody may ask; none of them tells of a site or an account. A new one is not among them by itself. */
    private static final Set<String> OPEN = Set.of(
            "get /api/session",
            "post /api/session",
            "delete /api/session",
            "post /api/accounts",
            "post /api/password-resets",
            "post /api/password-resets/{token}",
            "get /api/invitations/{token}",
            "get /api/trades",
            "get /api/stand-in/mails",
            "get /api/stand-in/mails/{messageId}/shown",
            "get /api/stand-in/texts",
            "get /api/stand-in/calls",
            "post /api/stand-in/calls",
            "get /api/countries",
            "get /api/scenes",
            "get /api/places",
            "get /api/places/at",
            "get /api/places/map",
            "get /api/sites",
            "post /api/sites");

    /** Every endpoint of the description, asked by another account and by nobody: "not found" or "sign in", no more. */
    @Test
    void nobodyReachesWhatIsAnothers() {
        Browserlike owner = Browserlike.fresh();
        String id = owner.site(Browserlike.sheet("Private")).path("id").asString();
        owner.signUp("private@quill.example");
        owner.publish(owner.get("/api/sites/" + id).json(), "private-sweeps");
        Browserlike other = Browserlike.fresh();
        other.signUp("other@quill.example");
        String before = owner.get("/api/sites/" + id).body();
        JsonNode paths = owner.get("/v3/api-docs").json().path("paths");
        int asked = 0;
        for (String path : paths.propertyNames()) {
            for (String method : paths.path(path).propertyNames()) {
                if (OPEN.contains(method + " " + path)) {
                    continue;
                }
                Browserlike[] all = path.contains("{id}")
                        ? new Browserlike[] {other, Browserlike.fresh()}
                        : new Browserlike[] {Browserlike.fresh()};
                for (Browserlike who : all) {
                    assertThat(who.call(method.toUpperCase(Locale.ROOT), concrete(path, id), body(method, path))
                                    .status())
                            .as(method + " " + path)
                            .isIn(401, 404);
                }
                asked++;
            }
        }
        assertThat(asked).isGreaterThanOrEqualTo(25);
        assertThat(JsonMapper.shared().readTree(before).path("revision"))
                .isEqualTo(owner.get("/api/sites/" + id).json().path("revision"));
        assertThat(owner.getAt("private-sweeps.localhost", "/").status()).isEqualTo(200);
    }

    private static String concrete(String path, String id) {
        return path.replace("{id}", id)
                .replace("{kind}", "HELP")
                .replace("{publication}", "1")
                .replace("{subject}", "LIST")
                .replace("{sign}", "initials")
                .replace("{position}", "0")
                .replace("{way}", "MAIL")
                .replaceAll("\\{[a-z]+}", "00000000-0000-0000-0000-000000000000");
    }

    private static Object body(String method, String path) {
        return method.equals("get")
                ? null
                : Map.ofEntries(
                        Map.entry("revision", 1),
                        Map.entry("sheet", Browserlike.sheet("Stolen")),
                        Map.entry("address", "stolen"),
                        Map.entry("state", "DONE"),
                        Map.entry("key", "00000000-0000-0000-0000-000000000000"),
                        Map.entry("edit", Map.of("kind", "setLine", "path", "name", "words", "Stolen")),
                        Map.entry("kind", path.endsWith("/invitations") ? "HELP" : "HOURS"),
                        Map.entry("email", "thief@quill.example"),
                        Map.entry("current", "a long password"),
                        Map.entry("password", "a longer password"));
    }

    @Test
    void theInterfaceIsServedWithStrictHeaders() {
        for (String path : new String[] {"/", "/sites/abc", "/sites/abc/enquiries", "/sign-in"}) {
            Browserlike.Answer page = Browserlike.fresh().get(path);
            assertThat(page.status()).as(path).isEqualTo(200);
            assertThat(page.header("Content-Security-Policy"))
                    .contains("default-src 'self'", "frame-ancestors 'none'")
                    .doesNotContain("unsafe");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "not an address"})
    void aLinkIsNotPromisedToNoAddress(String typed) {
        Browserlike.Answer answer = Browserlike.fresh().call("POST", "/api/password-resets", Map.of("email", typed));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("field").asString()).isEqualTo("email");
    }

    /** Nobody looks whether there is such an account before the answer: the time of it tells nothing either. */
    @Test
    void aForgottenPasswordIsAnsweredWithoutLookingForTheAccount() throws Exception {
        String email = UUID.randomUUID() + "@quill.example";
        Browserlike.fresh().signUp(email);
        Browserlike asker = Browserlike.fresh();
        asker.get("/api/session");
        try (Connection other = RunningOstium.database().connect();
                Statement statement = other.createStatement()) {
            statement.execute("lock tables account write");
            assertThat(asker.call("POST", "/api/password-resets", Map.of("email", email))
                            .status())
                    .isEqualTo(202);
            statement.execute("unlock tables");
        }
        assertThat(StandInMails.next(email).subject()).isEqualTo("A new password for Ostium");
    }
}
