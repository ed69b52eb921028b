package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Nobody is told of messages who has not said yes to that, and no message waits unseen meanwhile. */
class ConfirmedRecipientsTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String owners = UUID.randomUUID() + "@quill.example";
    private final String office = "office-" + UUID.randomUUID() + "@quill.example";
    private final String host = "told-" + UUID.randomUUID().toString().substring(0, 8);
    private String id;

    @BeforeEach
    void publish() {
        JsonNode site = owner.site(Browserlike.sheet("Told Sweeps"));
        id = site.path("id").asString();
        owner.signUp(owners);
        owner.publish(site, host);
    }

    private Browserlike.Answer messagesTo(String... addresses) {
        long revision = owner.get("/api/sites/" + id).json().path("revision").asLong();
        return owner.edit(id, revision, Map.of("kind", "sendMessagesTo", "addresses", List.of(addresses)));
    }

    private void writes(String who) {
        Browserlike visitor = Browserlike.fresh();
        assertThat(visitor.post(
                                host + ".localhost",
                                "/_ostium/enquiry",
                                Map.of("name", who, "reach", who + "@visitor.example", "message", "Soot"))
                        .status())
                .isIn(200, 303);
    }

    private List<JsonNode> waiting() {
        return owner.get("/api/sites/" + id + "/recipients/waiting")
                .json()
                .valueStream()
                .toList();
    }

    @Test
    void anAddressIsToldOfNothingBeforeItHasSaidYesAndTheOwnerIsMeanwhile() {
        assertThat(messagesTo(office).status()).isEqualTo(200);
        assertThat(waiting()).extracting(each -> each.path("email").asString()).containsExactly(office);
        writes("early");
        StandInMails.waitFor(owners, 1);
        String token = StandInMails.askedToken(office, 1);
        assertThat(StandInMails.to(office)).isEmpty();

        Browserlike reader = Browserlike.fresh();
        JsonNode asked = reader.get("/api/recipients/" + token).json();
        assertThat(asked.path("site").asString()).isEqualTo("Told Sweeps");
        assertThat(asked.path("from").asString()).isEqualTo("Test Owner");
        assertThat(reader.call("POST", "/api/recipients/" + token, null).status())
                .isEqualTo(204);
        assertThat(reader.call("POST", "/api/recipients/" + token, null).status())
                .isEqualTo(404);
        assertThat(waiting()).isEmpty();
        writes("later");
        assertThat(StandInMails.next(office).text()).contains("later");
    }

    /** Taken back and done again, or set among others, an address is asked once; again only after a while. */
    @Test
    void anAddressIsNotAskedAtEveryStep() {
        messagesTo(office, owners);
        StandInMails.askedToken(office, 1);
        messagesTo(owners);
        messagesTo(office);
        Browserlike.Answer again =
                owner.call("POST", "/api/sites/" + id + "/recipients/asked", Map.of("email", office));
        assertThat(again.status()).isEqualTo(429);
        assertThat(again.json().path("detail").asString()).contains(office, "an hour");
        assertThat(owner.call("POST", "/api/sites/" + id + "/recipients/asked", Map.of("email", "no@quill.example"))
                        .status())
                .isEqualTo(404);
        assertThat(StandInMails.asking(office)).hasSize(1);
    }

    /** So that nobody has us write to half the world. */
    @Test
    void aSiteAsksSoManyInADay() {
        for (int i = 0; i < 25; i++) {
            messagesTo(i + "-" + office);
        }
        assertThat(waiting()).hasSize(1);
        StandInMails.askedToken("19-" + office, 1);
        assertThat(StandInMails.asking("20-" + office)).isEmpty();
        assertThat(waiting().get(0).path("askedAt").isNull()).isTrue();
    }

    @Test
    void aHelperIsToldWithoutAQuestionAndNoMoreOnceTakenOff() {
        String helpers = UUID.randomUUID() + "@quill.example";
        owner.call("POST", "/api/sites/" + id + "/invitations", Map.of("kind", "HELP", "email", helpers));
        Browserlike helper = Browserlike.fresh();
        String link = StandInMails.linkTo(helpers);
        helper.signUpUnconfirmed(helpers);
        helper.call("POST", "/api" + link.replace("/invitation/", "/invitations/"), null);
        messagesTo(helpers, owners);
        assertThat(waiting()).isEmpty();
        String account = owner.get("/api/sites/" + id + "/people")
                .json()
                .at("/helpers/0/id")
                .asString();
        owner.call("DELETE", "/api/sites/" + id + "/helpers/" + account, null);
        messagesTo(helpers, owners);
        assertThat(waiting()).extracting(each -> each.path("email").asString()).containsExactly(helpers);
    }
}
