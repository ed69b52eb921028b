package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.draft.Drafter;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Goal;
import ostium.core.trade.TradeCatalogue;

class SiteRendererTest {
    private static final Target LIVE = Target.published("https://ashlatch.example/");

    /** Businesses with little, much and odd to say. */
    static Stream<Brief> businesses() {
        List<TypedSheet.TypedService> sixty = IntStream.range(0, 60)
                .mapToObj(i -> Pages.service("Job number " + i, "from " + (10 + i)))
                .toList();
        List<TypedSheet> sheets = new ArrayList<>();
        sheets.add(Pages.sheet("falconer", "A", List.of(), ""));
        sheets.add(Pages.sheet(
                "tailor", "n".repeat(200), List.of(Pages.service("Hem & <b>more</b>", "on request")), "24/7"));
        sheets.add(Pages.sheet("plumber", "مقهى القطط 🐈", sixty, "Mon by appointment; Fri 18:00-01:00"));
        sheets.add(Pages.sheet(
                "barber",
                "Marl & Meadow",
                List.of(Pages.service("x".repeat(90), "£40–60"), Pages.service("Shave", "free")),
                "Mon-Fri 9-12 and 1-5"));
        return Stream.concat(
                Stream.of("ashlatch", "wren-and-tindle", "bellkite").map(Pages::brief),
                sheets.stream().map(Pages::brief));
    }

