package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.standin.CaughtTexts;
import ostium.app.standin.CaughtTexts.CaughtText;
import tools.jackson.databind.JsonNode;

/** Messages that go to whoever they are for, by what was answered. */
class RoutesTest {
    private static final CaughtTexts GATEWAY = RunningOstium.get().bean(CaughtTexts.class);

    private final Browserlike owner = Browserlike.fresh();
    private final Browserlike visitor = Browserlike.fresh();
    private final String name = "routes-" + UUID.randomUUID().toString().substring(0, 8);
    private final String everybody = name + "-all@quill.example";
    private final String ben = name + "-ben@quill.example";
    private JsonNode site;
    private String section;

    @BeforeEach
    void aSiteThatAsksWhatIsWanted() {
        owner.signUp(everybody);
        site = owner.site(Browserlike.sheet("Routes " + name));
        owner.keep(site);
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(everybody)));
        section = owner.get("/api/sites/" + id() + "/manuscript")
                .json()
                .path("forms")
                .propertyNames()
                .iterator()
                .next();
        Map<String, Object> what = field("what", "CHOICE");
        what.put("options", List.of("A sweep", "A repair"));
        Map<String, Object> form = Map.of(
                "fields",
                List.of(field("name", "NAME"), field("reach", "REACH"), what),
                "thanks",
                "",
                "confirms",
                false);
        edits(Map.of("kind", "setForm", "section", section, "form", form, "usual", false));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
    }

    private static Map<String, Object> field(String key, String kind) {
        Map<String, Object> field = new HashMap<>(Map.of("key", key, "label", "Asked " + key, "help", ""));
        field.putAll(Map.of("kind", kind, "required", false, "longest", 0, "options", List.of()));
        return field;
    }

    private String id() {
        return site.path("id").asString();
    }

    private Browserlike.Answer edits(Map<String, Object> edit) {
        long revision = owner.get("/api/sites/" + id() + "/revision")
                .json()
                .path("revision")
                .asLong();
        return owner.edit(id(), revision, edit);
    }

    private Browserlike.Answer routes(Object... routes) {
        Browserlike.Answer answer = edits(Map.of("kind", "setRoutes", "section", section, "routes", List.of(routes)));
        TestDatabase.confirm(ben);
        return answer;
    }

    private static Map<String, Object> route(String field, String answer, String... to) {
        return Map.of("field", field, "answer", answer, "to", List.of(to));
    }

    private void sends(String who, String what) {
        String body = "name=%s&reach=0117+496+0555&what=%s"
                .formatted(
                        URLEncoder.encode(who, StandardCharsets.UTF_8),
                        URLEncoder.encode(what, StandardCharsets.UTF_8));
        assertThat(visitor.postBody(
                                name + ".localhost",
                                "/_ostium/enquiry",
                                body,
                                "Content-Type",
                                "application/x-www-form-urlencoded")
                        .status())
                .isEqualTo(303);
    }

    private List<CaughtText> texts(int number) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        List<CaughtText> mine;
        do {
            mine = GATEWAY.caught().stream()
                    .filter(text -> text.words().contains(name))
                    .toList();
        } while (mine.size() < number && System.nanoTime() < end);
        return mine;
    }

    @Test
    void anAnswerBringsItToWhoDoesThatWork() {
        assertThat(routes(route("what", "A repair", ben)).status()).isEqualTo(200);
        sends("Kate", "A repair");
        sends("Oona", "A sweep");
        assertThat(StandInMails.next(ben).subject()).isEqualTo("Kate has written to you");
        assertThat(StandInMails.next(everybody).subject()).isEqualTo("Oona has written to you");
        assertThat(StandInMails.to(everybody)).noneMatch(mail -> mail.subject().contains("Kate"));
    }

    @Test
    void aTelephoneIsTextedBesideTheMailAtOnceAndWithoutPublishing() {
        routes(route("", "", "07700 900461"));
        sends("Kate", "A sweep");
        StandInMails.next(everybody);
        assertThat(texts(1)).singleElement().satisfies(text -> {
            assertThat(text.to()).isEqualTo("+447700900461");
            assertThat(text.words()).isEqualTo("Kate has written to Routes " + name + ". 0117 496 0555");
        });
    }

    /** A flood is read in the mail. */
    @Test
    void noMoreThanTwentyTextsGoInAnHour() {
        routes(route("", "", "07700 900461"));
        sends("First", "A sweep");
        texts(1);
        JdbcTemplate rows = RunningOstium.get().bean(JdbcTemplate.class);
        String enquiry = rows.queryForObject("select id from enquiry where site = ?", String.class, id());
        for (int i = 0; i < 19; i++) {
            rows.update(
                    "insert into text_message (id, recipient, words, state, site, enquiry)"
                            + " values (uuid(), '+447700900461', '', 'SENT', ?, ?)",
                    id(),
                    enquiry);
        }
        sends("Last", "A sweep");
        StandInMails.next(everybody);
        assertThat(rows.queryForObject("select count(*) from text_message where site = ?", Integer.class, id()))
                .isEqualTo(20);
    }

    @Test
    void whatIsNoRecipientIsRefusedWhereItWasTyped() {
        Browserlike.Answer refused = routes(route("what", "A repair", "Ben"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("“Ben” is neither a mail address nor a mobile number");
    }

    /** The window's own edit before it was not answered yet: that is nobody else's change. */
    @Test
    void aRefusalRightAfterAnotherEditOfTheSameWindowIsNoMeeting() {
        long revision = owner.get("/api/sites/" + id() + "/revision")
                .json()
                .path("revision")
                .asLong();
        String window = UUID.randomUUID().toString();
        assertThat(sent(revision, window + ".1", route("what", "A repair")).status())
                .isEqualTo(200);
        assertThat(sent(revision, window + ".2", route("what", "A repair", "Ben"))
                        .status())
                .isEqualTo(422);
        assertThat(sent(revision, UUID.randomUUID() + ".1", route("what", "A repair", "Ben"))
                        .status())
                .as("of another window")
                .isEqualTo(409);
    }

    private Browserlike.Answer sent(long revision, String key, Object route) {
        Map<String, Object> edit = Map.of("kind", "setRoutes", "section", section, "routes", List.of(route));
        return owner.call(
                "POST", "/api/sites/" + id() + "/edits", Map.of("revision", revision, "key", key, "edit", edit));
    }

    @Test
    void aTestOfTheFormGoesThereToo() {
        routes(route("", "", ben, "07700 900461"));
        JsonNode tested = owner.call("POST", "/api/sites/" + id() + "/doors/form/test", Map.of("answers", Map.of()))
                .json();
        assertThat(tested.toString()).contains(ben);
        assertThat(StandInMails.next(ben).subject()).startsWith("Test: ");
        assertThat(texts(1))
                .singleElement()
                .satisfies(text -> assertThat(text.words()).startsWith("A test of your form: "));
    }
}
