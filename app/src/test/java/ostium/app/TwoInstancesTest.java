package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Several instances on one database show the same. */
class TwoInstancesTest {
    private static RunningOstium second;

    @BeforeAll
    static void start() {
        second = RunningOstium.another();
    }

    @AfterAll
    static void stop() {
        second.close();
    }

    @Test
    void whatOnePublishesTheOtherServesWithinASecond() throws Exception {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("two-instances@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("First words"));
        owner.publish(site, "two-instances");
        Browserlike visitor = new Browserlike(second.port());
        within(1_000, () -> visitor.getAt("two-instances.localhost", "/").body().contains("First words"));

        JsonNode now = owner.get("/api/sites/" + site.path("id").asString()).json();
        JsonNode changed =
                owner.keepSheet(now, Browserlike.sheet("Second words")).json().path("site");
        owner.publish(changed, "");
        within(1_000, () -> visitor.getAt("two-instances.localhost", "/").body().contains("Second words"));
    }

    @Test
    void editsFromBothMerge() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("merging@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Merged"));
        String id = site.path("id").asString();
        long base = owner.keep(site).json().path("revision").asLong();
        Browserlike elsewhere = owner.at(second.port());
        for (int i = 0; i < 10; i++) {
            assertThat(owner.edit(
                                    id,
                                    i == 0 ? base : revision(owner, id),
                                    Map.of("kind", "setLine", "path", "promise", "words", "day " + i))
                            .status())
                    .isEqualTo(200);
            assertThat(elsewhere
                            .edit(
                                    id,
                                    i == 0 ? base : revision(elsewhere, id),
                                    Map.of("kind", "setLine", "path", "founded", "words", "200" + i))
                            .status())
                    .isEqualTo(200);
        }
        JsonNode here = owner.get("/api/sites/" + id).json();
        assertThat(here.at("/sheet/lines/promise").asString()).isEqualTo("day 9");
        assertThat(here.at("/sheet/lines/founded").asString()).isEqualTo("2009");
        assertThat(elsewhere.get("/api/sites/" + id).json().path("sheet")).isEqualTo(here.path("sheet"));
        assertThat(here.path("revision").asLong()).isEqualTo(base + 20);
    }

    private static long revision(Browserlike who, String id) {
        return who.get("/api/sites/" + id + "/revision").json().path("revision").asLong();
    }

    @Test
    void aSessionOfOneIsGoodAtTheOther() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("one-session@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Shared"));
        Browserlike elsewhere = owner.at(second.port());
        assertThat(elsewhere.get("/api/sites/" + site.path("id").asString()).status())
                .isEqualTo(200);
        assertThat(elsewhere.get("/api/session").json().path("email").asString())
                .isEqualTo("one-session@quill.example");
    }

    /** A preview opened at one instance is drawn by the other. */
    @Test
    void aPreviewTokenOfOneIsGoodAtTheOther() {
        JsonNode site = Browserlike.fresh().site(Browserlike.sheet("Previewed"));
        String path = site.path("preview").asString().replaceFirst("^https?://[^/]+", "");
        assertThat(new Browserlike(second.port())
                        .getAt("preview.localhost", path)
                        .body())
                .contains("Previewed");
    }

    private static void within(long milliseconds, Callable<Boolean> holds) throws Exception {
        long end = System.nanoTime() + milliseconds * 1_000_000;
        while (!holds.call()) {
            assertThat(System.nanoTime())
                    .as("not within " + milliseconds + " ms")
                    .isLessThan(end);
            Thread.sleep(25);
        }
    }
}
