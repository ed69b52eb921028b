package ostium.render;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nu.validator.validation.SimpleDocumentValidator;
import nu.validator.xml.SystemErrErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** The Nu HTML checker, in this process. */
final class HtmlCheck {
    private static SimpleDocumentValidator validator;

    private HtmlCheck() {}

    /** Errors and warnings of a page, with their lines; empty when there is nothing to say. */
    static synchronized List<String> findings(String html) {
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
        try {
            if (validator == null) {
                validator = new SimpleDocumentValidator();
                validator.setUpMainSchema("http://s.validator.nu/html5-rdfalite.rnc", new SystemErrErrorHandler());
            }
            validator.setUpValidatorAndParsers(handler, true, false);
            validator.checkHtmlInputSource(
                    new InputSource(new ByteArrayInputStream(html.getBytes(StandardCharsets.UTF_8))));
        } catch (IOException | SAXException e) {
            throw new AssertionError(e);
        } catch (Exception e) {
            throw new AssertionError("the checker could not be set up", e);
        }
        return findings;
    }
}
