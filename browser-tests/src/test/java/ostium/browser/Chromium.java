package ostium.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import ostium.app.RunningOstium;

/** Debian's headless Chromium, started once, at the application under test. */
final class Chromium {
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private static final Browser BROWSER = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setHeadless(true)
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    static {
        // A machine with two cores that does other things too answers late; what never comes fails all the same.
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    }

    private Chromium() {}

    /** Widths and heights people have. */
    enum Screen {
        LAPTOP(1280, 800),
        PHONE(390, 844);

        final int width;
        final int height;

        Screen(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    static String editor() {
        return "http://localhost:" + RunningOstium.get().port();
    }

    static String site(String name) {
        return "http://" + name + ".localhost:" + RunningOstium.get().port();
    }

    /**
     * A visitor's browser, to which scripts come or do not. They are refused on their way: the timers of a page whose scripts
     * are turned off cannot be relied on, and a press that waits for a moving thing may wait for ever.
     */
    static BrowserContext context(Screen screen, ColorScheme scheme, boolean script) {
        BrowserContext context = context(options(screen, scheme));
        if (!script) {
            context.route(Pattern.compile("\\.js(\\?|$)"), Route::abort);
        }
        return context;
    }

    /** A phone whose scripts are turned off altogether, for tests that read and use the keyboard. */
    static BrowserContext scriptTurnedOff() {
        return context(options(Screen.PHONE, ColorScheme.LIGHT).setJavaScriptEnabled(false));
    }

    private static Browser.NewContextOptions options(Screen screen, ColorScheme scheme) {
        return new Browser.NewContextOptions()
                .setViewportSize(screen.width, screen.height)
                .setColorScheme(scheme)
                .setLocale("en-GB");
    }

    private static BrowserContext context(Browser.NewContextOptions options) {
        RunningOstium.get();
        BrowserContext context = BROWSER.newContext(options);
        NothingInTheConsole.listen(context);
        return LastSeen.of(context);
    }

    /** A laptop in the United States. */
    static BrowserContext american() {
        return context(options(Screen.LAPTOP, ColorScheme.LIGHT).setLocale("en-US"));
    }

    static BrowserContext context(Screen screen) {
        return context(screen, ColorScheme.LIGHT, true);
    }

    /** Everything the browser complained about on a page: errors of scripts, refused styles, failed requests. */
    static List<String> complaints(Page page) {
        List<String> complaints = new ArrayList<>();
        page.onPageError(complaints::add);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().contains("the server responded with a status of")) {
                complaints.add(message.text());
            }
        });
        return complaints;
    }
}
