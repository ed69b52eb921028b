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

/** A press or a key on the manuscript acts on the thing it is about, and the cursor stays there. */
class ManuscriptHandsTest {
    private BrowserContext context;
    private Page page;
    private Owner owner;

    @BeforeEach
    void aManuscript() {
        context = Chromium.context(Chromium.Screen.LAPTOP);
        page = context.newPage();
        owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", "Handy Sweeps")
                .says("telephone", "0117 496 0142")
                .says("hours", "Mon-Fri 9-5");
        owner.taps("Chimney sweep").taps("Nest removal").waitsUntilKept().taps("Lay out the page");
        owner.keepsTheDraft();
    }

    @AfterEach
    void close() {
        context.close();
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void aPressOnThePriceOfTheNextRowIsAPressOnThatPrice() {
        field("Name of Chimney sweep").focus();
        field("Price of Nest removal").click();
        assertThat(field("Price of Nest removal")).isFocused();
        page.keyboard().type("90");
        assertThat(page.frameLocator("iframe").locator("#services")).containsText("£90");
        assertThat(field("Name of Chimney sweep")).hasValue("Chimney sweep");
    }

    @Test
    void altAndAnArrowMoveTheSectionTheCursorIsInAndLeaveTheCursorThere() {
        Locator heading = page.getByLabel("Services and prices: heading");
        heading.click();
        String before = (String) heading.evaluate("e => e.closest('section').previousElementSibling?.id ?? ''");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(heading).isFocused();
        page.keyboard().press("Alt+ArrowUp");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(heading).isFocused();
        assertThat((String) heading.evaluate("e => e.closest('section').previousElementSibling?.id ?? ''"))
                .isNotEqualTo(before);
    }

    @Test
    void escapeLeavesTheWordsAndBracketsGoFromSectionToSection() {
        page.getByLabel("Opening: headline").click();
        page.keyboard().press("Escape");
        String first = (String) page.evaluate("document.activeElement.id");
        assertThat(first).startsWith("section-");
        page.keyboard().press("]");
        assertThat((String) page.evaluate("document.activeElement.id"))
                .startsWith("section-")
                .isNotEqualTo(first);
        page.keyboard().press("[");
        assertThat((String) page.evaluate("document.activeElement.id")).isEqualTo(first);
    }

    /** Days that differ are several lines; a snag at one of them leads to all, each where it was. */
    @Test
    void aSnagAtADayThatDiffersOpensTheDaysAsTheyStandOnTheSheet() {
        String days = "3 Dec 2026 closed\nwhenever it snows\n24 Dec 2026 9-12";
        String facts = page.url().replace("/page", "");
        page.navigate(facts);
        owner.opensFact("Days that differ");
        String[] lines = days.split("\n");
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                owner.taps("Another day");
            }
            page.locator("#exceptions-" + i).fill(lines[i]);
        }
        owner.waitsUntilKept();
        page.navigate(facts + "/page");
        page.getByText("A line of your facts is not understood").first().waitFor();
        owner.taps("Go to the line");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.locator("#exceptions-0")).hasValue(lines[0]);
        assertThat(dialog.locator("#exceptions-1")).hasValue(lines[1]);
        owner.waitsForTheDialog();
        dialog.locator("#exceptions-1").fill("27 Dec 2026 closed");
        owner.taps("Done");
        assertThat(page.getByText("A line of your facts is not understood")).hasCount(0);
        page.navigate(facts);
        assertThat(owner.fact("Days that differ")).containsText(Pattern.compile("3 Dec[^:]*27 Dec[^:]*24 Dec"));
    }

    /** A link is opened where it can be mended, with what it was. */
    @Test
    void aSnagAtALinkOpensTheLinks() {
        String facts = page.url().replace("/page", "");
        page.navigate(facts);
        owner.opensFact("Your pages elsewhere").taps("Add a link");
        page.locator("#links-0").fill("not a link at all");
        owner.waitsUntilKept();
        page.locator("#links-0").press("Enter");
        page.navigate(facts + "/page");
        page.getByText("A line of your facts is not understood").first().waitFor();
        owner.taps("Go to the line");
        assertThat(page.getByRole(AriaRole.DIALOG).locator("#links-0")).hasValue("not a link at all");
    }

    @Test
    void whatIsTypedIntoTheFormOfTheShopfrontIsSentNowhereAndStays() {
        Locator form = page.frameLocator("iframe").locator("[data-enquiry]");
        form.locator("[name=name]").fill("Ada herself");
        form.locator("[name=reach]").fill("ada@quill.example");
        form.locator("[name=message]").fill("Does it arrive?");
        form.locator(".send").click();
        assertThat(page.getByText("Nothing is sent from here.")).isVisible();
        assertThat(form.locator("[name=message]")).hasValue("Does it arrive?");
    }

    @Test
    void aFactWithinAHeadlineOpensNothingUntilItIsAskedFor() {
        Locator headline = page.getByLabel("Opening: headline");
        headline.fill("Ring ");
        owner.taps("Put in a fact");
        page.locator(".pick")
                .filter(new Locator.FilterOptions().setHasText("0117"))
                .click();
        Locator chip = headline.getByRole(AriaRole.BUTTON);
        chip.click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        owner.taps("Change your telephone number");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX)).hasValue("0117 496 0142");
    }
}
