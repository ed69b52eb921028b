package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A publication answers as it was published, whatever becomes of the sheet, the trades or the code. */
class StandingAloneTest {
    private static final String HOST = "standing-alone.localhost";
    private static final Browserlike OWNER = Browserlike.fresh();
    private static final Browserlike VISITOR = Browserlike.fresh();
    private static JsonNode site;

    @BeforeAll
    static void publish() {
        OWNER.signUp("standing@quill.example");
        site = OWNER.site(Browserlike.sheet("Standing Sweeps"));
        assertThat(OWNER.publish(site, "standing-alone").status()).isEqualTo(201);
    }

    private static void edit(Map<String, Object> edit) {
        String id = site.path("id").asString();
        long revision = OWNER.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
        assertThat(OWNER.edit(id, revision, edit).status()).isEqualTo(200);
    }

    private static JdbcTemplate database() {
        return RunningOstium.get().bean(JdbcTemplate.class);
    }

    @Test
    void itsFormTakesAPostAfterTheTradeHasChanged() {
        edit(Map.of("kind", "setLine", "path", "trade", "words", "piano tuner"));
        Map<String, String> message = new HashMap<>(Map.of(
                "name", "Wilma", "reach", "0117 496 0100", "message", "The stove smokes.", "submission", "stand-1"));
        assertThat(VISITOR.post(HOST, "/_ostium/enquiry", message, "Accept", "application/json")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void itsFormIsShownAgainByItsOwnMarkupWithLinksThatLeadSomewhere() {
        Browserlike.Answer again = VISITOR.post(HOST, "/_ostium/enquiry", Map.of("name", "Wilma", "message", "Hello"));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.body())
                .contains("value=\"Wilma\"", ">Hello</textarea>", "Leave a telephone number or an e-mail address")
                .contains("One field needs a look.")
                .containsPattern("href=\"/site\\.[0-9a-f]{12}\\.css\"");
    }

    @Test
    void aDayOffIsSaidAtOnceAndOtherFactsWaitForPublish() {
        edit(Map.of("kind", "setLine", "path", "exceptions", "words", "3 Dec 2027 closed (guild meeting)"));
        edit(Map.of("kind", "setLine", "path", "hours", "words", "Tue 10-11"));
        String page = VISITOR.getAt(HOST, "/").body();
        assertThat(page).contains("3 Dec 2027 closed (guild meeting)").doesNotContain("Tue 10–11");
        Browserlike.Answer changes = VISITOR.getAt(HOST, "/_ostium/opening.json");
        assertThat(page).contains(changes.body());
        assertThat(VISITOR.getAt(HOST, "/_ostium/opening.json", "If-None-Match", changes.header("ETag"))
                        .status())
                .isEqualTo(304);
        edit(Map.of("kind", "setLine", "path", "exceptions", "words", ""));
        assertThat(VISITOR.getAt(HOST, "/").body()).doesNotContain("3 Dec 2027");
    }

    /** Versions of before had nothing but their state and their files. */
    @Test
    void aVersionOfBeforeIsCompletedOnceAndThenStandsAlone() {
        String id = site.path("id").asString();
        database().update("update publication set url = null, form = null, opening = null where site = ?", id);
        database().update("update address set change_no = (select value + 1 from change_counter) where site = ?", id);
        database().update("update change_counter set value = value + 1");
        RunningOstium.get().bean(ostium.app.publishing.LiveSites.class).forget(HOST);
        assertThat(VISITOR.getAt(HOST, "/").status()).isEqualTo(200);
        assertThat(VISITOR.post(HOST, "/_ostium/enquiry", Map.of("name", "Wilma"))
                        .status())
                .isEqualTo(422);
        assertThat(database()
                        .queryForObject(
                                "select count(*) from publication where site = ? and form is not null and opening is not null",
                                Integer.class,
                                id))
                .isPositive();
    }
}
