package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.enquiry.KeepingTimesAccess;
import tools.jackson.databind.JsonNode;

/** Forms as their owner sets them up, and what visitors send through them. */
class FormsTest {
    private final Browserlike owner = Browserlike.fresh();
    private final Browserlike visitor = Browserlike.fresh();
    private final String name = "forms-" + UUID.randomUUID().toString().substring(0, 8);
    private final String email = name + "@quill.example";
    private JsonNode site;

    @BeforeEach
    void keptSite() {
        owner.signUp(email);
        site = owner.site(Browserlike.sheet("Forms " + name));
        owner.keep(site);
        edits(Map.of("kind", "sendMessagesTo", "addresses", List.of(email)));
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

    private JsonNode manuscript() {
        return owner.get("/api/sites/" + id() + "/manuscript").json();
    }

    private List<String> sections() {
        return new ArrayList<>(manuscript().path("forms").propertyNames());
    }

    private static Map<String, Object> field(String key, String kind, boolean required) {
        Map<String, Object> field = new HashMap<>(Map.of("key", key, "label", "Asked " + key, "help", ""));
        field.putAll(Map.of("kind", kind, "required", required, "longest", 0, "options", List.of()));
        return field;
    }

    private static Map<String, Object> with(Map<String, Object> field, String part, Object value) {
        Map<String, Object> other = new HashMap<>(field);
        other.put(part, value);
        return other;
    }

    private Browserlike.Answer sets(String section, String thanks, boolean confirms, List<?> fields) {
        Map<String, Object> form = Map.of("fields", fields, "thanks", thanks, "confirms", confirms);
        return edits(Map.of("kind", "setForm", "section", section, "form", form, "usual", false));
    }

    private Browserlike.Answer send(String body) {
        return visitor.postBody(
                name + ".localhost", "/_ostium/enquiry", body, "Content-Type", "application/x-www-form-urlencoded");
    }

    private void conditional() {
        Map<String, Object> what = with(field("what", "SEVERAL", true), "options", List.of("Sweep", "Stove"));
        Map<String, Object> pets = field("pets", "YES_NO", true);
        Map<String, Object> which =
                with(field("which", "SHORT", true), "condition", Map.of("key", "pets", "answer", "Yes"));
        Map<String, Object> agreed = with(field("agreed", "CONSENT", true), "label", "I agree to it.");
        assertThat(sets(
                                sections().get(0),
                                "Thank you, Ada reads it tonight.",
                                true,
                                List.of(field("email", "EMAIL", true), what, pets, which, agreed))
                        .status())
                .isEqualTo(200);
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
    }

    @Test
    void areAskedCheckedAndShownAgainWithoutAScript() {
        conditional();
        Browserlike.Answer again = send("email=piet@marrow.example&what=Sweep&what=Stove&pets=Yes&form=enquiry");
        assertThat(again.status()).isEqualTo(422);
        Document page = Jsoup.parse(again.body());
        assertThat(page.select("[name=what][checked]")).hasSize(2);
        assertThat(page.select("[name=pets][checked]").val()).isEqualTo("Yes");
        assertThat(page.select(".fld.bad").eachAttr("data-field")).containsExactly("which", "agreed");
        assertThat(page.select("[data-field=which] .only").text()).isEqualTo("Only if “Asked pets” is “Yes”.");
        assertThat(page.select("[data-faults]").text())
                .isEqualTo("2 fields need a look. What you typed is still here.");
    }

    @Test
    void whatIsSentIsKeptWithWhatWasAgreedAndConfirmed() {
        conditional();
        Browserlike.Answer sent =
                send("email=" + name + "@marrow.example&what=Sweep&what=Stove&pets=No&which=&agreed=Yes");
        assertThat(sent.status()).isEqualTo(303);
        assertThat(visitor.getAt(name + ".localhost", sent.header("Location")).body())
                .contains("Thank you, Ada reads it tonight.");
        JsonNode kept = owner.get("/api/sites/" + id() + "/enquiries").json().get(0);
        assertThat(kept.path("answers"))
                .extracting(answer -> answer.path("key").asString() + "="
                        + answer.path("value").asString())
                .containsExactly(
                        "email=" + name + "@marrow.example", "what=Sweep, Stove", "pets=No", "agreed=I agree to it.");
        assertThat(kept.at("/person/mail").asBoolean()).isTrue();
        assertThat(StandInMails.next(name + "@marrow.example"))
                .satisfies(mail -> assertThat(mail.subject()).isEqualTo("Your message to Forms " + name))
                .satisfies(mail -> assertThat(mail.text()).contains("Thank you, Ada reads it tonight."))
                .satisfies(mail -> assertThat(mail.text()).doesNotContain("Sweep"));
    }

    @Test
    void severalOnOneSiteAreToldApart() {
        edits(Map.of("kind", "setLine", "path", "promise", "words", "by the next working morning"));
        owner.call(
                "POST",
                "/api/sites/" + id() + "/sections",
                Map.of("revision", manuscript().path("revision").asLong(), "kind", "ENQUIRY"));
        List<String> sections = sections();
        assertThat(sections).hasSize(2);
        JsonNode pages = manuscript().at("/site/pages");
        List<String> anchors = new ArrayList<>();
        pages.forEach(page -> page.path("sections").forEach(section -> {
            if (sections.contains(section.path("id").asString())) {
                anchors.add(section.path("id").asString() + " "
                        + section.path("anchor").asString());
            }
        }));
        String second = anchors.get(1).split(" ")[0];
        String anchor = anchors.get(1).split(" ")[1];
        sets(second, "We ring you back.", false, List.of(field("telephone", "TELEPHONE", true)));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        Browserlike.Answer sent = send("telephone=0117+496+0123&form=" + anchor);
        assertThat(sent.status()).isEqualTo(303);
        assertThat(visitor.getAt(name + ".localhost", sent.header("Location")).body())
                .contains("We ring you back.");
        assertThat(send("telephone=0117+496+0123&form=" + anchors.get(0).split(" ")[1])
                        .status())
                .as("no field of the first form")
                .isEqualTo(400);
    }

    @Test
    void areRefusedWithTheReason() {
        Browserlike.Answer refused = sets(sections().get(0), "", false, List.of(field("date", "DATE", false)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).startsWith("Keep one way to reach them");
        assertThat(sets("nowhere", "", false, List.of(field("reach", "REACH", true)))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aPageSaysHowMessagesAreKept() {
        edits(Map.of("kind", "keepMessages", "months", 24));
        conditional();
        Document page = Jsoup.parse(visitor.getAt(name + ".localhost", "/").body());
        assertThat(page.select("form .kept a").attr("href")).isEqualTo("privacy");
        Browserlike.Answer privacy = visitor.getAt(name + ".localhost", "/privacy");
        assertThat(privacy.status()).isEqualTo(200);
        assertThat(privacy.body())
                .contains("Forms " + name, "Asked email · Asked what", "For 2 years after the last word");
        assertThat(edits(Map.of("kind", "keepMessages", "months", 999)).status())
                .isEqualTo(422);
    }

    @Test
    void messagesGoWhenTheirTimeIsOver() {
        edits(Map.of("kind", "keepMessages", "months", 6));
        String enquiries = "/api/sites/" + id() + "/enquiries";
        List<String> made = new ArrayList<>();
        for (String who : List.of("Old and done", "Old and open", "Old with a new note", "New and done")) {
            made.add(owner.call("POST", enquiries, Map.of("name", who, "reach", email, "message", "Hello"))
                    .json()
                    .path("id")
                    .asString());
        }
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        for (int i = 0; i < 3; i++) {
            database.update("update enquiry set received_at = now(6) - interval 7 month where id = ?", made.get(i));
        }
        owner.call("POST", enquiries + "/" + made.get(2) + "/entries", Map.of("entry", "NOTE", "words", "Rang again."));
        for (int i : List.of(0, 2, 3)) {
            owner.call("PUT", enquiries + "/" + made.get(i) + "/state", Map.of("state", "DONE"));
        }
        assertThat(KeepingTimesAccess.round()).isEqualTo(1);
        assertThat(owner.get(enquiries).json())
                .extracting(each -> each.at("/answers/0/value").asString())
                .containsExactlyInAnyOrder("Old and open", "Old with a new note", "New and done");
    }

    @Test
    void peopleGoIntoAnAddressBookOnce() {
        String enquiries = "/api/sites/" + id() + "/enquiries";
        for (String message : List.of("One", "Two")) {
            owner.call("POST", enquiries, Map.of("name", "Oona Quayle", "reach", email, "message", message));
        }
        Browserlike.Answer cards = owner.get(enquiries + ".vcf");
        assertThat(cards.header("Content-Type")).startsWith("text/vcard");
        assertThat(cards.body()).containsOnlyOnce("FN:Oona Quayle").contains(email);
        assertThat(owner.get(enquiries + ".vcf?person=nobody").body()).doesNotContain("FN:");
    }
}
