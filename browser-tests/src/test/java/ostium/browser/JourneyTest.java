package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import ostium.app.StandInMails;

/** From an empty sheet to an answered telephone, as an owner and a visitor would go. */
class JourneyTest {

    @Test
    void anOwnerGivesFactsPublishesAndIsWrittenTo() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = Owner.at(page, "/");
            owner.says("trade", "piano tu");
            page.locator("[role=option]").first().click();
            owner.says("name", "Journey Pianos")
                    .says("place", "3 Net Loft, Quillhaven QH1 2NL")
                    .says("hours", "tue-fri 10-6, sat 10-25");
            assertThat(page.locator("#hours-answer")).containsText("“25” is not a time of day.");
            assertThat(page.locator("#hours-answer mark")).hasText("25");
            owner.says("hours", "tue-fri 10-6, sat 10-2").says("telephone", "0117 496 0388");
            assertThat(page.locator("#hours-answer")).hasText("Tue–Fri 10–6 · Sat 10–2 · Sun, Mon closed");
            assertThat(page.locator("#telephone-answer")).hasText("People from abroad dial +44 117 496 0388");
            owner.taps("Tuning").says("services-0-price", "85").says("services-0-minutes", "90");
            assertThat(page.frameLocator("iframe").locator("h1")).containsText("Piano");
            assertThat(page.frameLocator("iframe").locator("#services")).containsText("£85");
            owner.waitsUntilKept().taps("Lay out the page");

            page.waitForURL("**/page");
            assertThat(page.getByText("One service, one with a price.")).isVisible();
            owner.taps("Keep this one")
                    .says("account-name", "Isolde Tindle")
                    .says("account-email", "isolde@journey.example")
                    .says("account-password", "short")
                    .taps("Make it mine");
            assertThat(page.locator("#account-password-note")).hasText("A password has at least 8 characters.");
            owner.says("account-password", "tuning forks").taps("Make it mine");
            assertThat(page.getByLabel("Opening: headline")).isVisible();
            showsThatTheAddressIsTheirs(owner);
            owner.taps("Make it public");
            page.getByText("Your page is public at").waitFor();

