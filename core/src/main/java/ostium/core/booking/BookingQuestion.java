package ostium.core.booking;

/**
 * Something visitors are asked when they book.
 *
 * @param words what is asked
 * @param required whether it must be answered
 */
public record BookingQuestion(String words, boolean required) {
    /** Most characters. */
    public static final int LONGEST = 160;

    public BookingQuestion {
        words = words == null ? "" : words.strip();
    }
}
