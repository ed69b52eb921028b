package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.draft.Drafter;

/** A site of a few pages: links between them, headings, and what search engines are told. */
class FewPagesTest {
    private static final Brief BRIEF = Pages.brief("ashlatch").withExtent(Extent.FEW);

    private static Map<String, Document> pages(Target target) {
        return SiteRenderer.shipped().render(BRIEF, Drafter.draft(BRIEF, new Seed(2)), target).stream()
                .filter(file -> file.path().endsWith(".html") && !file.path().equals("thanks.html"))
                .collect(Collectors.toMap(RenderedFile::path, file -> Jsoup.parse(file.text())));
    }

    static Stream<Target> targets() {
        return Stream.of(Target.folder(), Target.preview(), Target.published("http://ashlatch.localhost/"));
    }

    @ParameterizedTest
    @MethodSource("targets")
    void everyLinkBetweenPagesLeadsToAPageAndToAPlaceOnIt(Target target) {
        Map<String, Document> pages = pages(target);
        assertThat(pages).hasSizeGreaterThan(1).containsKey("index.html");
        pages.forEach((from, page) -> {
            for (Element link : page.select("a[href]")) {
                String href = link.attr("href");
                if (href.matches("(tel|mailto|sms|geo|https?):.*") || href.matches(".*\\.(pdf|svg)$")) {
                    continue;
                }
                String file = href.replaceFirst("#.*", "");
                String there = file.isEmpty()
                        ? from
                        : file.equals("./") ? "index.html" : file.replaceFirst("(\\.html)?$", ".html");
                assertThat(pages).as("%s from %s", href, from).containsKey(there);
                if (href.contains("#")) {
                    assertThat(pages.get(there).getElementById(href.replaceFirst(".*#", "")))
                            .as("%s from %s", href, from)
                            .isNotNull();
                }
            }
        });
    }

    @ParameterizedTest
    @MethodSource("targets")
    void everyPageHasOneHeadingATitleOfItsOwnAndMarksItselfInTheMenu(Target target) {
        Map<String, Document> pages = pages(target);
        pages.forEach((path, page) -> {
            assertThat(page.select("h1")).as(path).hasSize(1);
            assertThat(page.select("nav [aria-current=page]")).as(path).hasSize(path.equals("privacy.html") ? 0 : 1);
        });
        assertThat(pages.values().stream().map(Document::title).toList()).doesNotHaveDuplicates();
    }

    /** The page that says how messages are kept is none of the site's own: its menu leads to sections of another page. */
    @Test
    void besideAOnePageSiteTheMenuLeadsBackToIt() {
        Brief one = BRIEF.withExtent(Extent.ONE);
        Document privacy = Pages.files(one, 2, Target.published("http://ashlatch.localhost/")).stream()
                .filter(file -> file.path().equals("privacy.html"))
                .map(file -> Jsoup.parse(file.text()))
                .findFirst()
                .orElseThrow();
        assertThat(privacy.select("nav.nav a"))
                .isNotEmpty()
                .allSatisfy(link -> assertThat(link.attr("href")).startsWith("./#"));
    }

    @Test
    void onlyTheHomePageDescribesTheBusinessForMachines() {
        pages(Target.published("http://ashlatch.localhost/"))
                .forEach((path, page) -> assertThat(page.select("script[type=application/ld+json]"))
                        .as(path)
                        .hasSize(path.equals("index.html") ? 1 : 0));
    }

    @Test
    void allPagesStandInTheSiteMap() {
        List<RenderedFile> files = SiteRenderer.shipped()
                .render(BRIEF, Drafter.draft(BRIEF, new Seed(2)), Target.published("http://ashlatch.localhost/"));
        String map = files.stream()
                .filter(file -> file.path().equals("sitemap.xml"))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(map)
                .contains("<loc>http://ashlatch.localhost/</loc>", "<loc>http://ashlatch.localhost/contact</loc>");
    }
}
