package ostium.core.section;

import java.util.List;
import ostium.core.site.Slot;

/**
 * A place for words of a kind, and where its sentences come from.
 *
 * @param slot name in the document
 * @param shape what the words may be
 * @param longest most characters
 * @param places places of the grammar whose sentences stand there in a row; none where only an owner writes
 */
public record WordsAt(String slot, Slot.Shape shape, int longest, List<String> places) {

    /** One line. */
    public static WordsAt line(String slot, int longest, String... places) {
        return new WordsAt(slot, Slot.Shape.LINE, longest, List.of(places));
    }

    /** The heading of a section, a few lines at most. */
    public static WordsAt heading(String... places) {
        return new WordsAt("heading", Slot.Shape.LINES, 200, List.of(places));
    }

    /** Running words. */
    public static WordsAt paragraphs(String slot, String... places) {
        return new WordsAt(slot, Slot.Shape.PARAGRAPHS, Slot.LONGEST_PARAGRAPHS, List.of(places));
    }
}
