package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.app.Browserlike;
import tools.jackson.databind.JsonNode;

/** Sections an owner adds: a gallery of their own work, a second one, and words about anything. */
class SectionsTest {
    private static final Path PHOTOGRAPH = Path.of("../demo/piano-strings.jpg");

    private static String photograph(Browserlike owner, String site, int number) throws IOException {
        JsonNode taken = owner.upload(
                        "/api/sites/" + site + "/files?use=work", "work.jpg", Files.readAllBytes(PHOTOGRAPH))
                .json();
        String id = "work-" + number;
        long revision = owner.get("/api/sites/" + site + "/revision")
                .json()
                .path("revision")
                .asLong();
        Map<String, Object> row = Map.of(
                "kind",
                "picture",
                "id",
                id,
                "lines",
                Map.of(
                        "file",
                        taken.path("file").asString(),
                        "use",
                        "work",
                        "alternative",
                        "Strings of piano number " + number));
        assertThat(owner.edit(site, revision, Map.of("kind", "putRow", "row", row, "after", ""))
                        .status())
                .isEqualTo(200);
        return id;
    }

    @Test
    void galleriesAndWordsAreAddedSeenAndOpenedLarge() throws IOException {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("sections@quill.example");
        Map<String, Object> sheet = Browserlike.sheet("Gallery Pianos");
        sheet.put("trade", "piano tuner");
        JsonNode site = owner.site(sheet);
        String id = site.path("id").asString();
        owner.keep(site);
        photograph(owner, id, 1);
        photograph(owner, id, 2);
        photograph(owner, id, 3);

        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner hand = new Owner(page).signsIn("sections@quill.example", "a long password");
            page.navigate(Chromium.editor() + "/sites/" + id + "/page");
            Locator galleries = page.getByLabel("Gallery", new Page.GetByLabelOptions().setExact(true));
            assertThat(galleries).hasCount(1);
            assertThat(galleries.first()).containsText("Strings of piano number 1");

            hand.taps("Add gallery").waitsUntilKept();
            assertThat(page.getByLabel("Gallery 2", new Page.GetByLabelOptions().setExact(true)))
                    .isVisible();
            hand.taps("Add text").waitsUntilKept();
            Locator text = page.getByLabel("Text", new Page.GetByLabelOptions().setExact(true));
            text.click();
            hand.taps("Add words").waitsUntilKept();
            page.getByLabel("Text: words").fill("On Saturdays we stand at the market of Quillhaven.");
            hand.waitsUntilKept();
            shot(page, "manuscript");
            assertThat(Axe.findings(page)).isEmpty();
            assertThat(complaints).isEmpty();
        }
        assertThat(owner.publish(site, "gallery-pianos").status()).isEqualTo(201);

        for (Chromium.Screen screen : Chromium.Screen.values()) {
            try (BrowserContext context = Chromium.context(screen)) {
                Page page = context.newPage();
                page.navigate(Chromium.site("gallery-pianos"));
                assertThat(page.getByText("On Saturdays we stand at the market"))
                        .isVisible();
                Locator pictures = page.locator(".gallery a[data-large]");
                assertThat(pictures).hasCount(6);
                assertThat(Axe.findings(page)).isEmpty();
                page.locator(".gallery").first().scrollIntoViewIfNeeded();
                shot(page, "public-" + screen);
                pictures.first().focus();
                page.keyboard().press("Enter");
                Locator large = page.locator("dialog.large");
                assertThat(large).isVisible();
                assertThat(Axe.findings(page)).isEmpty();
                page.keyboard().press("Escape");
                assertThat(large).hasCount(0);
                assertThat(pictures.first()).isFocused();
                Object wider = page.evaluate("document.scrollingElement.scrollWidth - window.innerWidth");
                assertThat(((Number) wider).intValue()).isLessThanOrEqualTo(0);
            }
        }
    }

    private static void shot(Page page, String name) {
        String folder = System.getenv().getOrDefault("OSTIUM_SHOTS", "");
        if (!folder.isEmpty()) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(folder, name + ".png")));
        }
    }
}
