package ostium.core.picture;

/**
 * One size of a picture, as a file of the site.
 *
 * @param path {@code pictures/640.<12 digits of what it shows>.webp}: another picture or treatment has another path
 * @param width pixels
 * @param height pixels
 */
public record Rendition(String path, int width, int height, Format format) {

    /** How the bytes of a rendition are written. */
    public enum Format {
        WEBP("image/webp", "webp"),
        JPEG("image/jpeg", "jpg"),
        PNG("image/png", "png"),
        SVG("image/svg+xml", "svg");

        private final String contentType;
        private final String ending;

        Format(String contentType, String ending) {
            this.contentType = contentType;
            this.ending = ending;
        }

        public String contentType() {
            return contentType;
        }

        /** Ending of file names, without the full stop. */
        public String ending() {
            return ending;
        }
    }
}
