package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.app.RunningOstium;
import ostium.app.StandInMails;

/** A list people sign up for, as its owner sets it up and as visitors come on it and leave it, on a phone. */
class ListTest {
    private final String name = "listed-" + UUID.randomUUID().toString().substring(0, 8);
    private final String piet = name + "@marrow.example";

    /** A public site with a list, whose owner asks for the name as well. */
    private Owner published(Page page) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", "Listed Sweeps")
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page")
                .keepsTheDraft();
        owner.taps("Add list");
        Locator list = page.locator(".section", new Page.LocatorOptions().setHas(page.getByLabel("List: heading")));
        list.getByLabel("Ask for more").selectOption("NAME");
        owner.waitsUntilKept();
        return owner.publishes(name);
    }

    private String link() {
        return "http://" + name + ".localhost:" + RunningOstium.get().port() + StandInMails.linkTo(piet);
    }

    private static Locator heading(Page page, String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void visitorsComeOnItByTwoYesesAndLeaveByOnePress(boolean script) {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP);
                BrowserContext phone = Chromium.context(Chromium.Screen.PHONE, ColorScheme.LIGHT, script)) {
            Page page = context.newPage();
            published(page);
            Page visitor = phone.newPage();
            visitor.navigate(Chromium.site(name));
            visitor.locator("#list-email").fill("piet(at)marrow");
            visitor.locator("#list-email").press("Enter");
            assertThat(visitor.getByText("This is not an e-mail address.")).isVisible();
            assertThat(visitor.locator("#list-email")).hasValue("piet(at)marrow");
            visitor.locator("#list-email").fill(piet);
            visitor.locator("#list-name").fill("Piet Marrow");
            visitor.locator("#list-consent").check();
            visitor.locator("#list-email").press("Enter");
            assertThat(visitor.getByText("One more step")).isVisible();

            visitor.navigate(link());
            assertThat(heading(visitor, "One press, and you are on the list")).isVisible();
            if (script) {
                assertThat(Axe.findings(visitor)).isEmpty();
            }
            visitor.locator("form.acts button").click();
            assertThat(heading(visitor, "You are on the list")).isVisible();

            page.navigate(page.url().replace("/publish", "/list"));
            assertThat(page.getByText("One person wants to hear from you.")).isVisible();
            assertThat(page.getByText("Piet Marrow")).isVisible();

            StandInMails.waitFor(piet, 2);
            String leaves = StandInMails.to(piet).stream()
                    .filter(mail -> !mail.leaves().isEmpty())
                    .findFirst()
                    .orElseThrow()
                    .leaves();
            visitor.navigate(leaves);
            visitor.locator("form.acts button").click();
            assertThat(heading(visitor, "You have left the list")).isVisible();
            assertThat(page.getByText("Nobody is on it yet.")).isVisible();
        }
    }

    @Test
    void anOwnerBringsPeopleTakesOneOffAndIsToldHowAProgramFares() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page);
            page.navigate(page.url().replace("/publish", "/list"));
            owner.taps("Bring them");
            assertThat(page.getByText("Choose the file first.")).isVisible();
            assertThat(page.locator("#bring-file")).isFocused();
            page.locator("#bring-file")
                    .setInputFiles(new FilePayload(
                            "people.csv",
                            "text/csv",
                            "E-mail;Name\nada@quill.example;Ada\nnobody;\njo@quill.example;Jo\n"
                                    .getBytes(StandardCharsets.UTF_8)));
            owner.says("bring-agreed", "signed the sheet at the counter").taps("Bring them");
            assertThat(page.getByText("2 people are on the list now.")).isVisible();
            assertThat(page.getByText("Line 3: “nobody” is not a mail address."))
                    .isVisible();

            page.getByText("ada@quill.example").click();
            assertThat(page.getByText("signed the sheet at the counter")).isVisible();
            owner.taps("Take off the list");
            assertThat(owner.button("Take them off")).isFocused();
            owner.taps("Keep them");
            assertThat(page.locator(".who[aria-expanded=true]")).isFocused();
            owner.taps("Take off the list").taps("Take them off");
            assertThat(page.getByText("ada@quill.example", new Page.GetByTextOptions().setExact(true)))
                    .isHidden();
            assertThat(page.locator(".who").first()).isFocused();

            owner.says("hook-address", "https").taps("Tell it");
            assertThat(page.getByText("This is no web address.")).isVisible();
            owner.says("hook-address", Chromium.editor() + "/api/stand-in/calls")
                    .taps("Tell it");
            owner.taps("Test it");
            assertThat(page.getByText("· told")).isVisible();
            owner.taps("Stop telling it");
            assertThat(page.locator("#hook-address")).isFocused();
        }
    }
}
