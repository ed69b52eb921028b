package ostium.core.picture;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.tika.Tika;
import ostium.core.base.Reading;

/**
 * Takes a file as an owner gives it. What it is, is judged from its bytes; its name is only mentioned when it says
 * something else.
 */
public final class FileReader {
    private static final Tika CONTENT = new Tika();
    private static final List<String> PICTURES =
            List.of("image/jpeg", "image/png", "image/gif", "image/webp", "image/bmp", "image/tiff");

    /** What is often given instead, and what helps. */
    private static final Map<String, String> OTHERS = Map.ofEntries(
            Map.entry("application/zip", "This is a ZIP archive%s. Unpack it, and give what is inside."),
            Map.entry(
                    "image/heic",
                    "This is a HEIC picture%s, as some phones keep them. Share or save it as JPEG, and give that."),
            Map.entry(
                    "image/heif",
                    "This is a HEIF picture%s, as some phones keep them. Share or save it as JPEG, and give that."),
            Map.entry("image/avif", "This is an AVIF picture%s. Save it as JPEG or PNG, and give that."),
            Map.entry(
                    "application/x-tika-ooxml",
                    "This is a document or table of an office program%s. Save it as PDF, and give that."),
            Map.entry(
                    "application/x-tika-msoffice",
                    "This is a document of an older office program%s. Save it as PDF, and give that."),
            Map.entry("application/rtf", "This is a document of a word processor%s. Save it as PDF, and give that."),
            Map.entry("text/html", "This is a web page%s. Give the picture itself."),
            Map.entry("text/plain", "This is plain text%s. Paste it under “Paste what you have”."));

    private FileReader() {}

    /**
     * @param bytes the whole file
     * @param name the name it came with, or empty
     * @return the file, or a sentence that says what it is and what helps
     */
    public static Reading<TakenFile> read(byte[] bytes, String name) {
        if (bytes.length == 0) {
            return refused("This file is empty.");
        }
        String type = CONTENT.detect(bytes);
        if (type.equals("application/pdf")) {
            return DocumentReader.read(bytes);
        }
        if (type.equals("image/svg+xml")) {
            return DrawingReader.read(bytes);
        }
        if (PICTURES.contains(type)) {
            return PhotographReader.read(bytes, type);
        }
        return refused(other(type, name));
    }

    private static String other(String type, String name) {
        String words = OTHERS.get(type);
        if (words == null) {
            words = type.startsWith("video/")
                    ? "This is a film%s. Give a picture from it."
                    : type.startsWith("audio/")
                            ? "This is a sound%s, which a page cannot show."
                            : type.startsWith("text/") || type.endsWith("xml")
                                    ? "This is text%s, not a picture or a PDF."
                                    : "This is neither a picture nor a PDF%s.";
        }
        return String.format(words, though(name));
    }

    /** What the name says, when it says that it is a picture or a PDF. */
    private static String though(String name) {
        int stop = name.lastIndexOf('.');
        String ending = stop < 0 ? "" : name.substring(stop).toLowerCase(Locale.ROOT);
        return ending.matches("\\.(jpe?g|png|gif|webp|svg|pdf|bmp|tiff?)")
                ? ", though its name ends in “" + ending + "”"
                : "";
    }

    static Reading<TakenFile> refused(String reason) {
        return Reading.refused(reason, 0, 0);
    }

    /** A number of bytes in words: {@code 20 MB}. */
    static String megabytes(long bytes) {
        return bytes < 1_000_000
                ? Math.round(bytes / 1000.0) + " KB"
                : String.format(Locale.ROOT, "%.1f MB", bytes / 1_000_000.0).replace(".0 MB", " MB");
    }
}
