package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** The owner's pictures and files on the page: in sizes, with words, and every one of them named. */
class PicturesTest {
    private static final String HASH = "5a".repeat(32);

    private static TypedRow picture(String use, String size, String... more) {
        Map<String, String> lines = new java.util.HashMap<>(
                Map.of("file", HASH + " jpeg " + size + " 90000", "use", use, "alternative", "A swept <hearth>"));
        for (int i = 0; i < more.length; i += 2) {
            lines.put(more[i], more[i + 1]);
        }
        return new TypedRow("picture", use, lines);
    }

    private record Drawn(Brief brief, Draft draft, List<RenderedFile> files) {
        Document page() {
            return Jsoup.parse(files.get(0).text());
        }

        List<String> named() {
            List<String> named = new ArrayList<>();
            for (Element element : page().select("[src], [srcset], link[rel=icon], .files a")) {
                for (String name : List.of("src", "srcset", "href")) {
                    for (String each : element.attr(name).split(",\\s*")) {
                        String path = each.split(" ")[0];
                        if (path.startsWith("pictures/") || path.startsWith("files/")) {
                            named.add(path);
                        }
                    }
                }
            }
            return named;
        }
    }

    private static Drawn drawn(long seed, TypedRow... rows) {
        TypedSheet sheet = Pages.demo("ashlatch").withRows(List.of(rows));
        Brief brief = Pages.brief(sheet);
        return new Drawn(
                brief,
                Drafter.draft(brief, new Seed(seed)),
                Pages.files(brief, seed, Target.published("https://a.example/")));
    }

    @ParameterizedTest
    @CsvSource({"1", "2", "3", "4", "5", "6"})
    void everyFileThePageNamesIsOneThatIsKept(long seed) {
        Drawn drawn = drawn(
                seed,
                picture("opening", "1600x1000", "focus", "20,80"),
                picture("logo", "900x300"),
                picture("icon", "300x300"),
                picture("work", "800x600"),
                new TypedRow(
                        "document", "list", Map.of("file", HASH + " pdf 2 140000", "title", "Price list & terms")));

        assertThat(drawn.named()).isNotEmpty();
        assertThat(HtmlCheck.findings(drawn.files().get(0).text())).isEmpty();
        assertThat(SiteRenderer.shipped().keptFiles(drawn.brief(), drawn.draft()))
                .extracting(KeptFile::path)
                .containsAll(drawn.named())
                .doesNotHaveDuplicates();
    }

    @Test
    void theOpeningShowsItInSizesWithItsWordsAndItsMiddle() {
        Drawn drawn = drawn(1, picture("opening", "1600x1000", "focus", "22,78", "credit", "Photo: Piet Marrow"));
        Element image =
                drawn.page().select("#opening img, .open img, .bill img").first();

        assertThat(image).isNotNull();
        assertThat(image.attr("alt")).isEqualTo("A swept <hearth>");
        assertThat(image.attr("width")).isEqualTo("1600");
        assertThat(image.attr("srcset")).contains(" 320w", " 1280w", " 1600w").doesNotContain("webp");
        assertThat(image.parent().select("source").attr("srcset")).contains("webp 640w");
        assertThat(image.classNames()).contains("at-20-80");
        assertThat(drawn.page().text()).contains("Photo: Piet Marrow");
        String css = drawn.files().stream()
                .filter(file -> file.path().endsWith(".css"))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(css).contains("img.at-20-80{object-position:20% 80%}");
        assertThat(drawn.files()).extracting(RenderedFile::path).noneMatch(path -> path.startsWith("scene"));
        assertThat(drawn.page().select("meta[property=og:image]").attr("content"))
                .startsWith("https://a.example/pictures/1600.");
    }

    @Test
    void decorationIsSilent() {
        Drawn drawn = drawn(1, picture("opening", "1600x1000", "decoration", "yes"));
        assertThat(drawn.page().select("img.photo").attr("alt")).isEmpty();
    }

    @Test
    void aSquareLogoStandsBesideTheNameAndAWideOneIsTheName() {
        Document square = drawn(1, picture("logo", "300x300")).page();
        assertThat(square.select(".logo img").attr("alt")).isEmpty();
        assertThat(square.select(".brand .name").text()).contains("Ashlatch");

        Document wide = drawn(1, picture("logo", "900x300")).page();
        assertThat(wide.select(".logo img").attr("alt")).isEqualTo("Ashlatch Chimney Care");
        assertThat(wide.select(".brand .name")).isEmpty();
    }

    @Test
    void aPageWithoutPicturesIsDrawnAsBefore() {
        Drawn drawn = drawn(1);
        assertThat(drawn.named()).isEmpty();
        assertThat(SiteRenderer.shipped().keptFiles(drawn.brief(), drawn.draft()))
                .isEmpty();
        assertThat(drawn.page().select(".mark svg")).isNotEmpty();
    }

    @Test
    void whereItStandsIsCounted() {
        TypedSheet sheet = Pages.demo("ashlatch")
                .withRows(List.of(
                        picture("opening", "1600x1000"),
                        picture("icon", "300x300", "turn", "90"),
                        picture("work", "640x480", "turn", "180"),
                        new TypedRow("document", "list", Map.of("file", HASH + " pdf 2 140000", "title", "Prices"))));
        Brief brief = Pages.brief(sheet);
        Map<String, FactUses.Use> uses = FactUses.of(brief, Drafter.draft(brief, new Seed(1)));

        assertThat(uses.get("picture/opening").places()).isEqualTo(1);
        assertThat(uses.get("picture/icon").parts()).containsExactly("the tab of the browser");
        assertThat(uses.get("document/list").places()).isEqualTo(1);
        assertThat(uses.get("picture/work").parts()).containsExactly("Gallery");
    }
}
