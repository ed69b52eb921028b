package ostium.core.paste;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;
import ostium.core.base.TimeBudget;
import ostium.core.fact.Minutes;
import ostium.core.fact.Price;
import ostium.core.sheet.TypedSheet.TypedService;

/** Finds services in a table: comma, semicolon or tab apart, with or without a line of headings, in any order. */
final class ServicesTable implements Finder {
    private static final Messages WORDS = Messages.of("paste");

    private static final Map<String, Pattern> HEADINGS = Map.of(
            "name",
                    Pattern.compile("(?iu)name|service|services|treatment|item|description of service|leistung"
                            + "|bezeichnung|prestation|servicio|artikel|was"),
            "price",
                    Pattern.compile(
                            "(?iu)price|cost|charge|fee|amount|preis|kosten|prix|tarif|precio|price .*|preis .*|rate"),
            "minutes", Pattern.compile("(?iu)minutes|mins?|duration|time|length|how long|dauer|minuten|durée|duración"),
            "summary",
                    Pattern.compile(
                            "(?iu)summary|description|details?|notes?|about|beschreibung|beschrieb|descripción|info"),
            "unit", Pattern.compile("(?iu)unit|per|einheit|unité|unidad"),
            "currency", Pattern.compile("(?iu)currency|währung|devise|moneda"));
    private static final int MOST_ROWS = 500;

    private final String text;

    ServicesTable(String text) {
        this.text = text;
    }

    /** Whether a text is a table with a heading we know: two lines at least, the same separators in each. */
    static boolean looksLikeOne(String text) {
        List<String> lines =
                text.lines().filter(line -> !line.isBlank()).limit(12).toList();
        if (lines.size() < 2) {
            return false;
        }
        char separator = separator(text);
        long inFirst = lines.get(0).chars().filter(c -> c == separator).count();
        boolean even = inFirst > 0
                && lines.stream()
                        .allMatch(
                                line -> line.chars().filter(c -> c == separator).count() >= inFirst);
        boolean named = List.of(lines.get(0).split(Pattern.quote(String.valueOf(separator)))).stream()
                        .map(ServicesTable::heading)
                        .filter(cell -> HEADINGS.values().stream()
                                .anyMatch(heading -> heading.matcher(cell).matches()))
                        .count()
                >= 2;
        return even && named;
    }

    /** A heading without its unit: "Duration (min)", "Price in £". */
    private static String heading(String cell) {
        return cell.replace("\"", "")
                .toLowerCase(Locale.ROOT)
                .replaceFirst("\\s*(?:[(\\[].*|\\bin\\s+\\S+|[£$€])\\s*$", "")
                .strip();
    }

    private static char separator(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        long tabs = first.chars().filter(c -> c == '\t').count();
        long semicolons = first.chars().filter(c -> c == ';').count();
        long commas = first.chars().filter(c -> c == ',').count();
        return tabs > 0 && tabs >= semicolons ? '\t' : semicolons > 0 && semicolons >= commas ? ';' : ',';
    }

