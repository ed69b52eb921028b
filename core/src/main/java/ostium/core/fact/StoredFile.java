package ostium.core.fact;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A file the owner gave, as a line of the facts sheet names it: {@code <SHA-256> jpeg 1600x1200 482113}, or
 * {@code <SHA-256> pdf 4 120332}. The bytes are kept elsewhere, by their hash.
 *
 * @param hash SHA-256 of the kept bytes, 64 hexadecimal digits
 * @param kind what the bytes are
 * @param width pixels across, upright; 0 for a document
 * @param height pixels down, upright; 0 for a document
 * @param pages pages of a document; 0 for a picture
 * @param bytes how many bytes are kept
 */
public record StoredFile(String hash, Kind kind, int width, int height, int pages, long bytes) {
    private static final Pattern LINE =
            Pattern.compile("([0-9a-f]{64}) (?:(jpeg|png|svg) (\\d{1,5})x(\\d{1,5})|(pdf) (\\d{1,5})) (\\d{1,9})");

    /** What kept bytes can be. Everything else is turned into one of these when it comes in, or refused. */
    public enum Kind {
        JPEG("image/jpeg", "jpg"),
        PNG("image/png", "png"),
        SVG("image/svg+xml", "svg"),
        PDF("application/pdf", "pdf");

        private final String contentType;
        private final String ending;

        Kind(String contentType, String ending) {
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

        private static Kind named(String name) {
            return Arrays.stream(values())
                    .filter(kind -> kind.name().equalsIgnoreCase(name))
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** A picture of a size in pixels. */
    public static StoredFile picture(String hash, Kind kind, int width, int height, long bytes) {
        return new StoredFile(hash, kind, width, height, 0, bytes);
    }

    /** A PDF of some pages. */
    public static StoredFile document(String hash, int pages, long bytes) {
        return new StoredFile(hash, Kind.PDF, 0, 0, pages, bytes);
    }

    /** Reads a line; empty if it is not one. */
    public static Optional<StoredFile> read(String line) {
        Matcher matcher = LINE.matcher(line.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        long bytes = Long.parseLong(matcher.group(7));
        if (matcher.group(5) != null) {
            return Optional.of(document(matcher.group(1), Integer.parseInt(matcher.group(6)), bytes));
        }
        int width = Integer.parseInt(matcher.group(3));
        int height = Integer.parseInt(matcher.group(4));
        return width == 0 || height == 0
                ? Optional.empty()
                : Optional.of(picture(matcher.group(1), Kind.named(matcher.group(2)), width, height, bytes));
    }

    public boolean isPicture() {
        return kind != Kind.PDF;
    }

    /** The line of the sheet; {@code read(say()) = this}. */
    public String say() {
        String size = isPicture() ? width + "x" + height : String.valueOf(pages);
        return hash + " " + kind.name().toLowerCase(java.util.Locale.ROOT) + " " + size + " " + bytes;
    }

    /** The weight in words: {@code 482 KB}, {@code 2.1 MB}. */
    public String weight() {
        return weight(bytes);
    }

    /** A number of bytes in words. */
    public static String weight(long bytes) {
        long thousands = Math.max(1, Math.round(bytes / 1000.0));
        return thousands < 1000
                ? thousands + " KB"
                : String.format(java.util.Locale.ROOT, "%.1f MB", bytes / 1_000_000.0);
    }
}
