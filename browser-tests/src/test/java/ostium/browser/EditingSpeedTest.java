package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import ostium.app.Browserlike;
import ostium.app.RunningOstium;
import ostium.app.TestDatabase;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.edit.SectionEdit;
import ostium.core.section.text.TextSection;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.Site;
import tools.jackson.databind.JsonNode;

/**
 * Measures from key to shopfront, on a site of 12 sections and 40 services, on a database with an owner's settings:
 * {@code ./ostium bench}. Writes bench/results/editing.txt; asserts nothing about time.
 */
@EnabledIfSystemProperty(named = "ostium.speed", matches = "true")
class EditingSpeedTest {
    private static final int WARM = 30;
    private static final int TIMES = 150;

    @Test
    void fromKeyToShopfront() throws IOException {
        Browserlike owner = Browserlike.fresh();
        String email = UUID.randomUUID() + "@quill.example";
        Map<String, Object> sheet = new LinkedHashMap<>(Browserlike.sheet("Speed Sweeps"));
        sheet.put(
                "services",
                IntStream.range(0, 40)
                        .mapToObj(i ->
                                Map.of("name", "Service number " + i, "price", "from " + (i + 20), "minutes", "45"))
                        .toList());
        String id = owner.site(sheet).path("id").asString();
        owner.signUp(email);
        owner.keep(owner.get("/api/sites/" + id).json());
        withTwelveSections(id);
        List<String> lines = new ArrayList<>();
        lines.add("12 sections, 40 services; ms");
        lines.add(line(
                "server: edit applied, committed, manuscript and sections drawn (Server-Timing)", server(owner, id)));
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            new Owner(page).signsIn(email, "a long password");
            page.navigate(Chromium.editor() + "/sites/" + id + "/page");
            page.evaluate("window.drawn = []; let key = 0;"
                    + "addEventListener('keydown', event => (key = event.timeStamp), true);"
                    + "addEventListener('message', event => {"
                    + " if (event.data.type === 'drawn') window.drawn.push(performance.now() - key) })");
            page.getByLabel("Opening: headline").click();
            page.waitForTimeout(2_000);
            page.keyboard().press("End");
            for (int i = 0; i < WARM + TIMES; i++) {
                if (i == WARM) {
                    page.evaluate("window.drawn.length = 0; performance.clearResourceTimings();"
                            + "performance.setResourceTimingBufferSize(2000)");
                }
                page.keyboard().type(i % 12 == 11 ? " " : "a");
                page.waitForTimeout(420);
                if (i % 20 == 19) {
                    page.keyboard().press("Control+a");
                    page.keyboard().type("Swept ");
                    page.waitForTimeout(420);
                }
            }
            lines.add(line(
                    "browser: key pressed to words in the shopfront's page, and word of it back",
                    numbers(page, "window.drawn")));
            lines.add(line(
                    "browser: POST edits to its answer, section HTML in it",
                    numbers(
                            page,
                            "performance.getEntriesByType('resource').filter(e => e.name.endsWith('/edits'))"
                                    + ".map(e => e.duration)")));
        }
        Path results = TestDatabase.root().resolve("bench/results/editing.txt");
        Files.writeString(results, String.join("\n", lines) + "\n");
        lines.forEach(System.out::println);
    }

    private static void withTwelveSections(String id) {
        SiteLog log = RunningOstium.get().bean(SiteLog.class);
        SiteService sites = RunningOstium.get().bean(SiteService.class);
        for (int i = 0; ; i++) {
            StoredSite stored = sites.byId(id).orElseThrow();
            Site site = sites.state(stored).site();
            if (site.sections().count() >= 12) {
                break;
            }
            Section last = site.home().sections().get(site.home().sections().size() - 1);
            Section text =
                    new Section("text-" + i, TextSection.KIND, "column", "text-" + i, false, Map.of(), List.of());
            log.edit(
                    stored,
                    stored.owner(),
                    stored.revision(),
                    UUID.randomUUID().toString(),
                    new SectionEdit.PutSection(new Position(site.home().id(), last.id()), text));
        }
    }

    private static List<Double> server(Browserlike owner, String id) {
        JsonNode manuscript = owner.get("/api/sites/" + id + "/manuscript").json();
        long revision = manuscript.path("revision").asLong();
        String headline = "";
        for (JsonNode section : manuscript.at("/site/pages/0/sections")) {
            if (section.path("kind").asString().equals("OPENING")) {
                headline = section.at("/texts/headline/id").asString();
            }
        }
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 10 * (WARM + TIMES); i++) {
            Browserlike.Answer answer = owner.edit(id, revision, Browserlike.setText(headline, "Swept " + i));
            double took = Double.parseDouble(answer.header("Server-Timing").replaceAll(".*dur=", ""));
            assertThat(answer.status()).isEqualTo(200);
            revision = answer.json().at("/manuscript/revision").asLong();
            if (i >= 10 * WARM) {
                times.add(took);
            }
            pause(4);
        }
        return times;
    }

    /** Edits come with pauses between; without them the queue of the garbage collector is measured, not an edit. */
    private static void pause(int milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static List<Double> numbers(Page page, String script) {
        return ((List<?>) page.evaluate(script))
                .stream().map(number -> ((Number) number).doubleValue()).toList();
    }

    private static String line(String what, List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        return String.format(
                "%s: p50 %.1f, p95 %.1f, n %d",
                what, sorted.get(sorted.size() / 2), sorted.get((int) (sorted.size() * 0.95)), sorted.size());
    }
}