            visitOnAPhone();

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Enquiries"))
                    .first()
                    .click();
            assertThat(page.getByText("With script: can you come on Friday?")).isVisible();
            assertThat(page.getByText("Without script: the low F sticks.")).isVisible();
            assertThat(page.getByText("2 people wait for an answer")).isVisible();
            owner.taps("Done");
            assertThat(page.getByText("One person waits for an answer")).isVisible();
            assertThat(complaints).isEmpty();
        }
    }

    /** The page goes on the web once the link that was sent there has been opened; the screen for publishing sees it by itself. */
    private void showsThatTheAddressIsTheirs(Owner owner) {
        Page page = owner.page;
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                .first()
                .click();
        owner.says("address", "journey-pianos").taps("Make it public");
        assertThat(page.locator(".wrong")).containsText("open the link we sent to isolde@journey.example");
        owner.taps("Send it again");
        assertThat(page.getByText("Sent again.")).isVisible();
        String token = StandInMails.askedToken("isolde@journey.example", 2);
        Page mail = page.context().newPage();
        mail.navigate(Chromium.editor() + "/confirm-address/" + token);
        assertThat(mail.getByText("Thank you. The address is yours")).isVisible();
        mail.close();
        page.bringToFront();
        page.evaluate("() => dispatchEvent(new Event('focus'))");
        assertThat(page.getByText("isolde@journey.example is confirmed.")).isVisible();
    }

    private void visitOnAPhone() {
        try (BrowserContext phone = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = phone.newPage();
            List<String> complaints = Chromium.complaints(page);
            page.navigate(Chromium.site("journey-pianos"));
            assertThat(page.locator(".callbar a[href='tel:+441174960388']")).isInViewport();
            assertThat(page.locator("#opening a[href='tel:+441174960388']").first())
                    .isInViewport();
            page.locator("#enquiry-name").fill("Oona");
            page.locator("#enquiry-reach").fill("under the mat");
            page.locator("#enquiry-message").fill("With script: can you come on Friday?");
            page.locator(".send").click();
            assertThat(page.locator("#enquiry-reach-fault"))
                    .hasText("This is neither a telephone number nor an e-mail address.");
            assertThat(page.locator("#enquiry-reach")).isFocused();
            assertThat(page.locator("#enquiry-message")).hasValue("With script: can you come on Friday?");
            page.locator("#enquiry-reach").fill("oona@quayle.example");
            page.locator(".send").click();
            assertThat(page.getByText("Your message is with Journey Pianos.")).isVisible();
            assertThat(complaints).isEmpty();
        }
        try (BrowserContext bare = Chromium.scriptTurnedOff()) {
            Page page = bare.newPage();
            page.navigate(Chromium.site("journey-pianos"));
            page.locator("#enquiry-name").fill("Piet");
            page.locator("#enquiry-message").fill("Without script: the low F sticks.");
            page.locator(".send").press("Enter");
            assertThat(page.locator("h1")).hasText("Not sent yet");
            assertThat(page.locator("#enquiry-message")).hasValue("Without script: the low F sticks.");
            page.locator("#enquiry-reach").fill("0117 496 0771");
            page.locator(".send").press("Enter");
            assertThat(page.locator("h1")).hasText("Sent");
            page.getByText("Back to the page").press("Enter");
            assertThat(page.locator("#opening")).isVisible();
        }
    }

    @Test
    void aSheetCanBeGivenByKeyboardAlone() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner.at(page, "/");
            page.locator("#trade").focus();
            page.keyboard().type("chimn");
            page.locator("[role=option]").first().waitFor();
            page.keyboard().press("ArrowDown");
            page.keyboard().press("Enter");
            page.locator("#area").waitFor();
            page.keyboard().press("Tab");
            page.keyboard().type("Keyboard Sweeps");
            page.keyboard().press("Tab");
            page.keyboard().press("Tab");
            page.keyboard().press("Tab");
            assertThat(page.locator("#area")).isFocused();
            page.keyboard().press("Tab");
            page.keyboard().type("0117 496 0142");
            for (int i = 0; i < 30 && !focused(page).equals("Lay out the page"); i++) {
                page.keyboard().press("Tab");
            }
            page.keyboard().press("Enter");
            page.waitForURL("**/page");
            assertThat(page.frameLocator(".table li:first-child iframe").locator(".brand .name"))
                    .hasText("Keyboard Sweeps");
        }
    }

    private static String focused(Page page) {
        return (String) page.evaluate("document.activeElement.textContent.trim()");
    }

    @Test
    void whatIsTypedWithoutAConnectionIsKeptWhenItIsBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/").says("name", "First").waitsUntilKept();
            context.setOffline(true);
            owner.says("name", "Typed in a tunnel");
            assertThat(page.getByText("Not kept yet")).isVisible();
            context.setOffline(false);
            owner.waitsUntilKept();
            page.reload();
            assertThat(page.locator("#name")).hasValue("Typed in a tunnel");
        }
    }

    @Test
    void assumptionsCanBeDeniedAndPracticesAnswered() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/")
                    .says("trade", "tailor")
                    .says("name", "Denied & Daughters")
                    .says("place", "18 Wharf Street, Quillhaven")
                    .waitsUntilKept();
            var preview = page.frameLocator("iframe");
            assertThat(preview.locator("#place")).hasCount(1);
            page.locator(".assumed li:has-text('People come to you') button").click();
            assertThat(preview.locator("#place")).hasCount(0);
            owner.page.getByText("Yes").first().click();
            assertThat(preview.locator("#main")).containsText("It is pinned on you in the shop.");
        }
    }

    @Test
    void twoWindowsDoNotOverwriteOneAnother() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page first = context.newPage();
            Owner.at(first, "/").says("name", "One").waitsUntilKept();
            Page second = context.newPage();
            second.navigate(first.url());
            assertThat(second.locator("#name")).hasValue("One");
            first.waitForResponse(
                    answer -> answer.url().endsWith("/sheet/edits") && answer.ok(),
                    () -> new Owner(first).says("name", "Two"));
            new Owner(second).says("name", "Three");
            assertThat(second.getByText("Somebody else has changed this too.")).isVisible();
            assertThat(second.locator("#name")).hasValue("Three");
            new Owner(second).taps("Take theirs");
            assertThat(second.locator("#name")).hasValue("Two");
        }
    }
}
