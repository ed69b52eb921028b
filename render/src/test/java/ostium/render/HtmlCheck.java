package ostium.render;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import nu.validator.validation.SimpleDocumentValidator;
import nu.validator.xml.SystemErrErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;

/** The Nu HTML checker, in this process. */
final class HtmlCheck {
    private static final long STACK_BYTES = 64L << 20;

    private static SimpleDocumentValidator validator;

    private HtmlCheck() {}

    /** Errors and warnings of a page, with their lines; empty when there is nothing to say. */
    static synchronized List<String> findings(String html) {
        // It walks the grammar of HTML by recursion, deeper than any thread's stack is sure to hold.
        FutureTask<List<String>> findings = new FutureTask<>(() -> check(html));
        new Thread(null, findings, "html check", STACK_BYTES).start();
        try {
            return findings.get();
        } catch (InterruptedException | ExecutionException e) {
            throw new AssertionError("the checker did not come to its end", e);
        }
    }

    private static List<String> check(String html) throws Exception {
        List<String> findings = new ArrayList<>();
        SystemErrErrorHandler handler = new SystemErrErrorHandler() {
            @Override
            public void error(SAXParseException e) {
                findings.add("line " + e.getLineNumber() + ": " + e.getMessage());
            }

            @Override
            public void fatalError(SAXParseException e) {
                error(e);
            }

            @Override
            public void warning(SAXParseException e) {
                error(e);
            }
        };
        if (validator == null) {
            validator = new SimpleDocumentValidator();
            validator.setUpMainSchema("http://s.validator.nu/html5-rdfalite.rnc", new SystemErrErrorHandler());
        }
        validator.setUpValidatorAndParsers(handler, true, false);
        validator.checkHtmlInputSource(
                new InputSource(new ByteArrayInputStream(html.getBytes(StandardCharsets.UTF_8))));
        return findings;
    }
}
