package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A customer whose matter is done is asked how it was, and the owner takes what they say. */
class AskedWordsTest {
    private final Browserlike owner = Browserlike.fresh();
    private final Browserlike customer = Browserlike.fresh();
    private final String name = "asked-" + UUID.randomUUID().toString().substring(0, 8);
    private final String ownersMail = name + "@quill.example";
    private final String kates = name + "-kate@marrow.example";
    private JsonNode site;

    @BeforeEach
    void aPublicSite() {
        owner.signUp(ownersMail);
        site = owner.site(Browserlike.sheet("Asked " + name));
        owner.keep(site);
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
    }

    private String api(String path) {
        return "/api/sites/" + site.path("id").asString() + path;
    }

    private String done(String reach) {
        Map<String, String> said = Map.of("name", "Kate Harrow", "reach", reach, "message", "Sweep, please");
        String id =
                owner.call("POST", api("/enquiries"), said).json().path("id").asString();
        owner.call("PUT", api("/enquiries/" + id + "/state"), Map.of("state", "DONE"));
        return id;
    }

    private Browserlike.Answer ask(String enquiry) {
        return owner.call("POST", api("/enquiries/" + enquiry + "/words"), null);
    }

    private static String path(Browserlike.Answer asked) {
        String link = asked.json().path("link").asString();
        return link.substring(link.indexOf("/_ostium/"));
    }

    private Browserlike.Answer says(String path, String words, String who, boolean agreed) {
        String body = "words=" + URLEncoder.encode(words, StandardCharsets.UTF_8) + "&name="
                + URLEncoder.encode(who, StandardCharsets.UTF_8) + "&where=Quillhaven" + (agreed ? "&agreed=Yes" : "");
        return customer.postBody(name + ".localhost", path, body, "Content-Type", "application/x-www-form-urlencoded");
    }

    private JsonNode words(String enquiry) {
        return owner.get(api("/enquiries/" + enquiry)).json().path("words");
    }

    private JsonNode rows() {
        return owner.get("/api/sites/" + site.path("id").asString()).json().at("/sheet/rows");
    }

    @Test
    void theyAreAskedByMailSayItAndItStandsAmongTheFactsOnceItIsTaken() {
        String enquiry = done(kates);
        ask(enquiry);
        var mail = StandInMails.next(kates);
        assertThat(mail.subject()).isEqualTo("How was it? Asked " + name + " would like to know");
        assertThat(mail.text()).startsWith("Hello Kate Harrow,");
        String path = StandInMails.link(mail);
        Document page = Jsoup.parse(customer.getAt(name + ".localhost", path).body());
        assertThat(page.select("h1").text()).isEqualTo("How was it?");
        assertThat(page.select("[name=name]").val()).as("as they wrote it").isEqualTo("Kate Harrow");

        assertThat(says(path, "Not a speck on the rug.", "Kate", true).body()).contains("Thank you");
        assertThat(StandInMails.next(ownersMail).text()).contains("“Not a speck on the rug.”");
        assertThat(words(enquiry).path("state").asString()).isEqualTo("SAID");
        assertThat(words(enquiry).path("agreed").asString()).contains("may show these words on its page");
        assertThat(rows()).as("not before the owner takes it").isEmpty();

        assertThat(owner.call("POST", api("/enquiries/" + enquiry + "/words/take"), null)
                        .status())
                .isEqualTo(200);
        JsonNode row = rows().get(0);
        assertThat(row.path("kind").asString()).isEqualTo("testimonial");
        assertThat(row.at("/lines/words").asString()).isEqualTo("Not a speck on the rug.");
        assertThat(row.at("/lines/who").asString()).isEqualTo("Kate");
        assertThat(row.at("/lines/permission").asString()).isEqualTo("yes");
        assertThat(customer.getAt(name + ".localhost", path).body()).contains("Your words are on the page");
        assertThat(says(path, "Something else", "Kate", true).body()).contains("Your words are on the page");
        assertThat(owner.call("POST", api("/enquiries/" + enquiry + "/words/take"), null)
                        .status())
                .as("once")
                .isEqualTo(422);
    }

