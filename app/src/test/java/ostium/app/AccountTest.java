package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Signing up, in and out; and whose a site is. */
class AccountTest {
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
                .isEqualTo(404);
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

    @Test
    void callsWithoutTheTokenOfThePageAreRefused() {
        Browserlike owner = Browserlike.fresh();
        owner.get("/api/session");
        assertThat(owner.callWithoutToken("POST", "/api/sites", "{}").status()).isEqualTo(403);
    }

    /** Every endpoint with a site in its path, asked by somebody else and by nobody. A new one cannot be forgotten. */
    @Test
    void nobodyReachesTheSiteOfAnother() {
        Browserlike owner = Browserlike.fresh();
        String id = owner.site(Browserlike.sheet("Private")).path("id").asString();
        owner.signUp("private@quill.example");
        Browserlike other = Browserlike.fresh();
        other.signUp("other@quill.example");
        JsonNode paths = owner.get("/v3/api-docs").json().path("paths");
        int asked = 0;
        for (String path : paths.propertyNames()) {
            if (!path.contains("{id}")) {
                continue;
            }
            for (String method : paths.path(path).propertyNames()) {
                String concrete = path.replace("{id}", id).replace("{enquiry}", "00000000-0000-0000-0000-000000000000");
                Object body = method.equals("get")
                        ? null
                        : Map.of(
                                "revision",
                                1,
                                "sheet",
                                Browserlike.sheet("Stolen"),
                                "address",
                                "stolen",
                                "state",
                                "DONE");
                for (Browserlike who : new Browserlike[] {other, Browserlike.fresh()}) {
                    assertThat(who.call(method.toUpperCase(java.util.Locale.ROOT), concrete, body)
                                    .status())
                            .as(method + " " + path)
                            .isIn(401, 404);
                }
                asked++;
            }
        }
        assertThat(asked).isGreaterThanOrEqualTo(5);
        assertThat(owner.get("/api/sites/" + id).json().path("name").asString()).isEqualTo("Private");
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
}
