package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.RunningOstium;
import ostium.app.StandInMails;

/** An owner works through who has written and rung. */
class EnquiriesTest {

    private static Owner begun(Page page) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", "Enquired Sweeps")
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page");
        owner.keepsTheDraft();
        page.navigate(page.url().replace("/page", "/enquiries"));
        assertThat(page.getByText("No message yet")).isVisible();
        return owner;
    }

    private static void writesDown(Page page, Owner owner, String name, String reach, String words) {
        owner.taps("Write one down");
        owner.says("down-name", name).says("down-reach", reach).says("down-message", words);
        owner.taps("Keep it");
        assertThat(page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Message of " + name)))
                .isVisible();
    }

    private static Locator opened(Page page) {
        return page.locator("article.open");
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void answersNotesPlansAndSaysWhatCameOfIt(Chromium.Screen screen) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = begun(page);
            writesDown(page, owner, "Oona Quayle", "oona@quayle.example", "What is the flue like?");
            writesDown(page, owner, "Cass Holm", "0117 496 0433", "Twigs in the hearth.");
            assertThat(page.getByText("2 people wait for an answer")).isVisible();

            opened(page).getByText("Cass Holm").waitFor();
            assertThat(opened(page)
                            .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Call 0117 496 0433")))
                    .hasAttribute("href", "tel:+441174960433");
            owner.taps("Write a call down").taps("Keep it");
            assertThat(page.getByText("Write a line first.")).isVisible();
            page.locator("textarea:focus").fill("Out of season, it can come out.");
            owner.taps("Keep it");
            assertThat(opened(page).getByText("Called Out of season")).isVisible();
            assertThat(page.getByText("One person waits for an answer")).isVisible();

            owner.taps("Plan a day");
            owner.taps("Plan it");
            assertThat(page.locator("#who-waits ~ ul").getByText("ask again")).isVisible();

            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oona Quayle"))
                    .first()
                    .click();
            Locator reply = page.getByLabel("Your reply");
            assertThat(reply).hasValue("Dear Oona,\n\n");
            owner.taps("Send the reply");
            assertThat(page.getByText("Write the reply first.")).isVisible();
            reply.fill("Dear Oona,\n\nFrom £95, about an hour.");
            page.reload();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oona Quayle"))
                    .first()
                    .click();
            assertThat(reply).hasValue("Dear Oona,\n\nFrom £95, about an hour.");
            owner.taps("Send the reply");
            assertThat(opened(page).getByText("Wrote Dear Oona")).isVisible();
            assertThat(page.getByText("Nobody waits for an answer.")).isVisible();

            owner.taps("Done");
            assertThat(page.getByText("1 done or lost")).isVisible();
            assertThat(opened(page).getByText("Cass Holm").first()).isVisible();
            assertThat(page.locator("article.open:focus")).hasCount(1);
            assertThat(complaints).isEmpty();
        }
    }

    /** The customer is on a phone without scripts; the owner's screen shows the link once. */
    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void aCustomerIsAskedHowItWasAndTheirWordsAreTaken(Chromium.Screen screen) {
        try (BrowserContext context = Chromium.context(screen);
                BrowserContext phone = Chromium.context(Chromium.Screen.PHONE, ColorScheme.LIGHT, false)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            writesDown(page, owner, "Cass Holm", "0117 496 0433", "Twigs in the hearth.");
            owner.taps("Done");
            owner.taps("1 done or lost");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cass Holm"))
                    .first()
                    .click();
            owner.taps("Make a link for their words");
            String link = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Their link"))
                    .inputValue();
            assertThat(page.locator(".words p:focus")).containsText("Asked how it was today.");

            Page theirs = phone.newPage();
            theirs.navigate(link);
            assertThat(Axe.findings(theirs)).isEmpty();
            assertThat(theirs.getByLabel("Your name")).hasValue("Cass Holm");
            theirs.getByLabel("Your words").fill("The rug never knew they were here.");
            theirs.getByText("Send my words").click();
            assertThat(theirs.getByText("Tick this to go on.")).isVisible();
            assertThat(theirs.getByLabel("Your words")).hasValue("The rug never knew they were here.");
            theirs.getByLabel("may show these words").check();
            theirs.getByText("Send my words").click();
            assertThat(theirs.getByText("Thank you")).isVisible();

            page.reload();
            owner.taps("1 done or lost");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Cass Holm"))
                    .first()
                    .click();
            assertThat(opened(page).getByText("The rug never knew they were here."))
                    .isVisible();
            owner.taps("Put it among your facts");
            assertThat(page.locator(".words p:focus")).containsText("Their words stand among your facts");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See your facts"))
                    .click();
            assertThat(page.getByText("The rug never knew they were here.").first())
                    .isVisible();
        }
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void sendsAMailAgainThatDidNotArrive(Chromium.Screen screen) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = begun(page);
            String oona = UUID.randomUUID() + "@quayle.example";
            writesDown(page, owner, "Oona Quayle", oona, "What is the flue like?");
            page.getByLabel("Your reply").fill("Dear Oona,\n\nFrom £95.");
            owner.taps("Send the reply");
            StandInMails.next(oona);
            JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
            // Its place in the queue goes a moment after it was sent.
            page.waitForCondition(() -> database.queryForObject(
                            "select count(*) from scheduled_tasks join mail on mail.id = task_instance where recipient = ?",
                            Integer.class,
                            oona)
                    == 0);
            database.update("update mail set state = 'GIVEN_UP', fault = 'No such address.' where recipient = ?", oona);
            page.reload();
            Locator undelivered = page.locator("section", new Page.LocatorOptions().setHasText("A mail did not arrive"))
                    .last();
            assertThat(undelivered.getByText("No such address.")).isVisible();
            undelivered.getByText("Send again").press("Enter");
            assertThat(page.getByText("It is on its way again.")).isVisible();
            assertThat(undelivered).hasCount(0);
            assertThat(page.locator("#find:focus")).hasCount(1);
            page.reload();
            assertThat(page.getByText("Dear Oona").first()).isVisible();
            assertThat(undelivered).hasCount(0);
            assertThat(complaints).isEmpty();
        }
    }

    @Test
    void letsAnotherProgramBeTold() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = begun(page);
            owner.taps("Tell another program");
            owner.says("hook-address", Chromium.editor() + "/api/stand-in/calls")
                    .taps("Tell it")
                    .taps("Test it");
            assertThat(page.getByText("· told")).isVisible();
            page.reload();
            owner.taps("Tell another program");
            assertThat(page.locator("#hook-address")).hasValue(Chromium.editor() + "/api/stand-in/calls");
            assertThat(page.getByText("· told")).isVisible();
            owner.taps("Stop telling it");
            assertThat(page.locator("#hook-address")).isFocused();
            assertThat(complaints).isEmpty();
        }
    }

    @Test
    void takesThemOutAndDeletesAPerson() throws IOException {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            writesDown(page, owner, "Oona Quayle", "oona@quayle.example", "What is the flue like?");
            Download csv =
                    page.waitForDownload(() -> page.getByText("All as CSV").click());
            assertThat(Files.readString(csv.path())).contains("Oona Quayle", "What is the flue like?");
            owner.taps("Delete this person").taps("Delete it");
            assertThat(page.getByText("No message yet")).isVisible();
        }
    }

    @Test
    void whatCannotBeSentIsSaidAndStaysTyped() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            writesDown(page, owner, "Oona Quayle", "oona@quayle.example", "What is the flue like?");
            context.setOffline(true);
            page.getByLabel("Your reply").fill("Dear Oona,\n\nFrom £95.");
            owner.taps("Send the reply");
            assertThat(page.getByText("Not sent. Your words are still here.")).isVisible();
            assertThat(page.getByLabel("Your reply")).hasValue("Dear Oona,\n\nFrom £95.");
            owner.taps("Done");
            assertThat(page.getByText("Not marked.")).isVisible();
            assertThat(page.getByText("One person waits for an answer")).isVisible();
        }
    }

    private static void writes(BrowserContext context, String site, String words) {
        Page visitor = context.newPage();
        visitor.navigate(Chromium.site(site));
        visitor.locator("[data-enquiry] [name=name]").fill("Growth Team");
        visitor.locator("[data-enquiry] [name=reach]").fill("growth@rank.example");
        visitor.locator("[data-enquiry] [name=message]").fill(words);
        visitor.locator("[data-enquiry] .send").click();
        visitor.locator("[data-enquiry] .sent").waitFor();
        visitor.close();
    }

    @Test
    void whatWasSetAsideIsPutRightAndComesThroughNextTime() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = begun(page);
            String site = "aside-" + UUID.randomUUID().toString().substring(0, 8);
            owner.publishes(site);
            writes(context, site, "Guest posts and backlinks, see https://rank.example");
            page.navigate(page.url().replace("/publish", "/enquiries"));
            owner.taps("1 unwanted").taps("Growth Team");
            assertThat(opened(page)).containsText("It says “backlinks”, “guest posts”.");
            owner.button("It is a customer").press("Enter");
            assertThat(page.getByText("It waits for your answer.")).isVisible();
            assertThat(opened(page)).isFocused();
            assertThat(opened(page)).not().containsText("Set aside for you");

            writes(context, site, "Guest posts and backlinks once more, see https://rank.example");
            page.reload();
            assertThat(page.getByText("2 people wait for an answer")).isVisible();
            assertThat(owner.button("1 unwanted")).hasCount(0);
            assertThat(complaints).isEmpty();
        }
    }
}
