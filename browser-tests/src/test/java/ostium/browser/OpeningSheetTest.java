package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The sheet a business begins on says what it still needs, where it stands, and never takes one business for another. */
class OpeningSheetTest {
    private BrowserContext context;
    private Page page;
    private Owner owner;

    @BeforeEach
    void aNewSheet() {
        context = Chromium.context(Chromium.Screen.LAPTOP);
        page = context.newPage();
        owner = Owner.at(page, "/");
    }

    @AfterEach
    void close() {
        context.close();
    }

    private Locator said() {
        return page.locator(".foot").getByRole(AriaRole.ALERT);
    }

    private void threeFacts(String name) {
        owner.says("trade", "chimney sweep").says("name", name).says("telephone", "0117 496 0142");
    }

    @Test
    void aLineThatIsNotUnderstoodIsSaidAndGoneToBeforeThePageIsLaidOut() {
        threeFacts("Unread Sweeps");
        owner.says("hours", "whenever the tide lets us").waitsUntilKept().taps("Lay out the page");
        assertThat(said()).containsText("One line is not understood yet");
        assertThat(page.locator("#hours")).isFocused();
        owner.says("hours", "Mon-Fri 9-5").waitsUntilKept();
        assertThat(said()).hasCount(0);
        owner.taps("Lay out the page");
        page.waitForURL("**/page");
    }

    @Test
    void nothingIsCalledMissingThatWaitsForTheConnection() {
        context.setOffline(true);
        threeFacts("Tunnel Sweeps");
        owner.taps("Lay out the page");
        assertThat(said()).containsText("The connection is away. Your words are held here");
        context.setOffline(false);
        owner.waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
    }

    @Test
    void aPasteThatIsTooLongSaysSoAndIsNotTakenForALostConnection() {
        owner.says("paste", "soot ".repeat(220_000)).taps("Read it");
        assertThat(page.locator("#paste-fault")).containsText("at most 1 MB can be read at once");
        assertThat(page.locator("body")).not().containsText("The connection is away");
        assertThat(page.locator("#paste")).hasValue(Pattern.compile("^soot "));
    }

    @Test
    void aServiceThatIsMovedTwiceMovesTwice() {
        threeFacts("Ordered Sweeps");
        for (String service : new String[] {"Nest removal", "Chimney sweep", "Smoke test"}) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + service)))
                    .first()
                    .click();
        }
        String third = page.locator("#services-2").inputValue();
        Locator up = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Up " + third));
        up.click();
        assertThat(up).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("#services-0")).hasValue(third);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Down " + third))
                .click();
        assertThat(page.locator("#services-1")).hasValue(third);
    }

    @Test
    void theNameOfOstiumLeadsToABlankSheetAndTheFirstBusinessStays() {
        threeFacts("First Sweeps");
        owner.waitsUntilKept();
        page.locator("header .sign").click();
        assertThat(page.locator("#name")).hasValue("");
        owner.says("name", "Second Sweeps").waitsUntilKept();
        page.navigate(Chromium.editor() + "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("First Sweeps"))
                .click();
        assertThat(page.locator("#name")).hasValue("First Sweeps");
        assertThat(page.locator("#telephone")).hasValue("0117 496 0142");
    }

    @Test
    void allThatIsWrongWithAnAccountIsSaidAtOnceAndTheFirstFieldHasTheCursor() {
        threeFacts("Faulty Sweeps");
        owner.waitsUntilKept().taps("Lay out the page").taps("Keep this one");
        owner.says("account-name", "").says("account-email", "ada").says("account-password", "short");
        assertThat(page.locator("#account-name")).not().isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("[aria-invalid=true]")).hasCount(3);
        assertThat(page.locator("#account-name")).isFocused();
        assertThat(page.locator("#account-email")).hasValue("ada");
    }

    /** A browser of another country begins a sheet of that country; its numbers and prices are read as there. */
    @Test
    void aBrowserInAmericaBeginsAnAmericanBusiness() {
        try (BrowserContext american = Chromium.american()) {
            Page sheet = american.newPage();
            Owner there = Owner.at(sheet, "/").says("name", "Harbor Sweeps").says("telephone", "(212) 555-0142");
            there.waitsUntilKept();
            assertThat(sheet.locator("#telephone-answer")).containsText("212");
            assertThat(sheet.locator("#telephone-answer")).not().containsText("44");
            assertThat(sheet.getByLabel("Country")).hasValue("US");
        }
    }

    /** Whoever has an account keeps the draft they chose with it, where they are. */
    @Test
    void aDraftIsKeptWithAnAccountThereIs() {
        String email = "kept-" + System.nanoTime() + "@quill.example";
        threeFacts("Account Sweeps");
        owner.waitsUntilKept().taps("Lay out the page");
        owner.keepsTheDraft(email);

        context.clearCookies();
        owner = Owner.at(page, "/");
        threeFacts("Second Account Sweeps");
        owner.waitsUntilKept().taps("Lay out the page").taps("Keep this one").taps("I have an account");
        owner.says("email", email).says("password", "a long password");
        page.keyboard().press("Enter");
        page.getByLabel("Opening: headline").waitFor();
        assertThat(page.url()).endsWith("/page");
        assertThat(page.locator("header .sign")).hasText("Second Account Sweeps");
    }
}
