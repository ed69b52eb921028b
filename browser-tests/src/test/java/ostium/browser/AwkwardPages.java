package ostium.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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
import ostium.core.section.SectionKinds;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** Pages of what is awkward: few facts and many, long names, letters of other houses, the worst brands. */
final class AwkwardPages {
    static final String HOST = "http://pages.test/";

    /** How much is known. */
    enum Facts {
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
    static final List<String> NAMES = List.of(
            "Wren",
            "The Sandgate Reach and Upper Marl Alterations, Repairs & Restoration Company",
            "Donaudampfschifffahrtsgesellschaft",
            "مفاتيح البيانو");

    static final List<String> BRANDS = List.of("", "#ffff00", "#ffffff", "#000000", "#ff5a36", "#0b6e4f");

    static final String LONG_HEADLINE =
            "Everything we do for old and new pianos in Quillhaven, Tolver and all five of the villages";

    private AwkwardPages() {}

    static void serve(Page page, Brief brief, Draft draft) {
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

    static Draft draft(Brief brief, int layout, TypePair types, Shape shape, String brand) {
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

    static Draft withHeadline(Draft draft) {
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

    static Brief brief(Trade trade, String name, Facts facts, House house) {
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
