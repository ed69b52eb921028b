package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Helpers, handing over, and what happens to an account. */
class PeopleTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String ownersEmail = UUID.randomUUID() + "@quill.example";
    private final Browserlike other = Browserlike.fresh();
    private final String othersEmail = UUID.randomUUID() + "@quill.example";
    private final String host = "people-" + UUID.randomUUID().toString().substring(0, 8);
    private String id;

    @BeforeEach
    void publish() {
        JsonNode site = owner.site(Browserlike.sheet("Shared Sweeps"));
        id = site.path("id").asString();
        owner.signUp(ownersEmail);
        owner.publish(site, host);
        other.signUp(othersEmail);
    }

    private Browserlike.Answer invite(Browserlike who, String email, String kind) {
        return who.call("POST", "/api/sites/" + id + "/invitations", Map.of("email", email, "kind", kind));
    }

    private Browserlike.Answer accept(Browserlike who, String email) {
        return who.call("POST", "/api" + StandInMails.linkTo(email).replace("/invitation/", "/invitations/"), null);
    }

    @Test
    void aHelperDoesAllButGiveTheSiteAway() {
        assertThat(invite(owner, othersEmail, "HELP").status()).isEqualTo(201);
        assertThat(accept(other, othersEmail).status()).isEqualTo(200);
        JsonNode seen = other.get("/api/sites/" + id).json();
        assertThat(seen.path("owner").asBoolean()).isFalse();
        assertThat(other.get("/api/sites").json())
                .extracting(line -> line.path("name").asString())
                .containsExactly("Shared Sweeps");
        assertThat(other.edit(
                                id,
                                seen.path("revision").asLong(),
                                Map.of("kind", "setLine", "path", "promise", "words", "soon"))
                        .status())
                .isEqualTo(200);
        assertThat(other.call("POST", "/api/sites/" + id + "/publications", Map.of("address", ""))
                        .status())
                .isEqualTo(201);
        assertThat(invite(other, "third@quill.example", "HELP").status()).isEqualTo(403);
        assertThat(other.call("DELETE", "/api/sites/" + id, null).status()).isEqualTo(403);
        assertThat(other.call("DELETE", "/api/sites/" + id + "/publications/live", null)
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aHelperWhoIsTakenOffSeesNothingMore() {
        invite(owner, othersEmail, "HELP");
        accept(other, othersEmail);
        String helper = owner.get("/api/sites/" + id + "/people")
                .json()
                .at("/helpers/0/id")
                .asString();
        assertThat(owner.call("DELETE", "/api/sites/" + id + "/helpers/" + helper, null)
                        .status())
                .isEqualTo(204);
        assertThat(other.get("/api/sites/" + id).status()).isEqualTo(404);
    }

    /** A link to the preview needs no cookie: it ends for whoever was taken off, and the others are given a new one. */
    @Test
    void aHelperWhoIsTakenOffSeesNoPreviewEither() {
        invite(owner, othersEmail, "HELP");
        accept(other, othersEmail);
        String preview = preview(other);
        assertThat(other.getAt("preview.localhost", preview).status()).isEqualTo(200);
        String helper = owner.get("/api/sites/" + id + "/people")
                .json()
                .at("/helpers/0/id")
                .asString();
        owner.call("DELETE", "/api/sites/" + id + "/helpers/" + helper, null);
        assertThat(other.getAt("preview.localhost", preview).status()).isEqualTo(404);
        assertThat(owner.getAt("preview.localhost", preview(owner)).status()).isEqualTo(200);
    }

    private String preview(Browserlike who) {
        String address = who.get("/api/sites/" + id).json().path("preview").asString();
        return address.substring(address.indexOf('/', "http://".length()));
    }

    @Test
    void aHelperWhoIsTakenOffIsToldOfNoMoreMessages() {
        invite(owner, othersEmail, "HELP");
        accept(other, othersEmail);
        JsonNode site = owner.get("/api/sites/" + id).json();
        owner.edit(
                id,
                site.path("revision").asLong(),
                Map.of("kind", "sendMessagesTo", "addresses", List.of(othersEmail)));
        JsonNode manuscript = owner.get("/api/sites/" + id + "/manuscript").json();
        String form = manuscript.path("forms").propertyNames().iterator().next();
        Map<String, Object> route = Map.of("field", "", "answer", "", "to", List.of(othersEmail, "07700 900461"));
        owner.edit(
                id,
                manuscript.path("revision").asLong(),
                Map.of("kind", "setRoutes", "section", form, "routes", List.of(route)));
        String helper = owner.get("/api/sites/" + id + "/people")
                .json()
                .at("/helpers/0/id")
                .asString();
        owner.call("DELETE", "/api/sites/" + id + "/helpers/" + helper, null);
        assertThat(owner.get("/api/sites/" + id + "/manuscript").json().path("messagesTo"))
                .extracting(JsonNode::asString)
                .as("so that nobody waits unseen")
                .containsExactly(ownersEmail);
        assertThat(owner.get("/api/sites/" + id + "/manuscript").json().at("/forms/" + form + "/routes/0/to"))
                .extracting(JsonNode::asString)
                .containsExactly("07700 900461");
    }

    @Test
    void aSiteHandedOverIsTheOthersWithItsMessages() {
        assertThat(invite(owner, othersEmail, "HANDOVER").status()).isEqualTo(201);
        accept(other, othersEmail);
        assertThat(other.get("/api/sites/" + id).json().path("owner").asBoolean())
                .isTrue();
        assertThat(owner.get("/api/sites/" + id).json().path("owner").asBoolean())
                .isFalse();
        assertThat(other.get("/api/sites/" + id + "/manuscript")
                        .json()
                        .at("/messagesTo/0")
                        .asString())
                .isEqualTo(othersEmail);
        assertThat(owner.getAt(host + ".localhost", "/").status()).isEqualTo(200);
    }

    @Test
    void anInvitationIsGoodOnceAndForItsAddressOnly() {
        Browserlike stranger = Browserlike.fresh();
        stranger.signUp(UUID.randomUUID() + "@quill.example");
        invite(owner, othersEmail, "HELP");
        Browserlike.Answer wrong = accept(stranger, othersEmail);
        assertThat(wrong.status()).isEqualTo(403);
        assertThat(wrong.json().path("detail").asString()).contains("Sign in with that address");
        assertThat(accept(other, othersEmail).status()).isEqualTo(200);
        assertThat(accept(other, othersEmail).status()).isEqualTo(404);
    }

    @Test
    void anInvitationCanBeTakenBack() {
        invite(owner, othersEmail, "HELP");
        String link = StandInMails.linkTo(othersEmail);
        owner.call("DELETE", "/api/sites/" + id + "/invitations/HELP/" + othersEmail, null);
        assertThat(other.call("POST", "/api" + link.replace("/invitation/", "/invitations/"), null)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aWrongAddressIsNamedAtItsField() {
        assertThat(invite(owner, "nobody", "HELP").json().path("field").asString())
                .isEqualTo("email");
        assertThat(invite(owner, ownersEmail, "HELP").json().path("detail").asString())
                .isEqualTo("This is your own address.");
    }

    @Test
    void aForgottenPasswordIsChosenAnewWithTheLinkOnce() {
        Browserlike forgetful = Browserlike.fresh();
        assertThat(forgetful
                        .call("POST", "/api/password-resets", Map.of("email", ownersEmail))
                        .status())
                .isEqualTo(202);
        assertThat(forgetful
                        .call("POST", "/api/password-resets", Map.of("email", "no@quill.example"))
                        .status())
                .isEqualTo(202);
        String path = "/api" + StandInMails.linkTo(ownersEmail).replace("/new-password/", "/password-resets/");
        assertThat(forgetful
                        .call("POST", path, Map.of("password", "short"))
                        .json()
                        .path("field")
                        .asString())
                .isEqualTo("password");
        assertThat(forgetful
                        .call("POST", path, Map.of("password", "a new password"))
                        .status())
                .isEqualTo(204);
        assertThat(forgetful
                        .call("POST", path, Map.of("password", "another one"))
                        .status())
                .isEqualTo(422);
        assertThat(owner.get("/api/sites/" + id).status())
                .as("older sessions have ended")
                .isEqualTo(401);
        assertThat(forgetful
                        .call("POST", "/api/session", Map.of("email", ownersEmail, "password", "a new password"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aPasswordIsChangedForTheOldOneAndOtherSessionsEnd() {
        Browserlike elsewhere = Browserlike.fresh();
        elsewhere.call("POST", "/api/session", Map.of("email", ownersEmail, "password", "a long password"));
        assertThat(owner.call("PUT", "/api/account/password", Map.of("current", "wrong", "password", "a new password"))
                        .json()
                        .path("field")
                        .asString())
                .isEqualTo("current");
        assertThat(owner.call(
                                "PUT",
                                "/api/account/password",
                                Map.of("current", "a long password", "password", "a new password"))
                        .status())
                .isEqualTo(204);
        assertThat(owner.get("/api/sites/" + id).status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/sites/" + id).status()).isEqualTo(401);
    }

    @Test
    void anAddressIsChangedOnceItsLinkIsOpened() {
        String next = UUID.randomUUID() + "@quill.example";
        assertThat(owner.call("PUT", "/api/account/email", Map.of("current", "a long password", "email", next))
                        .status())
                .isEqualTo(202);
        assertThat(owner.get("/api/session").json().path("email").asString()).isEqualTo(ownersEmail);
        String path = "/api" + StandInMails.linkTo(next).replace("/new-address/", "/new-addresses/");
        assertThat(owner.call("POST", path, null).status()).isEqualTo(204);
        assertThat(owner.get("/api/session").json().path("email").asString()).isEqualTo(next);
        assertThat(StandInMails.next(ownersEmail).text()).contains(next);
    }

    @Test
    void anAccountIsDeletedWithItsSitesAndTheirPublicPages() {
        assertThat(owner.call("POST", "/api/account/deletion", Map.of("current", "wrong"))
                        .status())
                .isEqualTo(422);
        assertThat(owner.call("POST", "/api/account/deletion", Map.of("current", "a long password"))
                        .status())
                .isEqualTo(204);
        assertThat(owner.get("/api/session").json().path("email").isNull()).isTrue();
        assertThat(owner.getAt(host + ".localhost", "/").status()).isEqualTo(404);
        JsonNode site = other.site(Browserlike.sheet("Newcomer"));
        assertThat(other.publish(site, host).status())
                .as("the address can be had again")
                .isEqualTo(201);
    }
}
