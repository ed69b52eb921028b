package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The diary in other calendars, and other calendars in the diary. */
class DiaryCalendarsTest {
    private BookingSite site;

    @BeforeEach
    void open() {
        site = BookingSite.open();
    }

    private String path(String more) {
        return "/api/sites/" + site.id() + "/diary" + more;
    }

    private JsonNode day() {
        return site.owner.get(path("?days=1&day=" + site.day)).json();
    }

    @Test
    void theFeedIsPrivateAndCanBeWithdrawn() {
        site.book("sweep", "10:00");
        site.owner.call("POST", path("/feed"), null);
        String feed = site.owner.get(path("")).json().path("feed").asString();
        Browserlike.Answer calendar = Browserlike.fresh().get(feed);
        assertThat(calendar.header("Content-Type")).startsWith("text/calendar");
        assertThat(Biweekly.parse(calendar.body()).first().getEvents())
                .singleElement()
                .extracting(event -> event.getSummary().getValue())
                .isEqualTo("Chimney sweep, Oona Quayle");
        site.owner.call("DELETE", path("/feed"), null);
        assertThat(Browserlike.fresh().get(feed).status()).isEqualTo(404);
        assertThat(Biweekly.parse(site.owner.get(path(".ics")).body()).first().getEvents())
                .hasSize(1);
    }

    @Test
    void anotherCalendarsBusyTimesAreBlocked() {
        String at = site.day.toString().replace("-", "");
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Dentist\r\nDTSTART:" + at
                + "T090000\r\nDTEND:" + at + "T120000\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        for (int i = 0; i < 2; i++) {
            JsonNode brought = site.owner
                    .upload(path("/calendars"), "private.ics", file.getBytes(java.nio.charset.StandardCharsets.UTF_8))
                    .json();
            assertThat(brought.path("times").asInt()).isEqualTo(1);
        }
        assertThat(day().at("/days/0/blocks")).hasSize(1);
        assertThat(day().at("/days/0/blocks/0/source").asString()).isEqualTo("private.ics");
        assertThat(site.page("?service=sweep&day=" + site.day)
                        .select(".stubs button")
                        .eachText())
                .contains("12:00")
                .doesNotContain("11:00");
        assertThat(site.owner
                        .upload(path("/calendars"), "x.ics", new byte[] {1, 2, 3})
                        .json()
                        .path("detail")
                        .asString())
                .startsWith("There is no calendar in this file");
        assertThat(site.owner
                        .call("DELETE", path("/calendars?name=private.ics"), null)
                        .status())
                .isEqualTo(204);
        assertThat(day().at("/days/0/blocks")).isEmpty();
    }

    @Test
    void aLargeCalendarIsTakenAndATooLargeOneSaysSo() {
        StringBuilder file = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n");
        String at = site.day.toString().replace("-", "");
        for (int i = 0; file.length() < 2_000_000; i++) {
            file.append("BEGIN:VEVENT\r\nUID:")
                    .append(i)
                    .append("\r\nSUMMARY:Busy with a long errand in Tolver, as every time");
            file.append("\r\nDTSTART:").append(at).append("T090000Z\r\nDURATION:PT30M\r\nEND:VEVENT\r\n");
        }
        file.append("END:VCALENDAR\r\n");
        byte[] bytes = file.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(site.owner
                        .upload(path("/calendars"), "large.ics", bytes)
                        .json()
                        .path("times")
                        .asInt())
                .isGreaterThan(10_000);
        assertThat(site.owner
                        .upload(path("/calendars"), "larger.ics", new byte[12_000_000])
                        .status())
                .isEqualTo(413);
    }
}
