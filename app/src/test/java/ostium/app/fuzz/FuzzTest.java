package ostium.app.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ostium.app.Browserlike;
import ostium.app.RunningOstium;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Requests made from the API's own description and posts to public pages, most of them nearly right: whatever comes is answered,
 * and never by a fault of ours. {@code -Dostium.fuzz.requests} says how many, {@code -Dostium.fuzz.seed} which; with {@code
 * -Dostium.fuzz.idle=true} none may take longer than a second, and the heap has to be as before. {@code ./ostium test fuzz} sends
 * 100,000.
 */
@Tag("long")
class FuzzTest {
    private static final int REQUESTS = Integer.getInteger("ostium.fuzz.requests", 10_000);
    private static final long SEED = Long.getLong("ostium.fuzz.seed", 1);
    private static final int OWNERS = 2;

    /** Whether the machine does nothing else, so that times and memory say something. */
    private static final boolean IDLE = Boolean.getBoolean("ostium.fuzz.idle");

    private static final long LONGEST_MILLIS = 1_000;
    private static final long MOST_HELD = 100L * 1024 * 1024;
    private static final int MOST_FAULTS = 20;

    /**
     * What came of an owner's requests.
     *
     * @param faults what was asked where the fault was ours
     * @param answers how often each status came
     */
    private record Outcome(List<String> faults, Map<Integer, Integer> answers, long slowestMillis, String slowest) {}

    /** At an instance of its own, so that what it uses up of the limits by client is nobody else's. */
    @Test
    void nothingThatIsSentIsAFaultOfOurs() throws Exception {
        RunningOstium instance = RunningOstium.another();
        try {
            askAll(instance.port());
        } finally {
            instance.close();
        }
    }

    private static void askAll(int port) throws Exception {
        Browserlike reader = new Browserlike(port);
        reader.signUp(UUID.randomUUID() + "@quill.example");
        ApiDescription api = new ApiDescription(reader.get("/v3/api-docs").json());
        assertThat(api.operations()).hasSizeGreaterThan(100);
        ExecutorService owners = Executors.newFixedThreadPool(OWNERS);
        long before = held();
        List<Future<Outcome>> asked = new ArrayList<>();
        for (int owner = 0; owner < OWNERS; owner++) {
            long seed = SEED * 1_000 + owner;
            Callable<Outcome> asks = () -> ask(api, new Browserlike(port), seed, REQUESTS / OWNERS);
            asked.add(owners.submit(asks));
        }
        List<String> faults = new ArrayList<>();
        long slowest = 0;
        for (Future<Outcome> each : asked) {
            Outcome outcome = each.get();
            faults.addAll(outcome.faults());
            slowest = Math.max(slowest, outcome.slowestMillis());
            System.out.printf(
                    "answers %s, slowest %d ms: %s%n", outcome.answers(), outcome.slowestMillis(), outcome.slowest());
        }
        owners.shutdown();
        long after = held();
        System.out.printf("heap held: %d MB before, %d MB after%n", before >> 20, after >> 20);
        assertThat(faults).isEmpty();
        if (IDLE) {
            assertThat(slowest).as("ms the slowest took").isLessThan(LONGEST_MILLIS);
            assertThat(after - before).as("bytes held more than at the start").isLessThan(MOST_HELD);
        }
    }

    /** Bytes of the heap that are in use once nothing is left over. */
    private static long held() {
        Runtime runtime = Runtime.getRuntime();
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return runtime.totalMemory() - runtime.freeMemory();
    }

    private static Outcome ask(ApiDescription api, Browserlike owner, long seed, int requests) {
        Anything anything = new Anything(seed, api);
        String name = "fuzz-" + UUID.randomUUID().toString().substring(0, 8);
        owner.signUp(name + "@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Fuzz " + name));
        String id = site.path("id").asString();
        anything.learn(owner.keep(site).json());
        owner.publish(site, name);
        List<String> faults = new ArrayList<>();
        Map<Integer, Integer> answers = new LinkedHashMap<>();
        long slowest = 0;
        String slowestAsked = "";
        for (int i = 0; i < requests && faults.size() < MOST_FAULTS; i++) {
            boolean isPublic = anything.below(5) == 0;
            ApiDescription.Operation operation = anything.oneOf(api.operations());
            String path = isPublic ? "/_ostium/enquiry" : anything.path(operation, id);
            Object body = isPublic
                    ? posted(anything)
                    : operation.body() == null || operation.method().equals("GET") ? null : anything.body(operation);
            long begun = System.nanoTime();
            Browserlike.Answer answer = isPublic
                    ? owner.postBody(
                            name + ".localhost",
                            path,
                            (String) body,
                            "Content-Type",
                            "application/x-www-form-urlencoded")
                    : owner.call(operation.method(), path, body);
            long took = (System.nanoTime() - begun) / 1_000_000;
            String said = operation.method() + " " + path + " " + shortened(body);
            if (took > slowest) {
                slowest = took;
                slowestAsked = said;
            }
            answers.merge(answer.status(), 1, Integer::sum);
            if (answer.status() >= 500) {
                faults.add("seed " + seed + ", request " + i + ": " + answer.status() + " " + said);
            } else if (anything.below(4) == 0) {
                learn(anything, answer);
            }
        }
        return new Outcome(faults, answers, slowest, slowestAsked);
    }

    private static void learn(Anything anything, Browserlike.Answer answer) {
        if (answer.body().startsWith("{") || answer.body().startsWith("[")) {
            try {
                anything.learn(JsonMapper.shared().readTree(answer.body()));
            } catch (JacksonException notJson) {
                // Another text that begins like it.
            }
        }
    }

    private static String posted(Anything anything) {
        List<String> names = List.of(
                "name", "reach", "service", "message", "files", "website", "submission", "form", "taken", "a]b");
        StringBuilder body = new StringBuilder();
        for (int i = anything.below(8); i > 0; i--) {
            body.append(Anything.encoded(anything.oneOf(names)))
                    .append('=')
                    .append(Anything.encoded(anything.word()))
                    .append('&');
        }
        return body.toString();
    }

    private static String shortened(Object body) {
        String said = body == null ? "" : JsonMapper.shared().writeValueAsString(body);
        return said.length() > 400 ? said.substring(0, 400) + "…" : said;
    }
}
