package ostium.app.web;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import ostium.core.base.Messages;

/** Something that cannot be done as asked; the message is shown to the owner, at the field it is about. */
public class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final Messages WORDS = Messages.of("problem");
    private static final Duration AFTER_TOO_MANY = Duration.ofMinutes(1);
    private static final long SECONDS_IN_WORDS = 90;

    private final HttpStatus status;
    private final String field;
    private final Map<String, String> faults = new LinkedHashMap<>();
    private final Duration wait;

    /**
     * @param field what it is about, as the interface calls it; empty for the whole
     * @param key of {@code messages/en/problem.properties}
     */
    public Problem(HttpStatus status, String field, String key, Object... gaps) {
        this(WORDS.say(key, gaps), status, field, Duration.ZERO);
    }

    private Problem(String words, HttpStatus status, String field, Duration wait) {
        super(words);
        this.status = status;
        this.field = field;
        this.wait = wait;
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
        return new Problem(words, status, field, Duration.ZERO);
    }

    /** As {@link #worded(HttpStatus, String, String)}, for what was typed wrong. */
    public static Problem worded(String field, String words) {
        return new Problem(words, HttpStatus.UNPROCESSABLE_CONTENT, field, Duration.ZERO);
    }

    /** For what is not there, and just the same for what is somebody else's. */
    public static Problem notFound() {
        return new Problem(HttpStatus.NOT_FOUND, "", "nothingHere");
    }

    public static Problem at(String field, String key, Object... gaps) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, field, key, gaps);
    }

    public static Problem tooMany() {
        return new Problem(WORDS.say("tooOften"), HttpStatus.TOO_MANY_REQUESTS, "", AFTER_TOO_MANY);
    }

    /**
     * For what can be done in a while.
     *
     * @param key of words with the number of seconds, or of minutes for more than one: {@code key.seconds}, {@code key.minutes}
     */
    public static Problem wait(Duration wait, String key) {
        long seconds = Math.max(1, wait.plusMillis(999).toSeconds());
        String words = seconds <= SECONDS_IN_WORDS
                ? WORDS.say(key + ".seconds", seconds)
                : WORDS.say(key + ".minutes", (seconds + 59) / 60);
        return new Problem(words, HttpStatus.TOO_MANY_REQUESTS, "", Duration.ofSeconds(seconds));
    }

    public HttpStatus status() {
        return status;
    }

    /** After how long it can be asked again; zero where that is not known. */
    public Duration retryAfter() {
        return wait;
    }

    public String field() {
        return field;
    }

    /** What is wrong with each field that is wrong. */
    public Map<String, String> faults() {
        return Map.copyOf(faults);
    }
}