    @Override
    public Result find() {
        List<Found> found = new ArrayList<>();
        List<Span> aside = new ArrayList<>();
        String note = "";
        try (CSVParser parser = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator(text))
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setTrailingData(true)
                .setLenientEof(true)
                .get()
                .parse(new StringReader(text))) {
            Map<String, Integer> columns = null;
            String sign = "";
            int at = 0;
            List<CSVRecord> records = parser.getRecords();
            for (CSVRecord record : records) {
                TimeBudget.check();
                int from = (int) Math.min(record.getCharacterPosition(), text.length());
                at = Math.max(at, from);
                if (columns == null) {
                    columns = columns(record);
                    tellApart(columns, records);
                    if (columns.containsKey("heading")) {
                        aside.add(line(from));
                        sign = sign(record, columns);
                        continue;
                    }
                }
                if (found.size() >= MOST_ROWS) {
                    note = WORDS.say("servicesTable.many", MOST_ROWS);
                    break;
                }
                boolean named = columns.containsKey("heading");
                row(record, columns, sign)
                        .map(row -> Found.service(row, line(from), Sureness.SURE))
                        // Without a heading and a price a row may be anything: a customer, a day.
                        .map(each -> named || !each.service().price().isBlank() ? each : each.asked())
                        .ifPresent(found::add);
            }
        } catch (IOException | java.io.UncheckedIOException | IllegalStateException e) {
            note = WORDS.say("servicesTable.thisTableBreaksOffA");
        }
        if (found.isEmpty() && note.isEmpty()) {
            note = WORDS.say("servicesTable.thereIsNoRowWith");
        }
        return new Result(text, found, note, aside, true);
    }

    /** Which cell is what: by the headings, or the first words and the first price where there are none. */
    private static Map<String, Integer> columns(CSVRecord first) {
        Map<String, Integer> columns = new TreeMap<>();
        for (int i = 0; i < first.size(); i++) {
            String cell = heading(first.get(i));
            for (String name : List.of("name", "price", "minutes", "unit", "currency", "summary")) {
                if (HEADINGS.get(name).matcher(cell).matches() && !columns.containsValue(i)) {
                    columns.putIfAbsent(name, i);
                }
            }
        }
        if (columns.size() > 1 || columns.containsKey("name")) {
            if (!columns.containsKey("name") && columns.containsKey("summary")) {
                columns.put("name", columns.remove("summary"));
            }
            columns.putIfAbsent("name", 0);
            columns.put("heading", -1);
            return columns;
        }
        columns.clear();
        columns.put("name", 0);
        for (int i = 1; i < first.size(); i++) {
            String cell = first.get(i).strip();
            boolean minutes = cell.matches("(?i)[0-9]+ ?(?:min|mins|minutes|h|hrs?|hours?)");
            if (minutes) {
                columns.putIfAbsent("minutes", i);
            } else if (Price.read(PriceListFinder.price(cell), "GB").value().isPresent()) {
                columns.putIfAbsent("price", i);
            } else {
                columns.putIfAbsent("summary", i);
            }
        }
        return columns;
    }

    /**
     * A column we have no heading for belongs to the name where names repeat without it ("Maths" for two levels), and else to the
     * summary: no cell is left out.
     */
    private static void tellApart(Map<String, Integer> columns, List<CSVRecord> records) {
        int other = IntStream.range(0, records.get(0).size())
                .filter(i -> !columns.containsValue(i))
                .findFirst()
                .orElse(-1);
        if (other < 0 || !columns.containsKey("heading")) {
            return;
        }
        List<String> names =
                records.stream().skip(1).map(row -> cell(row, columns, "name")).toList();
        if (names.stream().distinct().count() < names.size()) {
            columns.put("kind", other);
        } else {
            columns.putIfAbsent("summary", other);
        }
    }

    /** The currency that stands in the heading of the prices, or nothing. */
    private static String sign(CSVRecord headings, Map<String, Integer> columns) {
        Integer at = columns.get("price");
        String heading = at == null || at >= headings.size() ? "" : headings.get(at);
        return heading.replaceAll("[^£$€]", "");
    }

    private static Optional<TypedService> row(CSVRecord record, Map<String, Integer> columns, String sign) {
        String kind = cell(record, columns, "kind");
        String called = cell(record, columns, "name");
        String name = kind.isEmpty() || called.isEmpty() ? called : called + ", " + kind;
        if (name.isEmpty() || name.length() > ostium.core.fact.Service.LONGEST_NAME) {
            return Optional.empty();
        }
        String price = PriceListFinder.price(cell(record, columns, "price"));
        String currency = cell(record, columns, "currency");
        String unit = cell(record, columns, "unit").replaceFirst("(?iu)^(?:per|pro|par|por)\\s+", "");
        if (!price.isEmpty() && !currency.isEmpty() && price.matches("[0-9.]+")) {
            price = price + " " + currency;
        }
        if (sign.length() == 1) {
            price = price.replaceFirst("^((?:from )?)([0-9])", "$1" + Matcher.quoteReplacement(sign) + "$2");
        }
        if (!price.isEmpty() && !unit.isEmpty() && !price.contains("per")) {
            price = price + " per " + unit;
        }
        String time = cell(record, columns, "minutes");
        String minutes = time.isEmpty()
                ? ""
                : Minutes.read(time).value().map(String::valueOf).orElse(time);
        return Optional.of(new TypedService("", "", name, cell(record, columns, "summary"), price, minutes));
    }

    private static String cell(CSVRecord record, Map<String, Integer> columns, String name) {
        Integer at = columns.get(name);
        return at == null || at < 0 || at >= record.size() ? "" : record.get(at).strip();
    }

    private Span line(int from) {
        int end = text.indexOf('\n', from);
        return new Span(from, end < 0 ? text.length() : end);
    }
}
