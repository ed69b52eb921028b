package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** axe finds nothing, on every screen and the public page, by day and by night, on a laptop and a phone. */
class AccessibilityTest {
    static Stream<Arguments> everyLight() {
        return Stream.of(Chromium.Screen.values())
                .flatMap(screen ->
                        Stream.of(ColorScheme.LIGHT, ColorScheme.DARK).map(light -> Arguments.of(screen, light)));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("everyLight")
    void everyScreenOfTheOwner(Chromium.Screen screen, ColorScheme light) {
        try (BrowserContext context = Chromium.context(screen, light, true)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = Owner.at(page, "/");
            page.locator("#trade").waitFor();
            check(page, "empty sheet");

            owner.says("trade", "piano tuner")
                    .says("name", "Wren")
                    .says("hours", "Mon 8-8")
                    .says("telephone", "12");
            page.locator("#telephone-answer p").waitFor();
            owner.taps("Tuning");
            owner.says("services-0-price", "lots");
            page.locator("#services-0-price-answer p").waitFor();
            check(page, "sheet with a question and faults");

            page.navigate(Chromium.editor() + "/sign-in");
            page.locator("#email").waitFor();
            owner.says("email", "a@b.example").says("password", "wrong").taps("Sign in");
            page.getByText("do not go together").waitFor();
            check(page, "sign-in with a fault");

            owner.signsInAsAda();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oona Quayle"))
                    .first()
                    .waitFor();
            check(page, "enquiries");
            String site = page.url().replace("/enquiries", "");

            page.navigate(site + "/page");
            page.getByLabel("Opening: headline").waitFor();
            toTheFoot(page);
            check(page, "manuscript");
            page.getByLabel("Opening: first lines").focus();
            owner.taps("Put in a fact");
            toTheFoot(page);
            check(page, "manuscript with a text chosen");
            page.keyboard().press("Escape");
            page.locator("dd button").first().click();
            page.locator(".fact-dialog .editor").waitFor();
            check(page, "a fact to be changed");
            page.keyboard().press("Escape");
            if (screen == Chromium.Screen.LAPTOP) {
                owner.taps("Keys");
                page.locator(".keys-dialog").waitFor();
                check(page, "keys");
                page.keyboard().press("Escape");
            }

            page.navigate(site + "/look");
            page.locator(".houses iframe").first().waitFor();
            owner.taps("Every pair");
            toTheFoot(page);
            check(page, "look");

            page.navigate(site + "/drafts");
            page.locator(".table iframe").nth(2).waitFor();
            check(page, "drafts of a kept site");

            page.navigate(site + "/publish");
            page.getByText("Versions").waitFor();
            owner.taps("Take the site off the web");
            check(page, "publish");

            page.navigate(site + "/people");
            page.getByText("Hand the site over").waitFor();
            owner.taps("Ask them");
            page.locator("[aria-invalid=true]").first().waitFor();
            check(page, "people with a fault");

            page.navigate(site + "/list");
            page.getByText("Find somebody")
                    .or(page.getByText("Whoever signs up"))
                    .first()
                    .waitFor();
            owner.taps("Bring them");
            page.locator("[aria-invalid=true]").first().waitFor();
            check(page, "the list with a fault");

            page.navigate(Chromium.editor() + "/account");
            page.getByText("Delete the account").first().waitFor();
            check(page, "account");

            page.navigate(Chromium.editor() + "/mails");
            page.getByText("No mail leaves this machine").waitFor();
            check(page, "mail stand-in");

            page.navigate(Chromium.editor() + "/forgotten");
            page.getByText("Send me a link").waitFor();
            check(page, "forgotten password");

            page.navigate(Chromium.editor() + "/new-password/nothing");
            owner.taps("Take this one");
            page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                    .first()
                    .waitFor();
            check(page, "a link that is not good any more");

            page.navigate(Chromium.editor() + "/invitation/nothing");
            page.getByText("not good any more").waitFor();
            check(page, "an invitation that is not good any more");

            page.navigate(site);
            page.getByText(Pattern.compile("in \\d+ places")).first().waitFor();
            check(page, "facts of a public site");
            owner.opensFact("Open");
            owner.day("Mon", "08:00 to 17:30").click();
            page.getByRole(com.microsoft.playwright.options.AriaRole.SLIDER)
                    .first()
                    .waitFor();
            check(page, "hours, drawn");
            owner.opensFact("Days that differ");
            check(page, "days with other hours");
            owner.opensFact("Said of you");
            owner.pastes("0117 496 0143\nMon-Sat 8-8\n@ashlatch on the photo site\nGuild card being renewed");
            check(page, "what was found in a paste");

            page.navigate(Chromium.editor() + "/sites");
            page.locator("main li").first().waitFor();
            check(page, "all sites");

            page.navigate(Chromium.editor() + "/sites/nothing-here");
            page.getByText("There is nothing at this address").waitFor();
            check(page, "nothing here");
            assertThat(complaints).isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("everyLight")
    void theDraftAndKeepingIt(Chromium.Screen screen, ColorScheme light) {
        try (BrowserContext context = Chromium.context(screen, light, true)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/")
                    .says("trade", "tailor")
                    .says("name", "Dialog Alterations")
                    .says("telephone", "0117 496 0388")
                    .waitsUntilKept()
                    .taps("Lay out the page");
            page.waitForURL("**/page");
            page.frameLocator(".table li:first-child iframe").locator("h1").waitFor();
            check(page, "draft");
            owner.taps("Keep this one").taps("Make it mine");
            page.locator("[aria-invalid=true]").first().waitFor();
            check(page, "keeping with a fault");
            page.keyboard().press("Escape");
            owner.keepsTheDraft();
            page.navigate(page.url().replace("/page", "/publish"));
            owner.says("address", "no").taps("Make it public");
            page.locator("[aria-invalid=true]").first().waitFor();
            check(page, "first publication with a fault");
        }
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("everyLight")
    void thePublicPage(Chromium.Screen screen, ColorScheme light) {
        try (BrowserContext context = Chromium.context(screen, light, true)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            page.navigate(Chromium.site("ashlatch"));
            check(page, "public page");
            page.navigate(Chromium.site("ashlatch") + "/about");
            check(page, "page about the business");
            page.navigate(Chromium.site("ashlatch") + "/contact");
            page.locator("[data-now]").waitFor();
            check(page, "page with the form");
            page.locator(".send").click();
            page.locator(".fault:not([hidden])").first().waitFor();
            check(page, "form with faults");
            page.navigate(Chromium.site("ashlatch") + "/thanks");
            check(page, "thanks");
            page.navigate(Chromium.site("ashlatch") + "/nothing");
            check(page, "no such page");
            assertThat(complaints).isEmpty();
        }
    }

    /** The foot of a manuscript stays in view over what is scrolled; at the end it stands where it belongs. */
    private static void toTheFoot(Page page) {
        page.evaluate("window.scrollTo(0, document.body.scrollHeight)");
    }

    private static void check(Page page, String what) {
        assertThat(Axe.findings(page)).as(what).isEmpty();
        Object overflow = page.evaluate("document.scrollingElement.scrollWidth - window.innerWidth");
        assertThat(((Number) overflow).intValue())
                .as(what + " is no wider than its screen")
                .isLessThanOrEqualTo(0);
    }
}