    @Test
    void whatIsMissingIsSaidWhereItIsAndWhatWasTypedStays() {
        String path = path(ask(done(kates)));
        Browserlike.Answer again = says(path, "<b>Very \"good\"</b>", "", false);
        assertThat(again.status()).isEqualTo(422);
        Document page = Jsoup.parse(again.body());
        assertThat(page.select("textarea").val()).isEqualTo("<b>Very \"good\"</b>");
        assertThat(page.select("[aria-invalid=true]").eachAttr("name")).containsExactly("name", "agreed");
        assertThat(page.select("[role=alert]").text()).isEqualTo("2 fields need a look. What you typed is still here.");
    }

    @Test
    void theyCanChangeTheirWordsUntilTheyAreTakenAndTheOwnerIsToldOnce() {
        String enquiry = done(kates);
        String path = path(ask(enquiry));
        says(path, "Good.", "Kate", true);
        StandInMails.next(ownersMail);
        assertThat(customer.getAt(name + ".localhost", path).body()).contains("Good.");
        says(path, "Very good.", "Kate", true);
        assertThat(words(enquiry).path("words").asString()).isEqualTo("Very good.");
        assertThat(StandInMails.to(ownersMail).stream()
                        .filter(mail -> mail.subject().contains("how it was")))
                .hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void whoLeftATelephoneGetsNoMailAndTheOwnerALinkToSend() {
        Browserlike.Answer asked = ask(done("07700 900461"));
        assertThat(asked.status()).isEqualTo(200);
        assertThat(customer.getAt(name + ".localhost", path(asked)).status()).isEqualTo(200);
    }

    @Test
    void aLinkThatWasTakenBackReplacedOrIsTooOldLeadsNowhere() {
        String enquiry = done(kates);
        String first = path(ask(enquiry));
        String second = path(ask(enquiry));
        assertThat(customer.getAt(name + ".localhost", first).status()).isEqualTo(404);
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update("update asked_words set good_until = now(6) - interval 1 minute where enquiry = ?", enquiry);
        assertThat(customer.getAt(name + ".localhost", second).status()).isEqualTo(404);
        String third = path(ask(enquiry));
        owner.call("DELETE", api("/enquiries/" + enquiry + "/words"), null);
        assertThat(says(third, "Too late", "Kate", true).status()).isEqualTo(404);
        assertThat(words(enquiry).path("state").asString()).isEqualTo("LET_GO");
        assertThat(customer.getAt(name + ".localhost", "/_ostium/words/nonsense")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void nobodyIsAskedBeforeItIsDoneOrByAStrangerOrTwiceOnceTheyHaveSaidIt() {
        Map<String, String> said = Map.of("name", "Kate", "reach", kates, "message", "Sweep, please");
        String waiting =
                owner.call("POST", api("/enquiries"), said).json().path("id").asString();
        assertThat(ask(waiting).status()).isEqualTo(422);
        String enquiry = done(kates);
        Browserlike stranger = Browserlike.fresh();
        stranger.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(stranger.call("POST", api("/enquiries/" + enquiry + "/words"), null)
                        .status())
                .isEqualTo(404);
        says(path(ask(enquiry)), "Good.", "Kate", true);
        assertThat(ask(enquiry).status()).isEqualTo(422);
    }

    @Test
    void itGoesWithEverythingElseOfThePerson() {
        String enquiry = done(kates);
        String path = path(ask(enquiry));
        says(path, "Good.", "Kate", true);
        Map<String, Object> nothing = new HashMap<>();
        assertThat(owner.call("DELETE", api("/enquiries?person=" + kates), nothing)
                        .status())
                .isEqualTo(200);
        assertThat(customer.getAt(name + ".localhost", path).status()).isEqualTo(404);
        assertThat(RunningOstium.get()
                        .bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from asked_words where enquiry = ?", Integer.class, enquiry))
                .isZero();
    }
}
