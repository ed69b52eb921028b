package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What an owner does with a message after it came. */
class EnquiryWorkTest {
    private final Browserlike owner = Browserlike.fresh();
    private String site;
    private String enquiries;

    @BeforeEach
    void siteThatPromises() {
        owner.signUp(UUID.randomUUID() + "@quill.example");
        Map<String, Object> sheet = Browserlike.sheet("Worked Sweeps");
        JsonNode kept = owner.site(sheet);
        site = kept.path("id").asString();
        owner.edit(
                site,
                kept.path("revision").asLong(),
                Map.of("kind", "setLine", "path", "promise", "words", "by the next working morning"));
        enquiries = "/api/sites/" + site + "/enquiries";
    }

    private JsonNode written(String name, String reach) {
        Browserlike.Answer answer =
                owner.call("POST", enquiries, Map.of("name", name, "reach", reach, "message", "The stove smokes."));
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        return answer.json();
    }

    private Browserlike.Answer does(JsonNode enquiry, String method, String what, Map<String, ?> body) {
        return owner.call(method, enquiries + "/" + enquiry.path("id").asString() + "/" + what, body);
    }

    @Test
    void aCallIsWrittenDownAsAMessage() {
        JsonNode made = written("Cass Holm", "0117 496 0433");
        assertThat(made.path("came").asString()).isEqualTo("WRITTEN");
        assertThat(made.path("state").asString()).isEqualTo("NEW");
        assertThat(made.at("/person/uri").asString()).isEqualTo("tel:+441174960433");
        assertThat(made.path("due").asString()).as("held against the promise").isNotEmpty();
        assertThat(made.path("work").size()).isPositive();
        Browserlike.Answer wrong = owner.call("POST", enquiries, Map.of("name", "Cass", "message", "No number."));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().path("field").asString()).isEqualTo("reach");
    }

    /** However many there are, each can be reached, once. */
    @Test
    void whatDoesNotGoOnOneListStandsBehindIt() {
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        List<Object[]> rows = IntStream.range(0, 1_203)
                .mapToObj(i -> new Object[] {
                    UUID.randomUUID().toString(),
                    site,
                    UUID.randomUUID().toString(),
                    i % 3 == 0 ? "NEW" : "DONE",
                    Timestamp.from(Instant.parse("2026-01-01T00:00:00Z").plusSeconds(i / 4))
                })
                .toList();
        database.batchUpdate(
                "insert into enquiry (id, site, repeat_key, state, came, fields, received_at)"
                        + " values (?, ?, ?, ?, 'WRITTEN', '[]', ?)",
                rows);
        List<String> all = new ArrayList<>();
        JsonNode some = owner.get(enquiries).json();
        while (!some.isEmpty()) {
            some.forEach(each -> all.add(each.path("id").asString()));
            some = owner.get(enquiries + "?after=" + all.get(all.size() - 1)).json();
        }
        assertThat(all).hasSize(rows.size()).doesNotHaveDuplicates();
        assertThat(owner.get(enquiries + ".csv").body().lines()).hasSize(rows.size() + 1);
        for (String none : new String[] {UUID.randomUUID().toString(), "", "%C3%BC", "%00", "x".repeat(300)}) {
            assertThat(owner.get(enquiries + "?after=" + none).status())
                    .as(none)
                    .isEqualTo(404);
        }
    }

    @Test
    void aNoteLeavesItWaitingAndACallAnswersIt() {
        JsonNode enquiry = written("Cass Holm", "0117 496 0433");
        JsonNode noted = does(enquiry, "POST", "entries", Map.of("entry", "NOTE", "words", "Narrow stairs."))
                .json();
        assertThat(noted.path("state").asString()).isEqualTo("NEW");
        JsonNode called = does(enquiry, "POST", "entries", Map.of("entry", "CALL", "words", "Nobody in."))
                .json();
        assertThat(called.path("state").asString()).isEqualTo("ANSWERED");
        assertThat(called.path("entries"))
                .extracting(entry -> entry.path("words").asString())
                .containsExactly("Narrow stairs.", "Nobody in.");
        assertThat(called.path("due").isNull()).as("nobody waits any more").isTrue();
        assertThat(does(enquiry, "POST", "entries", Map.of("entry", "NOTE", "words", " "))
                        .json()
                        .path("field")
                        .asString())
                .isEqualTo("words");
    }

    @Test
    void aReplyGoesByMailAndIsKept() {
        JsonNode enquiry = written("Oona Quayle", "oona@quayle.example");
        JsonNode answered = does(enquiry, "POST", "reply", Map.of("words", "From £95, about an hour."))
                .json();
        assertThat(answered.path("state").asString()).isEqualTo("ANSWERED");
        assertThat(answered.at("/entries/0/kind").asString()).isEqualTo("REPLY");
        assertThat(answered.at("/deliveries/0/to").asString()).isEqualTo("oona@quayle.example");
    }

    @Test
    void aReplyToSomebodyWithoutMailSaysWhatToDoInstead() {
        Browserlike.Answer answer = does(written("Cass", "0117 496 0433"), "POST", "reply", Map.of("words", "Hello"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("Call them");
    }

    @Test
    void aDayToAskAgainIsPlannedAndGoesWhenItIsOver() {
        JsonNode enquiry = written("Hester Dunnock", "0117 496 0612");
        LocalDate today = LocalDate.now(ZoneId.of("Europe/London"));
        JsonNode planned = does(enquiry, "PUT", "ask-again", Map.of("day", today.plusDays(7)))
                .json();
        assertThat(planned.path("askAgain").asString())
                .isEqualTo(today.plusDays(7).toString());
        assertThat(does(enquiry, "PUT", "ask-again", Map.of("day", today.minusDays(2)))
                        .status())
                .isEqualTo(422);
        JsonNode done = does(enquiry, "PUT", "state", Map.of("state", "DONE")).json();
        assertThat(done.path("askAgain").isNull()).isTrue();
    }

    @Test
    void everythingOfOnePersonGoesOutAndCanBeDeleted() {
        written("Oona Quayle", "oona@quayle.example");
        written("Oona", "OONA@quayle.example");
        written("Cass Holm", "0117 496 0433");
        assertThat(PersonZip.of(owner, site, "oona@quayle.example").json().path("messages"))
                .hasSize(2);
        assertThat(owner.call("DELETE", enquiries + "?person=oona@quayle.example", Map.of())
                        .json()
                        .path("entries")
                        .asInt())
                .isEqualTo(2);
        assertThat(owner.get(enquiries).json())
                .extracting(enquiry -> enquiry.at("/answers/0/value").asString())
                .containsExactly("Cass Holm");
        assertThat(PersonZip.of(owner, site, "oona@quayle.example").status()).isEqualTo(404);
    }

    @Test
    void allOfThemGoOutAsATableThatRunsNothing() {
        written("=HYPERLINK(\"http://evil.example\")", "0117 496 0433");
        Browserlike.Answer csv = owner.get(enquiries + ".csv");
        assertThat(csv.header("Content-Type")).startsWith("text/csv");
        assertThat(csv.body()).contains("Received,State,Your name").contains("'=HYPERLINK");
    }

    @Test
    void isNobodyElses() {
        JsonNode enquiry = written("Cass Holm", "0117 496 0433");
        Browserlike other = Browserlike.fresh();
        other.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(other.get(enquiries + ".csv").status()).isEqualTo(404);
        assertThat(other.call(
                                "POST",
                                enquiries + "/" + enquiry.path("id").asString() + "/entries",
                                Map.of("entry", "NOTE", "words", "Mine now"))
                        .status())
                .isEqualTo(404);
    }
}
