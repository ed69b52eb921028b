package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Going from screen to screen a hundred times leaves nothing behind. */
@Tag("long")
class ScreenChangesTest {
    private static final List<String> SCREENS = List.of("Facts", "Look", "Doors", "Diary", "Enquiries", "Page");
    private static final int FIRST = 30;
    private static final int ALL = 102;

    @Test
    void leaveNothingBehind() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            new Owner(page).signsInAsAda();
            page.locator("nav a", named("Page")).first().click();
            CDPSession devtools = context.newCDPSession(page);
            devtools.send("Performance.enable");
            int early = 0;
            for (int change = 0; change < ALL; change++) {
                page.locator("nav a", named(SCREENS.get(change % SCREENS.size())))
                        .first()
                        .click();
                settled(page, SCREENS.get(change % SCREENS.size()));
                if (change + 1 == FIRST) {
                    early = nodes(page, devtools);
                }
            }
            assertThat(nodes(page, devtools))
                    .as("nodes, of %d after %d changes", early, FIRST)
                    .isLessThan(early * 5 / 4);
        }
    }

    private static Page.LocatorOptions named(String screen) {
        return new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + screen));
    }

    /** The screen that was asked for is drawn; the page with its words and with the page beside them. */
    private static void settled(Page page, String screen) {
        assertThat(page.locator("nav a[aria-current=page]", named(screen)).first())
                .isVisible();
        assertThat(page.locator("main h1").first()).isVisible();
        if (screen.equals("Page")) {
            assertThat(page.getByRole(
                            AriaRole.TEXTBOX,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Opening: headline"))))
                    .isVisible();
            assertThat(page.frameLocator(".shopfront iframe").locator("h1").first())
                    .isVisible();
        }
    }

    /** Nodes that are held once the screen has stopped growing and what can go has gone: the same count three times. */
    private static int nodes(Page page, CDPSession devtools) {
        int last = -1;
        int same = 0;
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (same < 2 && System.nanoTime() < until) {
            page.evaluate("() => new Promise(then => requestIdleCallback(then, { timeout: 500 }))");
            int now = counted(devtools);
            same = now == last ? same + 1 : 0;
            last = now;
        }
        return last;
    }

    private static int counted(CDPSession devtools) {
        devtools.send("HeapProfiler.collectGarbage");
        devtools.send("HeapProfiler.collectGarbage");
        for (JsonElement each : devtools.send("Performance.getMetrics").getAsJsonArray("metrics")) {
            JsonObject metric = each.getAsJsonObject();
            if (metric.get("name").getAsString().equals("Nodes")) {
                return metric.get("value").getAsInt();
            }
        }
        throw new AssertionError("no count of nodes");
    }
}
