package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Bookings while the application is killed at random: none that was acknowledged is missing, none stands twice in one place, and
 * each has its mails. {@code -Dostium.durability.bookings=2000} for more of them.
 */
@Tag("long")
class BookingDurabilityTest {
    private static final TestDatabase DATABASE = TestDatabase.durable();
    private static final int BOOKINGS = Integer.getInteger("ostium.durability.bookings", 100);
    private static final int KILLS = Integer.getInteger("ostium.durability.kills", 2);
    private static final long SEED = 20261127;
    private static final String HOST = "killed-diary.localhost";

    private final List<String> acknowledged = new CopyOnWriteArrayList<>();
    private final List<Integer> refused = new CopyOnWriteArrayList<>();
    private final AtomicInteger sent = new AtomicInteger();

    @Test
    void nothingAcknowledgedIsLostAndNothingIsTwice() throws Exception {
        Random random = new Random(SEED);
        ApplicationProcess application = start();
        JsonNode site = prepared(new Browserlike(application.port()));
        try {
            for (int round = 0; acknowledged.size() < BOOKINGS; round++) {
                assertThat(sent.get()).as("sent, and refused with %s", refused).isLessThan(4 * BOOKINGS);
                int port = application.port();
                List<Thread> visitors = new ArrayList<>();
                for (int i = 0; i < 3; i++) {
                    visitors.add(new Thread(() -> book(new Browserlike(port))));
                }
                visitors.forEach(Thread::start);
                if (round < KILLS) {
                    Thread.sleep(2_500 + random.nextInt(3_000));
                    application.kill();
                }
                for (Thread visitor : visitors) {
                    visitor.join(120_000);
                }
                if (round < KILLS) {
                    application = start();
                }
            }
            assertKept(site.path("id").asString());
        } finally {
            application.kill();
        }
    }

    private static ApplicationProcess start() throws Exception {
        return ApplicationProcess.start(
                DATABASE, "--ostium.bookings-per-ten-minutes=1000000", "--ostium.mails-per-hour=1000000");
    }

    /** A site with a class of two at every five minutes of the next year, so that there is room for all of them. */
    private static JsonNode prepared(Browserlike owner) {
        owner.signUp("killed-diary@quill.example");
        Map<String, Object> sheet = Browserlike.sheet("Killed Diary");
        sheet.put("hours", "Mon-Sun 0-24");
        sheet.put(
                "services",
                List.of(Map.of(
                        "id", "sweep", "usual", "", "name", "Sweep", "summary", "", "price", "", "minutes", "30")));
        JsonNode site = owner.site(sheet);
        owner.keep(site);
        String id = site.path("id").asString();
        Map<String, Object> rules = new LinkedHashMap<>();
        rules.put("atOnce", true);
        rules.put("notice", 0);
        rules.put("daysAhead", 300);
        rules.put("grid", 30);
        rules.put("dailyLimit", 0);
        rules.put("changeUntil", 0);
        rules.put("travels", false);
        rules.put("way", 0);
        rules.put("hours", "");
        rules.put("services", List.of(BookingSite.service("service/sweep", 2)));
        rules.put("resources", List.of());
        rules.put("questions", List.of());
        rules.put("costs", "");
        edit(owner, id, Map.of("kind", "sendMessagesTo", "addresses", List.of("killed-diary@quill.example")));
        edit(owner, id, Map.of("kind", "setBooking", "rules", rules, "none", false));
        assertThat(owner.publish(site, "killed-diary").status()).isEqualTo(201);
        return site;
    }

    private static void edit(Browserlike owner, String id, Map<String, Object> edit) {
        long revision = owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
        assertThat(owner.edit(id, revision, edit).status()).isEqualTo(200);
    }

    /** Books one time after the other until nobody answers any more. */
    private void book(Browserlike visitor) {
        try {
            while (acknowledged.size() < BOOKINGS && sent.get() < 4 * BOOKINGS) {
                int number = sent.getAndIncrement();
                String start = LocalDate.now(BookingSite.LONDON)
                        .plusDays(1 + number / 96)
                        .atTime(number % 96 / 4, number / 2 % 2 * 30)
                        .atZone(BookingSite.LONDON)
                        .toInstant()
                        .toString();
                Browserlike.Answer held =
                        visitor.post(HOST, "/_ostium/booking/hold", Map.of("service", "sweep", "start", start));
                if (held.status() != 303) {
                    refused.add(held.status());
                    continue;
                }
                String link = BookingSite.link(held);
                Browserlike.Answer taken = visitor.post(
                        HOST,
                        "/_ostium/booking/take",
                        Map.of("link", link, "name", "Visitor " + number, "email", "v" + number + "@quill.example"));
                if (taken.status() == 303) {
                    acknowledged.add(link);
                }
            }
        } catch (UncheckedIOException e) {
            // Killed.
        }
    }

    private void assertKept(String site) throws Exception {
        try (Connection connection = DATABASE.connect();
                Statement statement = connection.createStatement()) {
            Set<String> kept = new HashSet<>();
            try (ResultSet rows = statement.executeQuery(
                    "select link from booking where state = 'BOOKED' and site = '" + site + "'")) {
                while (rows.next()) {
                    kept.add(rows.getString(1));
                }
            }
            assertThat(kept).containsAll(acknowledged);
            try (ResultSet rows = statement.executeQuery("select max(n) from (select count(*) n from booking"
                    + " where state = 'BOOKED' and site = '" + site + "' group by starts_at) as each_start")) {
                rows.next();
                assertThat(rows.getInt(1)).as("the most at one start").isLessThanOrEqualTo(2);
            }
            try (ResultSet rows = statement.executeQuery("select count(*) from booking b where b.state = 'BOOKED'"
                    + " and b.site = '" + site + "' and (select count(*) from mail m where m.booking = b.id) <> 2")) {
                rows.next();
                assertThat(rows.getInt(1))
                        .as("bookings without their two mails")
                        .isZero();
            }
        }
    }
}
