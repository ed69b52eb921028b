package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ostium.app.enquiry.WaitRemindersAccess;
import tools.jackson.databind.JsonNode;

/** An owner who has not answered is reminded, once for each who waits. */
class WaitRemindersTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String email = UUID.randomUUID() + "@quill.example";
    private JsonNode site;

    @BeforeEach
    void aSiteThatPromisesAnAnswerWithinTwoHours() {
        owner.signUp(email);
        site = owner.site(Browserlike.sheet("Reminded Sweeps"));
        owner.keep(site);
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
        edits(Map.of("kind", "setLine", "path", "promise", "words", "within two hours"));
    }

    private String at(String rest) {
        return "/api/sites/" + site.path("id").asString() + rest;
    }

    private void edits(Map<String, Object> edit) {
        long revision = owner.get(at("/revision")).json().path("revision").asLong();
        assertThat(owner.edit(site.path("id").asString(), revision, edit).status())
                .isEqualTo(200);
    }

    private String came(String name, int hoursAgo) {
        String id = owner.call(
                        "POST",
                        at("/enquiries"),
                        Map.of("name", name, "reach", "piet@marrow.example", "message", "The stove smokes."))
                .json()
                .path("id")
                .asString();
        WaitRemindersAccess.earlier(id, hoursAgo);
        return id;
    }

    private int reminders(String enquiry) {
        return owner.get(at("/enquiries/" + enquiry)).json().path("deliveries").size();
    }

    @Test
    void whoWaitsIsNamedWithWhatTheyWroteAndHowLong() {
        came("Piet Marrow", 3);
        WaitRemindersAccess.round();
        assertThat(StandInMails.next(email)).satisfies(mail -> {
            assertThat(mail.subject()).isEqualTo("Piet Marrow still waits for an answer");
            assertThat(mail.text()).contains("You promised an answer by ", "The stove smokes.");
        });
    }

    @Test
    void isToldOnceAndOnlyWhileSomebodyWaits() {
        String waits = came("Waits", 3);
        String fresh = came("Came just now", 0);
        String answered = came("Answered", 3);
        String longAgo = came("Long ago", 24 * 30);
        owner.call("PUT", at("/enquiries/" + answered + "/state"), Map.of("state", "ANSWERED"));
        WaitRemindersAccess.round();
        WaitRemindersAccess.round();
        assertThat(List.of(waits, fresh, answered, longAgo))
                .extracting(this::reminders)
                .containsExactly(1, 0, 0, 0);
        String next = came("The next", 3);
        WaitRemindersAccess.round();
        assertThat(List.of(waits, next)).extracting(this::reminders).containsExactly(1, 1);
    }

    @Test
    void theMailGoesWithTheMessage() {
        String id = came("Piet Marrow", 3);
        WaitRemindersAccess.round();
        assertThat(reminders(id)).isEqualTo(1);
        assertThat(owner.call("DELETE", at("/enquiries?person=piet@marrow.example"), Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(owner.get(at("/enquiries")).json()).isEmpty();
    }
}
