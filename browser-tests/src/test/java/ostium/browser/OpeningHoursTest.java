package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Date;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.app.Browserlike;
import tools.jackson.databind.JsonNode;

/** What a visitor is told of the hours follows the clock, and the owner's days off, without a reload and without a publish. */
class OpeningHoursTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static Date at(LocalDate day, int hour, int minute) {
        return Date.from(day.atTime(hour, minute).atZone(LONDON).toInstant());
    }

    private static void daysOff(Browserlike owner, JsonNode site, String words) {
        String id = site.path("id").asString();
        long revision = owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
        owner.edit(id, revision, Map.of("kind", "setLine", "path", "exceptions", "words", words));
    }

    @Test
    void aDayClosedAtEightIsSaidAtOneMinutePastWithoutPublishOrReload() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("hours@quill.example");
        Map<String, Object> sheet = Browserlike.sheet("Hourly Sweeps");
        sheet.put("hours", "Mon-Fri 9-5:30, Sat 10-2");
        JsonNode site = owner.site(sheet);
        owner.publish(site, "hourly-sweeps");
        LocalDate wednesday = LocalDate.now(LONDON).plusDays(2).with(TemporalAdjusters.next(DayOfWeek.WEDNESDAY));
        String line = wednesday.format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH)) + " closed";

        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            page.clock().install(new Clock.InstallOptions().setTime(at(wednesday, 8, 0)));
            page.navigate(Chromium.site("hourly-sweeps"));
            Locator now = page.locator("[data-now]").first();
            assertThat(now).hasText("Closed now. Open today from 9am");
            page.evaluate("window.stillHere = true");

            daysOff(owner, site, line);
            page.clock().runFor(75_000);
            assertThat(now).hasText("Closed now. Open tomorrow from 9am");

            page.clock().fastForward("25:00:00");
            page.clock().runFor(20_000);
            assertThat(now).hasText("Open now, until 5:30pm");
            org.assertj.core.api.Assertions.assertThat(page.evaluate("window.stillHere"))
                    .isEqualTo(true);
        }
        // Who comes now, without a script, reads it too; and it goes again when the day is open after all.
        try (BrowserContext context = Chromium.scriptTurnedOff()) {
            Page page = context.newPage();
            page.navigate(Chromium.site("hourly-sweeps"));
            assertThat(page.locator(".slip .other li")).hasText(line);
            daysOff(owner, site, "");
            page.reload();
            assertThat(page.locator(".slip .other li")).hasCount(0);
        }
    }
}
