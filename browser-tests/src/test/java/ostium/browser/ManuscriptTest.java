package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import ostium.app.TestDatabase;

/** The words of a page, typed where they stand, beside the page itself. */
class ManuscriptTest {

    /** A kept draft of a chimney sweep with two services, one priced "from", so that a note stands beside them. */
    private static Owner keeps(Page page, String name) {
        return laysOut(page, name).keepsTheDraft();
    }

    private static Owner laysOut(Page page, String name) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", name)
                .says("telephone", "0117 496 0142");
        owner.taps("Chimney sweep").says("services-0-price", "65");
        owner.taps("Camera survey").says("services-1-price", "from 95");
        owner.says("person", "Ada Ashlatch").waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        return owner;
    }

    private static Locator headline(Page page) {
        return page.getByLabel("Opening: headline");
    }

    private static Locator servicesHeading(Page page) {
        return page.getByLabel("Services and prices: heading");
    }

    private static FrameLocator shopfront(Page page) {
        return page.frameLocator("iframe");
    }

    @Test
    void wordsAndFactsAreChangedUndonePublishedAndPutBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = keeps(page, "Manuscript Sweeps").publishes("manuscript-sweeps");
            page.navigate(page.url().replace("/publish", "/page"));

            headline(page).fill("Chimneys swept on Quill");
            assertThat(shopfront(page).locator("h1")).hasText("Chimneys swept on Quill");
            owner.waitsUntilKept();

            servicesHeading(page).fill("For your price, ask on ");
            owner.taps("Put in a fact");
            page.locator(".pick")
                    .filter(new Locator.FilterOptions().setHasText("0117"))
                    .click();
            assertThat(shopfront(page).locator("#services")).containsText("For your price, ask on 0117 496 0142");
            owner.waitsUntilKept();
            Locator telephone = servicesHeading(page)
                    .getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("0117"));
            telephone.click();
            owner.taps("Change your telephone number");
            Locator line = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX);
            line.waitFor();
            owner.waitsForTheDialog();
            line.fill("0117 496 0199");
            owner.taps("Done");
            assertThat(telephone).hasText("0117 496 0199");
            assertThat(shopfront(page).locator(".callbar")).containsText("0117 496 0199");

            owner.taps("Undo");
            assertThat(telephone).hasText("0117 496 0142");
            assertThat(headline(page)).hasText("Chimneys swept on Quill");
            assertThat(page.getByText("2 changes not public yet")).isVisible();

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                    .click();
            assertThat(page.getByLabel("Not public yet: Opening")).containsText("Chimneys swept on Quill");
            assertThat(page.getByLabel("Not public yet: Opening")).containsText("Headline");
            owner.taps("Publish these 2 changes");
            assertThat(page.getByText("Your page is public at")).isVisible();
            assertThat(publicHeadline("manuscript-sweeps")).isEqualTo("Chimneys swept on Quill");

            owner.taps("Put back").taps("Put this version back");
            assertThat(page.getByText("Put back. Undo in the manuscript")).isVisible();
            assertThat(publicHeadline("manuscript-sweeps")).isNotEqualTo("Chimneys swept on Quill");
            assertThat(complaints).isEmpty();
        }
    }

    private static String publicHeadline(String name) {
        try (BrowserContext visitor = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = visitor.newPage();
            page.navigate(Chromium.site(name));
            return page.locator("h1").innerText();
        }
    }

    @Test
    void theSameByKeyboardAlone() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            laysOut(page, "Keyboard Manuscript");
            Keyboard keyboard = new Keyboard(page);
            keyboard.tabsTo("Keep this one").presses("Enter");
            page.locator("#account-name").waitFor();
            new Owner(page).waitsForTheDialog();
            String email = keyboard.signsUp();
            headline(page).waitFor();
            TestDatabase.confirm(email);
            keyboard.tabsTo("Publish").presses("Enter");
            page.waitForURL("**/publish");
            keyboard.tabsTo("Make it public").presses("Enter");
            assertThat(page.getByText("Your page is public at")).isVisible();
            keyboard.tabsTo("Page").presses("Enter");
            headline(page).waitFor();

            keyboard.tabsTo("Opening: headline").presses("Control+a").types("By keyboard alone");
            assertThat(shopfront(page).locator("h1")).hasText("By keyboard alone");
            new Owner(page).waitsUntilKept();
            keyboard.tabsTo("Services and prices: heading").presses("Control+a").types("For your price, ask on ");
            keyboard.presses("Alt+F10").arrowsTo("Put in a fact").presses("Enter");
            keyboard.tabsTo("your telephone number 0117 496 0142").presses("Enter");
            assertThat(servicesHeading(page)).containsText("For your price, ask on 0117 496 0142");
            new Owner(page).waitsUntilKept();
            keyboard.tabsTo("your telephone number: 0117 496 0142. Change").presses("Enter");
            page.getByRole(AriaRole.DIALOG).waitFor();
            new Owner(page).waitsForTheDialog();
            keyboard.presses("Control+a").writes("0117 496 0199").presses("Enter");
            assertThat(servicesHeading(page)).containsText("0117 496 0199");
            page.locator(".fact-dialog")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
            servicesHeading(page).focus();
            keyboard.presses("Control+z");
            assertThat(servicesHeading(page)).containsText("0117 496 0142");

            keyboard.tabsTo("Publish").presses("Enter");
            page.waitForURL("**/publish");
            page.getByLabel("Not public yet: Opening").waitFor();
            keyboard.tabsTo("Publish these 2 changes").presses("Enter");
            assertThat(page.getByText("Your page is public at")).isVisible();
            keyboard.tabsTo("Put back").presses("Enter");
            keyboard.tabsTo("Put this version back").presses("Enter");
            assertThat(page.getByText("Put back. Undo in the manuscript")).isVisible();
            assertThat(publicHeadline("keyboard-manuscript")).isNotEqualTo("By keyboard alone");
        }
    }

    @Test
    void wordsStandInTheShopfrontBeforeTheServerHasThem() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            keeps(page, "Quick Sweeps");
            page.route("**/edits", route -> {
                // Answered by nobody: what is seen is the browser's own doing.
            });
            headline(page).click();
            page.keyboard().press("Control+a");
            page.keyboard().type("At once");
            assertThat(shopfront(page).locator("h1")).hasText("At once");
            assertThat(page.getByText("Keeping …")).isVisible();
            page.unrouteAll();
        }
    }

    @Test
    void editsWaitWhileTheDatabaseIsAway() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = keeps(page, "Waiting Sweeps");
            page.route(
                    "**/edits",
                    route -> route.fulfill(new Route.FulfillOptions()
                            .setStatus(503)
                            .setContentType("application/problem+json")
                            .setBody("{\"detail\":\"Nothing can be kept just now.\"}")));
            headline(page).fill("Typed while it was away");
            assertThat(page.getByText("Not kept yet: the connection is away")).isVisible();
            page.getByLabel("Services and prices: heading").fill("And this");
            page.waitForRequest("**/edits", () -> {});
            assertThat(page.getByText("Not kept yet: the connection is away")).isVisible();
            page.unrouteAll();
            owner.waitsUntilKept();
            page.reload();
            assertThat(headline(page)).hasText("Typed while it was away");
            assertThat(page.getByLabel("Services and prices: heading")).hasText("And this");
        }
    }

    @Test
    void twoWindowsOnOneTextKeepBothWords() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page first = context.newPage();
            keeps(first, "Two Windows Sweeps");
            Page second = context.newPage();
            second.navigate(first.url());
            headline(second).waitFor();
            second.route("**/revision", Route::abort);
            headline(first).fill("From the first window");
            new Owner(first).waitsUntilKept();
            // At the keys, for filled in over words the browser's own editing marks it with a style; and at one go, for
            // theirs come in at a pause between two keys.
            headline(second).press("ControlOrMeta+a");
            second.keyboard().insertText("From the second window");
            assertThat(second.getByText("Your words, kept aside")).isVisible();
            assertThat(headline(second)).hasText("From the first window");
            second.getByText("Take them").click();
            assertThat(headline(second)).hasText("From the second window");
            assertThat(second.getByText("Your words, kept aside")).hasCount(0);
            assertThat(headline(first)).hasText("From the second window");
        }
    }

    @Test
    void aPressOnEitherSideFindsTheOther() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            keeps(page, "Either Side Sweeps");
            shopfront(page).locator("#services h2").click();
            assertThat(page.getByLabel("Services and prices: heading")).isFocused();
            headline(page).focus();
            Locator heading = shopfront(page).locator("#services h2");
            heading.click(new Locator.ClickOptions().setPosition(heading.boundingBox().width - 4, 4));
            assertThat(page.getByLabel("Services and prices: heading")).isFocused();
            page.getByLabel("Foot of the page: line under the name").click();
            assertThat(shopfront(page).locator("footer")).hasClass(java.util.regex.Pattern.compile("is-chosen"));
            assertThat(shopfront(page).locator("footer")).isInViewport();
        }
    }

    @Test
    void sectionsAreMovedHiddenRemovedAndHadBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = keeps(page, "Moving Sweeps");
            Locator sections = shopfront(page).locator("main > section");
            assertThat(sections.nth(1)).hasId("services");
            page.getByLabel("Services and prices: heading").click();
            page.keyboard().press("Alt+ArrowUp");
            assertThat(sections.nth(0)).hasId("services");
            owner.taps("Undo");
            assertThat(sections.nth(1)).hasId("services");

            owner.taps("Hide");
            assertThat(shopfront(page).locator("#services")).hasCount(0);
            assertThat(page.getByText("Hidden from visitors")).isVisible();
            owner.taps("Show");
            assertThat(shopfront(page).locator("#services")).hasCount(1);

            owner.taps("Remove");
            assertThat(page.getByLabel("Services and prices", new Page.GetByLabelOptions().setExact(true)))
                    .hasCount(0);
            assertThat(page.getByText("Add a section")).isVisible();
            page.keyboard().press("Control+z");
            assertThat(shopfront(page).locator("#services")).hasCount(1);
            page.keyboard().press("Control+Shift+z");
            assertThat(shopfront(page).locator("#services")).hasCount(0);
        }
    }

    @Test
    void aRowOfServicesIsTheFact() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = keeps(page, "Row Sweeps");
            page.getByLabel("Price of Chimney sweep").fill("lots");
            assertThat(page.getByText("Give a price like 65").first()).isVisible();
            assertThat(page.getByText("A line of your facts is not understood").first())
                    .isVisible();
            page.getByLabel("Price of Chimney sweep").fill("70");
            assertThat(shopfront(page).locator("#services")).containsText("£70");
            owner.taps("Add a service");
            assertThat(page.getByLabel("Name of New service")).isFocused();
            page.keyboard().type("Cowl fitting");
            assertThat(shopfront(page).locator("#services")).containsText("Cowl fitting");
            owner.waitsUntilKept();
            page.navigate(page.url().replace("/page", ""));
            owner.opensFact("Services");
            assertThat(page.locator("#services-0-price")).hasValue("70");
            assertThat(page.locator("#services-2")).hasValue("Cowl fitting");
        }
    }

    @Test
    void wordsThatAreTooManyStayWhereTheyWereTyped() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = keeps(page, "Long Sweeps");
            String many = "swept ".repeat(50).strip();
            headline(page).fill(many);
            assertThat(page.getByText("At most 200 characters, please; this has 299."))
                    .isVisible();
            assertThat(headline(page)).hasText(many);
            headline(page).fill("Swept");
            owner.waitsUntilKept();
            page.reload();
            assertThat(headline(page)).hasText("Swept");
        }
    }

    @Test
    void onAPhoneTheTwoTakeTurns() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            keeps(page, "Pocket Sweeps");
            headline(page).fill("On the go");
            assertThat(page.locator("iframe")).not().isVisible();
            page.getByText("Shopfront", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(headline(page)).not().isVisible();
            assertThat(shopfront(page).locator("h1")).hasText("On the go");
            // Playwright reckons the point of a press in a frame of another process without the frame's scale.
            shopfront(page).locator("#services h2").dispatchEvent("click");
            assertThat(page.getByLabel("Services and prices: heading")).isFocused();
        }
    }

    @Test
    void aSnagInTheMarginBlocksUntilItIsPutRight() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = keeps(page, "Snagged Manuscript");
            page.locator("#messages-to").fill("");
            page.locator("#messages-to").blur();
            assertThat(page.getByText("Messages from this form go to nobody.")).isVisible();
            owner.waitsUntilKept();
            page.navigate(page.url().replace("/page", "/publish"));
            assertThat(page.getByText("Put right first")).isVisible();
            assertThat(owner.button("Make it public")).isDisabled();
            page.getByText("Go there").first().click();
            owner.taps("Say where");
            assertThat(page.locator("#messages-to")).isFocused();
            page.keyboard().type("ada@ashlatch.example");
            page.keyboard().press("Enter");
            assertThat(page.getByText("Messages from this form go to nobody.")).hasCount(0);
        }
    }
}
