package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.PaintMixes;
import ostium.core.look.Shape;
import ostium.core.look.TypePair;
import ostium.core.look.TypePairs;
import ostium.core.section.SectionKinds;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/**
 * Pages of all houses, drawn with what is awkward: few facts and many, long names, letters of other houses, all corners,
 * the worst brands. Every two choices meet in at least one page.
 */
@Tag("long")
class HousesTest {
    private static final String HOST = "http://pages.test/";

    /** How much is known. */
    private enum Facts {
        BARE(0),
        ONE_SERVICE(1),
        TWO_SERVICES(2),
        USUAL(4),
        SEVEN_SERVICES(7),
        SIXTY_SERVICES(60);

        private final int services;

        Facts(int services) {
            this.services = services;
        }
    }

    /** What it is called. */
    private static final List<String> NAMES = List.of(
            "Wren",
            "The Sandgate Reach and Upper Marl Alterations, Repairs & Restoration Company",
            "Donaudampfschifffahrtsgesellschaft",
            "مفاتيح البيانو");

    private static final List<String> BRANDS = List.of("", "#ffff00", "#ffffff", "#000000", "#ff5a36", "#0b6e4f");

    private static final String LONG_HEADLINE =
            "Everything we do for old and new pianos in Quillhaven, Tolver and all five of the villages";

