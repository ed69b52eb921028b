package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Messages that are set aside as no customer's, kept all the same, and put right with one press that counts. */
class UnwantedTest {
    private static final String PITCH = "Dear business owner, we place guest posts: https://rank.example";

    private final Browserlike owner = Browserlike.fresh();
    private Place here;

    /** A public site, and where its owner reads. */
    private record Place(String id, String host) {
        String enquiries() {
            return "/api/sites/" + id + "/enquiries";
        }
    }

    @BeforeEach
    void publish() {
        owner.signUp(UUID.randomUUID() + "@quill.example");
        here = publishes(owner);
    }

    private static Place publishes(Browserlike owner) {
        String name = "weighed-" + UUID.randomUUID().toString().substring(0, 8);
        JsonNode site = owner.site(Browserlike.sheet("Weighed Sweeps"));
        owner.publish(site, name);
        return new Place(site.path("id").asString(), name + ".localhost");
    }

    private static void send(Place place, String reach, String words, String... more) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("name", "Somebody");
        fields.put("reach", reach);
        fields.put("message", words);
        for (int at = 0; at < more.length; at += 2) {
            fields.put(more[at], more[at + 1]);
        }
        assertThat(Browserlike.fresh()
                        .post(place.host(), "/_ostium/enquiry", fields)
                        .status())
                .as("whoever sends is answered alike")
                .isEqualTo(303);
    }

    private JsonNode from(String reach) {
        for (JsonNode each : owner.get(here.enquiries()).json()) {
            if (each.at("/person/reach").asString().equals(reach)) {
                return each;
            }
        }
        throw new AssertionError("nothing came from " + reach);
    }

    private void mark(String reach, String state) {
        String id = from(reach).path("id").asString();
        assertThat(owner.call("PUT", here.enquiries() + "/" + id + "/state", Map.of("state", state))
                        .status())
                .isEqualTo(200);
    }

    private String stateOf(String reach) {
        return from(reach).path("state").asString();
    }

    @Test
    void aPitchIsKeptWithWhyItIsSetAsideAndNobodyIsMailedOfIt() {
        int mails = mailsOf(here);
        send(here, "growth@rank.example", PITCH);
        assertThat(stateOf("growth@rank.example")).isEqualTo("UNWANTED");
        assertThat(from("growth@rank.example").path("setAside"))
                .extracting(JsonNode::asString)
                .containsExactly("It says “guest posts”, “dear business owner”.", "It has a link.");
        assertThat(mailsOf(here)).isEqualTo(mails);
        send(here, "dora@tolver.example", "The stove smokes when the wind is from the west.");
        assertThat(stateOf("dora@tolver.example")).isEqualTo("NEW");
        assertThat(from("dora@tolver.example").path("setAside")).isEmpty();
        assertThat(mailsOf(here)).isEqualTo(mails + 1);
    }

    private static int mailsOf(Place place) {
        return RunningOstium.get()
                .bean(JdbcTemplate.class)
                .queryForObject(
                        "select count(*) from mail where site = ? and enquiry is not null", Integer.class, place.id());
    }

    @Test
    void whatIsPutRightComesThroughNextTime() {
        send(here, "dora@tolver.example", PITCH);
        mark("dora@tolver.example", "NEW");
        assertThat(from("dora@tolver.example").path("setAside")).isEmpty();
        mark("dora@tolver.example", "ANSWERED");
        send(here, "dora@tolver.example", PITCH + " Once more.");
        assertThat(states()).containsExactly("NEW", "ANSWERED");
    }

    @Test
    void whoWasSetAsideIsSetAsideNextTime() {
        send(here, "hello@vans.example", "Fleet leasing for contractors, on good terms.");
        assertThat(stateOf("hello@vans.example")).isEqualTo("NEW");
        mark("hello@vans.example", "UNWANTED");
        assertThat(from("hello@vans.example").path("setAside"))
                .as("the owner knows why")
                .isEmpty();
        send(here, "hello@vans.example", "Have you thought about our offer?");
        assertThat(states()).containsExactly("UNWANTED", "UNWANTED");
        assertThat(owner.get(here.enquiries()).json().at("/0/setAside/0").asString())
                .isEqualTo("You have set this sender aside before.");
    }

    private List<String> states() {
        return owner.get(here.enquiries())
                .json()
                .valueStream()
                .map(each -> each.path("state").asString())
                .toList();
    }

    @Test
    void theSameWordsToManyBusinessesAreSetAside() {
        String words = "We have " + UUID.randomUUID() + " chairs to give away, who wants them may come and fetch them.";
        for (int at = 0; at < 3; at++) {
            send(publishes(owner), "chairs-" + at + "@many.example", words);
        }
        send(here, "chairs@many.example", words.toUpperCase(java.util.Locale.ROOT));
        assertThat(from("chairs@many.example").path("setAside"))
                .extracting(JsonNode::asString)
                .containsExactly("The same words came to other businesses.");
    }

    @Test
    void howLongThePageStoodOpenCountsWhereAScriptTellsIt() {
        String link = "Dear website owner, see www.leaflets.example";
        send(here, "slow@leaflets.example", link, "taken", "45000");
        assertThat(stateOf("slow@leaflets.example")).isEqualTo("NEW");
        send(here, "none@leaflets.example", link + ".");
        assertThat(stateOf("none@leaflets.example")).isEqualTo("NEW");
        send(here, "odd@leaflets.example", link + " now", "taken", "-1 or so");
        assertThat(stateOf("odd@leaflets.example")).isEqualTo("NEW");
        Place other = publishes(owner);
        here = other;
        send(other, "fast@leaflets.example", link + " soon", "taken", "800");
        assertThat(stateOf("fast@leaflets.example")).isEqualTo("UNWANTED");
    }
}
