package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.app.Browserlike;
import tools.jackson.databind.JsonNode;

/** An owner sets and tries the doors; a visitor finds the ones that are answered. */
class DoorsTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static Owner begun(Page page) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", "Answered Sweeps")
                .says("telephone", "0117 496 0142")
                .says("hours", "Mon-Fri 9-5")
                .waitsUntilKept()
                .taps("Lay out the page");
        owner.keepsTheDraft();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Doors"))
                .click();
        assertThat(page.getByRole(AriaRole.SLIDER)).isVisible();
        return owner;
    }

    private static Locator door(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .and(page.locator("[aria-controls^=door-]"));
    }

    private static void handTo(Page page, int days, int quarters) {
        Locator hand = page.getByRole(AriaRole.SLIDER);
        hand.press("Home");
        for (int i = 0; i < days; i++) {
            hand.press("Shift+ArrowRight");
        }
        for (int i = 0; i < quarters; i++) {
            hand.press("ArrowRight");
        }
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void theOwnerSetsADoorAndSeesWhatAVisitorFinds(Chromium.Screen screen) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            door(page, "Call").press("Enter");
            page.locator("#when-call").selectOption("IN_HOURS");
            page.locator("#stands-in-call").selectOption("form");
            assertThat(page.locator("#stands-in-call")).hasValue("form");
            owner.waitsUntilKept();

            handTo(page, 1, 12 * 4);
            assertThat(page.getByText("Tuesday 12:00. A visitor can call")).isVisible();
            FrameLocator front = page.frameLocator("iframe");
            Locator bar = front.locator(".callbar a:visible");
            assertThat(bar.first()).containsText("Call 0117 496 0142");
            handTo(page, 1, 20 * 4 + 1);
            assertThat(page.getByText("Tuesday 20:15. Nobody answers the telephone."))
                    .isVisible();
            assertThat(bar).hasCount(1);
            assertThat(bar).hasText("Send a message");

            page.locator("#words-call").fill("Ring us");
            page.locator("#words-call").press("Tab");
            handTo(page, 1, 12 * 4);
            assertThat(bar.first()).hasText("Ring us");

            owner.taps("Shut this door");
            assertThat(page.getByText("Call is shut.")).isVisible();
            assertThat(bar.first()).not().hasText("Ring us");
            owner.taps("Open it again");
            page.reload();
            assertThat(door(page, "Call")).containsText("in your hours");
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    @Test
    void theHandFitsOnAPhoneOnEveryDayOfTheWeek() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            begun(page);
            page.setViewportSize(320, 800);
            for (int day = 0; day < 7; day++) {
                handTo(page, day, 40);
                assertThat(page.evaluate("document.documentElement.scrollWidth"))
                        .as("day %d", day)
                        .isEqualTo(320);
            }
        }
    }

    @Test
    void hoursOfItsOwnThatCannotBeReadSayWhyWhereTheyStand() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            begun(page);
            door(page, "Call").click();
            page.locator("#when-call").selectOption("OWN");
            page.locator("#week-call").fill("now and then");
            page.locator("#week-call").press("Tab");
            Locator fault = page.locator("#refused-call");
            assertThat(fault).not().isEmpty();
            assertThat(page.locator("#week-call")).hasValue("now and then");
            page.locator("#week-call").fill("Sat 9-12");
            page.locator("#week-call").press("Tab");
            assertThat(fault).isEmpty();
            assertThat(door(page, "Call")).containsText("in hours of its own");
        }
    }

    @Test
    void everyOpenDoorIsTried() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            door(page, "Call").click();
            owner.taps("Test it");
            assertThat(page.getByText("A phone asks “Call 0117 496 0142?” and dials that number."))
                    .isVisible();
            assertThat(door(page, "Call")).not().containsText("not tested");

            FrameLocator front = page.frameLocator("iframe");
            front.getByLabel("Your name").fill("Ada tries it");
            front.locator("form .send").click();
            assertThat(page.getByText("Not sent.")).isVisible();
            front.getByLabel("Telephone or e-mail").fill("0117 496 0142");
            front.getByLabel("Your message").fill("Does this arrive?");
            front.locator("form .send").click();
            assertThat(page.getByText("It is kept under Enquiries, marked as a test."))
                    .isVisible();
            assertThat(page.getByText(Pattern.compile("^A mail is with .*@quill.example")))
                    .isVisible();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Enquiries"))
                    .click();
            owner.taps("1 done or lost");
            assertThat(page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Message of Ada tries it")))
                    .containsText("Test");
        }
    }

    /** What a phone or a computer would do, said of each door that leads out of the page. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Call | A phone asks “Call 07700 900142?” and dials that number.",
                "Text | A phone opens its messages with a new one to 07700 900142",
                "Chat | A phone opens the chat at",
                "E-mail | A new mail to all-doors@quill.example opens in the mail program",
                "Directions | A map opens and looks for “9 Soot Row, Quillhaven QH1 1AA”.",
                "Follow | Links to your pages there stand at the foot of every page:"
            })
    void eachDoorThatLeadsOutIsTried(String name, String says) {
        String account = "doors-" + UUID.randomUUID() + "@quill.example";
        Browserlike owner = Browserlike.fresh();
        owner.signUp(account);
        Map<String, Object> sheet = Browserlike.sheet("All doors");
        sheet.put("telephone", "07700 900142");
        sheet.put("texts", "07700 900142");
        sheet.put("email", "all-doors@quill.example");
        sheet.put("place", "9 Soot Row, Quillhaven QH1 1AA");
        sheet.put("links", List.of("https://wa.me/447700900142", "https://facebook.com/alldoors"));
        JsonNode site = owner.site(sheet);
        owner.keep(site);
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            new Owner(page).signsIn(account, "a long password");
            page.navigate(Chromium.editor() + "/sites/" + site.path("id").asString() + "/doors");
            door(page, name).click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Test it"))
                    .click();
            assertThat(page.getByText(says)).isVisible();
            page.reload();
            assertThat(door(page, name)).not().containsText("not tested");
        }
    }

    @Test
    void theMainDoorAndThePhonesFootAreTheOwners() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = begun(page);
            String main = door(page, "Call").innerText().contains("main door") ? "Form" : "Call";
            door(page, main).click();
            owner.taps("Make it the main door");
            assertThat(door(page, main)).containsText("main door");
            page.getByLabel("At the foot of a phone, first").selectOption("form");
            Locator bar = page.frameLocator("iframe").locator(".callbar a:visible");
            assertThat(bar).hasCount(1);
            owner.taps("As usual");
            assertThat(bar).hasCount(2);
        }
    }

    private static Browserlike published(String name, Map<String, Object> hours) {
        Browserlike owner = Browserlike.fresh();
        String email = name + "@quill.example";
        owner.signUp(email);
        Map<String, Object> sheet = Browserlike.sheet("Sweeps of " + name);
        sheet.put("hours", "Mon-Fri 9-5:30, Sat 10-2");
        JsonNode site = owner.site(sheet);
        owner.keep(site);
        Map<String, Object> door = new HashMap<>(Map.of("kind", "call", "shut", false, "hours", hours));
        door.putAll(Map.of("standsIn", "form", "words", "", "opening", ""));
        for (Map<String, Object> edit : List.of(
                Map.<String, Object>of("kind", "sendMessagesTo", "addresses", List.of(email)),
                Map.<String, Object>of("kind", "setDoor", "door", door))) {
            String id = site.path("id").asString();
            long revision = owner.get("/api/sites/" + id + "/revision")
                    .json()
                    .path("revision")
                    .asLong();
            assertThat(owner.edit(id, revision, edit).status()).isEqualTo(200);
        }
        owner.publish(site, name);
        return owner;
    }

    @Test
    void aVisitorFindsTheTelephoneInHoursAndTheFormAtNight() {
        published("by-the-clock", Map.of("when", "IN_HOURS", "own", ""));
        LocalDate wednesday = LocalDate.now(LONDON).plusDays(2).with(TemporalAdjusters.next(DayOfWeek.WEDNESDAY));
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            page.clock()
                    .install(new Clock.InstallOptions()
                            .setTime(Date.from(
                                    wednesday.atTime(17, 29).atZone(LONDON).toInstant())));
            page.navigate(Chromium.site("by-the-clock"));
            Locator bar = page.locator(".callbar a:visible");
            assertThat(bar.first()).hasAttribute("href", Pattern.compile("tel:.*"));
            page.clock().runFor(75_000);
            assertThat(bar).hasCount(1);
            assertThat(bar).hasText("Send a message");
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    @Test
    void withoutAScriptThePageIsThatOfTheHourItIsAskedFor() {
        String another =
                LocalDate.now(LONDON).plusDays(3).getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
        published("away-today", Map.of("when", "OWN", "own", another + " 9-12"));
        published("here-today", Map.of("when", "ALWAYS", "own", ""));
        try (BrowserContext context = Chromium.scriptTurnedOff()) {
            Page page = context.newPage();
            page.navigate(Chromium.site("away-today"));
            assertThat(page.locator(".callbar a:visible")).hasText("Send a message");
            page.navigate(Chromium.site("here-today"));
            assertThat(page.locator(".callbar a:visible")).hasCount(2);
        }
    }
}
