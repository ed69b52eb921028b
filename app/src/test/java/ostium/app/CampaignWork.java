package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * What visitors and an owner do during a campaign of faults: visitors write, the owner edits and publishes, readers read. What has no
 * answer, or is told to come again, is sent again as it was, wherever somebody answers.
 */
final class CampaignWork {
    static final String EMAIL = "campaign@quill.example";
    static final String HOST = "campaign.localhost";
    private static final int VISITORS = 3;
    private static final int PAUSE = 300;

    /** How long something may be sent again before nobody is going to answer it. */
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private static final Pattern NUMBERED = Pattern.compile("Message number [0-9]+");

    private final TwoApplications applications;
    private final String site;
    private final List<Thread> busy = new ArrayList<>();
    private final AtomicInteger messages = new AtomicInteger();
    private volatile boolean isOver;

    final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    final Set<String> edits = ConcurrentHashMap.newKeySet();
    final AtomicInteger published = new AtomicInteger();
    final AtomicLong pagesRead = new AtomicLong();
    final AtomicLong sentAgain = new AtomicLong();

    /** Answers that are a fault of ours, and pages that nobody gave. */
    final ConcurrentLinkedQueue<String> faults = new ConcurrentLinkedQueue<>();

    CampaignWork(TwoApplications applications) {
        this.applications = applications;
        Browserlike owner = new Browserlike(applications.port(0));
        owner.signUp(EMAIL);
        JsonNode made = owner.site(Browserlike.sheet("Version 0"));
        this.site = made.path("id").asString();
        assertThat(owner.publish(made, "campaign").status()).isEqualTo(201);
    }

    void begin() {
        for (int i = 0; i < VISITORS; i++) {
            busy.add(new Thread(this::write));
        }
        busy.add(new Thread(this::edit));
        busy.add(new Thread(this::read));
        busy.forEach(Thread::start);
    }

    /** Lets everybody bring to an end what they have begun. */
    void end() throws InterruptedException {
        isOver = true;
        for (Thread each : busy) {
            each.join(PATIENCE.plusMinutes(1).toMillis());
            assertThat(each.isAlive()).as("somebody is still waiting").isFalse();
        }
    }

    private static void pause(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Sends it until it is taken. */
    private interface Sent {
        int to(int port);
    }

    /** @return the answer; 0 when there was none in time */
    private int untilAnswered(String what, Sent sent) {
        Instant end = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(end)) {
            try {
                int status = sent.to(applications.anyPort());
                if (status >= 500 && status != 503) {
                    faults.add(status + " " + what);
                }
                if (status < 500 && status != 429) {
                    return status;
                }
            } catch (UncheckedIOException | JacksonException e) {
                // Nobody is there, or it was killed in the middle.
            }
            sentAgain.incrementAndGet();
            pause(PAUSE / 3);
        }
        return 0;
    }

    private void write() {
        while (!isOver) {
            int number = messages.getAndIncrement();
            String words = "Message number " + number;
            Map<String, String> fields = Map.of(
                    "submission",
                    "sent-" + number,
                    "name",
                    "Piet",
                    "reach",
                    "piet" + number + "@marrow.example",
                    "message",
                    words);
            int status = untilAnswered(
                    words,
                    port -> new Browserlike(port)
                            .post(HOST, "/_ostium/enquiry", fields)
                            .status());
            if (status == 303) {
                acknowledged.add(words);
            } else {
                faults.add(status + " " + words);
            }
            pause(PAUSE);
        }
    }

    private static Browserlike signedIn(int port) {
        Browserlike owner = new Browserlike(port);
        int status = owner.call("POST", "/api/session", Map.of("email", EMAIL, "password", "a long password"))
                .status();
        if (status != 200) {
            throw new UncheckedIOException(new java.io.IOException("signed in with " + status));
        }
        return owner;
    }

    private void edit() {
        for (int number = 1; !isOver; number++) {
            String key = "edit-number-" + number;
            boolean renames = number % 20 == 0;
            int version = number / 20;
            Map<String, Object> edit = renames
                    ? Map.of("kind", "setLine", "path", "name", "words", "Version " + version)
                    : Map.of("kind", "setLine", "path", "promise", "words", "by " + key);
            int status = untilAnswered(key, port -> {
                Browserlike owner = signedIn(port);
                Browserlike.Answer now = owner.get("/api/sites/" + site + "/revision");
                if (now.status() != 200) {
                    return now.status();
                }
                long revision = now.json().path("revision").asLong();
                return owner.call(
                                "POST",
                                "/api/sites/" + site + "/edits",
                                Map.of("revision", revision, "key", key, "edit", edit))
                        .status();
            });
            if (status == 200) {
                edits.add(key);
            } else {
                faults.add(status + " " + key);
            }
            if (renames) {
                int answer = untilAnswered(
                        "version " + version,
                        port -> signedIn(port)
                                .call("POST", "/api/sites/" + site + "/publications", Map.of("address", ""))
                                .status());
                if (answer == 201) {
                    published.set(version);
                } else {
                    faults.add(answer + " version " + version);
                }
            }
            pause(PAUSE);
        }
    }

    /**
     * A visitor's browser asks elsewhere when nobody answers, and once more where it asked first: that one may have become ready in the
     * moment the other was killed. Where nobody answers then, the page is away.
     */
    private void read() {
        while (!isOver) {
            int stood = published.get();
            int first = (int) (pagesRead.getAndIncrement() % 2);
            String page = IntStream.of(first, 1 - first, first)
                    .mapToObj(this::page)
                    .filter(found -> !found.isEmpty())
                    .findFirst()
                    .orElse("");
            Matcher version = Pattern.compile("Version ([0-9]+)").matcher(page);
            if (!page.contains("</html>") || !version.find()) {
                faults.add("no page");
            } else if (Integer.parseInt(version.group(1)) + 1 < stood) {
                faults.add("a page of " + version.group() + ", when " + stood + " was public");
            }
            pause(PAUSE / 3);
        }
    }

    private String page(int which) {
        try {
            Browserlike.Answer answer = new Browserlike(applications.port(which)).getAt(HOST, "/");
            return answer.status() == 200 ? answer.body() : "";
        } catch (UncheckedIOException e) {
            return "";
        }
    }

    /** What was acknowledged is there, and once. */
    void assertKept(TestDatabase database) throws SQLException {
        try (Connection connection = database.connect()) {
            List<String> keys = column(connection, "select edit_key from edit where site = '" + site + "'");
            assertThat(keys).doesNotHaveDuplicates().containsAll(edits);
            List<String> kept = column(connection, "select fields from enquiry where site = '" + site + "'").stream()
                    .map(CampaignWork::numbered)
                    .toList();
            assertThat(kept).doesNotHaveDuplicates().containsAll(acknowledged);
        }
        assertThat(page(0)).contains("Version " + published.get());
    }

    /** Mails that have arrived, by message; each message has one Message-ID, however often it came. */
    Set<String> arrived(Map<String, String> wordsById) {
        Map<String, String> messageOf = new HashMap<>();
        wordsById.forEach((id, mail) -> {
            if (NUMBERED.matcher(mail).find()) {
                messageOf.put(id, numbered(mail));
            }
        });
        assertThat(messageOf.values()).as("one Message-ID a message").doesNotHaveDuplicates();
        return new HashSet<>(messageOf.values());
    }

    private static String numbered(String words) {
        Matcher number = NUMBERED.matcher(words);
        assertThat(number.find()).isTrue();
        return number.group();
    }

    private static List<String> column(Connection connection, String query) throws SQLException {
        List<String> values = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }
}
