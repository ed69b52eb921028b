package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.mail.Mail;
import ostium.app.mail.MailQueue;
import ostium.app.standin.CaughtMail;
import tools.jackson.databind.JsonNode;

/** Mail for each enquiry, also when the mail server is down for a while. */
class MailTest {
    private static final int FLOOD = 200;

    private final Browserlike owner = Browserlike.fresh();
    private final String email = UUID.randomUUID() + "@quill.example";
    private final String host = "mail-" + UUID.randomUUID().toString().substring(0, 8);
    private String id;

    @BeforeEach
    void publish() {
        JsonNode site = owner.site(Browserlike.sheet("Mailed Sweeps"));
        id = site.path("id").asString();
        owner.signUp(email);
        owner.publish(site, host);
    }

    private void write(String name, String reach, String message) {
        assertThat(Browserlike.fresh()
                        .post(
                                host + ".localhost",
                                "/_ostium/enquiry",
                                Map.of("name", name, "reach", reach, "message", message))
                        .status())
                .isEqualTo(303);
    }

    private JsonNode delivery() {
        return owner.get("/api/sites/" + id + "/enquiries").json().at("/0/deliveries/0");
    }

    @Test
    void anEnquiryReachesTheOwnerWithAWayToAnswer() throws Exception {
        write("Oona Quayle", "oona@quayle.example", "Can you come on Friday?\nBefore noon.");
        CaughtMail.Caught mail = StandInMails.next(email);
        assertThat(mail.subject()).isEqualTo("Oona Quayle has written to you");
        assertThat(mail.replyTo()).isEqualTo("oona@quayle.example");
        assertThat(mail.text()).contains("Can you come on Friday?", "Before noon.", "/sites/" + id + "/enquiries");
        within(10, () -> delivery().path("state").asString().equals("SENT"));
        assertThat(StandInMails.to(email)).hasSize(1);
    }

    @Test
    void aMailServerThatIsDownDelaysAndLosesNothing() throws Exception {
        CaughtMail server = RunningOstium.get().bean(CaughtMail.class);
        server.stop();
        try {
            write("Piet Marrow", "0117 496 0771", "The stove smokes.");
            write("Hester Dunnock", "0117 496 0612", "Jackdaws again.");
            within(20, () -> delivery().path("tries").asInt() > 0);
            assertThat(delivery().path("state").asString()).isEqualTo("WAITING");
            assertThat(delivery().path("fault").asString()).contains("cannot be reached");
        } finally {
            server.start();
        }
        within(40, () -> StandInMails.to(email).size() == 2);
        within(10, () -> delivery().path("state").asString().equals("SENT"));
        assertThat(StandInMails.to(email))
                .extracting(CaughtMail.Caught::messageId)
                .doesNotHaveDuplicates();
    }

    /** Waits until the one mail to the owner is sent, and has left the queue; its id. */
    private String sent() throws Exception {
        within(20, () -> delivery().path("state").asString().equals("SENT"));
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        String mail = database.queryForObject("select id from mail where recipient = ?", String.class, email);
        // The queue keeps its place until it has rested from it.
        within(
                20,
                () -> database.queryForObject(
                                "select count(*) from scheduled_tasks where task_instance = ?", Integer.class, mail)
                        == 0);
        return mail;
    }

    /** As after a crash between the server's yes and our note of it: the mail still waits, and goes out again. */
    @Test
    void aRepeatHasTheSameMessageId() throws Exception {
        write("Marek Holm", "marek@holm.example", "The yearly service please.");
        String mail = sent();
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        database.update("update mail set state = 'WAITING' where id = ?", mail);
        database.update(
                "insert into scheduled_tasks (task_name, task_instance, execution_time, picked, version)"
                        + " values ('mail', ?, utc_timestamp(6), false, 1)",
                mail);
        within(20, () -> StandInMails.to(email).size() == 2);
        assertThat(StandInMails.to(email).stream()
                        .map(CaughtMail.Caught::messageId)
                        .distinct())
                .hasSize(1);
    }

