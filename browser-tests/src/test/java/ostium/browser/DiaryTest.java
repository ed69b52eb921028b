package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.app.BookingSite;
import ostium.app.RunningOstium;

/** The diary beside other calendars, beside the messages, by keyboard alone, and while something is amiss. */
class DiaryTest {
    private final BookingSite site = BookingSite.open();

    private Page opened(BrowserContext context, String screen) {
        Page page = context.newPage();
        Owner.at(page, "/").signsIn(site.email, "a long password");
        page.navigate(Chromium.editor() + "/sites/" + site.id() + screen);
        return page;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator leaf(Page page, String who) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Appointment of " + who));
    }

    /** Goes to the week of the day that tests book on. */
    private void toTheDay(Page page) {
        button(page, "Write one in").waitFor();
        if (page.locator("[data-date='" + site.day + "']").count() == 0) {
            button(page, "Later").click();
        }
        page.locator("[data-date='" + site.day + "']").waitFor();
    }

    private String dentist() {
        String date = site.day.toString().replace("-", "");
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Dentist\r\nDTSTART:" + date
                + "T090000\r\nDTEND:" + date + "T110000\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    @Test
    void busyTimesOfOtherCalendarsAreBroughtIn() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = opened(context, "/diary");
            toTheDay(page);
            Locator file = page.getByLabel("Bring in a calendar file");
            file.setInputFiles(new FilePayload("notes.txt", "text/plain", "Hello".getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("There is no calendar in this file.")).isVisible();
            file.setInputFiles(
                    new FilePayload("private.ics", "text/calendar", dentist().getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("One busy time is in the diary.")).isVisible();
            assertThat(page.locator(".block")).hasText("Dentist");
            page.locator(".source button").click();
            assertThat(page.locator(".block")).hasCount(0);

            Locator address = page.getByLabel("Its address, to follow it");
            address.fill("ashes");
            address.press("Enter");
            assertThat(page.getByText("Type the whole address of the calendar")).isVisible();
            assertThat(address).hasValue("ashes");
            assertThat(address).isFocused();
            address.fill("http://127.0.0.1:" + RunningOstium.get().port() + "/api/stand-in/calendar.ics");
            address.press("Enter");
            assertThat(page.getByText("3 busy times are in the diary.")).isVisible();
            assertThat(page.getByText("Looked at on")).isVisible();
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void aMessageIsAnsweredWithATime(Chromium.Screen screen) {
        site.owner.call(
                "POST",
                "/api/sites/" + site.id() + "/enquiries",
                Map.of(
                        "name",
                        "Oona Quayle",
                        "reach",
                        "oona@quill.example",
                        "service",
                        "Camera survey",
                        "message",
                        "When could you look into the flue?"));
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = opened(context, "/enquiries");
            page.locator("article h2 button").click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Book a time for them"))
                    .click();
            assertThat(page.getByLabel("Who", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("Oona Quayle");
            assertThat(page.getByText("When could you look into the flue?")).isVisible();
            assertThat(page.locator("#in-service")).hasValue("service/survey");
            assertThat(page.locator("#in-email")).hasValue("oona@quill.example");
            assertThat(Axe.findings(page)).isEmpty();
            page.locator("#in-date").fill(site.day.toString());
            page.locator("#in-start").fill("15:00");
            button(page, "Write it in").click();
            assertThat(page.getByText("Oona Quayle is in the diary, and their message counts as agreed."))
                    .isVisible();
            assertThat(site.owner
                            .get("/api/sites/" + site.id() + "/enquiries")
                            .json()
                            .at("/0/state")
                            .asString())
                    .isEqualTo("AGREED");
        }
    }

    @Test
    void allOfOnePersonIsDeletedFromTheDiaryToo() {
        site.book("sweep", "10:00");
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = opened(context, "/diary");
            toTheDay(page);
            page.locator(".ticket").click();
            button(page, "Delete this person").click();
            assertThat(leaf(page, "Oona Quayle")).containsText("appointments, those to come too");
            button(page, "Keep it").click();
            button(page, "Delete this person").click();
            button(page, "Delete it").click();
            assertThat(page.getByText("All of this person is deleted.")).isVisible();
            assertThat(page.locator(".ticket")).hasCount(0);
            assertThat(page.locator("#diary-head")).isFocused();
        }
    }

    @Test
    void byKeyboardAlone() {
        site.book("sweep", "10:00");
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = opened(context, "/diary");
            toTheDay(page);
            page.locator(".ticket").focus();
            page.keyboard().press("Enter");
            button(page, "Move").focus();
            page.keyboard().press("Enter");
            page.locator("#move-time").fill("11:30");
            page.locator("#move-time").press("Enter");
            assertThat(page.getByText("Moved, and Oona Quayle is told.")).isVisible();
            assertThat(leaf(page, "Oona Quayle")).isFocused();
            button(page, "Cancel").focus();
            page.keyboard().press("Enter");
            page.keyboard().press("Escape");
            assertThat(button(page, "Call it off")).hasCount(0);
            button(page, "Cancel").focus();
            page.keyboard().press("Enter");
            button(page, "Call it off").focus();
            page.keyboard().press("Enter");
            assertThat(page.getByText("Called off, and Oona Quayle is told.")).isVisible();
            assertThat((String) page.evaluate("document.activeElement.tagName")).isNotEqualTo("BODY");
        }
    }

    private static void writes(Page page, BookingSite site, String who) {
        button(page, "Write one in").click();
        page.locator("#in-name").fill(who);
        page.locator("#in-date").fill(site.day.toString());
        page.locator("#in-start").fill("15:00");
        page.locator("#in-note").fill("Two flues, and the key is with the neighbour.");
        button(page, "Write it in").click();
    }

    @Test
    void whatWasTypedStaysWhileTheConnectionIsAway() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = opened(context, "/diary");
            toTheDay(page);
            context.setOffline(true);
            writes(page, site, "Isolde Dunnock");
            assertThat(page.locator("#in-fault")).containsText("The connection is away.");
            assertThat(page.locator("#in-note")).hasValue("Two flues, and the key is with the neighbour.");
            context.setOffline(false);
            button(page, "Write it in").click();
            assertThat(page.getByText("Isolde Dunnock is in the diary.")).isVisible();
            assertThat(page.locator(".ticket")).hasCount(1);
        }
    }

