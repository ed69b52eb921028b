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

/** The words of a draft as an owner meets them: tones, pages, what is assumed, other words, rewriting, names. */
class WordsTest {
    private static Owner laysOut(Page page, String name) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", name)
                .says("telephone", "0117 496 0142")
                .says("hours", "Mon-Fri 9-5");
        owner.says("area", "Quillhaven, Tolver");
        owner.taps("Chimney sweep").says("services-0-price", "65");
        owner.taps("Camera survey").says("services-1-price", "from 95");
        owner.waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        return owner;
    }

    private static Locator headline(Page page) {
        return page.getByLabel("Opening: headline");
    }

    /** All words of the manuscript that can be written over. */
    private static List<String> words(Page page) {
        return page.locator(".manuscript .ProseMirror").allInnerTexts();
    }

    private static Locator heading(Page page, String section) {
        return page.getByLabel(section + ": heading");
    }

    private static FrameLocator shopfront(Page page) {
        return page.frameLocator("iframe");
    }

    @Test
    void whatIsConfirmedAndWhatIsOwnStaysWhenEverythingElseIsDraftedAgain() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = laysOut(page, "Twice Drafted Sweeps").keepsTheDraft();

            headline(page).fill("Soot is our business");
            owner.waitsUntilKept();
            page.getByLabel("Confirm the words of Services and prices").click();
            owner.waitsUntilKept();
            String prices = heading(page, "Services and prices").innerText();
            String write = heading(page, "Enquiry form").innerText();
            List<String> drafted = words(page);

            owner.taps("How it is drafted");
            Locator leaf = page.locator("#draft-leaf");
            leaf.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions()
                                    .setName(Pattern.compile("^Not so\\s*: Calls are seldom urgent$")))
                    .click();
            assertThat(leaf.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions()
                                    .setName(Pattern.compile("^It is so\\s*: Calls are seldom urgent$"))))
                    .isVisible();
            owner.waitsUntilKept();
            assertThat(heading(page, "Services and prices")).hasText(prices);
            leaf.getByText("A few pages", new Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(leaf.getByText("A few pages, as you asked.")).isVisible();
            leaf.getByText("Formal", new Locator.GetByTextOptions().setExact(true))
                    .click();
            owner.waitsUntilKept();
            assertThat(Axe.findings(page)).isEmpty();
            owner.taps("Draft it again");
            assertThat(page.getByText("Drafted again. What you confirmed or wrote has stayed."))
                    .isVisible();

            assertThat(page.locator(".page-name")).containsText(new String[] {"Home", "Contact"});
            assertThat(headline(page)).hasText("Soot is our business");
            assertThat(heading(page, "Services and prices")).hasText(prices);
            org.assertj.core.api.Assertions.assertThat(words(page)).isNotEmpty().isNotEqualTo(drafted);
            assertThat(shopfront(page).locator("h1")).hasText("Soot is our business");

            shopfront(page)
                    .getByRole(AriaRole.LINK, new FrameLocator.GetByRoleOptions().setName("Contact"))
                    .click();
            assertThat(shopfront(page).locator("h1")).not().hasText("Soot is our business");
            headline(page).click();
            assertThat(shopfront(page).locator("h1")).hasText("Soot is our business");

            owner.taps("Undo");
            assertThat(page.locator(".page-name")).hasCount(0);
            assertThat(heading(page, "Enquiry form")).hasText(write);
            assertThat(headline(page)).hasText("Soot is our business");
            assertThat(complaints).isEmpty();
        }
    }

    @Test
    void aFewPagesArePublishedAndVisited() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = laysOut(page, "Few Pages Sweeps");
            page.getByText("A few pages", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(page.getByText("A few pages, as you asked.")).isVisible();
            assertThat(Axe.findings(page)).isEmpty();
            owner.keepsTheDraft().publishes("few-pages-sweeps");
        }
        try (BrowserContext visitor = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = visitor.newPage();
            page.navigate(Chromium.site("few-pages-sweeps"));
            assertThat(Axe.findings(page)).isEmpty();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Contact"))
                    .click();
            page.waitForURL("**/contact");
            assertThat(page.locator("nav a[aria-current=page]")).hasText("Contact");
            assertThat(page.locator("h1")).hasCount(1);
            assertThat(Axe.findings(page)).isEmpty();
            page.locator("#enquiry-name").fill("Piet Marrow");
            page.locator("#enquiry-reach").fill("0117 496 0771");
            page.locator("#enquiry-message").fill("It smokes.");
            page.locator(".send").click();
            assertThat(page.locator(".sent")).isVisible();
            page.locator(".brand").click();
            assertThat(page.locator("#services")).isVisible();
        }
    }

    @Test
    void otherTrueWordsAreOfferedAndOnesOwnAreRewritten() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = laysOut(page, "Otherwise Sweeps").keepsTheDraft();
            headline(page).click();
            owner.taps("Say it otherwise");
            page.getByText("Why these words").click();
            assertThat(page.getByText(Pattern.compile("^It stands on "))).isVisible();
            Locator other = page.locator(".other").first();
            String says = other.innerText();
            assertThat(Axe.findings(page)).isEmpty();
            other.click();
            assertThat(headline(page)).hasText(Pattern.compile(says.replaceAll("[^\\p{L}]+", ".*")));

            page.getByLabel("Services and prices: heading").click();
            owner.taps("Add note");
            Locator note = page.getByLabel("Services and prices: note");
            note.fill("We utilise a vacuum in order to keep your room clean.");
            owner.waitsUntilKept();
            owner.taps("Say it otherwise").taps("Plainer");
            assertThat(page.locator(".beside")).containsText("We use a vacuum to keep your room clean.");
            owner.taps("Take it");
            assertThat(note).hasText("We use a vacuum to keep your room clean.");
            owner.waitsUntilKept();
            note.click();
            owner.taps("Say it otherwise").taps("Plainer");
            assertThat(page.getByText("It is plain already.")).isVisible();
        }
    }

    @Test
    void everythingIsConfirmedAtOnceWhenItHasBeenRead() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = laysOut(page, "Confirmed Sweeps").keepsTheDraft();
            owner.taps("Confirm all of it").waitsUntilKept();
            assertThat(owner.button("Confirm all of it")).hasCount(0);
            assertThat(page.getByLabel("Confirm the words of Opening")).hasCount(0);
            owner.taps("Undo");
            assertThat(owner.button("Confirm all of it")).isVisible();
        }
    }

    @Test
    void aBusinessWithoutANameIsOfferedSome() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/").says("trade", "tailor").says("place", "Tolver");
            owner.waitsUntilKept().taps("No name yet? See some");
            Locator names = page.getByLabel("Names").locator(".chip-leaf");
            assertThat(names).hasCount(6);
            assertThat(Axe.findings(page)).isEmpty();
            String first = names.first().locator("b").innerText();
            owner.taps("Others");
            assertThat(names.first().locator("b")).not().hasText(first);
            String second = names.first().locator("b").innerText();
            names.first().click();
            assertThat(page.locator("#name")).hasValue(second);
        }
    }
}
