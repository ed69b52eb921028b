package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Facts: pasted rather than typed, changed once for every place, hours drawn as well as written. */
class FactsTest {
    private static final String SIGNATURE = """
            Kind regards,

            Tom Wren
            Wren & Tindle Pianos
            Piano tuner
            3 Net Loft, Quillhaven QH1 2NL
            0117 496 0388 / mob 07700 900388
            Tue-Fri 10-6, Sat 10-2
            tom@wrentindle.example

            Tuning (90 min) ........ £85
            Pitch raise, 150 min ... £130
            Action regulation from £240
            """;

    @Test
    void aSignatureAndAPriceListBecomeAPublicPageWithNoOtherTyping() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = Owner.at(page, "/");
            owner.pastes(SIGNATURE);
            assertThat(page.locator("pre .mark")).hasCount(11);
            owner.taps("Take all 11");
            assertThat(page.locator("#name")).hasValue("Wren & Tindle Pianos");
            assertThat(page.locator("#hours-answer")).hasText("Tue–Fri 10–6 · Sat 10–2 · Sun, Mon closed");
            assertThat(page.locator("#services-2-price")).hasValue("from £240");
            assertThat(page.frameLocator("iframe").locator("#services")).containsText("£130");
            owner.waitsUntilKept().taps("Lay out the page");
            page.waitForURL("**/page");
            owner.keepsTheDraft();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                    .first()
                    .click();
            page.waitForURL("**/publish");
            String address = page.locator("#address").inputValue();
            owner.taps("Make it public");
            page.getByText("Your page is public at").waitFor();
            page.navigate(Chromium.site(address));
            assertThat(page.locator("body")).containsText("0117 496 0388");
            assertThat(page.locator("#services")).containsText("£240");
            assertThat(page.locator("#place, #hours").first()).isVisible();
            assertThat(page.locator("a[href='sms:+447700900388']").first()).isAttached();
            assertThat(complaints).isEmpty();
        }
    }

    /** A site of somebody new, published, from which the facts sheet is opened. */
    private static Owner published(Page page, String name, String address) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", name)
                .says("telephone", "0117 496 0142")
                .says("hours", "Mon-Fri 9-5");
        owner.taps("Chimney sweep").waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        owner.keepsTheDraft().publishes(address);
        page.navigate(page.url().replace("/publish", ""));
        page.locator("button.opener").first().waitFor();
        return owner;
    }

    @Test
    void aTelephoneChangedOnceChangesInEveryPlace() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page, "Changing Sweeps", "changing-sweeps");
            String facts = page.url();
            Locator telephone = owner.fact("Telephone");
            assertThat(telephone).containsText(Pattern.compile("in [5-9] places"));
            owner.opensFact("Telephone").says("telephone", "0117 496 0999");
            page.keyboard().press("Enter");
            assertThat(telephone).isFocused();
            assertThat(telephone).containsText("0117 496 0999");
            owner.waitsUntilKept();
            page.navigate(facts + "/publish");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Publish th")))
                    .click();
            page.getByText("Your page is public at").waitFor();
            page.navigate(Chromium.site("changing-sweeps"));
            String html = page.content();
            assertThat(html).doesNotContain("0117 496 0142").doesNotContain("1174960142");
            assertThat(page.locator("a[href='tel:+441174960999']").count()).isGreaterThan(3);
            assertThat(html).contains("\"telephone\":\"+441174960999\"");
        }
    }

    @Test
    void hoursAreDrawnByMouseAndByKeysInStepWithTheLine() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page, "Drawn Sweeps", "drawn-sweeps");
            owner.opensFact("Open");
            owner.day("Sat", "closed").click();
            Locator ruler = page.locator(".ruler");
            ruler.scrollIntoViewIfNeeded();
            BoundingBox box = ruler.boundingBox();
            page.mouse().move(box.x + box.width * 10 / 24, box.y + 20);
            page.mouse().down();
            page.mouse().move(box.x + box.width * 12 / 24, box.y + 20);
            page.mouse().move(box.x + box.width * 14 / 24, box.y + 20);
            page.mouse().up();
            assertThat(page.locator("#hours")).hasValue("Mon-Fri 09:00-17:00, Sat 10:00-14:00");
            assertThat(page.locator("#hours-answer")).hasText("Mon–Fri 9–5 · Sat 10–2 · Sun closed");

            Locator closes = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Saturday closes"));
            closes.press("ArrowRight");
            closes.press("ArrowRight");
            assertThat(closes).hasAttribute("aria-valuetext", "14:30");
            assertThat(page.locator("#hours")).hasValue("Mon-Fri 09:00-17:00, Sat 10:00-14:30");

            page.locator("#hours").fill("Tue-Thu 8-12");
            assertThat(owner.day("Tue", "08:00 to 12:00")).isVisible();
            assertThat(owner.day("Sat", "closed")).isVisible();
            owner.day("Tue", "08:00 to 12:00").click();
            page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Tuesday opens"))
                    .press("Delete");
            assertThat(page.locator("#hours")).hasValue("Wed-Thu 08:00-12:00");
        }
    }

    @Test
    void aFileIsReadAndWhatIsLeftOrTakenCanBeTakenBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner.at(page, "/").says("telephone", "0117 496 0142").says("name", "Ada's");
            page.locator("#paste-file")
                    .setInputFiles(new FilePayload(
                            "logo.jpg", "image/jpeg", "PK\3\4 packed".getBytes(StandardCharsets.ISO_8859_1)));
            assertThat(page.locator("#paste-fault")).containsText("packed file");
            page.locator("#paste-file")
                    .setInputFiles(new FilePayload(
                            "card.vcf",
                            "text/vcard",
                            "BEGIN:VCARD\nVERSION:3.0\nORG:Ashlatch Chimney Care\nTEL:0117 496 0142\nEND:VCARD\n"
                                    .getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("instead of Ada's")).isVisible();
            assertThat(page.getByText("The same as you have: Telephone.")).isVisible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take Name Ashlatch Chimney Care"))
                    .click();
            assertThat(page.locator("#name")).hasValue("Ashlatch Chimney Care");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo Name Ashlatch Chimney Care"))
                    .click();
            assertThat(page.locator("#name")).hasValue("Ada's");
        }
    }

    @Test
    void anAddressBringsItsPointAndTakesItAwayAgain() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page, "Placed Sweeps", "placed-sweeps");
            owner.opensFact("Based at");
            page.locator("#place").pressSequentially("3 net lo");
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("3 Net Loft, Quillhaven QH1 2NL"))
                    .click();
            assertThat(page.locator("#place")).hasValue("3 Net Loft, Quillhaven QH1 2NL");
            assertThat(owner.fact("On the map")).containsText("49.70");
            assertThat(page.locator(".map")).isVisible();
            assertThat(page.getByText("Near 3 Net Loft")).isVisible();

            page.locator("#place").fill("9 Elsewhere Street, Nothington");
            assertThat(owner.fact("On the map")).containsText("Makes the directions exact");

            owner.opensFact("On the map");
            page.locator("#point").fill("49.7012, -7.4031");
            assertThat(page.locator("#point-answer")).containsText("49.70120, -7.40310");
            assertThat(page.locator(".map-pin")).isVisible();
            page.locator("#point").fill("");
            assertThat(page.locator(".map-pin")).isHidden();
            page.locator("#point").fill("49.7012, -7.4031");
            page.locator(".map-pin").press("Shift+ArrowUp");
            assertThat(page.locator("#point")).hasValue("49.70170, -7.40310");
            owner.opensFact("Based at");
            page.locator("#place").fill("10 Elsewhere Street, Nothington");
            assertThat(owner.fact("On the map")).containsText("49.70170");
        }
    }

    @Test
    void whetherYouComeToAPlaceIsAnsweredWhereItIsAsked() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page, "Roaming Sweeps", "roaming-sweeps");
            owner.opensFact("Comes to").says("area", "Quillhaven and Sedge").says("comes-to", "Sedge");
            page.locator("#comes-to").press("Enter");
            assertThat(page.getByText("Yes: a visitor in Sedge is told that you come."))
                    .isVisible();
            assertThat(page.locator("#comes-to")).isFocused();
        }
    }

    @Test
    void aLinkIsTakenOutWhereItStands() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = published(page, "Linked Sweeps", "linked-sweeps");
            owner.opensFact("Your pages elsewhere").taps("Add a link");
            page.locator("#links-0").fill("instagram @linkedsweeps");
            owner.taps("Add a link");
            page.locator("#links-1").fill("ada@linked.example");
            owner.waitsUntilKept();
            assertThat(page.locator("#links-1-answer")).containsText("mail");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take out link 1"))
                    .click();
            assertThat(page.locator("#links-0")).isFocused();
            assertThat(page.locator("#links-0")).hasValue("ada@linked.example");
            owner.waitsUntilKept();
        }
    }

    @Test
    void aDayOffIsToldToVisitorsTheSameDay() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            Owner owner = published(page, "Resting Sweeps", "resting-sweeps");
            String facts = page.url();
            owner.opensFact("Open").says("hours", "24/7");
            owner.opensFact("Days that differ")
                    .says(
                            "exceptions-0",
                            java.time.LocalDate.now(java.time.ZoneId.of("Europe/London")) + " closed (guild meeting)");
            owner.waitsUntilKept();
            page.navigate(facts + "/publish");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Publish th")))
                    .click();
            page.getByText("Your page is public at").waitFor();
            page.navigate(Chromium.site("resting-sweeps"));
            assertThat(page.locator("[data-now]").first()).containsText("Closed now. Open tomorrow from 12am");
            assertThat(page.locator(".slip .other")).containsText("guild meeting");
        }
    }
}
