package ostium.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import ostium.app.TestDatabase;

/** Draws docs/screenshots anew from the demo data: {@code ./ostium screenshots}. */
@EnabledIfSystemProperty(named = "ostium.screenshots", matches = "true")
class ScreenshotsTest {
    private static final Path DIRECTORY = TestDatabase.root().resolve("docs/screenshots");

    @Test
    void draw() {
        openingSheet(Chromium.Screen.LAPTOP, ColorScheme.LIGHT, "opening-sheet");
        diary();
        workplace(Chromium.Screen.LAPTOP, ColorScheme.LIGHT, "");
        workplace(Chromium.Screen.PHONE, ColorScheme.LIGHT, "-phone");
        allSites();
        pictures();
        booking();
        drafts();
        looks();
        publicPage(Chromium.Screen.LAPTOP, "public-page");
        publicPage(Chromium.Screen.PHONE, "public-page-phone");
    }

    private static void openingSheet(Chromium.Screen screen, ColorScheme light, String name) {
        try (BrowserContext context = Chromium.context(screen, light, true)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/")
                    .says("trade", "piano tuner")
                    .says("name", "Wren & Tindle Pianos")
                    .says("place", "3 Net Loft, Quillhaven QH1 2NL")
                    .says("telephone", "0117 496 0388")
                    .says("hours", "tue-fri 10-6, sat 10-2");
            owner.taps("Tuning").says("services-0-price", "85").says("services-0-minutes", "90");
            owner.taps("Action regulation").says("services-1-price", "from 240").waitsUntilKept();
            page.frameLocator("iframe").locator("#services").waitFor();
            page.evaluate("window.scrollTo(0, 0); document.activeElement.blur()");
            shoot(page, name);
        }
    }

    private static void workplace(Chromium.Screen screen, ColorScheme light, String suffix) {
        try (BrowserContext context = Chromium.context(screen, light, true)) {
            Page page = context.newPage();
            new Owner(page).signsInAsAda();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oona Quayle"))
                    .first()
                    .waitFor();
            shoot(page, "enquiries" + suffix);
            String site = page.url().replace("/enquiries", "");
            page.navigate(site + "/page");
            page.getByLabel("Opening: headline").waitFor();
            page.getByLabel("Services and prices: heading").click();
            page.evaluate("window.scrollTo(0, 0)");
            shoot(page, "manuscript" + suffix);
            facts(page, site, suffix);
            if (screen == Chromium.Screen.LAPTOP) {
                doors(page, site);
                page.navigate(site + "/publish");
                page.getByText("Versions").waitFor();
                shoot(page, "publish" + suffix);
            }
        }
    }

