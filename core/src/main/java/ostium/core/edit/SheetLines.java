package ostium.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/**
 * The lines of a facts sheet by path: those of {@link Line} ({@code telephone}, {@code membership/number}); {@code
 * service/sweep/price} and {@code testimonial/t1/words}; {@code links} (one a line); {@code practice/certificate},
 * {@code denied/VISITS} and {@code hidden/email} ({@code yes} or nothing); {@code region} and {@code seed}.
 */
public final class SheetLines {

    private static final String YES = "yes";

    private SheetLines() {}

    /** Paths of all lines that stand by themselves. */
    public static final List<String> PLAIN = Stream.concat(
                    Stream.of("region", "links", "seed"),
                    Arrays.stream(Line.values()).map(Line::id))
            .toList();

    /** What stands on a line; empty if there is no such line. */
    public static Optional<String> get(TypedSheet sheet, String path) {
        Optional<Line> line = Line.named(path);
        if (line.isPresent()) {
            return line.map(sheet::line);
        }
        String[] parts = path.split("/", 2);
        if (parts.length == 2) {
            Optional<List<String>> keys = keys(sheet, parts[0]);
            if (keys.isPresent()) {
                return Optional.of(keys.get().contains(parts[1]) ? YES : "");
            }
            String[] rest = parts[1].split("/", 2);
            return rest.length < 2
                    ? Optional.empty()
                    : parts[0].equals("service")
                            ? service(sheet, rest[0]).flatMap(service -> get(service, rest[1]))
                            : row(sheet, rest[0])
                                    .filter(row -> row.kind().equals(parts[0]))
                                    .map(row -> row.lines().get(rest[1]));
        }
        return Optional.ofNullable(
                switch (path) {
                    case "region" -> sheet.region();
                    case "links" -> String.join("\n", sheet.links());
                    case "seed" -> String.valueOf(sheet.seed());
                    default -> null;
                });
    }

    private static Optional<List<String>> keys(TypedSheet sheet, String group) {
        return Optional.ofNullable(
                switch (group) {
                    case "practice" -> sheet.practices();
                    case "denied" -> sheet.denied();
                    case "hidden" -> sheet.hidden();
                    default -> null;
                });
    }

    private static Optional<String> get(TypedService service, String line) {
        return Optional.ofNullable(
                switch (line) {
                    case "name" -> service.name();
                    case "summary" -> service.summary();
                    case "price" -> service.price();
                    case "minutes" -> service.minutes();
                    default -> null;
                });
    }

    static Optional<TypedService> service(TypedSheet sheet, String id) {
        return sheet.services().stream()
                .filter(service -> service.id().equals(id))
                .findFirst();
    }

    static Optional<TypedRow> row(TypedSheet sheet, String id) {
        return sheet.rows().stream().filter(row -> row.id().equals(id)).findFirst();
    }

    /**
     * The sheet with other words on a line that is there.
     *
     * @throws EditRefused if the line cannot hold these words
     */
    static TypedSheet with(TypedSheet sheet, String path, String words) {
        Optional<Line> line = Line.named(path);
        if (line.isPresent()) {
            return sheet.with(line.get(), words);
        }
        String[] parts = path.split("/", 2);
        return switch (parts[0]) {
            case "region" -> sheet.withRegion(words);
            case "links" -> sheet.withLinks(words.isEmpty() ? List.of() : List.of(words.split("\n", -1)));
            case "seed" -> sheet.withSeed(seed(words));
            case "practice" -> sheet.withPractices(listed(sheet.practices(), parts[1], words));
            case "denied" -> sheet.withDenied(listed(sheet.denied(), parts[1], words));
            case "hidden" -> sheet.withHidden(listed(sheet.hidden(), parts[1], words));
            case "service" -> {
                String[] rest = parts[1].split("/", 2);
                List<TypedService> services = new ArrayList<>(sheet.services());
                services.replaceAll(service -> service.id().equals(rest[0]) ? with(service, rest[1], words) : service);
                yield sheet.withServices(services);
            }
            default -> {
                String[] rest = parts[1].split("/", 2);
                List<TypedRow> rows = new ArrayList<>(sheet.rows());
                rows.replaceAll(row -> row.id().equals(rest[0]) ? with(row, rest[1], words) : row);
                yield sheet.withRows(rows);
            }
        };
    }

    private static TypedService with(TypedService service, String line, String words) {
        return new TypedService(
                service.id(),
                service.usual(),
                line.equals("name") ? words : service.name(),
                line.equals("summary") ? words : service.summary(),
                line.equals("price") ? words : service.price(),
                line.equals("minutes") ? words : service.minutes());
    }

    private static TypedRow with(TypedRow row, String line, String words) {
        Map<String, String> lines = new HashMap<>(row.lines());
        lines.put(line, words);
        return new TypedRow(row.kind(), row.id(), lines);
    }

    /** Keys in a fixed order, so that taking one out and putting it back changes nothing. */
    private static List<String> listed(List<String> keys, String key, String words) {
        List<String> next = new ArrayList<>(keys);
        next.remove(key);
        if (words.equals(YES)) {
            next.add(key);
        } else if (!words.isEmpty()) {
            throw EditRefused.saying("sheetLines.answerWithYesOrLeave");
        }
        return next;
    }

    private static long seed(String words) {
        try {
            return Long.parseLong(words);
        } catch (NumberFormatException e) {
            throw EditRefused.saying("seed.wrong", words);
        }
    }
}