    @Test
    void signedOutElsewhereTheyMaySignInAndNothingIsLost() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = opened(context, "/diary");
            toTheDay(page);
            Page other = context.newPage();
            other.navigate(Chromium.editor() + "/sites");
            button(other, "Sign out").click();
            other.waitForURL("**/sign-in");
            writes(page, site, "Isolde Dunnock");
            button(page, "Sign in here").click();
            page.locator("#email").fill(site.email);
            page.locator("#password").fill("a long password");
            page.locator("#password").press("Enter");
            assertThat(page.locator("#password")).hasCount(0);
            assertThat(page.locator("#in-note")).hasValue("Two flues, and the key is with the neighbour.");
            button(page, "Write it in").click();
            assertThat(page.getByText("Isolde Dunnock is in the diary.")).isVisible();
        }
    }

    @Test
    void whatOneWindowWritesTheOtherShowsAndCannotTake() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page one = opened(context, "/diary");
            toTheDay(one);
            Page other = context.newPage();
            other.navigate(one.url());
            toTheDay(other);
            writes(one, site, "Isolde Dunnock");
            assertThat(one.getByText("Isolde Dunnock is in the diary.")).isVisible();
            writes(other, site, "Cass Holm");
            assertThat(other.locator("#in-fault")).containsText("Isolde Dunnock is booked then.");
            assertThat(other.locator("#in-name")).hasValue("Cass Holm");
            other.reload();
            toTheDay(other);
            assertThat(other.locator(".ticket")).hasCount(1);
        }
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void sixtyOnOneDayAndNoneAreDrawnAlike(Chromium.Screen screen) {
        site.sets(Map.of("services", List.of(BookingSite.service("service/sweep", 60))));
        for (int i = 0; i < 60; i++) {
            String link = BookingSite.link(site.hold("sweep", "1%d:00".formatted(i % 5)));
            Map<String, String> who = site.who(link);
            who.put("name", "An exceptionally long name that a customer of number " + i + " may really have");
            assertThat(site.act("take", who).status()).isEqualTo(303);
        }
        try (BrowserContext context = Chromium.context(screen)) {
            String first = site.owner
                    .get("/api/sites/" + site.id() + "/diary?days=1&day=" + site.day)
                    .json()
                    .at("/days/0/tickets/0/ticket/id")
                    .asString();
            Page page = opened(context, "/diary?booking=" + first);
            assertThat(page.locator(".ticket, .row")).hasCount(60);
            assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
            assertThat(Axe.findings(page)).isEmpty();
        }
    }
}
