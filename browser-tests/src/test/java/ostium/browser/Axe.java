package ostium.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.List;
import ostium.app.TestDatabase;

/** axe in the page: rules of WCAG 2.2 AA and its best practices. */
final class Axe {
    private static final String SCRIPT = script();

    private Axe() {}

    private static String script() {
        try {
            return Files.readString(TestDatabase.root().resolve("ui/node_modules/axe-core/axe.min.js"));
        } catch (IOException e) {
            throw new UncheckedIOException("axe-core is installed with the interface's packages", e);
        }
    }

    /** What axe finds, one line each: rule, element, why. The preview's frame is checked as a page of its own. */
    @SuppressWarnings("unchecked")
    static List<String> findings(Page page) {
        page.evaluate(SCRIPT);
        return (List<String>) page.evaluate("""
                async () => {
                  const result = await axe.run({ exclude: [['iframe']] }, {
                    runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
                    iframes: false
                  });
                  return result.violations.flatMap((v) =>
                    v.nodes.map((n) => `${v.id}: ${n.target.join(' ')}: ${n.failureSummary.replace(/\\s+/g, ' ')}`));
                }
                """);
    }
}
