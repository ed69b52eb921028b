package ostium.core.list;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import ostium.core.base.Messages;
import ostium.core.fact.EmailAddress;

/**
 * A list of people as another program has written it: a table with their addresses, with a line of headings or without.
 *
 * @param people each address once, in order
 * @param faults lines that could not be taken, and why
 * @see <a href="https://www.rfc-editor.org/rfc/rfc4180">RFC 4180</a>
 */
public record ListFile(List<Person> people, List<Fault> faults) {
    /** Most people one file may bring. */
    public static final int MOST = 20_000;

    /** Most characters of a name. */
    public static final int LONGEST_NAME = 120;

    private static final Messages WORDS = Messages.of("list");
    private static final String MARKS = ",;\t";
    private static final int NONE = -1;

    /** Somebody of the file; the name may be empty. */
    public record Person(String email, String name) {}

    /** @param line number of the line, from 1 */
    public record Fault(long line, String says) {}

    /** Which column holds what. */
    private record Columns(int email, int name) {}

    /** Reads a table; never throws, whatever it is. */
    public static ListFile read(String text) {
        List<CSVRecord> rows = rows(text.startsWith("\uFEFF") ? text.substring(1) : text);
        if (rows.isEmpty()) {
            return new ListFile(List.of(), List.of(new Fault(1, WORDS.say("file.empty"))));
        }
        boolean hasHead = rows.get(0).stream().noneMatch(cell -> cell.contains("@"));
        Columns columns = hasHead ? named(rows.get(0)) : found(rows.get(0));
        if (columns.email() == NONE) {
            return new ListFile(List.of(), List.of(new Fault(1, WORDS.say("file.noAddresses"))));
        }
        Map<String, Person> people = new LinkedHashMap<>();
        List<Fault> faults = new ArrayList<>();
        for (CSVRecord row : rows.subList(hasHead ? 1 : 0, rows.size())) {
            if (people.size() == MOST) {
                faults.add(new Fault(row.getRecordNumber(), WORDS.say("file.many", MOST)));
                break;
            }
            take(row, columns, people, faults);
        }
        return new ListFile(List.copyOf(people.values()), faults);
    }

    private static void take(CSVRecord row, Columns columns, Map<String, Person> people, List<Fault> faults) {
        String typed = cell(row, columns.email());
        if (typed.isEmpty() && row.stream().allMatch(String::isBlank)) {
            return;
        }
        String name = cell(row, columns.name());
        EmailAddress.read(typed)
                .value()
                .ifPresentOrElse(
                        address -> {
                            if (name.length() > LONGEST_NAME) {
                                faults.add(new Fault(row.getRecordNumber(), WORDS.say("file.name", LONGEST_NAME)));
                            } else {
                                people.putIfAbsent(
                                        address.value().toLowerCase(Locale.ROOT), new Person(address.value(), name));
                            }
                        },
                        () -> faults.add(new Fault(
                                row.getRecordNumber(),
                                typed.isEmpty() ? WORDS.say("file.none") : WORDS.say("file.address", cut(typed)))));
    }

    private static String cell(CSVRecord row, int column) {
        // A spreadsheet that was told not to run a cell marks it so.
        return column == NONE || column >= row.size()
                ? ""
                : row.get(column).strip().replaceFirst("^'(?=[=+@-])", "");
    }

    private static String cut(String typed) {
        return typed.length() > 60 ? typed.substring(0, 60) + "…" : typed;
    }

    private static Columns named(CSVRecord head) {
        int email = NONE;
        int name = NONE;
        for (int at = head.size() - 1; at >= 0; at--) {
            String words = head.get(at).strip().toLowerCase(Locale.ROOT).replace("-", "");
            email = words.contains("mail") ? at : email;
            name = words.equals("name") || words.endsWith(" name") && !words.startsWith("company") ? at : name;
        }
        return new Columns(email, name);
    }

    private static Columns found(CSVRecord first) {
        int email = IntStream.range(0, first.size())
                .filter(at -> first.get(at).contains("@"))
                .findFirst()
                .orElse(NONE);
        int name = IntStream.range(0, first.size())
                .filter(at -> at != email)
                .findFirst()
                .orElse(NONE);
        return new Columns(email, name);
    }

    private static List<CSVRecord> rows(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(mark(text))
                .setIgnoreEmptyLines(true)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return parser.getRecords();
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            return List.of();
        }
    }

    /** What stands between cells: whichever comes most often in the first line. */
    private static char mark(String text) {
        String line = text.lines().findFirst().orElse("");
        return (char) MARKS.chars()
                .reduce((one, other) -> count(line, other) > count(line, one) ? other : one)
                .orElse(',');
    }

    private static long count(String line, int mark) {
        return line.chars().filter(each -> each == mark).count();
    }
}
