package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.look.House;
import ostium.core.look.Shape;
import ostium.core.look.TypePair;
import ostium.core.look.TypePairs;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * Pages of all houses, drawn with what is awkward: few facts and many, long names, letters of other houses, all corners,
 * the worst brands. Every two choices meet in at least one page.
 */
@Tag("long")
class HousesTest {
    static Stream<Arguments> pages() {
        List<Trade> trades = Stream.of("chimney-sweep", "hairdresser", "vet")
                .map(id -> TradeCatalogue.shipped().byId(id))
                .toList();
        return Pairwise.rows(
                        House.values().length,
                        2,
                        AwkwardPages.Facts.values().length,
                        AwkwardPages.NAMES.size(),
                        TypePairs.all().size(),
                        Shape.values().length,
                        AwkwardPages.BRANDS.size(),
                        trades.size(),
                        2)
                .stream()
                .map(row -> Arguments.of(
                        House.values()[row[0]],
                        row[1],
                        AwkwardPages.Facts.values()[row[2]],
                        AwkwardPages.NAMES.get(row[3]),
                        TypePairs.all().get(row[4]),
                        Shape.values()[row[5]],
                        AwkwardPages.BRANDS.get(row[6]),
                        trades.get(row[7]),
                        row[8] == 1));
    }

    private static BrowserContext context;

    @BeforeAll
    static void opens() {
        context = Chromium.context(Chromium.Screen.PHONE);
    }

    @Test
    void thereAreAtMostThreeHundredPages() {
        assertThat(pages().count()).isBetween(60L, 300L);
    }

    @ParameterizedTest(name = "{0}, layout {1}, {2}, {3}, {5}, brand {6}")
    @MethodSource("pages")
    void nothingOverflowsNothingOverlapsAndAxeFindsNothing(
            House house,
            int layout,
            AwkwardPages.Facts facts,
            String name,
            TypePair types,
            Shape shape,
            String brand,
            Trade trade,
            boolean longHeadline) {
        Brief brief = AwkwardPages.brief(trade, name, facts, house);
        Draft draft = AwkwardPages.draft(brief, layout, types, shape, brand);
        if (longHeadline) {
            draft = AwkwardPages.withHeadline(draft);
        }
        try (Page page = context.newPage()) {
            page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            AwkwardPages.serve(page, brief, draft);
            for (int width : new int[] {320, 1280}) {
                page.setViewportSize(width, 800);
                page.navigate(AwkwardPages.HOST + "index.html");
                page.evaluate("document.fonts.ready");
                assertThat(overflowing(page))
                        .as("%s, layout %d: beyond %d px", house, layout, width)
                        .isEmpty();
                assertThat(overlapping(page))
                        .as("%s, layout %d: text over text at %d px", house, layout, width)
                        .isEmpty();
            }
            assertThat(Axe.findings(page)).as("%s, layout %d", house, layout).isEmpty();
        }
    }

    @SuppressWarnings("unchecked")
    private static List<String> overflowing(Page page) {
        return (List<String>) page.evaluate("""
                () => document.documentElement.scrollWidth <= innerWidth + 1 ? [...document.querySelectorAll('body *')]
                  .filter(each => each.children.length === 0 && each.textContent.trim())
                  .filter(each => !each.closest('[aria-hidden=true], .page-name, .skip, .callbar, option, .trap'))
                  .filter(each => {
                    const box = each.getBoundingClientRect();
                    if (box.width <= 1 || box.height <= 1) return false;
                    const style = getComputedStyle(each);
                    const spills = each.scrollWidth > each.clientWidth + 2 && each.clientWidth > 0;
                    return box.right > innerWidth + 1 || box.left < -1
                      || spills && style.display !== 'inline' && style.overflow === 'visible';
                  })
                  .map(each => each.className + ' “' + each.textContent.trim().slice(0, 40) + '”')
                : ['the page is ' + document.documentElement.scrollWidth + ' wide: ' + [...document.querySelectorAll('body *')]
                  .filter(each => each.getBoundingClientRect().right > innerWidth + 1).slice(0, 3)
                  .map(each => each.localName + '.' + each.className).join(', ')]""");
    }

    @SuppressWarnings("unchecked")
    private static List<String> overlapping(Page page) {
        return (List<String>) page.evaluate("""
                () => {
                  // What is cut off at the foot of its box is not seen.
                  const clamped = (element, box) => {
                    for (let each = element; each && each !== document.body; each = each.parentElement)
                      if (getComputedStyle(each).overflowY === 'hidden' && box.top >= each.getBoundingClientRect().bottom - 2) return true;
                    return false;
                  };
                  const boxes = [];
                  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                  for (let node; (node = walker.nextNode()); ) {
                    if (!node.data.trim() || node.parentElement.closest(`script, option, [aria-hidden=true], [hidden],
                      .page-name, .skip, .callbar, .trap, .long-name, .short-name`)) continue;
                    const style = getComputedStyle(node.parentElement);
                    if (style.visibility === 'hidden') continue;
                    const range = document.createRange();
                    range.selectNodeContents(node);
                    const size = parseFloat(style.fontSize);
                    // Letters fill the middle of their line box; what only touches above and below is not an overlap.
                    for (const box of range.getClientRects()) {
                      const above = Math.max(0, (box.height - size * 0.7) / 2);
                      if (box.width > 2 && box.height > 2 && !clamped(node.parentElement, box))
                        boxes.push({ node, left: box.left + 2, right: box.right - 2,
                          top: box.top + above, bottom: box.bottom - above });
                    }
                  }
                  const found = [];
                  for (let i = 0; i < boxes.length; i++)
                    for (let j = i + 1; j < boxes.length; j++) {
                      const a = boxes[i], b = boxes[j];
                      if (a.node === b.node) continue;
                      if (a.left < b.right && b.left < a.right && a.top < b.bottom - 1 && b.top < a.bottom - 1)
                        found.push([a, b].map(({ node }) => node.parentElement.closest('[class]').className
                          + ' “' + node.data.trim().slice(0, 30) + '”').join(' and '));
                    }
                  return found.slice(0, 4);
                }""");
    }
}
