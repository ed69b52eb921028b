package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Every browser test fails on an uncaught error, an error or a warning in the console of any of its pages. */
public final class NothingInTheConsole implements BeforeEachCallback, AfterEachCallback {
    /** What the browser itself says of answers and lost connections, which many tests bring about. */
    private static final List<String> OF_THE_WIRE =
            List.of("net::ERR_", "the server responded with a status of", "Failed to execute 'postMessage'");

    private static final List<String> COMPLAINTS = new CopyOnWriteArrayList<>();

    static void listen(BrowserContext context) {
        context.onWebError(error -> COMPLAINTS.add(error.error()));
        context.onConsoleMessage(message -> {
            boolean ofTheWire = OF_THE_WIRE.stream().anyMatch(message.text()::contains);
            if (!ofTheWire && List.of("error", "warning").contains(message.type())) {
                COMPLAINTS.add(message.type() + ": " + message.text());
            }
        });
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        COMPLAINTS.clear();
    }

    @Override
    public void afterEach(ExtensionContext context) {
        List<String> complaints = List.copyOf(COMPLAINTS);
        COMPLAINTS.clear();
        assertThat(complaints).as("the console").isEmpty();
    }
}
