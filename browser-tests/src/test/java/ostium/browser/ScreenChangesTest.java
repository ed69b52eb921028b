package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
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
                page.waitForLoadState(LoadState.NETWORKIDLE);
                if (change + 1 == FIRST) {
                    early = nodes(devtools);
                }
            }
            assertThat(nodes(devtools))
                    .as("nodes, of %d after %d changes", early, FIRST)
                    .isLessThan(early * 5 / 4);
        }
    }

    private static Page.LocatorOptions named(String screen) {
        return new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + screen));
    }

    /** Nodes of documents that are still held, once what can go has gone. */
    private static int nodes(CDPSession devtools) {
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