    static Stream<Arguments> pages() {
        List<Trade> trades = Stream.of("chimney-sweep", "hairdresser", "vet")
                .map(id -> TradeCatalogue.shipped().byId(id))
                .toList();
        return Pairwise.rows(
                        House.values().length,
                        2,
                        Facts.values().length,
                        NAMES.size(),
                        TypePairs.all().size(),
                        Shape.values().length,
                        BRANDS.size(),
                        trades.size(),
                        2)
                .stream()
                .map(row -> Arguments.of(
                        House.values()[row[0]],
                        row[1],
                        Facts.values()[row[2]],
                        NAMES.get(row[3]),
                        TypePairs.all().get(row[4]),
                        Shape.values()[row[5]],
                        BRANDS.get(row[6]),
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
            Facts facts,
            String name,
            TypePair types,
            Shape shape,
            String brand,
            Trade trade,
            boolean longHeadline) {
        Brief brief = brief(trade, name, facts, house);
        Draft draft = draft(brief, layout, types, shape, brand);
        if (longHeadline) {
            draft = withHeadline(draft);
        }
        try (Page page = context.newPage()) {
            page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
            serve(page, brief, draft);
            for (int width : new int[] {320, 1280}) {
                page.setViewportSize(width, 800);
                page.navigate(HOST + "index.html");
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

    static Stream<Arguments> sites() {
        return Stream.of(House.values())
                .flatMap(house -> Stream.of(Extent.ONE, Extent.FEW).map(extent -> Arguments.of(house, extent)));
    }

    /** No width between a small phone and a wide desk makes a page wider than the window. */
    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("sites")
    void noWidthScrollsSideways(House house, Extent extent) {
        Trade trade = TradeCatalogue.shipped().byId("chimney-sweep");
        Brief read = brief(trade, NAMES.get(1), Facts.USUAL, house);
        Brief brief = read.withWishes(read.wishes().withExtent(extent));
        Draft draft = draft(brief, 0, TypePairs.all().get(0), Shape.values()[0], "");
        try (Page page = context.newPage()) {
            serve(page, brief, draft);
            page.setViewportSize(1700, 900);
            page.navigate(HOST + "robots.txt");
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

    @SuppressWarnings("unchecked")
    private static List<String> overflowing(Page page) {
        return (List<String>) page.evaluate("""
                () => document.documentElement.scrollWidth <= innerWidth + 1 ? [...document.querySelectorAll('body *')]
                  .filter(each => each.children.length === 0 && each.textContent.trim() && !each.closest('[aria-hidden=true], .page-name, .skip, .callbar, option, .trap'))
                  .filter(each => { const box = each.getBoundingClientRect(); return box.width > 1 && box.height > 1 && (box.right > innerWidth + 1 || box.left < -1 || each.scrollWidth > each.clientWidth + 2 && getComputedStyle(each).display !== 'inline' && each.clientWidth > 0 && getComputedStyle(each).overflow === 'visible'); })
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
                    if (!node.data.trim() || node.parentElement.closest('script, [aria-hidden=true], [hidden], .page-name, .skip, .callbar, option, .trap, .long-name, .short-name')) continue;
                    const style = getComputedStyle(node.parentElement);
                    if (style.visibility === 'hidden') continue;
                    const range = document.createRange();
                    range.selectNodeContents(node);
                    const size = parseFloat(style.fontSize);
                    // Letters fill the middle of their line box; what only touches above and below is not an overlap.
                    for (const box of range.getClientRects()) {
                      if (box.width > 2 && box.height > 2 && !clamped(node.parentElement, box))
                        boxes.push({ node, left: box.left + 2, right: box.right - 2, top: box.top + Math.max(0, (box.height - size * 0.7) / 2), bottom: box.bottom - Math.max(0, (box.height - size * 0.7) / 2) });
                    }
                  }
                  const found = [];
                  for (let i = 0; i < boxes.length; i++)
                    for (let j = i + 1; j < boxes.length; j++) {
                      const a = boxes[i], b = boxes[j];
                      if (a.node === b.node) continue;
                      if (a.left < b.right && b.left < a.right && a.top < b.bottom - 1 && b.top < a.bottom - 1)
                        found.push([a, b].map(each => each.node.parentElement.closest('[class]').className + ' “' + each.node.data.trim().slice(0, 30) + '”').join(' and '));
                    }
                  return found.slice(0, 4);
                }""");
    }

    private static void serve(Page page, Brief brief, Draft draft) {
        Map<String, RenderedFile> files = new LinkedHashMap<>();
        SiteRenderer.shipped().render(brief, draft, Target.folder()).forEach(file -> files.put(file.path(), file));
        page.route("**/*", route -> {
            RenderedFile file = files.get(route.request().url().replace(HOST, ""));
            if (route.request().url().endsWith("robots.txt")) {
                route.fulfill(
                        new Route.FulfillOptions().setContentType("text/html").setBody("<p>A desk</p>"));
            } else if (file == null) {
                route.fulfill(new Route.FulfillOptions().setStatus(404));
            } else {
                route.fulfill(new Route.FulfillOptions()
                        .setContentType(file.contentType())
                        .setBodyBytes(file.bytes()));
            }
        });
    }

    private static Draft draft(Brief brief, int layout, TypePair types, Shape shape, String brand) {
        Draft drafted = Drafter.draft(brief, new Seed(5));
        Look look = drafted.look().withType(types.id()).withShape(shape);
        if (!brand.isEmpty()) {
            look = look.withMix(
                    PaintMixes.ofBrand(new Colour(brand), brief.trade().moods(), new Seed(2)));
        }
        return new Draft(
                drafted.site()
                        .mapSections(section -> section.withLayout(
                                layout(SectionKinds.of(section).layouts(), layout))),
                look,
                drafted.plan());
    }

    private static String layout(List<String> layouts, int wished) {
        return layouts.get(Math.min(wished, layouts.size() - 1));
    }

    private static Draft withHeadline(Draft draft) {
        return new Draft(
                draft.site()
                        .mapSections(section -> Optional.ofNullable(
                                        section.texts().get("headline"))
                                .map(text -> section.withText(
                                        "headline",
                                        new ostium.core.site.Text(
                                                text.id(),
                                                ostium.core.site.Text.Mark.OWN,
                                                List.of(new ostium.core.site.Node.Paragraph(
                                                        List.of(new ostium.core.site.Node.Words(LONG_HEADLINE)))),
                                                text.origin()),
                                        SectionKinds.of(section).slotNames()))
                                .orElse(section)),
                draft.look(),
                draft.plan());
    }

    private static Brief brief(Trade trade, String name, Facts facts, House house) {
        TypedSheet sheet = TypedSheet.empty("GB", 3)
                .with(Line.TRADE, trade.name())
                .with(Line.NAME, name)
                .with(Line.TELEPHONE, "0117 496 0388")
                .withServices(services(trade, facts.services));
        if (facts.services > 2) {
            sheet = sheet.with(Line.PLACE, "3 Net Loft, Quillhaven QH1 2NL")
                    .with(Line.AREA, "Quillhaven, Upper Marl, Sandgate Reach, Tolver, Pennock's Mill")
                    .with(Line.EMAIL, "isolde.tindle@wren-and-tindle-pianos.example")
                    .with(Line.HOURS, "Mon-Fri 8-5:30, Sat 9-1")
                    .with(Line.PERSON, "Isolde Tindle")
                    .with(Line.FOUNDED, "2009")
                    .with(Line.PROMISE, "by the next working morning")
                    .withPractices(trade.practices().stream()
                            .map(Trade.UsualPractice::key)
                            .toList())
                    .withRows(rows(trade));
        }
        Brief read = SheetReader.read(sheet, java.time.Instant.parse("2026-11-26T12:00:00Z"))
                .brief()
                .withForm(true);
        return read.withWishes(read.wishes().withHouse(house).withExtent(Extent.ONE));
    }

    private static List<TypedService> services(Trade trade, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> {
                    Trade.UsualService usual =
                            trade.services().get(i % trade.services().size());
                    String words = i < trade.services().size()
                            ? usual.name()
                            : usual.name() + " number " + (i + 1) + (i % 9 == 0 ? ", carried out at short notice" : "");
                    return new TypedService(
                            "s" + i,
                            i < trade.services().size() ? usual.key() : "",
                            words,
                            i == 1 ? "With everything that belongs to it, and a word about what was found." : "",
                            List.of("65", "from 120", "", "on request", "1250").get(i % 5),
                            i % 3 == 0 ? "" : "90");
                })
                .toList();
    }

    private static List<TypedRow> rows(Trade trade) {
        List<TypedRow> rows = new ArrayList<>();
        for (int i = 0; i < Math.min(5, trade.questions().size()); i++) {
            rows.add(
                    new TypedRow(
                            "question",
                            "question-" + i,
                            Map.of(
                                    "ask",
                                    trade.questions().get(i),
                                    "answer",
                                    "It depends on the job. Most are done within the hour; you hear the price before we begin.")));
        }
        rows.add(new TypedRow(
                "testimonial",
                "testimonial-1",
                Map.of(
                        "words",
                        "On time, and the price was the one on the page.",
                        "who",
                        "J. Quayle",
                        "permission",
                        "yes")));
        rows.add(new TypedRow(
                "testimonial",
                "testimonial-2",
                Map.of(
                        "words",
                        "We had been putting it off for two years. It took an hour, and nobody had to clean up.",
                        "who",
                        "Hester Lanyon",
                        "where",
                        "Tolver",
                        "permission",
                        "yes")));
        return rows;
    }
}
