package ostium.core.picture;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.tika.Tika;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * Takes a file as an owner gives it. What it is, is judged from its bytes; its name is only mentioned when it says
 * something else.
 */
public final class FileReader {
    private static final Messages WORDS = Messages.of("picture");

    private static final Tika CONTENT = new Tika();
    private static final List<String> PICTURES =
            List.of("image/jpeg", "image/png", "image/gif", "image/webp", "image/bmp", "image/tiff");

    /** What is often given instead, and what helps. */
    private static final Map<String, String> OTHERS = Map.ofEntries(
            Map.entry("application/zip", WORDS.say("fileReader.thisIsAZipArchive")),
            Map.entry("image/heic", WORDS.say("fileReader.thisIsAHeicPicture")),
            Map.entry("image/heif", WORDS.say("fileReader.thisIsAHeifPicture")),
            Map.entry("image/avif", WORDS.say("fileReader.thisIsAnAvifPicture")),
            Map.entry("application/x-tika-ooxml", WORDS.say("fileReader.thisIsADocumentOr")),
            Map.entry("application/x-tika-msoffice", WORDS.say("fileReader.thisIsADocumentOf")),
            Map.entry("application/rtf", WORDS.say("fileReader.thisIsADocumentOf2")),
            Map.entry("text/html", WORDS.say("fileReader.thisIsAWebPage")),
            Map.entry("text/plain", WORDS.say("fileReader.thisIsPlainTextS")));

    private FileReader() {}

    /**
     * @param bytes the whole file
     * @param name the name it came with, or empty
     * @return the file, or a sentence that says what it is and what helps
     */
    public static Reading<TakenFile> read(byte[] bytes, String name) {
        if (bytes.length == 0) {
            return refused(WORDS.say("fileReader.thisFileIsEmpty"));
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
                    ? WORDS.say("fileReader.thisIsAFilmS")
                    : type.startsWith("audio/")
                            ? WORDS.say("fileReader.thisIsASoundS")
                            : type.startsWith("text/") || type.endsWith("xml")
                                    ? WORDS.say("fileReader.thisIsTextSNot")
                                    : WORDS.say("fileReader.thisIsNeitherAPicture");
        }
        return String.format(words, though(name));
    }

    /** What the name says, when it says that it is a picture or a PDF. */
    private static String though(String name) {
        int stop = name.lastIndexOf('.');
        String ending = stop < 0 ? "" : name.substring(stop).toLowerCase(Locale.ROOT);
        return ending.matches("\\.(jpe?g|png|gif|webp|svg|pdf|bmp|tiff?)")
                ? WORDS.say("fileReader.though", ending)
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
