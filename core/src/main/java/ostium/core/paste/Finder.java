package ostium.core.paste;

import java.util.List;
import ostium.core.base.Reading.Span;

/** Finds facts in one kind of source. */
interface Finder {

    /**
     * What came of it.
     *
     * @param text the source as it is shown
     * @param found what was found, places in this text
     * @param note about the source as a whole, or empty
     * @param aside stretches that were seen and mean nothing here, such as a farewell
     * @param saysAll whether what nothing was made of is worth showing: not for the scaffolding of data files
     */
    record Result(String text, List<Found> found, String note, List<Span> aside, boolean saysAll) {}

    Result find();

    /** Where words stand in a text from a place on; nowhere when they do not. */
    static Span place(String text, String words, int from) {
        int at = words.isBlank() ? -1 : text.indexOf(words, from);
        if (at < 0 && !words.isBlank()) {
            at = text.indexOf(words);
        }
        return at < 0 ? new Span(0, 0) : new Span(at, at + words.length());
    }
}
