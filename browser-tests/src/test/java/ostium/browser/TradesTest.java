package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is known of a trade: found in anybody's words, its work to tap, its questions to answer, what the law asks. */
class TradesTest {
    private static Owner kept(Page page, String trade, String name, String service) {
        Owner owner = Owner.at(page, "/")
                .says("trade", trade)
                .says("name", name)
                .says("telephone", "0117 496 0142")
                .says("hours", "Mon-Fri 9-5");
        owner.taps(service).waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        return owner.keepsTheDraft();
    }

    @Test
    void aTradeIsFoundInTheWordsOfAnotherLanguageAndBringsItsWork() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/");
            page.locator("#trade").pressSequentially("Klavirstim");
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^piano tuner")))
                    .click();
            owner.button("Pitch raise").click();
            assertThat(page.locator("#services-0")).hasValue("Pitch raise");
            assertThat(page.locator("#services-0-minutes")).hasAttribute("placeholder", "often 150 min");
        }
    }

    @Test
    void whatPeopleAskIsOfferedAnsweredAndStandsOnThePage() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = kept(page, "chimney sweep", "Answering Sweeps", "Chimney sweep");
            String manuscript = page.url();
            page.navigate(manuscript.replaceFirst("/(page|manuscript)$", ""));
            owner.opensFact("Questions").taps("How much mess does a sweep make?");
            assertThat(page.locator("[id^=question-][id$=answer]:focus")).isVisible();
            page.keyboard().type("None that stays. Sheets go down first.");
            owner.waitsUntilKept();
            assertThat(owner.button("How much mess does a sweep make?")).hasCount(0);
            assertThat(Axe.findings(page)).isEmpty();
            page.navigate(manuscript);
            assertThat(page.frameLocator("iframe").locator(".qa"))
                    .containsText(Pattern.compile("How much mess does a sweep make\\?\\s*None that stays"));
        }
    }

    @Test
    void whatTheLawAsksForIsAskedForAndKeepsThePageFromGoingPublicUntilItIsThere() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = kept(page, "dentist", "Tolver Teeth", "Check-up");
            String site = page.url().replaceFirst("/(page|manuscript)$", "");
            page.navigate(site + "/publish");
            assertThat(page.locator("body")).containsText("Your registration number is not on the page.");

            page.navigate(site);
            assertThat(owner.fact("Other lines")).containsText("Dentists in the United Kingdom show");
            owner.opensFact("Other lines").says("legal-lines", "Dr A. Marl, registered under number 12345");
            owner.waitsUntilKept();
            page.navigate(site + "/publish");
            owner.says("address", "tolver-teeth").taps("Make it public");
            page.getByText("Your page is public at").waitFor();
            page.navigate(Chromium.site("tolver-teeth"));
            assertThat(page.locator("footer")).containsText("registered under number 12345");
        }
    }
}
