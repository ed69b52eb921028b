package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.mail.MailQueue;
import ostium.app.standin.CaughtTexts;
import tools.jackson.databind.JsonNode;

/** Texts to telephones, beside the mails of a booking. */
class BookingTextsTest {
    private static final String MOBILE = "07700 900461";
    private static final String OWNER = "07700 900733";

    private final BookingSite site = BookingSite.open();
    private final CaughtTexts gateway = RunningOstium.get().bean(CaughtTexts.class);

    private void texts(boolean customers, String to) {
        assertThat(site.sets(Map.of("texts", Map.of("customers", customers, "to", to)))
                        .status())
                .isEqualTo(200);
    }

    private String book(String telephone) {
        Map<String, String> who = site.who(BookingSite.link(site.hold("sweep", "10:00")));
        who.put("name", "Oona of " + site.name);
        who.put("telephone", telephone);
        return BookingSite.link(site.act("take", who));
    }

    private List<String> words() {
        return gateway.caught().stream()
                .map(CaughtTexts.CaughtText::words)
                .filter(words -> words.contains(site.name))
                .toList();
    }

    private void waitFor(int number) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (words().size() < number && System.nanoTime() < end) {
            Thread.onSpinWait();
        }
        assertThat(words()).hasSize(number);
    }

    @Test
    void bothSidesAreTextedWhereThatIsWanted() {
        texts(true, OWNER);
        String link = book(MOBILE);
        waitFor(2);
        assertThat(words())
                .anySatisfy(words -> assertThat(words)
                        .startsWith("Ashes of " + site.name + ": Chimney sweep is booked, ")
                        .contains("10:00")
                        .endsWith("/book?booking=" + link))
                .anySatisfy(
                        words -> assertThat(words).startsWith("Oona of " + site.name + " has booked Chimney sweep, "));
        assertThat(gateway.caught()).extracting(CaughtTexts.CaughtText::to).contains("+447700900461", "+447700900733");
    }

    @Test
    void aLandlineGetsNone() {
        texts(true, "");
        book("0117 496 0633");
        StandInMails.next("oona-" + site.name + "@quill.example");
        assertThat(words()).isEmpty();
    }

    @Test
    void withoutTheOwnersWordNobodyIsTexted() {
        book(MOBILE);
        StandInMails.next("oona-" + site.name + "@quill.example");
        assertThat(words()).isEmpty();
    }

    @Test
    void whileTheGatewayIsDownTheyWait() {
        gateway.setDown(true);
        try {
            texts(true, "");
            book(MOBILE);
            String diary = "/api/sites/" + site.id() + "/diary?days=1&day=" + site.day;
            assertThat(site.owner.get(diary).json().at("/days/0/tickets/0/ticket/mails"))
                    .anySatisfy(
                            said -> assertThat(said.asString()).isEqualTo("The text to +447700900461 is on its way."));
        } finally {
            gateway.setDown(false);
        }
        waitFor(1);
    }

    /** A text of the booking that is given up, as if the gateway had been down for half a day. */
    private String givenUp() {
        gateway.setDown(true);
        texts(true, "");
        book(MOBILE);
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        String ofSite = " from text_message t join booking b on b.id = t.booking where b.site = ?";
        String text = database.queryForObject("select t.id" + ofSite, String.class, site.id());
        database.update("delete from scheduled_tasks where task_instance = ?", text);
        database.update("update text_message set state = 'GIVEN_UP', tries = 9 where id = ?", text);
        gateway.setDown(false);
        return text;
    }

    private String undelivered() {
        return "/api/sites/" + site.id() + "/undelivered";
    }

    @Test
    void aTextThatWasGivenUpIsShownAndSentAgain() {
        String text = givenUp();
        JsonNode shown = site.owner.get(undelivered()).json();
        assertThat(shown).hasSize(1);
        assertThat(shown.at("/0/way").asString()).isEqualTo("TEXT");
        assertThat(shown.at("/0/to").asString()).isEqualTo("07700 900461");
        assertThat(shown.at("/0/about").asString()).contains("Chimney sweep is booked");
        assertThat(shown.at("/0/isGivenUp").asBoolean()).isTrue();
        assertThat(site.owner
                        .call("POST", undelivered() + "/TEXT/" + text, null)
                        .json())
                .isEmpty();
        waitFor(1);
        assertThat(site.owner
                        .call("POST", undelivered() + "/TEXT/" + text, null)
                        .status())
                .as("it is not given up any more")
                .isEqualTo(404);
    }

    @Test
    void aTextThatWasGivenUpIsLetGoAndIsNobodyElses() {
        String text = givenUp();
        Browserlike other = Browserlike.fresh();
        other.signUp(UUID.randomUUID() + "@quill.example");
        String theirs = other.site(Browserlike.sheet("Other Sweeps")).path("id").asString();
        for (String method : List.of("POST", "DELETE")) {
            assertThat(other.call(method, "/api/sites/" + theirs + "/undelivered/TEXT/" + text, null)
                            .status())
                    .isEqualTo(404);
        }
        assertThat(site.owner
                        .call("DELETE", undelivered() + "/TEXT/" + text, null)
                        .json())
                .isEmpty();
        String diary = "/api/sites/" + site.id() + "/diary?days=1&day=" + site.day;
        assertThat(site.owner.get(diary).json().at("/days/0/tickets/0/ticket/mails"))
                .anySatisfy(said -> assertThat(said.asString()).contains("could not be delivered"));
        assertThat(words()).isEmpty();
    }

    /** Letting a mail go that had told of a booking took the whole diary away. */
    @Test
    void whateverBecomesOfAMailTheDiaryIsShown() {
        book(MOBILE);
        for (MailQueue.State state : MailQueue.State.values()) {
            RunningOstium.get()
                    .bean(JdbcTemplate.class)
                    .update(
                            "update mail set state = ? where booking in (select id from booking where site = ?)",
                            state.name(),
                            site.id());
            String diary = "/api/sites/" + site.id() + "/diary?days=1&day=" + site.day;
            assertThat(site.owner.get(diary).status()).as(state.name()).isEqualTo(200);
        }
    }

    @Test
    void whatIsOverNeedsNoText() {
        givenUp();
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update("update booking set ends_at = now() - interval 1 hour where site = ?", site.id());
        assertThat(site.owner.get(undelivered()).json()).isEmpty();
    }

    @Test
    void theOwnersNumberMustTakeTexts() {
        for (String typed : List.of("0117 496 0633", "none")) {
            Browserlike.Answer answer = site.sets(Map.of("texts", Map.of("customers", false, "to", typed)));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body()).contains("mobile number");
        }
    }
}
