package ostium.core.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import ostium.core.text.Slug;

/**
 * The facts sheet just as it was typed. Nothing is ever taken out of it because it could not be read.
 *
 * @param region ISO 3166 country of the business
 * @param lines words by the name of their {@link Line}; every line is there, most of them empty
 * @param services what the business does, in the owner's order
 * @param rows what there can be several of: see {@link RowKind}
 * @param links one a line
 * @param practices keys of the trade's questions answered with yes
 * @param denied names of assumptions that are not so
 * @param hidden ids of facts that visitors do not see
 * @param seed seed of the draft
 */
public record TypedSheet(
        String region,
        Map<String, String> lines,
        List<TypedService> services,
        List<TypedRow> rows,
        List<String> links,
        List<String> practices,
        List<String> denied,
        List<String> hidden,
        long seed) {

    /** Most services on a sheet. */
    public static final int MOST_SERVICES = 60;

    /** Most links on a sheet. */
    public static final int MOST_LINKS = 40;

    /**
     * A row of services.
     *
     * @param id stable name of the row; a blank one is given by the sheet, from its key or its name
     * @param usual key of the trade's usual service it was tapped from, or blank
     */
    public record TypedService(String id, String usual, String name, String summary, String price, String minutes) {
        public TypedService {
            id = text(id);
            usual = text(usual);
            name = text(name);
            summary = text(summary);
            price = text(price);
            minutes = text(minutes);
        }
    }

    /**
     * A row of another kind.
     *
     * @param kind name of a {@link RowKind}
     * @param id stable name of the row, unique on the sheet; a blank one is given by the sheet
     * @param lines words by the name of the line; lines the kind does not have are left out
     */
    public record TypedRow(String kind, String id, Map<String, String> lines) {
        public TypedRow {
            kind = text(kind);
            id = text(id);
            Map<String, String> all = new TreeMap<>();
            Map<String, String> given = lines == null ? Map.of() : lines;
            RowKind.named(kind).ifPresent(known -> known.lines().forEach(line -> all.put(line, text(given.get(line)))));
            lines = Collections.unmodifiableMap(all);
        }

        /** What stands on a line; empty where the kind has no such line. */
        public String line(String name) {
            return lines.getOrDefault(name, "");
        }
    }

    public TypedSheet {
        region = text(region).isBlank() ? "GB" : region;
        lines = every(lines == null ? Map.of() : lines);
        services = services == null ? List.of() : identified(services);
        rows = rows == null ? List.of() : named(rows);
        links = links == null ? List.of() : single(links);
        practices = practices == null ? List.of() : keys(practices);
        denied = denied == null ? List.of() : keys(denied);
        hidden = hidden == null ? List.of() : keys(hidden);
    }

    private static Map<String, String> every(Map<String, String> given) {
        Map<String, String> all = new TreeMap<>();
        for (Line line : Line.values()) {
            all.put(line.id(), text(given.get(line.id())));
        }
        return Collections.unmodifiableMap(all);
    }

    /** Single lines, without empty ones at the end. */
    private static List<String> single(List<String> typed) {
        List<String> lines = new ArrayList<>();
        for (String entry : typed) {
            lines.addAll(List.of(text(entry).split("\n", -1)));
        }
        while (!lines.isEmpty() && lines.get(lines.size() - 1).isEmpty()) {
            lines.remove(lines.size() - 1);
        }
        return List.copyOf(lines);
    }

    /** A set of keys, always in the same order. */
    private static List<String> keys(List<String> keys) {
        return keys.stream().filter(key -> key != null).distinct().sorted().toList();
    }

    /** Rows with ids, each unique; a row keeps the id it has. */
    private static List<TypedService> identified(List<TypedService> services) {
        Set<String> taken = new HashSet<>();
        List<TypedService> rows = new ArrayList<>();
        for (TypedService service : services) {
            String slug = service.usual().isEmpty() ? Slug.of(service.name(), 40) : service.usual();
            String id = free(taken, !service.id().isEmpty() ? service.id() : slug.isEmpty() ? "own" : slug);
            rows.add(new TypedService(
                    id, service.usual(), service.name(), service.summary(), service.price(), service.minutes()));
        }
        return List.copyOf(rows);
    }

    private static List<TypedRow> named(List<TypedRow> rows) {
        Set<String> taken = new HashSet<>();
        List<TypedRow> named = new ArrayList<>();
        for (TypedRow row : rows) {
            if (RowKind.named(row.kind()).isPresent()) {
                String id = free(taken, row.id().isEmpty() ? row.kind() : row.id());
                named.add(new TypedRow(row.kind(), id, row.lines()));
            }
        }
        return List.copyOf(named);
    }

    private static String free(Set<String> taken, String stem) {
        String id = stem;
        for (int i = 2; !taken.add(id); i++) {
            id = stem + "-" + i;
        }
        return id;
    }

    /** What stands on a line. */
    public String line(Line line) {
        return lines.get(line.id());
    }

    public String trade() {
        return line(Line.TRADE);
    }

    public String name() {
        return line(Line.NAME);
    }

    public String hours() {
        return line(Line.HOURS);
    }

    public String telephone() {
        return line(Line.TELEPHONE);
    }

    /** Rows of one kind, in order. */
    public List<TypedRow> rows(RowKind kind) {
        return rows.stream().filter(row -> row.kind().equals(kind.id())).toList();
    }

    /** This sheet with other words on a line. */
    public TypedSheet with(Line line, String words) {
        Map<String, String> others = new TreeMap<>(lines);
        others.put(line.id(), words);
        return new TypedSheet(region, others, services, rows, links, practices, denied, hidden, seed);
    }

    public TypedSheet withRegion(String other) {
        return new TypedSheet(other, lines, services, rows, links, practices, denied, hidden, seed);
    }

    public TypedSheet withServices(List<TypedService> others) {
        return new TypedSheet(region, lines, others, rows, links, practices, denied, hidden, seed);
    }

    public TypedSheet withRows(List<TypedRow> others) {
        return new TypedSheet(region, lines, services, others, links, practices, denied, hidden, seed);
    }

    public TypedSheet withLinks(List<String> others) {
        return new TypedSheet(region, lines, services, rows, others, practices, denied, hidden, seed);
    }

    public TypedSheet withPractices(List<String> others) {
        return new TypedSheet(region, lines, services, rows, links, others, denied, hidden, seed);
    }

    public TypedSheet withDenied(List<String> others) {
        return new TypedSheet(region, lines, services, rows, links, practices, others, hidden, seed);
    }

    public TypedSheet withHidden(List<String> others) {
        return new TypedSheet(region, lines, services, rows, links, practices, denied, others, seed);
    }

    public TypedSheet withSeed(long other) {
        return new TypedSheet(region, lines, services, rows, links, practices, denied, hidden, other);
    }

    private static String text(String typed) {
        return typed == null ? "" : typed;
    }

    /** A sheet nobody has typed on. */
    public static TypedSheet empty(String region, long seed) {
        return new TypedSheet(region, null, null, null, null, null, null, null, seed);
    }
}
