package ostium.core.booking;

/**
 * Something visitors are asked when they book.
 *
 * @param words what is asked
 * @param required whether it must be answered
 */
public record Question(String words, boolean required) {
    /** Most characters. */
    public static final int LONGEST = 160;

    public Question {
        words = words == null ? "" : words.strip();
    }
}
