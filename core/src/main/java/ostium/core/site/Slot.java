package ostium.core.site;

/**
 * A place for words in a section of some kind.
 *
 * @param name name in the document, such as {@code headline}
 * @param words what the owner calls it
 * @param shape what the words may be
 * @param longest most characters, as a visitor reads them
 */
public record Slot(String name, String words, Shape shape, int longest) {

    /** What words in a slot may be. */
    public enum Shape {
        /** One line; Enter does nothing. */
        LINE,
        /** A few lines, as of a headline. */
        LINES,
        /** Paragraphs and lists. */
        PARAGRAPHS
    }

    /** Most characters of running words. */
    public static final int LONGEST_PARAGRAPHS = 20_000;

    public static Slot line(String name, String words, int longest) {
        return new Slot(name, words, Shape.LINE, longest);
    }

    public static Slot lines(String name, String words, int longest) {
        return new Slot(name, words, Shape.LINES, longest);
    }

    public static Slot paragraphs(String name, String words) {
        return new Slot(name, words, Shape.PARAGRAPHS, LONGEST_PARAGRAPHS);
    }
}
