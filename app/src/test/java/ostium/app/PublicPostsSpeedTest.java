package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import tools.jackson.databind.JsonNode;

/**
 * Measures what visitors send at 300 requests a second, however fast they are answered: messages and bookings, on one instance and
 * over two, on a database with an owner's settings: {@code ./ostium bench}. Asserts nothing about time.
 */
@EnabledIfSystemProperty(named = "ostium.speed", matches = "true")
class PublicPostsSpeedTest {
    static {
        // Read once, when the first client is made: one machine answers for many names.
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    private static final TestDatabase DATABASE = TestDatabase.durable();
    private static final int SITES = 24;
    private static final int RATE = 300;
    private static final int WARM_SECONDS = 60;
    private static final int SECONDS = 30;
    private static final int SLOTS_A_DAY = 48;
    private static final List<String> SAID = List.of(
            ("kitchen chimney stove flue smoke draught parlour bedroom Friday Monday morning evening before after winter nest"
                            + " jackdaw cowl tile roof ladder lane house upstairs mother tenant neighbour dog gate key soot stain smell"
                            + " cold damp crack liner brick grate basket ash wood coal log burner swept years never last again price")
                    .split(" "));

    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2);
    private final HttpClient client = HttpClient.newBuilder()
            .followRedirects(HttpClient.Redirect.NEVER)
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private final List<String> sites = new ArrayList<>();
    private final AtomicInteger booked = new AtomicInteger();
    private final List<String> lines = new ArrayList<>();

    @Test
    void messages() throws Exception {
        atThreeHundredASecond("messages", RATE, this::message);
        try (Connection connection = DATABASE.connect();
                Statement statement = connection.createStatement();
                ResultSet states = statement.executeQuery("select state, count(*) from enquiry group by state")) {
            while (states.next()) {
                lines.add("kept as %s: %d".formatted(states.getString(1), states.getInt(2)));
            }
        }
        Files.write(TestDatabase.root().resolve("bench/results/messages.txt"), lines);
    }

    @Test
    void bookings() throws Exception {
        atThreeHundredASecond("bookings (a time held, then taken)", RATE / 2, this::booking);
        Files.write(TestDatabase.root().resolve("bench/results/bookings.txt"), lines);
    }

    private void atThreeHundredASecond(String name, int rate, Act act) throws Exception {
        ApplicationProcess one = start();
        ApplicationProcess other = start();
        try {
            Browserlike owner = new Browserlike(one.port());
            String prefix = name.substring(0, 5);
            owner.signUp(prefix + "@quill.example");
            for (int i = 0; i < SITES; i++) {
                sites.add(opened(owner, prefix + "-" + i));
            }
            lines.add(RATE + " requests a second for " + SECONDS + " s, " + SITES
                    + " businesses; ms from when each was due until it was answered");
            measure(name + ", one instance", rate, List.of(one.port()), act);
            measure(name + ", two instances", rate, List.of(one.port(), other.port()), act);
        } finally {
            one.kill();
            other.kill();
        }
    }

    private static ApplicationProcess start() throws Exception {
        return ApplicationProcess.start(
                DATABASE,
                "--ostium.trusted-proxies=127.0.0.1, ::1",
                "--ostium.bookings-per-ten-minutes=1000000",
                "--ostium.mails-per-hour=1000000");
    }

    /** A business that takes messages, and bookings of one at each half an hour of the year. */
    private static String opened(Browserlike owner, String name) {
        Map<String, Object> sheet = Browserlike.sheet("Posts of " + name);
        sheet.put("hours", "Mon-Sun 0-24");
        sheet.put(
                "services",
                List.of(Map.of(
                        "id", "sweep", "usual", "", "name", "Sweep", "summary", "", "price", "", "minutes", "30")));
        JsonNode site = owner.site(sheet);
        owner.keep(site);
        String id = site.path("id").asString();
        Map<String, Object> rules = new LinkedHashMap<>(BookingSite.rules());
        rules.put("daysAhead", 300);
        rules.put("grid", 30);
        rules.put("hours", "");
        rules.put("questions", List.of());
        rules.put("services", List.of(BookingSite.service("service/sweep", 1)));
        edit(owner, id, Map.of("kind", "sendMessagesTo", "addresses", List.of("many-posts@quill.example")));
        edit(owner, id, Map.of("kind", "setBooking", "rules", rules, "none", false));
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        return name;
    }

    private static void edit(Browserlike owner, String id, Map<String, Object> edit) {
        long revision = owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
        assertThat(owner.edit(id, revision, edit).status()).isEqualTo(200);
    }

    // ---- what visitors send --------------------------------------------------------------------------------------

    private record Request(int port, String site, String path, Map<String, String> fields, String client) {}

    private record Answer(int status, String location, long nanos) {}

