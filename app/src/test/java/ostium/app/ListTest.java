package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.hook.HookSignature;
import ostium.app.standin.CaughtCalls;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The list: signed up for, confirmed, left; brought and taken as a file; told to another program. */
class ListTest {
    private final Browserlike owner = Browserlike.fresh();
    private final Browserlike visitor = Browserlike.fresh();
    private final String name = "list-" + UUID.randomUUID().toString().substring(0, 8);
    private final String host = name + ".localhost";
    private final String piet = name + "@marrow.example";
    private JsonNode site;

    @BeforeEach
    void aSiteWithAList() {
        owner.signUp(name + "@quill.example");
        site = owner.site(Browserlike.sheet("List " + name));
        owner.keep(site);
        JsonNode manuscript = owner.get(api("/manuscript")).json();
        owner.call(
                "POST",
                api("/sections"),
                Map.of("revision", manuscript.path("revision").asLong(), "kind", "LIST"));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
    }

    private String api(String path) {
        return "/api/sites/" + site.path("id").asString() + path;
    }

    private JsonNode list() {
        return owner.get(api("/list")).json();
    }

    private List<String> members() {
        List<String> members = new ArrayList<>();
        list().path("members")
                .forEach(member -> members.add(member.path("email").asString()));
        return members;
    }

    private Browserlike.Answer signsUp(String email) {
        return visitor.post(
                host, "/_ostium/enquiry", Map.of("email", email, "consent", "Yes", "form", "list", "website", ""));
    }

    private String page(Browserlike.Answer answer) {
        return Jsoup.parse(answer.body()).select("h1").text();
    }

    private void joins(String email) {
        assertThat(signsUp(email).status()).isEqualTo(303);
        assertThat(visitor.post(host, StandInMails.linkTo(email), Map.of()).status())
                .isEqualTo(200);
        StandInMails.waitFor(email, 2);
    }

    /** Where somebody leaves, as the mail says it to people and to mail programs. */
    private String leaves() {
        return StandInMails.to(piet).stream()
                .filter(mail -> !mail.leaves().isEmpty())
                .peek(mail -> assertThat(mail.text()).contains(mail.leaves()))
                .map(mail -> URI.create(mail.leaves()).getPath())
                .findFirst()
                .orElseThrow();
    }

    static void waitUntil(BooleanSupplier is) {
        for (int i = 0; i < 400 && !is.getAsBoolean(); i++) {
            StandInMails.pause();
        }
        assertThat(is.getAsBoolean()).isTrue();
    }

    @Test
    void nobodyIsOnItBeforeTheyHaveConfirmedAndReadingALinkChangesNothing() {
        Browserlike.Answer sent = signsUp(piet);
        assertThat(page(visitor.getAt(host, sent.header("Location")))).isEqualTo("One more step");
        String link = StandInMails.linkTo(piet);
        assertThat(page(visitor.getAt(host, link))).isEqualTo("One press, and you are on the list");
        assertThat(members()).isEmpty();
        assertThat(list().path("asked").asInt()).isEqualTo(1);

        assertThat(page(visitor.post(host, link, Map.of()))).isEqualTo("You are on the list");
        assertThat(members()).containsExactly(piet);
        JsonNode member = list().path("members").get(0);
        assertThat(member.path("agreed").asString())
                .isEqualTo("List " + name + " may write to me at this address. I can leave at any time.");
        assertThat(page(visitor.post(host, link, Map.of()))).isEqualTo("This link leads nowhere any more");
    }

