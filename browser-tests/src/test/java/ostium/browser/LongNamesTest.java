package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A name as long as it may be, without a blank in it: no screen of the owner is wider than its window. */
class LongNamesTest {
    private static final String NAME = "Chimneysweepersofthewholeislandandallitsneighbouringplaces".repeat(3);

    private final BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP);
    private final Page page = context.newPage();

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void widenNoScreen() {
        Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", NAME)
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page")
                .keepsTheDraft();
        String site = page.url().replace("/page", "");
        SoftAssertions all = new SoftAssertions();
        String[] screens = {"", "/page", "/look", "/doors", "/enquiries", "/publish", "/people", "/list", "/diary"};
        for (String screen : screens) {
            page.navigate(site + screen);
            settled();
            assertThat(page.locator("main").count()).isOne();
            for (int width : new int[] {1280, 1024, 768, 390, 320}) {
                page.setViewportSize(width, 800);
                all.assertThat(widerThan(width)).as(screen + " at " + width).isEmpty();
            }
            page.setViewportSize(1280, 800);
        }
        all.assertAll();
    }

    /**
     * The screen is drawn: it has its heading, and nothing on it has changed for half a second. Whether pictures and fonts of
     * frames still come says nothing of that, and may take as long as a busy machine likes.
     */
    private void settled() {
        page.locator("main h1").first().waitFor();
        page.evaluate("""
                () => new Promise(then => {
                  let quiet = setTimeout(then, 500);
                  setTimeout(then, 10000);
                  new MutationObserver(() => {
                    clearTimeout(quiet);
                    quiet = setTimeout(then, 500);
                  }).observe(document.body, { subtree: true, childList: true, characterData: true });
                })""");
    }

    /** What makes the page wider than its window; nothing where the page is not. */
    private String widerThan(int width) {
        return (String) page.evaluate("""
                width => document.documentElement.scrollWidth <= width ? '' : [...document.querySelectorAll('body *')]
                  .filter(each => each.getBoundingClientRect().right > width || each.scrollWidth > width)
                  .map(each => each.tagName + '.' + each.className + ' ' + each.textContent.slice(0, 20))
                  .join(', ')""", width);
    }
}
