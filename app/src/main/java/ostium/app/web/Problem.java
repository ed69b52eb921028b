package ostium.app.web;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import ostium.core.base.Messages;

/** Something that cannot be done as asked; the message is shown to the owner, at the field it is about. */
public class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final Messages WORDS = Messages.of("problem");

    private final HttpStatus status;
    private final String field;
    private final Map<String, String> faults = new LinkedHashMap<>();

    /**
     * @param field what it is about, as the interface calls it; empty for the whole
     * @param key of {@code messages/en/problem.properties}
     */
    public Problem(HttpStatus status, String field, String key, Object... gaps) {
        this(WORDS.say(key, gaps), status, field);
    }

    private Problem(String words, HttpStatus status, String field) {
        super(words);
        this.status = status;
        this.field = field;
        if (!field.isEmpty()) {
            faults.put(field, words);
        }
    }

    /**
     * Makes all checks, in the order of the fields, so that nobody is told of one after another.
     *
     * @throws Problem the first that was met, which speaks for all and knows the faults of the others
     */
    public static void checkAll(Runnable... checks) {
        Problem first = null;
        for (Runnable check : checks) {
            try {
                check.run();
            } catch (Problem problem) {
                if (first == null) {
                    first = problem;
                } else {
                    problem.faults.forEach(first.faults::putIfAbsent);
                }
            }
        }
        if (first != null) {
            throw first;
        }
    }

    /** With words that were found elsewhere, such as what a reader says of a line. */
    public static Problem worded(HttpStatus status, String field, String words) {
        return new Problem(words, status, field);
    }

    /** As {@link #worded(HttpStatus, String, String)}, for what was typed wrong. */
    public static Problem worded(String field, String words) {
        return new Problem(words, HttpStatus.UNPROCESSABLE_CONTENT, field);
    }

    /** For what is not there, and just the same for what is somebody else's. */
    public static Problem notFound() {
        return new Problem(HttpStatus.NOT_FOUND, "", "nothingHere");
    }

    public static Problem at(String field, String key, Object... gaps) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, field, key, gaps);
    }

    public static Problem tooMany() {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "", "tooOften");
    }

    public HttpStatus status() {
        return status;
    }

    public String field() {
        return field;
    }

    /** What is wrong with each field that is wrong. */
    public Map<String, String> faults() {
        return Map.copyOf(faults);
    }
}
