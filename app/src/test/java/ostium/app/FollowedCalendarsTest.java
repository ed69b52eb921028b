package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.booking.FollowedCalendarsAccess;
import tools.jackson.databind.JsonNode;

/** Calendars that a diary follows at their address. */
class FollowedCalendarsTest {
    private final BookingSite site = BookingSite.open();
    private HttpServer elsewhere;
    private volatile String answer = "";
    private volatile int status = 200;

    @BeforeEach
    void share() throws IOException {
        elsewhere = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        elsewhere.setExecutor(Executors.newCachedThreadPool());
        elsewhere.createContext("/mine.ics", exchange -> {
            byte[] bytes = answer.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        elsewhere.createContext("/moved.ics", exchange -> {
            exchange.getResponseHeaders().add("Location", "/mine.ics");
            exchange.sendResponseHeaders(302, -1);
            exchange.close();
        });
        elsewhere.createContext("/inside.ics", exchange -> {
            exchange.getResponseHeaders().add("Location", "http://10.0.0.1/mine.ics");
            exchange.sendResponseHeaders(302, -1);
            exchange.close();
        });
        elsewhere.start();
    }

    @AfterEach
    void stop() {
        elsewhere.stop(0);
    }

    private String address(String path) {
        return "http://127.0.0.1:" + elsewhere.getAddress().getPort() + path;
    }

    private String path(String more) {
        return "/api/sites/" + site.id() + "/diary" + more;
    }

    private Browserlike.Answer follow(String address) {
        return site.owner.call("POST", path("/calendars/followed"), Map.of("address", address));
    }

    private JsonNode day() {
        return site.owner.get(path("?days=1&day=" + site.day)).json();
    }

    private String busy(String summary, String from, String to) {
        String date = site.day.toString().replace("-", "");
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:" + summary + "\r\nDTSTART:" + date
                + "T" + from + "00\r\nDTEND:" + date + "T" + to + "00\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    /** As if half an hour had gone by. */
    private void later() {
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update("update followed_calendar set tried_at = tried_at - interval 1 hour where site = ?", site.id());
        FollowedCalendarsAccess.round();
    }

    @Test
    void whatStandsThereBlocksAndFollowsItsChanges() {
        answer = busy("Dentist", "0900", "1000");
        JsonNode brought = follow(address("/moved.ics")).json();
        assertThat(brought.path("times").asInt()).isEqualTo(1);
        assertThat(day().at("/days/0/blocks/0/words").asString()).isEqualTo("Dentist");
        assertThat(day().at("/sources/0/name").asString()).isEqualTo("127.0.0.1");
        assertThat(day().at("/sources/0/said").asString()).startsWith("Looked at on ");

        answer = busy("Barber", "1400", "1500");
        later();
        assertThat(day().at("/days/0/blocks"))
                .extracting(block -> block.path("words").asString())
                .containsExactly("Barber");
    }

    @Test
    void whileItIsAwayWhatItSaidLastStands() {
        answer = busy("Dentist", "0900", "1000");
        follow(address("/mine.ics"));
        status = 503;
        later();
        assertThat(day().at("/days/0/blocks")).hasSize(1);
        assertThat(day().at("/sources/0/away").asBoolean()).isTrue();
        assertThat(day().at("/sources/0/said").asString()).startsWith("Not reached since ");
        status = 200;
        answer = "";
        later();
        assertThat(day().at("/days/0/blocks")).hasSize(1);
        answer = busy("Dentist", "0900", "1000");
        later();
        assertThat(day().at("/sources/0/away").asBoolean()).isFalse();
    }

    @Test
    void takenOutItIsFollowedNoMore() {
        answer = busy("Dentist", "0900", "1000");
        follow(address("/mine.ics"));
        assertThat(site.owner
                        .call("DELETE", path("/calendars?name=127.0.0.1"), null)
                        .status())
                .isEqualTo(204);
        later();
        assertThat(day().at("/days/0/blocks")).isEmpty();
        assertThat(day().path("sources")).isEmpty();
    }

    @Test
    void anAddressThatLeadsToNoCalendarSaysSo() {
        answer = "<html>Sign in</html>";
        assertRefused("quill", "Type the whole address");
        assertRefused("file:///etc/passwd", "Type the whole address");
        assertRefused("https://" + "a".repeat(3000) + ".example/x.ics", "Type the whole address");
        assertRefused(address("/mine.ics"), "There is no calendar in this file");
        assertRefused(address("/nothing.ics"), "There is no calendar at this address");
        assertRefused("https://calendar.example/mine.ics", "Nothing answers at this address");
        assertThat(day().path("sources")).isEmpty();
    }

    @Test
    void nobodyReachesWhatStandsBehindOurWalls() {
        assertRefused("http://10.0.0.1/mine.ics", "Nothing answers at this address");
        assertRefused("http://169.254.169.254/latest", "Nothing answers at this address");
        assertRefused("http://[fd00::1]/mine.ics", "Nothing answers at this address");
        assertRefused(address("/inside.ics"), "Nothing answers at this address");
    }

    @Test
    void aCalendarWithoutEndIsLeft() {
        answer = busy("Dentist", "0900", "1000") + "x".repeat(11 * 1024 * 1024);
        assertRefused(address("/mine.ics"), "This calendar is too large");
    }

    @Test
    void theStandInIsACalendar() {
        JsonNode brought = follow("http://127.0.0.1:" + RunningOstium.get().port() + "/api/stand-in/calendar.ics")
                .json();
        assertThat(brought.path("times").asInt()).isEqualTo(3);
    }

    private void assertRefused(String address, String words) {
        Browserlike.Answer answer = follow(address);
        assertThat(answer.status()).as(address).isEqualTo(422);
        assertThat(answer.json().path("field").asString()).isIn("address", "file");
        assertThat(answer.json().path("detail").asString()).startsWith(words);
    }
}
