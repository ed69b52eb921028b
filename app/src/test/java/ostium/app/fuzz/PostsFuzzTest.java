package ostium.app.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.Browserlike;
import ostium.app.RunningOstium;
import ostium.core.form.FieldKind;
import tools.jackson.databind.JsonNode;

/**
 * Posts to a form that asks for everything a form can ask for, from anybody, most of them nearly right: each is answered, and
 * never by a fault of ours; what was acknowledged is kept; and the memory they took is free again. {@code -Dostium.fuzz.posts}
 * says how many, {@code -Dostium.fuzz.seed} which.
 */
@Tag("long")
class PostsFuzzTest {
    private static final int POSTS = Integer.getInteger("ostium.fuzz.posts", 5_000);
    private static final long SEED = Long.getLong("ostium.fuzz.seed", 1);
    private static final int VISITORS = 2;
    private static final int MOST_FAULTS = 20;
    private static final long MOST_HELD = 100_000_000;

    /** Fewer than one site may be sent in a day. */
    private static final int POSTS_OF_A_SITE = 10_000;

    private static final List<String> TYPES = List.of(
            "multipart/form-data",
            "multipart/form-data; boundary=",
            "multipart/form-data; boundary=x",
            "multipart/form-data; boundary=\"\r",
            "application/json",
            "application/x-www-form-urlencoded; charset=utf-7",
            "text/plain",
            "x");

    private record Outcome(List<String> faults, Map<Integer, Integer> answers, long slowestMillis) {}

    /** The form of one business, and where it is posted to. */
    private record Door(String site, String host) {}

    @Test
    void nothingThatIsPostedIsAFaultOfOurs() throws Exception {
        RunningOstium instance = RunningOstium.another("--ostium.enquiries-per-ten-minutes=1000000");
        try {
            Browserlike owner = new Browserlike(instance.port());
            owner.signUp("posts-fuzz@quill.example");
            posts(instance, owner, POSTS / 10, SEED + 1_000);
            long before = held();
            for (int begun = 0; begun < POSTS; begun += POSTS_OF_A_SITE) {
                posts(instance, owner, Math.min(POSTS - begun, POSTS_OF_A_SITE), SEED + begun);
            }
            long after = held();
            System.out.printf("held before %d KB, after %d KB%n", before / 1_000, after / 1_000);
            assertThat(after - before).as("bytes held").isLessThan(MOST_HELD);
        } finally {
            instance.close();
        }
    }

    /** Posts to a business of their own, and what came of them. */
    private static void posts(RunningOstium instance, Browserlike owner, int posts, long seed) throws Exception {
        Door door = aFormThatAsksForEverything(owner, "posts-fuzz-" + seed);
        List<Outcome> outcomes;
        try {
            outcomes = post(instance.port(), door.host(), posts, seed);
        } finally {
            forgetMails(instance, door.site());
        }
        outcomes.forEach(outcome ->
                System.out.printf("answers %s, slowest %d ms%n", outcome.answers(), outcome.slowestMillis()));
        assertThat(outcomes).flatExtracting(Outcome::faults).isEmpty();
        assertThat(outcomes)
                .allSatisfy(outcome ->
                        assertThat(outcome.answers()).containsKey(303).doesNotContainKey(429));
        assertThat(owner.get("/api/sites/" + door.site() + "/enquiries").status())
                .isEqualTo(200);
    }

    /** Thousands of mails that wait would keep those of the tests after this one waiting. */
    private static void forgetMails(RunningOstium instance, String site) {
        JdbcTemplate database = instance.bean(JdbcTemplate.class);
        database.update(
                "delete task from mail join scheduled_tasks as task on task.task_instance = mail.id"
                        + " where task.task_name = 'mail' and not task.picked and mail.site = ?",
                site);
        database.update("delete from mail where site = ? and state = 'WAITING'", site);
    }

