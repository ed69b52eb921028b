package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.draft.Draft;
import ostium.core.look.House;
import ostium.core.look.Shape;
import ostium.core.look.TypePairs;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** No page is wider than its window, at any width. */
@Tag("long")
class SidewaysScrollTest {
    private static BrowserContext context;

    @BeforeAll
    static void opens() {
        context = Chromium.context(Chromium.Screen.PHONE);
    }

    static Stream<Arguments> sites() {
        return Stream.of(House.values())
                .flatMap(house -> Stream.of(Extent.ONE, Extent.FEW).map(extent -> Arguments.of(house, extent)));
    }

    /** No width between a small phone and a wide desk makes a page wider than the window. */
    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("sites")
    void noWidthScrollsSideways(House house, Extent extent) {
        Trade trade = TradeCatalogue.shipped().byId("chimney-sweep");
        Brief read = AwkwardPages.brief(trade, AwkwardPages.NAMES.get(1), AwkwardPages.Facts.USUAL, house);
        Brief brief = read.withWishes(read.wishes().withExtent(extent));
        Draft draft = AwkwardPages.draft(brief, 0, TypePairs.all().get(0), Shape.values()[0], "");
        try (Page page = context.newPage()) {
            AwkwardPages.serve(page, brief, draft);
            page.setViewportSize(1700, 900);
            page.navigate(AwkwardPages.HOST + "robots.txt");
            for (ostium.core.site.Page each : draft.site().pages()) {
                String file = (each.slug().isEmpty() ? "index" : each.slug()) + ".html";
                assertThat(widerThanItsWindow(page, file)).as(file).isEmpty();
            }
        }
    }

    /** The widths from 320 to 1600 px at which a page is wider than its window, and by how much. */
    @SuppressWarnings("unchecked")
    private static List<String> widerThanItsWindow(Page page, String file) {
        return (List<String>) page.evaluate("""
                async (file) => {
                  const frame = document.createElement('iframe');
                  frame.style.cssText = 'border: 0; height: 900px; width: 320px';
                  const loaded = new Promise(done => frame.onload = done);
                  frame.src = '/' + file;
                  document.documentElement.replaceChildren(frame);
                  await loaded;
                  await frame.contentDocument.fonts.ready;
                  const wider = [];
                  for (let width = 320; width <= 1600; width += 20) {
                    frame.style.width = width + 'px';
                    const by = frame.contentDocument.documentElement.scrollWidth - frame.contentWindow.innerWidth;
                    if (by > 0) wider.push(width + ' by ' + by);
                  }
                  return wider;
                }""", file);
    }
}
