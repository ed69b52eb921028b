package ostium.core.cases;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading;

/**
 * A table of words with what a careful person reads in them: tab-separated, lines that begin with {@code #} are comments. What is
 * expected is a value, {@code ASK} or {@code ERR}, or several of them apart by {@code ||}; a value that ends in {@code !} comes with
 * a remark.
 */
final class Cases {
    private static final Pattern REPEATED = Pattern.compile("([0-9]+)\\*(\\(space\\)|&amp;|\\S)");

    private Cases() {}

    /** What came of reading one row. */
    enum Outcome {
        RIGHT,
        /** Asked or refused where a value could have been read: a nuisance, never wrong. */
        NOT_READ,
        /** A value that nobody meant, and nobody is asked about. */
        WRONG,
        THROWN
    }

    /** A row with what came of it. */
    record Came(Outcome outcome, String row, String answer) {
        @Override
        public String toString() {
            return outcome + ": " + row + " → " + answer;
        }
    }

    static List<List<String>> rows(String file) {
        try (InputStream in = Cases.class.getResourceAsStream("/ostium/cases/" + file + ".tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(line -> List.of(line.split("\t", -1)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(file, e);
        }
    }

    /** Words as they were typed: line ends, tabs and repeats written out. */
    static String typed(String cell) {
        Matcher repeats = REPEATED.matcher(cell.replace("\\n", "\n").replace("\\t", "\t"));
        return repeats.replaceAll(found -> Matcher.quoteReplacement(
                found.group(2).replace("(space)", " ").repeat(Integer.parseInt(found.group(1)))));
    }

    /**
     * Reads a row and holds it against what is expected.
     *
     * @param read what is answered: a value, with {@code !} behind it where there is a remark, {@code ASK} or {@code ERR}
     */
    static Came held(List<String> row, String expected, Function<List<String>, String> read) {
        String answer;
        try {
            answer = read.apply(row);
        } catch (RuntimeException e) {
            return new Came(Outcome.THROWN, String.join(" | ", row), e.toString());
        }
        boolean right =
                Arrays.stream(expected.split(" \\|\\| ")).map(String::strip).anyMatch(one -> agrees(one, answer));
        boolean silent = !answer.equals("ASK") && !answer.equals("ERR");
        return new Came(
                right ? Outcome.RIGHT : silent ? Outcome.WRONG : Outcome.NOT_READ, String.join(" | ", row), answer);
    }

    /** A remark that nobody asked for does no harm; one that is wanted must be there. */
    private static boolean agrees(String expected, String answer) {
        boolean question = answer.equals("ASK") || answer.equals("ERR");
        if (question) {
            return expected.equals("ASK") || expected.equals("ERR");
        }
        return expected.endsWith("!")
                ? answer.equals(expected)
                : answer.equals(expected) || answer.equals(expected + "!");
    }

    /** A reading as {@link #held} takes it. */
    static <T> String say(Reading<T> reading, Function<T, String> value) {
        if (reading instanceof Reading.Understood<T> understood) {
            return value.apply(understood.meaning()) + (understood.remarks().isEmpty() ? "" : "!");
        }
        return reading instanceof Reading.Unclear<T> ? "ASK" : "ERR";
    }
}