    /** Thursday evening of the week with the day off. */
    private static void doors(Page page, String site) {
        page.navigate(site + "/doors");
        page.getByRole(AriaRole.SLIDER).waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The week after"))
                .click();
        page.getByText("guild").waitFor();
        page.getByRole(AriaRole.SLIDER).press("Home");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowRight");
        }
        for (int i = 0; i < 81; i++) {
            page.keyboard().press("ArrowRight");
        }
        page.locator("[aria-controls=door-call]").click();
        page.frameLocator("iframe").getByText("Send a message").last().waitFor();
        shoot(page, "doors");
    }

    /** The helper has three of them. */
    private static void allSites() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP, ColorScheme.LIGHT, true)) {
            Page page = context.newPage();
            new Owner(page).signsIn("nell@corrin.example", "quillhaven");
            page.navigate(Chromium.editor() + "/sites");
            page.locator("main li").nth(2).waitFor();
            for (int i = 0; i < 3; i++) {
                page.frameLocator("main li:nth-child(" + (i + 1) + ") iframe")
                        .locator("body")
                        .evaluate("() => Promise.all([...document.images].map(image => image.complete"
                                + " || new Promise(done => (image.onload = image.onerror = done))))");
            }
            shoot(page, "all-sites");
        }
    }

    private static void facts(Page page, String site, String suffix) {
        page.navigate(site);
        page.getByText(Pattern.compile("in \\d+ places")).first().waitFor();
        Owner owner = new Owner(page);
        if (suffix.isEmpty()) {
            owner.pastes("""
                    Ada Ashlatch
                    Ashlatch Chimney Care
                    0117 496 0142 / mob 07700 900142
                    Mon-Fri 8-5.30 Sat 9-1
                    @ashlatchsweeps on the photo site
                    Guild card being renewed""");
        }
        page.evaluate("document.activeElement.blur(); window.scrollTo(0, 0)");
        shoot(page, "facts" + suffix);
    }

    /** A photograph being cut, on the sheet of the piano tuners. */
    private static void pictures() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = new Owner(page).signsIn("tom@wrentindle.example", "quillhaven");
            page.navigate(page.url().replaceFirst("(/sites/[^/]+).*", "$1"));
            owner.opensFact("At the opening").taps("Cut and change");
            page.locator(".stage img").waitFor();
            page.locator(".trial").first().waitFor();
            shoot(page, "pictures");
            page.navigate((String)
                    page.evaluate("async () => (await (await fetch('/api' + location.pathname)).json()).preview"));
            page.locator("img.photo").waitFor();
            shoot(page, "public-page-pictured");
        }
    }

    /** The week that comes, with one of its appointments opened. */
    private static void diary() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP, ColorScheme.LIGHT, true)) {
            Page page = context.newPage();
            new Owner(page).signsInAsAda();
            page.navigate(page.url().replace("/enquiries", "/diary"));
            page.locator(".ticket").first().waitFor();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Later"))
                    .click();
            page.locator(".ticket.booked").nth(5).click();
            shoot(page, "diary");
        }
    }

    /** Free times of the sweep on a phone. */
    private static void booking() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            page.navigate(Chromium.site("ashlatch") + "/book?service=sweep");
            page.locator(".tear button").first().waitFor();
            shoot(page, "booking-phone");
        }
    }

    /** Three drafts of the tailor's, as the demo data lay them. */
    private static void drafts() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            new Owner(page).signsIn("marguerite@bellkite.example", "quillhaven");
            page.navigate(page.url().replaceFirst("(/sites/[^/]+).*", "$1/page"));
            page.locator(".table iframe").nth(2).waitFor();
            page.waitForTimeout(1500);
            shoot(page, "drafts");
        }
    }

    private static void looks() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            new Owner(page).signsInAsAda();
            page.navigate(page.url().replace("/enquiries", "/look"));
            page.locator(".houses iframe").nth(5).waitFor();
            page.waitForTimeout(2500);
            shoot(page, "look");
            @SuppressWarnings("unchecked")
            List<String> houses = (List<String>)
                    page.evaluate("() => [...document.querySelectorAll('.houses iframe')].map(frame => frame.src)");
            sheet(houses, "", DIRECTORY.resolve("houses.png"));
            sheet(houses, GREY_BOXES, DIRECTORY.resolve("../houses-as-grey-boxes.png"));
        }
    }

    /** Words become bars, pictures become boxes, and every colour becomes one of four greys by its lightness. */
    private static final String GREY_BOXES = """
            () => {
              const grey = (colour) => {
                const [r, g, b, a] = (colour.match(/[\\d.]+/g) || []).map(Number);
                if (r === undefined || a === 0) return 'transparent';
                const light = (0.2126 * r + 0.7152 * g + 0.0722 * b) / 255;
                return light > 0.8 ? '#f2f2f2' : light > 0.45 ? '#cfcfcf' : light > 0.2 ? '#9a9a9a' : '#6a6a6a';
              };
              document.documentElement.style.setProperty('filter', 'grayscale(1)');
              const all = [...document.querySelectorAll('body, body *')];
              all.forEach((each) => each.style.setProperty('transition', 'none', 'important'));
              const styles = all.map((each) => {
                const style = getComputedStyle(each);
                return [grey(style.backgroundColor), grey(style.borderTopColor)];
              });
              all.forEach((each, i) => {
                each.style.setProperty('background-color', styles[i][0], 'important');
                each.style.setProperty('border-color', styles[i][1], 'important');
                each.style.setProperty('text-shadow', 'none', 'important');
              });
              document.querySelectorAll('img, svg').forEach((each) => each.style.setProperty('filter', 'brightness(0) invert(.62)'));
              const words = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              const found = [];
              while (words.nextNode()) if (words.currentNode.data.trim()) found.push(words.currentNode);
              for (const node of found) {
                const bar = document.createElement('span');
                node.replaceWith(bar);
                bar.append(node);
                bar.style.cssText = 'color:transparent!important;background:#8b8b8b;box-decoration-break:clone;-webkit\
                -box-decoration-break:clone';
              }
            }""";

    /** The first two screens of each page, in two rows of three. */
    private static void sheet(List<String> pages, String change, Path to) {
        StringBuilder html = new StringBuilder(
                "<body style='margin:0;padding:12px;display:grid;grid-template-columns:repeat(3,1fr);gap:12px;align-content:star"
                        + "t;background:#777'>");
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            page.setViewportSize(1280, 1500);
            for (String address : pages) {
                page.navigate(address);
                page.waitForTimeout(600);
                if (!change.isEmpty()) {
                    page.evaluate(change);
                }
                html.append("<img style='width:100%;display:block' src='data:image/png;base64,")
                        .append(java.util.Base64.getEncoder().encodeToString(page.screenshot()))
                        .append("'>");
            }
            page.setViewportSize(1280, 990);
            page.navigate("about:blank");
            page.setContent(html.toString());
            page.waitForTimeout(500);
            page.screenshot(new Page.ScreenshotOptions().setPath(to.normalize()).setFullPage(true));
        }
    }

    private static void publicPage(Chromium.Screen screen, String name) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            page.navigate(Chromium.site("ashlatch"));
            shoot(page, name);
        }
    }

    private static void shoot(Page page, String name) {
        page.waitForTimeout(900);
        page.screenshot(new Page.ScreenshotOptions().setPath(DIRECTORY.resolve(name + ".png")));
    }
}
