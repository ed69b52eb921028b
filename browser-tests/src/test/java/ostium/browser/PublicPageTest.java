package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.app.Browserlike;
import tools.jackson.databind.JsonNode;

/** The page keeps its shape with little, much and odd to say, at every width. */
class PublicPageTest {
    private static final List<Map<String, Object>> BUSINESSES = List.of(
            business("falconer", "A", Map.of()),
            business("tailor", "n".repeat(200), Map.of("hours", "24/7")),
            business(
                    "plumber",
                    "Donaudampfschifffahrtsgesellschaftskapitän & Söhne Wartungsdienst",
                    Map.of("services", services(60))),
            business(
                    "hairdresser",
                    "مقهى القطط 🐈",
                    Map.of(
                            "place",
                            "2 Sail Street, Tolver QH4 1AA",
                            "services",
                            services(4),
                            "hours",
                            "Fri 18:00-01:00")),
            business(
                    "barber",
                    "<script>alert(1)</script>",
                    Map.of("services", services(7), "words", "A long story. ".repeat(120))));

    private static Map<String, Object> business(String trade, String name, Map<String, Object> more) {
        Map<String, Object> sheet = new java.util.HashMap<>(Browserlike.sheet(name));
        sheet.put("trade", trade);
        sheet.remove("hours");
        sheet.putAll(more);
        return sheet;
    }

    private static List<Map<String, Object>> services(int number) {
        return IntStream.range(0, number)
                .mapToObj(i -> Map.<String, Object>of(
                        "name",
                                i == 1
                                        ? "A service with a name of quite some length, as owners do write"
                                        : "Service " + i,
                        "price", i % 3 == 0 ? "on request" : "from " + (i + 10),
                        "minutes", "45"))
                .toList();
    }

    @ParameterizedTest(name = "{0} px")
    @ValueSource(ints = {320, 390, 761, 1061, 1280, 1600})
    void nothingOverflows(int width) {
        Browserlike owner = Browserlike.fresh();
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            page.setViewportSize(width, 900);
            for (Map<String, Object> sheet : BUSINESSES) {
                for (int seed : new int[] {1, 4}) {
                    sheet.put("seed", seed);
                    JsonNode site = owner.site(sheet);
                    page.navigate(site.path("preview").asString());
                    String what = sheet.get("trade") + ", seed " + seed;
                    assertThat(overflowing(page)).as(what).isEmpty();
                    Object wider = page.evaluate("document.scrollingElement.scrollWidth - window.innerWidth");
                    assertThat(((Number) wider).intValue()).as(what).isLessThanOrEqualTo(0);
                    assertThat(page.locator("h1").count()).isEqualTo(1);
                }
            }
        }
    }

    /** Elements whose words stick out of them. What is meant to be cut (the large name at the foot) is left out. */
    @SuppressWarnings("unchecked")
    private static List<String> overflowing(Page page) {
        return (List<String>) page.evaluate("""
                () => [...document.querySelectorAll('h1, h2, h3, p, dt, dd, a, li, label, .nm, .pr, .name, .btn span')]
                  .filter((e) => e.offsetParent && !e.closest('.big, .skip, .trap'))
                  .filter((e) => e.scrollWidth > e.clientWidth + 1 && getComputedStyle(e).display !== 'inline')
                  .map((e) => `${e.tagName}.${e.className}: ${e.textContent.trim().slice(0, 40)}`)
                """);
    }
}
