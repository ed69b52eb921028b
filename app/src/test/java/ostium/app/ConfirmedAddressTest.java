package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Nothing goes on the web, and nobody is invited, in the name of an address whose owner has not opened a link there. */
class ConfirmedAddressTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String email = UUID.randomUUID() + "@quill.example";
    private final String host = "confirmed-" + UUID.randomUUID().toString().substring(0, 8);
    private JsonNode site;

    @BeforeEach
    void signUp() {
        site = owner.site(Browserlike.sheet("Confirmed Sweeps"));
        assertThat(owner.signUpUnconfirmed(email).json().path("confirmed").asBoolean())
                .isFalse();
    }

    private Browserlike.Answer invites() {
        return owner.call(
                "POST",
                "/api/sites/" + site.path("id").asString() + "/invitations",
                Map.of("kind", "HELP", "email", "somebody@quill.example"));
    }

    private static Browserlike.Answer opens(Browserlike who, String token) {
        return who.call("POST", "/api/confirmed-addresses/" + token, null);
    }

    @Test
    void publishingAndInvitingWaitForTheLinkAndSaySo() {
        Browserlike.Answer refused = owner.publish(site, host);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.json().path("field").asString()).isEqualTo("confirmed");
        assertThat(refused.json().path("detail").asString()).contains(email);
        assertThat(invites().status()).isEqualTo(403);
        assertThat(owner.getAt(host + ".localhost", "/").status()).isEqualTo(404);

        assertThat(opens(owner, StandInMails.askedToken(email, 1)).status()).isEqualTo(204);
        assertThat(owner.get("/api/session").json().path("confirmed").asBoolean())
                .isTrue();
        assertThat(owner.publish(site, host).status()).isEqualTo(201);
        assertThat(invites().status()).isEqualTo(201);
    }

    @Test
    void theLinkIsGoodForTheAccountItWasAskedFromAndReloadingItTakesNothingBack() {
        String token = StandInMails.askedToken(email, 1);
        assertThat(opens(Browserlike.fresh(), token).status()).isEqualTo(401);
        Browserlike other = Browserlike.fresh();
        other.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(opens(other, token).status()).isEqualTo(403);
        assertThat(opens(owner, token).status()).isEqualTo(204);
        assertThat(opens(owner, token).status()).as("reloaded").isEqualTo(204);
    }

    @Test
    void theLinkIsSentAgainAndTheOneBeforeIsVoid() {
        String first = StandInMails.askedToken(email, 1);
        assertThat(owner.call("POST", "/api/account/confirmation", null).status())
                .isEqualTo(202);
        String second = StandInMails.askedToken(email, 2);
        assertThat(opens(owner, first).status()).isEqualTo(422);
        assertThat(opens(owner, second).status()).isEqualTo(204);
        assertThat(owner.call("POST", "/api/account/confirmation", null).status())
                .as("nothing is sent to who has shown it")
                .isEqualTo(202);
        assertThat(StandInMails.asking(email)).hasSize(2);
    }

    /** Whoever takes an account back by its mails has shown that the address is theirs. */
    @Test
    void aNewPasswordByMailConfirmsTheAddressAsWell() {
        owner.call("POST", "/api/password-resets", Map.of("email", email));
        String path = StandInMails.linkTo(email).replace("/new-password/", "/api/password-resets/");
        Browserlike back = Browserlike.fresh();
        back.call("POST", path, Map.of("password", "another-long-one"));
        back.call("POST", "/api/session", Map.of("email", email, "password", "another-long-one"));
        assertThat(back.get("/api/session").json().path("confirmed").asBoolean())
                .isTrue();
    }

    @Test
    void anInvitationThatIsTakenConfirmsTheAddressAsWell() {
        TestDatabase.confirm(email);
        String helper = UUID.randomUUID() + "@quill.example";
        assertThat(owner.call(
                                "POST",
                                "/api/sites/" + site.path("id").asString() + "/invitations",
                                Map.of("kind", "HELP", "email", helper))
                        .status())
                .isEqualTo(201);
        String link = StandInMails.linkTo(helper);
        Browserlike other = Browserlike.fresh();
        other.signUpUnconfirmed(helper);
        assertThat(other.call("POST", "/api" + link.replace("/invitation/", "/invitations/"), null)
                        .status())
                .isEqualTo(200);
        assertThat(other.get("/api/session").json().path("confirmed").asBoolean())
                .isTrue();
    }

    /** Letters that look alike are other letters. */
    @Test
    void anAddressWithAnAccentIsAnother() {
        String accented = email.replace("quill", "quïll");
        assertThat(Browserlike.fresh().signUpUnconfirmed(accented).status()).isIn(201, 422);
        assertThat(Browserlike.fresh()
                        .call("POST", "/api/session", Map.of("email", accented, "password", "not-the-one"))
                        .status())
                .isEqualTo(422);
        assertThat(owner.get("/api/session").json().path("email").asString()).isEqualTo(email);
    }
}
