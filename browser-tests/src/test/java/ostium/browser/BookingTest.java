package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.app.BookingSite;
import ostium.core.look.House;

/** A visitor books, moves and calls off; the owner sets booking up and keeps the diary. */
class BookingTest {

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    private static void says(Page page, String label, String words) {
        page.getByLabel(label).fill(words);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aVisitorOnAPhoneBooksMovesAndCallsOff(boolean script) {
        BookingSite site = BookingSite.open();
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE, ColorScheme.LIGHT, script)) {
            Page page = context.newPage();
            page.navigate(Chromium.site(site.name));
            link(page, "^Book a time$").first().press("Enter");
            page.waitForURL("**/book");
            page.locator(".offers a").first().press("Enter");
            page.waitForURL("**service=sweep**");
            assertThat(page.locator(".picked")).containsText("Chimney sweep · 45 min · £65");
            page.locator("a.day").nth(3).press("Enter");
            page.waitForURL("**day=**");
            press(page, "10:00");
            page.waitForURL("**held=**");
            assertThat(page.locator(".ticket")).containsText("10:00 to 10:45");

            says(page, "Your name", "Oona Quayle");
            says(page, "Your e-mail", "oona@quill.example");
            press(page, "Book this time");
            page.waitForURL("**/take");
            assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("One field needs a look");
            assertThat(page.getByLabel("Your name")).hasValue("Oona Quayle");
            says(page, "How many flues?", "Two");
            press(page, "Book this time");
            page.waitForURL("**booking=**");
            assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Booked");
            if (script) {
                assertThat(Axe.findings(page)).isEmpty();
            }

            link(page, "^Another time$").press("Enter");
            page.waitForURL("**move=**");
            page.locator("a.day").nth(4).press("Enter");
            page.waitForURL("**day=**");
            press(page, "14:00");
            page.waitForURL("**booking=**");
            assertThat(page.locator(".ticket")).containsText("14:00 to 14:45");

            page.locator("summary").press("Enter");
            press(page, "Yes, call it off");
            assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Called off");
        }
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void everyHouseHasItsTimesWithinReach(House house) {
        BookingSite site = BookingSite.open(house);
        for (Chromium.Screen screen : Chromium.Screen.values()) {
            try (BrowserContext context = Chromium.context(screen)) {
                Page page = context.newPage();
                page.navigate(Chromium.site(site.name) + "/book?service=sweep");
                assertThat(page.locator(".tear button").first()).isVisible();
                assertThat(Axe.findings(page)).as("%s %s", house, screen).isEmpty();
                assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                        .as("no sideways scroll in %s on %s", house, screen)
                        .isTrue();
                Locator stub = page.locator(".tear button").first();
                assertThat(stub.boundingBox().height).isGreaterThanOrEqualTo(44);
                stub.click();
                page.waitForURL("**held=**");
                assertThat(Axe.findings(page))
                        .as("%s %s, details", house, screen)
                        .isEmpty();
            }
        }
    }

