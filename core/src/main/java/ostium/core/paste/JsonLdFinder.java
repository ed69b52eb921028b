package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ostium.core.base.Reading.Span;
import ostium.core.format.LocalBusinessReader;
import ostium.core.sheet.TypedSheet;

/** Finds facts in what a page says of itself as schema.org data. */
final class JsonLdFinder implements Finder {
    private final String json;
    private final TypedSheet sheet;

    JsonLdFinder(String json, TypedSheet sheet) {
        this.json = json;
        this.sheet = sheet;
    }

    @Override
    public Result find() {
        try {
            LocalBusinessReader.Read read = LocalBusinessReader.read(json, sheet.seed());
            String note = read.unused().isEmpty()
                    ? ""
                    : "Left alone, because Ostium has no place for it: " + String.join(", ", read.unused()) + ".";
            return new Result(json, found(read.sheet(), json), note, List.of(), false);
        } catch (LocalBusinessReader.Unreadable e) {
            return new Result(json, List.of(), "This cannot be read: " + e.getMessage() + ".", List.of(), true);
        }
    }

    /** The same, with places in the text of the page it stands in; nothing where it is no business. */
    List<Found> foundIn(String text) {
        try {
            return found(LocalBusinessReader.read(json, sheet.seed()).sheet(), text);
        } catch (LocalBusinessReader.Unreadable e) {
            return List.of();
        }
    }

    /** Every line and row of a sheet that was read from a source, as something found in it. */
    static List<Found> found(TypedSheet read, String text) {
        List<Found> found = new ArrayList<>();
        for (Map.Entry<String, String> line : read.lines().entrySet()) {
            if (!line.getValue().isBlank()) {
                for (String words : line.getKey().equals("exceptions")
                        ? List.of(line.getValue().split("\n"))
                        : List.of(line.getValue())) {
                    found.add(Found.line(line.getKey(), words, place(text, words), Sureness.SURE));
                }
            }
        }
        read.links()
                .forEach(link -> found.add(
                        new Found(Found.LINK, link, place(text, link), Sureness.SURE, List.of(), null, null)));
        read.services()
                .forEach(service -> found.add(Found.service(
                        new TypedSheet.TypedService(
                                "",
                                service.usual(),
                                service.name(),
                                service.summary(),
                                service.price(),
                                service.minutes()),
                        place(text, service.name()),
                        Sureness.SURE)));
        read.rows()
                .forEach(row -> found.add(Found.row(
                        row,
                        String.join(
                                ", ",
                                row.lines().values().stream()
                                        .filter(words -> !words.isBlank())
                                        .toList()),
                        place(
                                text,
                                row.lines().values().stream()
                                        .filter(words -> !words.isBlank())
                                        .findFirst()
                                        .orElse("")),
                        Sureness.SURE)));
        return found;
    }

    /** The whole words, or the first part of them that stands in the text. */
    private static Span place(String text, String words) {
        Span whole = Finder.place(text, words, 0);
        if (whole.to() > 0) {
            return whole;
        }
        String first = words.split("[,;\n]")[0].strip();
        return first.length() < 3 ? whole : Finder.place(text, first, 0);
    }
}
