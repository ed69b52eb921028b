package ostium.app.text;

/**
 * A text to a telephone.
 *
 * @param to number by ITU-T E.164
 * @param booking id of the booking it tells of
 */
public record TextMessage(String to, String words, String booking) {}
