package ostium.core.paste;

import java.util.List;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/**
 * Something found in a source, before it is held against the sheet.
 *
 * @param what a line of the sheet by its path ({@code telephone}), {@code link}, {@code service}, or the kind of a row
 * @param words what would be typed on that line; for rows, what is shown
 * @param at where it stands in the source
 * @param sureness how sure it is that it means this
 * @param choices what it can mean, each words for the line; empty when it means one thing
 * @param service the row of services, or null
 * @param row the row of another kind, or null
 * @param left words beside it that were not read and could change it, or empty
 */
record Found(
        String what,
        String words,
        Span at,
        Sureness sureness,
        List<String> choices,
        TypedService service,
        TypedRow row,
        String left) {

    Found(
            String what,
            String words,
            Span at,
            Sureness sureness,
            List<String> choices,
            TypedService service,
            TypedRow row) {
        this(what, words, at, sureness, choices, service, row, "");
    }

    /** The same, to be asked about: words beside it were not read and could change it. */
    Found beside(String unread) {
        Found asked = asked();
        return new Found(what, words, at, asked.sureness(), asked.choices(), service, row, unread);
    }

    /** The same, to be asked about. */
    Found asked() {
        return new Found(
                what, words, at, Sureness.ASK, choices.isEmpty() ? List.of(words) : choices, service, row, left);
    }

    static final String LINK = "link";
    /** The owner's customers do not come to them: they come to their customers. */
    static final String COMES = "denied/RECEIVES";

    static final String SERVICE = "service";

    static Found line(String path, String words, Span at, Sureness sureness) {
        return new Found(path, words, at, sureness, List.of(), null, null);
    }

    static Found choice(String path, String words, Span at, List<String> choices) {
        return new Found(path, words, at, Sureness.ASK, choices, null, null);
    }

    static Found service(TypedService service, Span at, Sureness sureness) {
        return new Found(SERVICE, service.name(), at, sureness, List.of(), service, null);
    }

    static Found row(TypedRow row, String words, Span at, Sureness sureness) {
        return new Found(row.kind(), words, at, sureness, List.of(), null, row);
    }
}
