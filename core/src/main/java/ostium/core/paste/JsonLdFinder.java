package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;
import ostium.core.format.LocalBusinessReader;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;

/** Finds facts in what a page says of itself as schema.org data. */
final class JsonLdFinder implements Finder {
    private static final Messages WORDS = Messages.of("paste");

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
            List<Found> found = found(read.sheet(), json);
            if (read.sheet().trade().isBlank()) {
                trade(read.sheet())
                        .ifPresent(trade -> found.add(Found.line("trade", trade, place(json, trade), Sureness.LIKELY)));
            }
            return new Result(json, found, note(read), List.of(), false);
        } catch (LocalBusinessReader.Unreadable e) {
            return new Result(json, List.of(), WORDS.say("jsonLdFinder.unreadable", e.getMessage()), List.of(), true);
        }
    }

    /** The trade its name or its own words speak of. */
    private static Optional<String> trade(TypedSheet read) {
        return TradeCatalogue.shipped().namedIn(read.name() + "\n" + read.line(Line.WORDS));
    }

    private static String note(LocalBusinessReader.Read read) {
        List<String> notes = new ArrayList<>();
        if (!read.faults().isEmpty()) {
            notes.add(WORDS.say("jsonLdFinder.faults", String.join("; ", read.faults())));
        }
        if (!read.unused().isEmpty()) {
            notes.add(WORDS.say("jsonLdFinder.unused", String.join(", ", read.unused())));
        }
        return String.join(" ", notes);
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
        read.rows().stream()
                .filter(JsonLdFinder::isNumber)
                .map(row -> row.line("number"))
                .forEach(number -> found.add(Found.line("telephone", number, place(text, number), Sureness.SURE)));
        read.rows().stream()
                .filter(row -> !isNumber(row))
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

    /** A further number that has no name of its own. */
    private static boolean isNumber(TypedSheet.TypedRow row) {
        return row.kind().equals("phone") && row.line("name").isBlank();
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
