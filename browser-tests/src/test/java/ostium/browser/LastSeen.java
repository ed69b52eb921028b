package ostium.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Response;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestWatcher;

/** What a failed browser test saw last: the words of its pages as they were closed, and what the server had answered. */
public final class LastSeen implements BeforeEachCallback, TestWatcher {
    private static final int ANSWERS = 40;
    private static final int WORDS = 3_000;

    private static final List<String> ANSWERED = new CopyOnWriteArrayList<>();
    private static final List<String> PAGES = new CopyOnWriteArrayList<>();

    /** The same context, whose pages are looked at before it closes. */
    static BrowserContext of(BrowserContext context) {
        context.onResponse(LastSeen::answered);
        context.onRequestFailed(request -> ANSWERED.add("none " + request.method() + " " + request.url()));
        return (BrowserContext) Proxy.newProxyInstance(
                LastSeen.class.getClassLoader(), new Class<?>[] {BrowserContext.class}, (proxy, method, arguments) -> {
                    if (method.getName().equals("close")) {
                        context.pages().forEach(LastSeen::closing);
                    }
                    try {
                        return method.invoke(context, arguments);
                    } catch (InvocationTargetException thrown) {
                        throw thrown.getCause();
                    }
                });
    }

    private static void answered(Response response) {
        if (response.url().contains("/api/")) {
            ANSWERED.add(response.status() + " " + response.request().method() + " " + response.url());
        }
    }

    private static void closing(Page page) {
        try {
            String words = String.valueOf(page.evaluate("() => document.body?.innerText"));
            PAGES.add(page.url() + "\n" + words.substring(0, Math.min(WORDS, words.length())));
        } catch (PlaywrightException gone) {
            PAGES.add(page.url() + "\n(" + gone.getMessage() + ")");
        }
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        ANSWERED.clear();
        PAGES.clear();
    }

    @Override
    public void testFailed(ExtensionContext context, Throwable cause) {
        List<String> answers = List.copyOf(ANSWERED);
        System.err.printf(
                "%s%n-- the last answers%n%s%n-- the pages%n%s%n",
                context.getDisplayName(),
                String.join("\n", answers.subList(Math.max(0, answers.size() - ANSWERS), answers.size())),
                String.join("\n--\n", PAGES));
    }
}
