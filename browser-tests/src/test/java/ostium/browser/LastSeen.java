package ostium.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;
import org.opentest4j.TestAbortedException;

/**
 * What a failed browser test saw last, said in its failure: what the server had answered and what it had not, and the words
 * of the pages as they were closed.
 */
public final class LastSeen implements BeforeEachCallback, TestExecutionExceptionHandler {
    private static final int ANSWERS = 30;
    private static final int WORDS = 1_200;

    private static final List<String> ANSWERED = new CopyOnWriteArrayList<>();
    private static final Set<Request> ON_THEIR_WAY = ConcurrentHashMap.newKeySet();
    private static final List<String> PAGES = new CopyOnWriteArrayList<>();

    /** The same context, whose pages are looked at before it closes. */
    static BrowserContext of(BrowserContext context) {
        context.onRequest(ON_THEIR_WAY::add);
        context.onRequestFinished(ON_THEIR_WAY::remove);
        context.onResponse(LastSeen::answered);
        context.onRequestFailed(request -> {
            ON_THEIR_WAY.remove(request);
            ANSWERED.add(said("none", request));
        });
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
        // What a visitor sends too.
        if (response.url().contains("/api/") || !response.request().method().equals("GET")) {
            ANSWERED.add(said(String.valueOf(response.status()), response.request()));
        }
    }

    private static String said(String answer, Request request) {
        return "%s %s %s %s".formatted(LocalTime.now(), answer, request.method(), request.url());
    }

    private static void closing(Page page) {
        ON_THEIR_WAY.forEach(request -> ANSWERED.add(said("not yet", request)));
        ON_THEIR_WAY.clear();
        try {
            // With a limit: a page that is busy for ever must not take the whole suite along.
            String words = page.locator("body").innerText(new Locator.InnerTextOptions().setTimeout(3_000));
            PAGES.add(page.url() + "\n" + words.substring(0, Math.min(WORDS, words.length())));
        } catch (PlaywrightException gone) {
            PAGES.add(page.url() + "\n(" + gone.getMessage() + ")");
        }
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        ANSWERED.clear();
        ON_THEIR_WAY.clear();
        PAGES.clear();
    }

    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable cause) throws Throwable {
        if (cause instanceof TestAbortedException) {
            throw cause;
        }
        List<String> answers = List.copyOf(ANSWERED);
        AssertionError told = new AssertionError(
                "%s%n-- at %s, the last answers%n%s%n-- the pages%n%s%n"
                        .formatted(
                                cause.getMessage(),
                                LocalTime.now(),
                                String.join(
                                        "\n", answers.subList(Math.max(0, answers.size() - ANSWERS), answers.size())),
                                String.join("\n--\n", PAGES)),
                cause);
        told.setStackTrace(cause.getStackTrace());
        throw told;
    }
}
