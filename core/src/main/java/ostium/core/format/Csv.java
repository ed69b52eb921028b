package ostium.core.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A table as a file that spreadsheets open, harmless whatever somebody wrote into it.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc4180">RFC 4180</a>
 */
public final class Csv {
    /** The mark by which spreadsheets know UTF-8. */
    private static final String MARK = "\uFEFF";

    /** What makes a spreadsheet take a cell for a formula. */
    private static final String BEGINS_FORMULA = "=+-@\t\r";

    private Csv() {}

    /** @return the table with its byte order mark */
    public static String write(List<String> head, List<List<String>> rows) {
        StringBuilder table = new StringBuilder(MARK);
        try (CSVPrinter printer = new CSVPrinter(table, CSVFormat.RFC4180)) {
            printer.printRecord(head.stream().map(Csv::harmless).toList());
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(Csv::harmless).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table.toString();
    }

    /** A cell that would be run as a formula is shown as words: an apostrophe before it says so. A number stays one. */
    private static String harmless(String cell) {
        boolean formula = !cell.isEmpty() && BEGINS_FORMULA.indexOf(cell.charAt(0)) >= 0;
        return formula && !cell.matches("[-+][0-9 ().-]+") ? "'" + cell : cell;
    }
}
