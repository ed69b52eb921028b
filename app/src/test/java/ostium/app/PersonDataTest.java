package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.enquiry.KeepingTimesAccess;
import tools.jackson.databind.JsonNode;

/** What is kept of one person who wrote and booked: out as a file, deleted, and not kept longer than said. */
class PersonDataTest {
    private final BookingSite site = BookingSite.open();
    private final String person = "oona-" + site.name + "@quill.example";
    private final String enquiries = "/api/sites/" + site.id() + "/enquiries";

    private JsonNode known() {
        return PersonZip.of(site.owner, site.id(), person).json();
    }

    private int tickets() {
        return site.owner
                .get("/api/sites/" + site.id() + "/diary?days=1&day=" + site.day)
                .json()
                .at("/days/0/tickets")
                .size();
    }

    @Test
    void messagesAndAppointmentsGoOutAndAreDeletedTogether() {
        site.book("sweep", "10:00");
        site.owner.call("POST", enquiries, Map.of("name", "Oona", "reach", person, "message", "Do you do nests?"));
        assertThat(known().path("messages")).hasSize(1);
        assertThat(known().at("/appointments/0/service").asString()).isEqualTo("Chimney sweep");
        assertThat(known().at("/appointments/0/answers/0/value").asString()).isEqualTo("Two");
        assertThat(known().toString()).doesNotContain("link");

        JsonNode gone =
                site.owner.call("DELETE", enquiries + "?person=" + person, null).json();
        assertThat(gone.path("entries").asInt()).isEqualTo(2);
        assertThat(tickets()).isZero();
        assertThat(PersonZip.of(site.owner, site.id(), person).status()).isEqualTo(404);
        assertThat(RunningOstium.get()
                        .bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from mail where recipient = ?", Integer.class, person))
                .isZero();
    }

    @Test
    void theirPlaceOnTheListGoesOutAndIsDeletedWithThem() {
        String list = "/api/sites/" + site.id() + "/list";
        String file = "email\n" + person.toUpperCase(java.util.Locale.ROOT) + "\nada@ashlatch.example";
        assertThat(site.owner
                        .call("POST", list + "/people", Map.of("file", file, "agreed", "at the counter"))
                        .status())
                .isEqualTo(200);
        assertThat(known().at("/list/0/agreed").asString()).isEqualTo("at the counter");
        site.owner.call("POST", enquiries, Map.of("name", "Oona", "reach", person, "message", "Nests?"));
        assertThat(site.owner
                        .call("DELETE", enquiries + "?person=" + person, null)
                        .json()
                        .path("entries")
                        .asInt())
                .isEqualTo(2);
        assertThat(site.owner.get(list).json().path("number").asInt()).isOne();
    }

    @Test
    void whoOnlyRangAndWasWrittenInIsAPersonToo() {
        site.book("sweep", "10:00");
        JsonNode ticket = site.owner
                .get("/api/sites/" + site.id() + "/diary?days=1&day=" + site.day)
                .json()
                .at("/days/0/tickets/0/ticket");
        assertThat(ticket.path("person").asString()).isEqualTo(person);
        assertThat(known().path("messages")).isEmpty();
    }

    @Test
    void whoHelpsNotHereReadsNothing() {
        site.book("sweep", "10:00");
        Browserlike stranger = Browserlike.fresh();
        stranger.signUp("stranger-" + site.name + "@quill.example");
        assertThat(PersonZip.of(stranger, site.id(), person).status()).isEqualTo(404);
        assertThat(stranger.call("DELETE", enquiries + "?person=" + person, null)
                        .status())
                .isEqualTo(404);
        assertThat(tickets()).isEqualTo(1);
    }

    @Test
    void appointmentsGoWhenTheirTimeIsOver() {
        site.edit(Map.of("kind", "keepMessages", "months", 6));
        site.book("sweep", "10:00");
        site.book("sweep", "12:00");
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update(
                        "update booking set starts_at = starts_at - interval 8 month, ends_at = ends_at - interval 8 month"
                                + " where site = ? and starts_at = ?",
                        site.id(),
                        java.sql.Timestamp.from(site.at("10:00")));
        KeepingTimesAccess.round();
        assertThat(known().path("appointments")).hasSize(1);
    }
}
