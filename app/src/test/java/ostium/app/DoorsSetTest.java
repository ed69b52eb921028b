package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Doors as their owner sets and tries them, and what acts at once of it. */
class DoorsSetTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String email = UUID.randomUUID() + "@quill.example";
    private JsonNode site;
    private String doors;

    @BeforeEach
    void keptSite() {
        owner.signUp(email);
        site = owner.site(Browserlike.sheet("Doors " + UUID.randomUUID()));
        doors = "/api/sites/" + site.path("id").asString() + "/doors";
        owner.keep(site);
    }

    private Browserlike.Answer edits(Map<String, Object> edit) {
        String id = site.path("id").asString();
        long revision = owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
        return owner.edit(id, revision, edit);
    }

    private Browserlike.Answer sets(String kind, Map<String, ?> other) {
        Map<String, Object> door = new HashMap<>(Map.of(
                "kind", kind, "shut", false, "hours", Map.of("when", "ALWAYS", "own", ""), "words", "", "opening", ""));
        door.putAll(other);
        return edits(Map.of("kind", "setDoor", "door", door));
    }

    private JsonNode door(String kind) {
        return StreamSupport.stream(owner.get(doors).json().path("doors").spliterator(), false)
                .filter(door -> door.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    /** The form's door, once the mail of its test is with the mail server and that is written down. */
    private JsonNode arrived() {
        JsonNode door = door("form");
        for (int i = 0; i < 200 && door.toString().contains("\"done\":null"); i++) {
            java.util.concurrent.locks.LockSupport.parkNanos(50_000_000);
            door = door("form");
        }
        return door;
    }

    private Browserlike.Answer tests(String kind, Map<String, ?> fields) {
        return owner.call("POST", doors + "/" + kind + "/test", Map.of("fields", fields));
    }

    @Test
    void areSeenWithTheirWeek() {
        JsonNode view = owner.get(doors + "?day=2026-12-05").json();
        assertThat(view.path("monday").asString()).isEqualTo("2026-11-30");
        assertThat(view.path("moments").get(0).path("says").asString()).startsWith("A visitor can call");
        assertThat(view.path("places")).hasSize(4);
        assertThat(owner.get(doors + "?day=tomorrow").status()).isEqualTo(422);
        assertThat(door("call").path("main").asBoolean()
                        || door("form").path("main").asBoolean())
                .isTrue();
    }

    @Test
    void areSetByEditsAndRefusedInWords() {
        edits(Map.of("kind", "setLine", "path", "hours", "words", "Mon-Fri 9-5"));
        assertThat(sets("call", Map.of("hours", Map.of("when", "IN_HOURS", "own", ""), "standsIn", "form"))
                        .status())
                .isEqualTo(200);
        assertThat(door("call").path("lane")).hasSize(5);
        Browserlike.Answer refused = sets("form", Map.of("hours", Map.of("when", "IN_HOURS", "own", "")));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).startsWith("Form stands in for Call");
        assertThat(sets("call", Map.of("hours", Map.of("when", "OWN", "own", "now and then")))
                        .json()
                        .path("detail")
                        .asString())
                .isNotBlank();
    }

    @Test
    void aPlaceIsFilledByTheOwnerAndAsUsualAgain() {
        edits(Map.of("kind", "placeDoors", "place", "BAR", "doors", List.of("form"), "usual", false));
        JsonNode bar = owner.get(doors).json().at("/places/3");
        assertThat(bar.path("usual").asBoolean()).isFalse();
        assertThat(bar.path("doors")).extracting(JsonNode::asString).containsExactly("form");
        edits(Map.of("kind", "placeDoors", "place", "BAR", "doors", List.of(), "usual", true));
        assertThat(owner.get(doors).json().at("/places/3/usual").asBoolean()).isTrue();
    }

    @Test
    void aTestSaysWhatATelephoneDoesAndHoldsUntilTheDoorIsAnother() {
        Browserlike.Answer tested = tests("call", Map.of());
        assertThat(tested.status()).isEqualTo(200);
        assertThat(tested.json().at("/steps/0/says").asString()).startsWith("A phone asks “Call 0117 496");
        assertThat(door("call").path("test").isNull()).isFalse();
        edits(Map.of("kind", "setLine", "path", "telephone", "words", "0117 496 0777"));
        assertThat(door("call").path("test").isNull()).as("another number").isTrue();
        assertThat(tests("chat", Map.of()).status()).as("not open").isEqualTo(422);
        assertThat(tests("pigeon", Map.of()).status()).isEqualTo(404);
    }

    @Test
    void aTestOfTheFormGoesTheWholeWayAndNobodyWaitsForIt() {
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
        tests("form", Map.of());
        tests("form", Map.of());
        StandInMails.next(email);
        assertThat(arrived().at("/test/steps"))
                .extracting(step -> step.path("says").asString() + " " + step.path("done"))
                .containsExactly(
                        "The form took it. true",
                        "It is kept under Enquiries, marked as a test. true",
                        "A mail is with " + email + ". true");
        JsonNode kept = owner.get("/api/sites/" + site.path("id").asString() + "/enquiries")
                .json();
        assertThat(kept).extracting(each -> each.path("came").asString()).containsExactly("TEST");
        assertThat(owner.get("/api/sites/" + site.path("id").asString())
                        .json()
                        .path("newEnquiries")
                        .asInt())
                .isZero();
        assertThat(StandInMails.to(email)).anyMatch(mail -> mail.subject().startsWith("Test: "));
    }

    @Test
    void whatIsTypedIntoTheShopfrontIsCheckedAsAVisitorsIs() {
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
        Browserlike.Answer wrong = tests("form", Map.of("name", "Ada", "message", "Hello"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().path("field").asString()).isEqualTo("reach");
    }

    @Test
    void shuttingADoorActsAtOnceAndItsWordsWaitForPublish() {
        String name = "doors-" + UUID.randomUUID().toString().substring(0, 8);
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        Browserlike visitor = Browserlike.fresh();
        assertThat(visitor.getAt(name + ".localhost", "/").body()).contains(" data-shut=\"\"");
        sets("call", Map.of("shut", true, "words", "Ask for Wilma"));
        assertThat(visitor.getAt(name + ".localhost", "/").body())
                .contains(" data-shut=\"call\"")
                .doesNotContain("Ask for Wilma");
        assertThat(owner.get("/api/sites/" + site.path("id").asString() + "/publications")
                        .json()
                        .path("changes")
                        .toString())
                .contains("Call: shut");
        sets("call", Map.of());
        assertThat(visitor.getAt(name + ".localhost", "/").body()).contains(" data-shut=\"\"");
    }
}