    private static Document page(Brief brief, long seed) {
        return Jsoup.parse(Pages.html(brief, seed, LIVE));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void speaksAmericanWhereTheBusinessIs(long seed) {
        Document page = page(
                Pages.brief(Pages.sheet("chimney sweep", "Gull & Co", List.of(), "Mon-Fri 9am-5pm")
                        .withRegion("US")),
                seed);
        assertThat(page.select("html").attr("lang")).isEqualTo("en-US");
        assertThat(page.body().text()).doesNotContainPattern("(?i)\\b(ring|colour|neighbour|by mail)\\b");
    }

    @Test
    void isCheckedByACheckerThatFindsMistakes() {
        assertThat(HtmlCheck.findings("<!doctype html><title>x</title><p id=a><p id=a><img src=x>"))
                .hasSizeGreaterThan(2);
    }

    @ParameterizedTest
    @MethodSource("businesses")
    void isValidHtml(Brief brief) {
        for (long seed = 1; seed <= 4; seed++) {
            assertThat(HtmlCheck.findings(Pages.html(brief, seed, LIVE)))
                    .as("seed " + seed)
                    .isEmpty();
        }
        assertThat(HtmlCheck.findings(Pages.html(brief, 1, Target.folder()))).isEmpty();
        assertThat(HtmlCheck.findings(Pages.html(brief, 1, Target.preview()))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("businesses")
    void carriesNoInlineStyleOrScript(Brief brief) {
        Document page = page(brief, 1);
        assertThat(page.select("[style]")).isEmpty();
        assertThat(page.select("script:not([src])").eachAttr("type"))
                .allMatch(type -> type.equals("application/ld+json") || type.equals("application/json"));
        assertThat(page.getAllElements().stream().flatMap(element -> element.attributes().asList().stream()))
                .noneMatch(attribute -> attribute.getKey().startsWith("on"));
    }

    @ParameterizedTest
    @MethodSource("businesses")
    void leadsNowhereThatIsNotThere(Brief brief) {
        for (Target target : List.of(LIVE, Target.folder())) {
            List<RenderedFile> files = Pages.files(brief, 2, target);
            Set<String> paths = files.stream().map(RenderedFile::path).collect(Collectors.toSet());
            Document page = Jsoup.parse(files.get(0).text());
            for (Element link : page.select("[href], [src]")) {
                String to = link.hasAttr("href") ? link.attr("href") : link.attr("src");
                if (to.startsWith("#")) {
                    assertThat(page.getElementById(to.substring(1))).as(to).isNotNull();
                } else if (!to.matches("(tel|mailto|geo|https?):.*") && !to.equals("./")) {
                    // Where pages are served they are asked for without their ending.
                    assertThat(paths).containsAnyOf(to, to + ".html");
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("businesses")
    void hasOneHeadingOfTheFirstRankAndLabelsForEveryField(Brief brief) {
        Document page = page(brief, 3);
        assertThat(page.select("h1")).hasSize(1);
        assertThat(page.select("h1").text()).isNotBlank();
        assertThat(page.select("main section")).isNotEmpty();
        for (Element field : page.select("form input:not([type=hidden]), form textarea, form select")) {
            assertThat(page.select("label[for=" + field.id() + "]"))
                    .as(field.id())
                    .hasSize(1);
        }
        assertThat(page.select("img:not([alt])")).isEmpty();
        List<String> ids = page.select("[id]").eachAttr("id");
        assertThat(ids).doesNotHaveDuplicates();
    }

    @Test
    void canBeCalledFromTheFirstScreenOfAPhoneAndFromItsFoot() {
        Document page = page(Pages.brief("ashlatch"), 1);
        assertThat(page.select("#opening a[href=tel:+441174960142]")).isNotEmpty();
        assertThat(page.select(".callbar a[href=tel:+441174960142]")).hasSize(1);
        assertThat(page.select(".callbar a[href=#enquiry]")).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"CALL", "BOOK", "WRITE", "VISIT"})
    void putsTheDoorOfTheGoalFirst(String goal) {
        Document page = page(Pages.brief("wren-and-tindle").withGoal(Goal.of(goal)), 1);
        String first = page.select("#opening .acts a").first().attr("href");
        assertThat(first).isEqualTo(goal.equals("CALL") || goal.equals("VISIT") ? "tel:+441174960388" : "#enquiry");
    }

    @Test
    void showsOnlyWhatIsKnown() {
        Document page = page(Pages.brief("ashlatch"), 1);
        assertThat(page.select(".rates li")).hasSize(5);
        assertThat(page.select(".rates li").last().text()).isEqualTo("5 Nest removal");
        assertThat(page(Pages.brief(Pages.sheet("falconer", "A", List.of(), "")), 1)
                        .text())
                .doesNotContain("£", "Open now");
    }

    @Test
    void isTheSameEveryTime() {
        assertThat(Pages.html(Pages.brief("ashlatch"), 9, LIVE))
                .isEqualTo(Pages.html(Pages.brief("ashlatch"), 9, LIVE));
    }

    @Test
    @Tag("long")
    void drawsEveryTradeWithoutFailing() {
        TradeCatalogue.shipped().all().forEach(trade -> {
            Brief brief = Pages.brief(Pages.sheet(
                    trade.id().equals("general") ? "falconer" : trade.name(),
                    "Tolver",
                    List.of(Pages.service("One", "5"), Pages.service("Two", ""), Pages.service("Three", "")),
                    "daily 9-5"));
            for (long seed = 0; seed < 6; seed++) {
                assertThat(Jsoup.parse(Pages.html(brief, seed, LIVE)).select("#services li"))
                        .hasSize(3);
            }
        });
    }

    @Nested
    class Weight {
        private int gzipped(byte[] bytes) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
                gzip.write(bytes);
            } catch (IOException e) {
                throw new AssertionError(e);
            }
            return out.size();
        }

        @ParameterizedTest
        @MethodSource("ostium.render.SiteRendererTest#businesses")
        void staysWithinSixtyKilobytesAndEightyOfFonts(Brief brief) {
            List<RenderedFile> files = Pages.files(brief, 1, LIVE);
            int code = files.stream()
                    .filter(file -> file.path().matches("index\\.html|.*\\.(css|js)"))
                    .mapToInt(file -> gzipped(file.bytes()))
                    .sum();
            assertThat(code).isLessThan(60 * 1024);
            int fonts = files.stream()
                    .filter(file ->
                            file.path().endsWith("woff2") && !file.path().contains("latin-ext"))
                    .mapToInt(file -> file.bytes().length)
                    .sum();
            assertThat(fonts).isLessThan(80 * 1024);
        }
    }

    @Nested
    class AFolder {
        @Test
        void hasAMailLinkForItsForm() {
            Document page = Jsoup.parse(Pages.html(Pages.brief("ashlatch"), 1, Target.folder()));
            assertThat(page.select("form")).isEmpty();
            assertThat(page.select("#enquiry a.send").attr("href")).isEqualTo("mailto:ada@ashlatch.example");
        }

        @Test
        void hasOnlyRelativeLinksToItsOwnFiles() {
            List<RenderedFile> files = Pages.files(Pages.brief("ashlatch"), 1, Target.folder());
            assertThat(files).allSatisfy(file -> {
                if (file.contentType().startsWith("text/")) {
                    assertThat(file.text()).doesNotContain("=\"/", "url(/");
                }
            });
        }
    }

    @Nested
    class AFormThatIsNotRight {
        @Test
        void isShownWithWhatWasTypedAndWhatIsWrong() {
            Brief brief = Pages.brief("ashlatch");
            String form = SiteRenderer.shipped()
                    .forms(brief, Drafter.draft(brief, new Seed(1)), LIVE)
                    .get(0)
                    .page();
            String html = FormPage.filled(
                    form,
                    Map.of("name", List.of("\"><script>x"), "service", List.of("Stove service")),
                    Map.of("reach", "Leave a number."),
                    "One field needs a look.");
            assertThat(HtmlCheck.findings(html)).isEmpty();
            Document page = Jsoup.parse(html);
            assertThat(page.select("#enquiry-name").val()).isEqualTo("\"><script>x");
            assertThat(page.select("#enquiry-service option[selected]").text()).isEqualTo("Stove service");
            assertThat(page.select("#enquiry-reach").attr("aria-invalid")).isEqualTo("true");
            assertThat(page.select("#enquiry-reach-fault:not([hidden])").text()).isEqualTo("Leave a number.");
            assertThat(page.select(".fld.bad")).hasSize(1);
            assertThat(page.select("[data-faults]").text()).isEqualTo("One field needs a look.");
            assertThat(page.select("meta[name=robots]").attr("content")).isEqualTo("noindex");
        }

        /** It is shown at the address messages are sent to, where relative links would lead nowhere. */
        @Test
        void findsItsFilesAndPagesFromWhereverItIsShown() {
            Brief brief = Pages.brief("ashlatch").withExtent(Extent.FEW);
            Document page = Jsoup.parse(SiteRenderer.shipped()
                    .forms(brief, Drafter.draft(brief, new Seed(1)), LIVE)
                    .get(0)
                    .page());
            assertThat(page.select("link[href][rel=stylesheet], link[rel=preload], script[src]"))
                    .isNotEmpty()
                    .allSatisfy(file ->
                            assertThat(file.attr("href") + file.attr("src")).startsWith("/"));
            assertThat(page.select("nav a, a.brand"))
                    .allSatisfy(link -> assertThat(link.attr("href")).matches("(/.*|tel:.*|mailto:.*)"));
        }
    }
}