    @Test
    void isLeftByOnePressAndBySomebodysMailProgram() {
        joins(piet);
        String leave = leaves();
        assertThat(page(visitor.getAt(host, leave))).isEqualTo("Leave the list?");
        assertThat(members()).containsExactly(piet);
        // RFC 8058: posted by the mail program, from nowhere.
        Browserlike.Answer left = visitor.postBody(
                host, leave, "List-Unsubscribe=One-Click", "Content-Type", "application/x-www-form-urlencoded");
        assertThat(left.status()).isEqualTo(200);
        assertThat(members()).isEmpty();
        assertThat(RunningOstium.get()
                        .bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from list_member where email = ?", Integer.class, piet))
                .isZero();
        assertThat(page(visitor.getAt(host, leave))).isEqualTo("This link leads nowhere any more");
    }

    @Test
    void whoeverIsOnItIsToldSoAndNobodyIsMailedOften() {
        joins(piet);
        signsUp(piet.toUpperCase(java.util.Locale.ROOT));
        StandInMails.waitFor(piet, 3);
        assertThat(StandInMails.to(piet)).anyMatch(mail -> mail.subject().contains("already"));
        for (int i = 0; i < 5; i++) {
            assertThat(signsUp(piet).status()).isEqualTo(303);
        }
        assertThat(members()).containsExactly(piet);
        assertThat(RunningOstium.get()
                        .bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from mail where recipient = ?", Integer.class, piet))
                .isEqualTo(4);
    }

    @Test
    void whatNoPersonSeesIsAnsweredAndMailsNobody() {
        visitor.post(
                host, "/_ostium/enquiry", Map.of("email", piet, "consent", "Yes", "form", "list", "website", "spam"));
        assertThat(list().path("asked").asInt()).isZero();
        Browserlike.Answer faulty = visitor.post(host, "/_ostium/enquiry", Map.of("email", "piet", "form", "list"));
        assertThat(faulty.status()).isEqualTo(422);
        assertThat(Jsoup.parse(faulty.body()).select(".fld.bad").eachAttr("data-field"))
                .containsExactly("email", "consent");
    }

    @Test
    void linksHoldWhenTheListOrTheSiteIsGone() {
        joins(piet);
        String leave = leaves();
        owner.call("DELETE", api("/publications/live"), null);
        assertThat(page(visitor.getAt("localhost", leave))).isEqualTo("Leave the list?");
        assertThat(page(visitor.getAt("elsewhere.localhost", leave))).isEqualTo("Leave the list?");
        assertThat(page(visitor.post("localhost", leave, Map.of()))).isEqualTo("You have left the list");
    }

    @Test
    void comesAndGoesAsAFileWithWhatWasAgreed() {
        String file = "Name;E-mail\n=Piet;" + piet + "\nAda;ada.at.quill\nJo;jo-" + piet + "\n";
        Browserlike.Answer nothingSaid = owner.call("POST", api("/list/people"), Map.of("file", file, "agreed", " "));
        assertThat(nothingSaid.status()).isEqualTo(422);
        assertThat(nothingSaid.json().path("field").asString()).isEqualTo("agreed");

        Map<String, String> said = Map.of("file", file, "agreed", "signed the sheet at the counter");
        JsonNode brought = owner.call("POST", api("/list/people"), said).json();
        assertThat(brought.path("added").asInt()).isEqualTo(2);
        assertThat(brought.at("/faults/0/line").asInt()).isEqualTo(3);
        assertThat(owner.call("POST", api("/list/people"), said)
                        .json()
                        .path("known")
                        .asInt())
                .isEqualTo(2);
        assertThat(StandInMails.to(piet)).isEmpty();

        List<String> lines = owner.get(api("/list.csv")).body().lines().toList();
        assertThat(lines).hasSize(3);
        assertThat(lines.get(0)).endsWith("E-mail,Name,On the list since,Agreed to,Agreed at,Leaves by");
        assertThat(String.join("\n", lines))
                .contains("'=Piet")
                .contains("signed the sheet at the counter")
                .contains("http://" + host);
    }

    @Test
    void aLongListComesInPagesAndIsSearched() {
        StringBuilder file = new StringBuilder("email\n");
        for (int i = 0; i < 230; i++) {
            file.append("p").append(i).append("@marrow.example\n");
        }
        owner.call("POST", api("/list/people"), Map.of("file", file.toString(), "agreed", "at the counter"));
        List<String> all = new ArrayList<>();
        String next = "";
        do {
            JsonNode page = owner.get(api("/list?after=" + next)).json();
            page.path("members").forEach(member -> all.add(member.path("email").asString()));
            next = page.path("next").asString();
        } while (!next.isEmpty());
        assertThat(all).hasSize(230).doesNotHaveDuplicates();
        assertThat(owner.get(api("/list?search=P22%40")).json().path("members")).hasSize(1);
        assertThat(owner.get(api("/list?search=%25")).json().path("members")).isEmpty();
    }

    @Test
    void isItsOwnersAlone() {
        joins(piet);
        String member = list().at("/members/0/id").asString();
        Browserlike other = Browserlike.fresh();
        other.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(other.get(api("/list")).status()).isEqualTo(404);
        assertThat(other.get(api("/list.csv")).status()).isEqualTo(404);
        assertThat(other.call("DELETE", api("/list/" + member), null).status()).isEqualTo(404);
        assertThat(other.call("PUT", api("/hooks/LIST"), Map.of("address", "https://a.example"))
                        .status())
                .isEqualTo(404);
        assertThat(members()).containsExactly(piet);
        assertThat(owner.call("DELETE", api("/list/" + member), null).status()).isEqualTo(204);
        assertThat(owner.call("DELETE", api("/list/" + member), null).status()).isEqualTo(404);
    }

    private JsonNode hook() {
        return owner.get(api("/hooks/LIST")).json();
    }

    @Test
    void aProgramIsToldSignedAndAgainUntilItHasIt() {
        CaughtCalls program = RunningOstium.get().bean(CaughtCalls.class);
        String address = "http://127.0.0.1:" + RunningOstium.get().port() + "/api/stand-in/calls";
        assertThat(owner.call("PUT", api("/hooks/LIST"), Map.of("address", "javascript:1"))
                        .status())
                .isEqualTo(422);
        assertThat(owner.call("PUT", api("/hooks/LIST"), Map.of("address", address))
                        .status())
                .isEqualTo(200);
        program.setDown(true);
        joins(piet);
        waitUntil(() -> hook().at("/calls/0/tries").asInt() > 0);
        assertThat(hook().at("/calls/0/fault").asString()).isEqualTo("The program at this address did not take it.");
        program.setDown(false);
        waitUntil(() -> hook().at("/calls/0/state").asString().equals("TAKEN"));

        CaughtCalls.CaughtCall call = program.caught().stream()
                .filter(each -> each.body().contains(piet))
                .findFirst()
                .orElseThrow();
        JsonNode told = new JsonMapper().readTree(call.body());
        assertThat(told.path("type").asString()).isEqualTo("list.joined");
        assertThat(told.at("/data/email").asString()).isEqualTo(piet);
        String secret = hook().at("/hook/secret").asString();
        assertThat(HookSignature.headers(
                        secret,
                        call.headers().get("webhook-id"),
                        java.time.Instant.ofEpochSecond(
                                Long.parseLong(call.headers().get("webhook-timestamp"))),
                        call.body()))
                .isEqualTo(call.headers());
    }

    @Test
    void itsDoorIsTriedTheWholeWayAndATestIsOnNoList() {
        JsonNode tried = owner.call("POST", api("/doors/list/test"), Map.of("fields", Map.of()))
                .json();
        assertThat(tried.toString()).contains("The sign-up took it.");
        String to = name + "@quill.example";
        String link = StandInMails.linkTo(to);
        assertThat(page(visitor.post(host, link, Map.of()))).isEqualTo("You are on the list");
        assertThat(members()).isEmpty();
    }
}