    private static Page signedIn(BrowserContext context, BookingSite site, String path) {
        Page page = context.newPage();
        page.navigate(Chromium.editor() + "/sign-in");
        says(page, "E-mail", site.email);
        page.getByLabel("Password").fill("a long password");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.waitForURL(Pattern.compile("/sites"));
        page.navigate(Chromium.editor() + "/sites/" + site.id() + path);
        return page;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void theOwnerSetsBookingUpInOneSitting(Chromium.Screen screen) {
        BookingSite site = BookingSite.kept();
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = signedIn(context, site, "/diary");
            link(page, "Set booking up").click();
            assertThat(page.getByText("What can be booked", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.getByLabel("Camera survey", new Page.GetByLabelOptions().setExact(true))
                    .uncheck();
            page.getByLabel("How soon can somebody come?").selectOption("60");
            page.getByLabel("You answer each one").check();
            button(page, "Take bookings").click();
            assertThat(page.getByText("Your page takes bookings once it is published."))
                    .isVisible();
            button(page, "More: people, the way, limits, questions").click();
            button(page, "Add a question").click();
            says(page, "Question 1", "How many flues?");
            page.getByLabel("Question 1").press("Tab");
            page.getByLabel("Most on one day").fill("4");
            page.waitForResponse(
                    answer -> answer.url().endsWith("/edits"),
                    () -> page.getByLabel("Most on one day").press("Tab"));
            page.reload();
            button(page, "More: people, the way, limits, questions").click();
            assertThat(page.getByLabel("Question 1")).hasValue("How many flues?");
            assertThat(page.getByLabel("Most on one day")).hasValue("4");
            assertThat(page.getByLabel("You answer each one")).isChecked();
            assertThat(Axe.findings(page)).isEmpty();
        }
    }

    @Test
    void theOwnerKeepsTheDiary() {
        BookingSite site = BookingSite.open();
        site.book("sweep", "10:00");
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = signedIn(context, site, "/diary");
            assertThat(button(page, "Write one in")).isVisible();
            if (page.locator(".ticket").count() == 0) {
                button(page, "Later").click();
            }
            Locator ticket = page.locator(".ticket");
            assertThat(ticket).hasCount(1);
            ticket.click();
            assertThat(page.getByRole(
                            AriaRole.REGION, new Page.GetByRoleOptions().setName("Appointment of Oona Quayle")))
                    .containsText("Never swept; the back door is best.");
            assertThat(Axe.findings(page)).isEmpty();

            button(page, "Move").click();
            page.locator("#move-time").fill("13:30");
            button(page, "Move it").click();
            assertThat(page.getByText("Moved, and Oona Quayle is told.")).isVisible();
            assertThat(ticket).containsText("13:30 to 14:15");

            button(page, "Write one in").click();
            says(page, "Who", "Isolde Dunnock");
            page.locator("#in-date").fill(site.day.toString());
            page.locator("#in-start").fill("13:45");
            button(page, "Write it in").click();
            assertThat(page.getByText("Oona Quayle is booked then.")).isVisible();
            page.locator("#in-start").fill("15:00");
            button(page, "Write it in").click();
            assertThat(page.getByText("Isolde Dunnock is in the diary.")).isVisible();
            assertThat(ticket).hasCount(2);

            page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Why not …?"))
                    .getByLabel("Time")
                    .fill("13:45");
            page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Why not …?"))
                    .getByLabel("Day")
                    .fill(site.day.toString());
            button(page, "Ask").click();
            assertThat(page.getByText("Oona Quayle is booked until 14:15.").first())
                    .isVisible();
            button(page, "Block from here").click();
            page.locator("#block-begins").fill("08:00");
            page.locator("#block-ends").fill("09:00");
            says(page, "Why, for you alone", "Ferry");
            button(page, "Block it").click();
            assertThat(page.locator(".block")).hasText("Ferry");
            page.locator(".block").click();
            button(page, "Free it again").click();
            assertThat(page.locator(".block")).hasCount(0);

            ticket.first().click();
            button(page, "Cancel").click();
            says(page, "Why, in a word or two", "The van is ill.");
            button(page, "Call it off").click();
            assertThat(page.getByText("Called off, and Oona Quayle is told.")).isVisible();
            assertThat(ticket).hasCount(1);
        }
    }

    @Test
    void aTicketIsPulledAndALaneIsDrawnAlong() {
        BookingSite site = BookingSite.open();
        site.book("sweep", "10:00");
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = signedIn(context, site, "/diary");
            assertThat(button(page, "Write one in")).isVisible();
            if (page.locator(".ticket").count() == 0) {
                button(page, "Later").click();
            }
            var ticket = page.locator(".ticket").boundingBox();
            var lane = page.locator("[data-date='" + site.day + "']").boundingBox();
            page.mouse().move(ticket.x + 10, ticket.y + 20);
            page.mouse().down();
            page.mouse().move(ticket.x + 60, ticket.y + 22);
            page.mouse().move(lane.x + lane.width * 0.8, ticket.y + 22);
            page.mouse().up();
            assertThat(page.getByText("Move Oona Quayle")).isVisible();
            assertThat(page.locator("#move-time")).not().hasValue("10:00");
            page.keyboard().press("Escape");
            assertThat(page.getByText("Move Oona Quayle")).hasCount(0);

            page.mouse().move(lane.x + lane.width * 0.55, lane.y + 30);
            page.mouse().down();
            page.mouse().move(lane.x + lane.width * 0.6, lane.y + 30);
            page.mouse().move(lane.x + lane.width * 0.7, lane.y + 30);
            page.mouse().up();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Block a time")))
                    .isVisible();
        }
    }

    @Test
    void aRequestIsAnsweredOnAPhoneByKeyboardToo() {
        BookingSite site = BookingSite.open();
        site.sets(Map.of("atOnce", false));
        site.book("sweep", "10:00");
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = signedIn(context, site, "/diary");
            assertThat(page.getByText("Waits for your answer").first()).isVisible();
            assertThat(Axe.findings(page)).isEmpty();
            button(page, "Say yes").focus();
            page.keyboard().press("Enter");
            assertThat(page.getByText("Oona Quayle is told yes.")).isVisible();
            assertThat(page.getByText("Waits for your answer")).hasCount(0);
            assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
        }
    }
}