    /** A flood of messages to one site keeps nobody waiting for a new password, and no other site for its messages. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aFloodOfMessagesToOneSiteIsSentBehindTheOthers(boolean isOfAnAccount) throws Exception {
        String flooded = UUID.randomUUID() + "@flood.example";
        String own = UUID.randomUUID() + "@quill.example";
        MailQueue queue = RunningOstium.get().bean(MailQueue.class);
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        TransactionTemplate together = RunningOstium.get().bean(TransactionTemplate.class);
        String other =
                owner.site(Browserlike.sheet("Unflooded Sweeps")).path("id").asString();
        Mail mail = Mail.of(own, "Somebody waits for this", "Words.");
        together.executeWithoutResult(running -> {
            for (int i = 0; i < FLOOD; i++) {
                queue.send(Mail.of(flooded, "Somebody has written", "Words.").of(Mail.About.site(id)));
            }
            queue.send(isOfAnAccount ? mail : mail.of(Mail.About.site(other)));
        });
        String state = "select state from mail where recipient = ?";
        within(20, () -> database.queryForObject(state, String.class, own).equals("SENT"));
        int waiting = database.queryForObject(
                "select count(*) from mail where recipient = ? and state = 'WAITING'", Integer.class, flooded);
        database.update("delete from mail where recipient = ?", flooded);
        assertThat(waiting).isGreaterThan(FLOOD / 2);
    }

    @Test
    void mailProgramsShowItInALook() throws Exception {
        String oona = UUID.randomUUID() + "@quayle.example";
        write("Oona <b>Quayle</b>", oona, "https://elsewhere.example/");
        CaughtMail.Caught told = StandInMails.next(email);
        assertThat(told.html())
                .contains("Ostium", "Oona &lt;b&gt;Quayle", "/sites/" + id + "/enquiries", "Open your enquiries");
        String enquiries = "/api/sites/" + id + "/enquiries";
        String enquiry = owner.get(enquiries).json().at("/0/id").asString();
        owner.call("POST", enquiries + "/" + enquiry + "/reply", Map.of("words", "On Friday, at nine."));
        CaughtMail.Caught reply = StandInMails.next(oona);
        assertThat(reply.html())
                .contains("Mailed Sweeps", "On Friday, at nine.")
                .doesNotContain("Ostium");
        Browserlike.Answer shown = Browserlike.fresh()
                .get("/api/stand-in/mails/" + told.messageId().replaceAll("[<>]", "") + "/shown");
        assertThat(shown.body()).isEqualTo(told.html());
        assertThat(shown.header("Content-Security-Policy")).contains("default-src 'none'", "sandbox");
    }

    private String givenUp() throws Exception {
        write("Hester Dunnock", "0117 496 0612", "Jackdaws again.");
        String mail = sent();
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update("update mail set state = 'GIVEN_UP', tries = 9, fault = 'Refused.' where id = ?", mail);
        return mail;
    }

    @Test
    void aMailThatWasGivenUpIsShownAndSentAgain() throws Exception {
        String undelivered = "/api/sites/" + id + "/undelivered";
        assertThat(owner.get(undelivered).json()).isEmpty();
        String mail = givenUp();
        JsonNode shown = owner.get(undelivered).json();
        assertThat(shown).hasSize(1);
        assertThat(shown.at("/0/to").asString()).isEqualTo(email);
        assertThat(shown.at("/0/fault").asString()).isEqualTo("Refused.");
        assertThat(owner.call("POST", undelivered + "/MAIL/" + mail, null).json())
                .isEmpty();
        within(20, () -> StandInMails.to(email).size() == 2);
        assertThat(owner.call("POST", undelivered + "/MAIL/" + mail, null).status())
                .isEqualTo(404);
    }

    @Test
    void aMailThatWasGivenUpIsLetGo() throws Exception {
        String undelivered = "/api/sites/" + id + "/undelivered";
        String mail = givenUp();
        assertThat(owner.call("DELETE", undelivered + "/MAIL/" + mail, null).json())
                .isEmpty();
        assertThat(owner.get(undelivered).json()).isEmpty();
        assertThat(delivery().path("state").asString()).isEqualTo("LET_GO");
    }

    @Test
    void nobodyElseSeesOrSendsIt() throws Exception {
        String mail = givenUp();
        Browserlike other = Browserlike.fresh();
        String theirs = other.site(Browserlike.sheet("Other Sweeps")).path("id").asString();
        other.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(other.get("/api/sites/" + id + "/undelivered").status()).isEqualTo(404);
        assertThat(other.call("POST", "/api/sites/" + theirs + "/undelivered/MAIL/" + mail, null)
                        .status())
                .isEqualTo(404);
        assertThat(other.call("DELETE", "/api/sites/" + theirs + "/undelivered/MAIL/" + mail, null)
                        .status())
                .isEqualTo(404);
        assertThat(StandInMails.to(email)).hasSize(1);
    }

    @Test
    void whatLooksUnwantedBothersNobody() throws Exception {
        Browserlike.fresh()
                .post(
                        host + ".localhost",
                        "/_ostium/enquiry",
                        Map.of("name", "Bot", "reach", "bot@spam.example", "message", "Buy", "website", "http://x"));
        write("Oona", "oona@quayle.example", "A real one");
        assertThat(StandInMails.next(email).text()).contains("A real one");
        assertThat(StandInMails.to(email)).hasSize(1);
    }

    @Test
    void messagesGoWhereTheOwnerSaysAtOnce() {
        String office = "office-" + email;
        JsonNode manuscript = owner.get("/api/sites/" + id + "/manuscript").json();
        owner.edit(
                id,
                manuscript.path("revision").asLong(),
                Map.of("kind", "sendMessagesTo", "addresses", java.util.List.of(office)));
        TestDatabase.confirm(office);
        write("Oona", "oona@quayle.example", "To the office");
        assertThat(StandInMails.next(office).text()).contains("To the office");
        assertThat(StandInMails.to(email)).isEmpty();
    }

    private static void within(int seconds, Callable<Boolean> holds) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        while (!holds.call()) {
            assertThat(System.nanoTime()).as("not within " + seconds + " s").isLessThan(end);
            StandInMails.pause();
        }
    }
}