    /** What is still held once everything that can go is gone. */
    private static long held() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory();
    }

    private static Door aFormThatAsksForEverything(Browserlike owner, String name) {
        JsonNode site = owner.site(Browserlike.sheet("Posts fuzz"));
        owner.keep(site);
        String id = site.path("id").asString();
        JsonNode manuscript = owner.get("/api/sites/" + id + "/manuscript").json();
        List<Map<String, Object>> fields = Arrays.stream(FieldKind.values())
                .map(kind -> Map.<String, Object>of(
                        "key",
                        key(kind),
                        "label",
                        "Asked " + kind,
                        "help",
                        "",
                        "kind",
                        kind.name(),
                        "required",
                        kind == FieldKind.REACH,
                        "longest",
                        0,
                        "options",
                        kind.hasOptions() ? List.of("Yes", "No", "a]b") : List.of()))
                .toList();
        Map<String, Object> form = Map.of("fields", fields, "thanks", "", "confirms", true);
        String section = manuscript.path("forms").propertyNames().iterator().next();
        Browserlike.Answer set = owner.edit(
                id,
                manuscript.path("revision").asLong(),
                Map.of("kind", "setForm", "section", section, "form", form, "usual", false));
        assertThat(set.status()).as(set.body()).isEqualTo(200);
        assertThat(owner.publish(site, name).status()).isEqualTo(201);
        return new Door(id, name + ".localhost");
    }

    private static List<Outcome> post(int port, String host, int posts, long seed) throws Exception {
        ExecutorService visitors = Executors.newFixedThreadPool(VISITORS);
        List<Callable<Outcome>> all = new ArrayList<>();
        for (int i = 0; i < VISITORS; i++) {
            long own = seed * 1_000 + i;
            all.add(() -> posted(new Browserlike(port), host, new Anything(own, null), posts / VISITORS));
        }
        List<Outcome> outcomes = new ArrayList<>();
        for (Future<Outcome> each : visitors.invokeAll(all)) {
            outcomes.add(each.get());
        }
        visitors.shutdown();
        return outcomes;
    }

    private static Outcome posted(Browserlike visitor, String host, Anything anything, int posts) {
        List<String> faults = new ArrayList<>();
        Map<Integer, Integer> answers = new TreeMap<>();
        long slowest = 0;
        for (int i = 0; i < posts && faults.size() < MOST_FAULTS; i++) {
            String body = answers(anything);
            long begun = System.nanoTime();
            int status = send(visitor, host, anything, body).status();
            slowest = Math.max(slowest, (System.nanoTime() - begun) / 1_000_000);
            answers.merge(status, 1, Integer::sum);
            if (status >= 500) {
                faults.add(host + ", post " + i + ": " + status + " " + body);
            }
        }
        return new Outcome(faults, answers, slowest);
    }

    private static Browserlike.Answer send(Browserlike visitor, String host, Anything anything, String body) {
        return switch (anything.below(20)) {
            case 0 ->
                visitor.postRaw(
                        host, "/_ostium/enquiry", body, anything.oneOf(TYPES).replace("\r", ""));
            case 1, 2, 3 ->
                visitor.postFiles(
                        host,
                        "/_ostium/enquiry",
                        body,
                        "files",
                        IntStream.range(0, anything.below(7))
                                .mapToObj(any -> file(anything))
                                .toList());
            default -> visitor.postBody(host, "/_ostium/enquiry", body);
        };
    }

    /** Begins like a picture, a document or a program, and goes on anyhow. */
    private static Browserlike.Sent file(Anything anything) {
        List<String> heads =
                List.of("\u0089PNG\r\n\u001a\n", "\u00ff\u00d8\u00ff\u00e0", "%PDF-1.7\n", "GIF89a", "MZ", "<svg ", "");
        byte[] bytes = (anything.oneOf(heads) + anything.word().repeat(1 + anything.below(3)))
                .getBytes(StandardCharsets.ISO_8859_1);
        String name = anything.word().replaceAll("[\r\n\"\u0000\ud800-\udfff]", "");
        return new Browserlike.Sent(name.length() > 300 ? name.substring(0, 300) : name, bytes);
    }

    /** Three in four answers are what the form asks for. */
    private static String answers(Anything anything) {
        StringBuilder body = new StringBuilder("reach=");
        body.append(Anything.encoded(
                anything.below(4) == 0 ? anything.word() : "visitor" + anything.below(1_000_000) + "@quill.example"));
        for (FieldKind kind : FieldKind.values()) {
            if (kind != FieldKind.REACH && kind != FieldKind.FILES && anything.below(3) != 0) {
                String key = key(kind);
                body.append('&')
                        .append(Anything.encoded(anything.below(60) == 0 ? anything.word() : key))
                        .append('=')
                        .append(Anything.encoded(anything.below(4) == 0 ? anything.word() : usual(kind, anything)));
            }
        }
        return body.toString();
    }

    private static String key(FieldKind kind) {
        return kind.key().orElse(kind.name().toLowerCase(Locale.ROOT).replace("_", ""));
    }

    private static String usual(FieldKind kind, Anything anything) {
        return switch (kind) {
            case EMAIL -> "oona@quill.example";
            case TELEPHONE -> "07700 900461";
            case CHOICE, SEVERAL -> anything.oneOf(List.of("Yes", "No", "a]b"));
            case YES_NO -> "Yes";
            case DATE -> "2026-12-24";
            default -> "The stove smokes, number " + anything.below(1_000_000);
        };
    }
}