    private CompletableFuture<List<Answer>> message(int port, int number, long due) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("name", "Visitor " + number);
        fields.put("reach", "v" + number + "@quill.example");
        fields.put("message", words());
        return send(new Request(port, sites.get(number % SITES), "/_ostium/enquiry", fields, client(number)), due)
                .thenApply(List::of);
    }

    /** Each writes something else, as customers do: who sends what others sent is weighed otherwise. */
    private static String words() {
        ThreadLocalRandom random = ThreadLocalRandom.current();
        return IntStream.range(0, 16)
                .mapToObj(any -> SAID.get(random.nextInt(SAID.size())))
                .collect(Collectors.joining(" ", "Could you come and look at the ", "?"));
    }

    private CompletableFuture<List<Answer>> booking(int port, int number, long due) {
        int place = booked.getAndIncrement();
        int slot = place / SITES;
        String site = sites.get(place % SITES);
        String start = LocalDate.now(BookingSite.LONDON)
                .plusDays(1 + slot / SLOTS_A_DAY)
                .atTime(slot % SLOTS_A_DAY / 2, slot % 2 * 30)
                .atZone(BookingSite.LONDON)
                .toInstant()
                .toString();
        Map<String, String> wanted = Map.of("service", "sweep", "start", start);
        return send(new Request(port, site, "/_ostium/booking/hold", wanted, client(number)), due)
                .thenCompose(held -> {
                    Map<String, String> who = Map.of(
                            "link",
                            held.location().replaceFirst(".*=", ""),
                            "name",
                            "Visitor " + number,
                            "email",
                            "v" + number + "@quill.example");
                    return send(
                                    new Request(port, site, "/_ostium/booking/take", who, client(number)),
                                    System.nanoTime())
                            .thenApply(taken -> List.of(held, taken));
                });
    }

    /** Behind a proxy that is trusted, each visitor has an address of their own. */
    private static String client(int number) {
        return "198.18.%d.%d".formatted(number / 250 % 250, number % 250 + 1);
    }

    private CompletableFuture<Answer> send(Request request, long due) {
        HttpRequest post = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + request.port() + request.path()))
                .header("Host", request.site() + ".localhost:" + request.port())
                .header("X-Forwarded-For", request.client())
                .header("Content-Type", "application/x-www-form-urlencoded")
                .timeout(Duration.ofSeconds(30))
                .POST(HttpRequest.BodyPublishers.ofString(Browserlike.form(request.fields())))
                .build();
        return client.sendAsync(post, HttpResponse.BodyHandlers.ofString())
                .thenApply(answer -> new Answer(
                        answer.statusCode(),
                        answer.headers().firstValue("Location").orElse(""),
                        System.nanoTime() - due));
    }

    // ---- measured ------------------------------------------------------------------------------------------------

    private interface Act {
        CompletableFuture<List<Answer>> begin(int port, int number, long due);
    }

    private void measure(String name, int rate, List<Integer> ports, Act act) throws Exception {
        run(rate, WARM_SECONDS, number -> due -> act.begin(ports.get(number % ports.size()), number, due));
        List<Answer> all =
                run(rate, SECONDS, number -> due -> act.begin(ports.get(number % ports.size()), number, due));
        long refused = all.stream().filter(answer -> answer.status() != 303).count();
        long[] nanos = all.stream().mapToLong(Answer::nanos).sorted().toArray();
        lines.add(
                "%s: %d asked, %d refused or not answered within half a minute, p50 %.1f, p95 %.1f, p99 %.1f, most %.1f"
                        .formatted(
                                name,
                                nanos.length,
                                refused,
                                at(nanos, 0.5),
                                at(nanos, 0.95),
                                at(nanos, 0.99),
                                at(nanos, 1)));
    }

    private static double at(long[] nanos, double part) {
        return nanos[Math.min(nanos.length - 1, (int) (nanos.length * part))] / 1e6;
    }

    private interface Due {
        CompletableFuture<List<Answer>> at(long due);
    }

    /** What could not even be sent is an answer like any other. */
    private static CompletableFuture<List<Answer>> begun(Due act, long due) {
        try {
            return act.at(due);
        } catch (RuntimeException e) {
            return CompletableFuture.failedFuture(e);
        }
    }

    private List<Answer> run(int rate, int seconds, IntFunction<Due> act) throws IOException, InterruptedException {
        ConcurrentLinkedQueue<Answer> answers = new ConcurrentLinkedQueue<>();
        List<CompletableFuture<Void>> begun = new ArrayList<>();
        long start = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(200);
        int all = rate * seconds;
        for (int i = 0; i < all; i++) {
            int number = i;
            long due = start + TimeUnit.SECONDS.toNanos(1) * i / rate;
            CompletableFuture<Void> one = new CompletableFuture<>();
            begun.add(one);
            clock.schedule(
                    () -> begun(act.apply(number), due).whenComplete((got, fault) -> {
                        answers.addAll(fault == null ? got : List.of(new Answer(0, "", System.nanoTime() - due)));
                        one.complete(null);
                    }),
                    due - System.nanoTime(),
                    TimeUnit.NANOSECONDS);
        }
        CompletableFuture.allOf(begun.toArray(CompletableFuture[]::new)).join();
        return List.copyOf(answers);
    }
}
