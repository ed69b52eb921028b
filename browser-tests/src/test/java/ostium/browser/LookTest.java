package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Drafts on the table, one of them kept, and its look changed: by word, by hand, by house. */
class LookTest {
    private static Owner laysOut(Page page, String name) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "piano tuner")
                .says("name", name)
                .says("place", "3 Net Loft, Quillhaven QH1 2NL")
                .says("telephone", "0117 496 0388")
                .says("hours", "Tue-Fri 10-6");
        owner.taps("Tuning").says("services-0-price", "85");
        owner.waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        page.locator(".table iframe").nth(2).waitFor();
        return owner;
    }

    private static Locator pin(Page page, String draft, String part) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Pin of the " + draft + " draft"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(part));
    }

    private static FrameLocator draft(Page page, int place) {
        return page.frameLocator(".table > li:nth-child(" + place + ") iframe");
    }

    private static FrameLocator shopfront(Page page) {
        return page.frameLocator(".shopfront iframe");
    }

    private static String paint(Page page) {
        return (String) shopfront(page)
                .locator("html")
                .evaluate("html => getComputedStyle(html).getPropertyValue('--paint').trim()");
    }

    private static String headline(FrameLocator frame) {
        return frame.locator("h1").innerText().replaceAll("\\s+", " ");
    }

    @Test
    void threeDraftsPinThreeMoreKeepOneChangeItsColoursDraftASectionAgainAndUndoAll() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = laysOut(page, "Table Pianos");
            assertThat(page.locator(".table > li h2")).hasCount(3);
            assertThat(page.locator(".table > li h2").allInnerTexts()).doesNotHaveDuplicates();
            String words = headline(draft(page, 2));
            assertThat(draft(page, 1).locator("body").innerText())
                    .isNotEqualTo(draft(page, 2).locator("body").innerText());
            assertThat(Axe.findings(page)).isEmpty();

            pin(page, "second", "words").click();
            assertThat(pin(page, "second", "words")).hasAttribute("aria-pressed", "true");
            assertThat(page.getByText("keeping the words of the second.")).isVisible();
            owner.taps("Lay out three more");
            owner.button("Round 1").waitFor();
            for (int place = 1; place <= 3; place++) {
                assertThat(draft(page, place).locator("h1"))
                        .hasText(Pattern.compile(words.replaceAll("[^\\p{L}]+", ".*")));
            }

            owner.taps("Round 1");
            assertThat(owner.button("Round 1")).hasAttribute("aria-current", "true");
            assertThat(pin(page, "second", "words")).hasAttribute("aria-pressed", "true");
            owner.taps("Round 2");
            assertThat(owner.button("Round 2")).hasAttribute("aria-current", "true");
            String house = page.locator(".table > li h2")
                    .first()
                    .innerText()
                    .replaceFirst(".*: ?", "")
                    .strip();
            owner.keepsTheDraft();
            assertThat(shopfront(page).locator("html"))
                    .hasClass(Pattern.compile(".*house-" + house.toLowerCase() + "\\b.*"));

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look"))
                    .click();
            page.locator(".houses iframe").first().waitFor();
            shopfront(page).locator("h1").waitFor();
            String before = paint(page);
            owner.says("say", "darker, rounder and warmer").taps("Do it");
            assertThat(page.getByText("Done: darker, rounder and warmer.")).isVisible();
            assertThat(shopfront(page).locator("html")).hasClass(Pattern.compile(".*shape-(soft|round).*"));
            page.waitForCondition(() -> !paint(page).equals(before));
            assertThat(Axe.findings(page)).isEmpty();

            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Page").setExact(true))
                    .click();
            Locator services = page.getByLabel("Services and prices: heading");
            services.click();
            String heading = services.innerText();
            owner.taps("Draft again");
            owner.waitsUntilKept();

            // All of it back, step by step, to the draft as it was kept: what was done on Page there, what on Look
            // there.
            owner.taps("Undo");
            assertThat(services).hasText(heading);
            owner.taps("Undo");
            page.waitForURL("**/look");
            assertThat(page.getByText("Your last step was on Look: the look.")).isVisible();
            page.locator(".houses iframe").first().waitFor();
            owner.taps("Undo");
            page.waitForCondition(() -> paint(page).equals(before));
            assertThat(page.getByText("Taken back.")).isVisible();
            owner.taps("Undo");
            assertThat(page.getByText("There is nothing to take back.")).isVisible();
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Page").setExact(true))
                    .click();
            assertThat(services).hasText(heading);
            page.waitForCondition(() -> paint(page).equals(before));
            assertThat(complaints).isEmpty();
        }
    }

    @Test
    void coloursAreTakenInAnyNotationAndMovedWhereTheyCouldNotBeRead() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            Owner owner = laysOut(page, "Yellow Pianos").keepsTheDraft();
            page.navigate(page.url().replace("/page", "/look"));
            Locator change = page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName(Pattern.compile("^Change\\s*the main colour$")));
            change.click();
            owner.says("colour-code", "greenish").taps("Set it");
            assertThat(page.getByText("“greenish” is not a colour we know.")).isVisible();
            assertThat(page.locator("#colour-code")).hasValue("greenish");
            assertThat(Axe.findings(page)).isEmpty();
            owner.says("colour-code", "rgb(255 255 0)").taps("Set it");
            assertThat(page.getByText("moved from #ffff00, so that it can be read"))
                    .isVisible();
            owner.taps("Every pair");
            for (String contrast : page.locator("#pairs tbody tr").allInnerTexts()) {
                String[] cells = contrast.split("\t");
                assertThat(Double.parseDouble(cells[2].replace(" : 1", "")))
                        .as(contrast)
                        .isGreaterThanOrEqualTo(Double.parseDouble(cells[3].strip()));
            }
            owner.says("say", "zingy").taps("Do it");
            assertThat(page.getByText("“zingy” says nothing about colours or letters here."))
                    .isVisible();
            assertThat(page.locator("#say")).hasValue("zingy");
            owner.taps("Undo");
            assertThat(page.getByText("moved from #ffff00")).hasCount(0);
        }
    }

    @Test
    void anotherHouseIsTriedFromTheBoardAndASceneIsFoundByWord() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = laysOut(page, "Housed Pianos").keepsTheDraft();
            page.navigate(page.url().replace("/page", "/look"));
            for (String house : List.of("Workshop", "Parlour", "Studio", "Kiosk", "Chambers", "Garden")) {
                page.locator(".house", new Page.LocatorOptions().setHasText(house))
                        .click();
                assertThat(shopfront(page).locator("html"))
                        .hasClass(Pattern.compile(".*house-" + house.toLowerCase() + "\\b.*"));
            }
            owner.says("scene-words", "boat");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("A harbour"))
                    .click();
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("A harbour")))
                    .hasAttribute("aria-pressed", "true");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fraunces and Figtree"))
                    .click();
            assertThat(shopfront(page).locator("html")).hasClass(Pattern.compile(".*type-soft-serif.*"));
            page.keyboard().press("Control+z");
            assertThat(shopfront(page).locator(".logo img")).hasCount(0);
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Take it\\s*: Your initials$")))
                    .click();
            assertThat(shopfront(page).locator(".logo img")).hasAttribute("alt", "");
            com.microsoft.playwright.Download drawing = page.waitForDownload(() -> page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^PNG\\s* of Your initials$")))
                    .click());
            assertThat(drawing.suggestedFilename()).isEqualTo("initials.png");
            assertThat(shopfront(page).locator("html")).not().hasClass(Pattern.compile(".*type-soft-serif.*"));
        }
    }
}
