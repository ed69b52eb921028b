package ostium.app.text;

/**
 * A text to a telephone.
 *
 * @param to number by ITU-T E.164
 */
public record TextMessage(String to, String words, About about) {
    /**
     * What it tells of, one of both.
     *
     * @param booking id of a booking, or null
     * @param enquiry id of an enquiry, or null
     */
    public record About(String site, String booking, String enquiry) {
        public static About booking(String site, String booking) {
            return new About(site, booking, null);
        }

        public static About enquiry(String site, String enquiry) {
            return new About(site, null, enquiry);
        }
    }
}
