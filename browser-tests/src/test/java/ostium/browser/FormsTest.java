package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.app.Browserlike;
import tools.jackson.databind.JsonNode;

/** An owner builds a form where it stands; a visitor on a phone fills it in, with a script and without. */
class FormsTest {

    private static Owner begun(Page page) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", "Sweeps with Forms")
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page");
        return owner.keepsTheDraft();
    }

    private static Locator told(Page page) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Who is told"));
    }

    private static Locator asked(Page page, int number) {
        return page.getByLabel("What is asked").nth(number);
    }

    private static void asks(Page page, String kind, String words) {
        page.getByLabel("Ask for more").selectOption(kind);
        Locator field = page.getByLabel("What is asked").last();
        assertThat(field).isFocused();
        field.fill(words);
    }

    @Test
    void whoIsToldByAnAnswerIsSaidWhereMessagesGo() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            page.getByLabel("Enquiry form: heading").click();
            owner.taps("Send some to somebody else, or have a text sent");
            Locator which = page.getByLabel("Messages with this answer");
            assertThat(which).isFocused();
            which.selectOption("every message");
            Locator to = told(page);
            to.fill("Ben");
            page.keyboard().press("Tab");
            assertThat(page.getByText("“Ben” is neither a mail address nor a mobile number.")
                            .first())
                    .isVisible();
            assertThat(to).hasValue("Ben");
            to.fill("ben@ashlatch.example, 07700 900461");
            page.keyboard().press("Tab");
            owner.waitsUntilKept();
            page.reload();
            page.getByLabel("Enquiry form: heading").click();
            assertThat(told(page)).hasValue("ben@ashlatch.example, 07700 900461");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take out this line"))
                    .click();
            assertThat(page.getByText("Send some to somebody else")).isFocused();
            owner.waitsUntilKept().taps("Undo");
            assertThat(told(page)).hasValue("ben@ashlatch.example, 07700 900461");
        }
    }

    private static void built(Page page, Owner owner) {
        asks(page, "FILES", "Photographs of the stove");
        asks(page, "YES_NO", "Do you have a pet?");
        asks(page, "SHORT", "What is it called?");
        page.getByLabel("Ask it").selectOption("only after “Do you have a pet?”");
        page.getByLabel("It must be answered").check();
        owner.waitsUntilKept();
        page.frameLocator("iframe")
                .locator("legend")
                .getByText("Do you have a pet?")
                .waitFor();
    }

    @Test
    void fieldsAreAddedMovedAndTakenOutAndAllOfItCanBeTakenBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            int before = page.getByLabel("What is asked").count();
            asks(page, "DATE", "Which day suits you?");
            owner.taps("Up");
            assertThat(asked(page, before - 1)).hasValue("Which day suits you?");
            asked(page, 0).fill("Who are you?");
            owner.waitsUntilKept();
            assertThat(page.frameLocator("iframe").getByLabel("Who are you?")).isVisible();
            page.reload();
            assertThat(asked(page, 0)).hasValue("Who are you?");
            assertThat(asked(page, before - 1)).hasValue("Which day suits you?");
            owner.taps("As it was at first");
            assertThat(asked(page, 0)).hasValue("Your name");
            page.keyboard().press("Control+z");
            assertThat(asked(page, 0)).hasValue("Who are you?");
            page.getByLabel("Begin again with").selectOption("CALL_BACK");
            assertThat(page.frameLocator("iframe").getByLabel("A good time to call"))
                    .isVisible();
            owner.waitsUntilKept();
            page.keyboard().press("Control+z");
            assertThat(page.frameLocator("iframe").getByLabel("Who are you?")).isVisible();
            // Nothing stands half beneath the foot of the screen.
            page.setViewportSize(1280, 5000);
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    @Test
    void whatAFormCannotBeIsSaidWhereItStands() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("telephone or e-mail, needed"))
                    .click();
            owner.taps("Take it out");
            assertThat(page.locator(".form .fault"))
                    .hasText("Keep one way to reach them: a telephone number or an e-mail address.");
            page.getByLabel("Ask for more").selectOption("TELEPHONE");
            assertThat(page.locator(".form .fault")).hasCount(0);
            owner.waitsUntilKept();
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aVisitorIsAskedWhatCountsAndToldWhatIsMissing(boolean script) {
        String address = "forms-" + UUID.randomUUID().toString().substring(0, 8);
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP);
                BrowserContext phone = Chromium.context(Chromium.Screen.PHONE, ColorScheme.LIGHT, script)) {
            Page desk = context.newPage();
            Owner owner = begun(desk);
            built(desk, owner);
            owner.publishes(address);
            sends(phone, address, script);
            desk.navigate(desk.url().replace("/publish", "/enquiries"));
            Locator files = desk.getByLabel("Files that came with it").getByRole(AriaRole.LINK);
            assertThat(files).hasText(new String[] {"front.png 1 KB", "inside.png 1 KB"});
            files.first().locator("img").evaluate("picture => picture.decode()");
            assertThat(Axe.findings(desk)).isEmpty();
        }
    }

    private static void sends(BrowserContext context, String address, boolean script) {
        Page page = context.newPage();
        page.navigate(Chromium.site(address));
        Locator form = page.locator("form.f");
        Locator pet = form.getByLabel("What is it called?");
        if (script) {
            assertThat(pet).isHidden();
        } else {
            assertThat(form.getByText("Only if “Do you have a pet?” is “Yes”.")).isVisible();
        }
        form.getByLabel("Your name").fill("Oona");
        form.getByLabel("Telephone or e-mail").fill("oona@quayle.example");
        form.getByLabel("Your message").fill("The stove smokes.");
        form.getByLabel("Yes").press("Space");
        assertThat(pet).isVisible();
        form.locator(".send").press("Enter");
        Locator fault = page.locator(".fld.bad .fault");
        assertThat(fault).hasText("This is needed.");
        assertThat(pet).isFocused();
        assertThat(page.getByLabel("Yes")).isChecked();
        if (script) {
            assertThat(Axe.findings(page)).isEmpty();
        }
        pet.fill("Rook");
        Locator photographs = page.getByLabel("Photographs of the stove");
        photographs.setInputFiles(new FilePayload("stove.jpg", "image/jpeg", "MZ, no picture".getBytes(UTF_8)));
        page.locator(".send").press("Enter");
        assertThat(fault).containsText("“stove.jpg” was not taken.");
        assertThat(photographs).isFocused();
        photographs.setInputFiles(new FilePayload[] {stove("front"), stove("inside")});
        page.locator(".send").press("Enter");
        assertThat(page.getByText("Your message is with Sweeps with Forms.").first())
                .isVisible();
    }

    /** A page that still ran towards its form when Send was pressed has lost a press. */
    @Test
    void theFieldAVisitorGoesToStandsStillAndThanksHasTheCursor() {
        String address = "stands-" + UUID.randomUUID().toString().substring(0, 8);
        Browserlike owner = Browserlike.fresh();
        JsonNode site = owner.site(Browserlike.sheet("Still Sweeps"));
        owner.signUp(UUID.randomUUID() + "@quill.example");
        owner.keep(site);
        assertThat(owner.publish(site, address).status()).isEqualTo(201);
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            page.navigate(Chromium.site(address));
            Locator message = page.getByLabel("Your message");
            assertThat(message).not().isInViewport();
            assertThat(message.evaluate(RUNS_ON)).isEqualTo(0);
            assertThat(message).isInViewport();
            assertThat(message).isFocused();
            page.getByLabel("Your name").fill("Oona");
            page.getByLabel("Telephone or e-mail").fill("oona@quayle.example");
            message.fill("The stove smokes.");
            page.locator("form.f .send").press("Enter");
            assertThat(page.locator("form.f .sent")).isFocused();
            assertThat(page.locator("form.f .sent")).isInViewport();
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    /** By how much the page still moves, a fifth of a second after a field took the cursor. */
    private static final String RUNS_ON = """
            async (field) => {
              field.focus();
              const at = scrollY;
              for (let frame = 0; frame < 12; frame++) await new Promise(requestAnimationFrame);
              return scrollY - at;
            }
            """;

    private static FilePayload stove(String name) {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new FilePayload(name + ".png", "image/png", png.toByteArray());
    }
}
