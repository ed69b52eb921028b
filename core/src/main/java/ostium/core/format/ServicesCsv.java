package ostium.core.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import ostium.core.fact.Fact;
import ostium.core.fact.Service;

/**
 * The services as a table: one a line, with headings, as spreadsheets open it.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc4180">RFC 4180</a>
 */
public final class ServicesCsv {
    /** The mark by which spreadsheets know UTF-8. */
    private static final String MARK = "\uFEFF";

    private ServicesCsv() {}

    /** @return the table with its byte order mark; price as it is said, minutes as a number */
    public static String write(List<Fact<Service>> services) {
        StringBuilder table = new StringBuilder(MARK);
        try (CSVPrinter printer = new CSVPrinter(
                table,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader("service", "summary", "price", "minutes")
                        .get())) {
            for (Fact<Service> fact : services) {
                Service service = fact.value();
                printer.printRecord(
                        service.name(),
                        service.summary(),
                        service.price() == null ? "" : service.price().say(),
                        service.minutes() == null ? "" : service.minutes());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table.toString();
    }
}
