package ostium.core.form;

import java.text.Normalizer;

/**
 * A file as a visitor's browser sends it.
 *
 * @param name as it is shown: at most {@value #LONGEST_NAME} characters of its last part, nothing unseen
 * @param bytes the whole of it
 */
public record SentFile(String name, byte[] bytes) {
    /** Most characters of a name. */
    public static final int LONGEST_NAME = 100;

    public SentFile {
        name = shown(name);
    }

    /** What writes from the right, or nothing at all, would make one ending look like another. */
    private static String shown(String name) {
        String last = Normalizer.normalize(name == null ? "" : name, Normalizer.Form.NFC)
                .replaceAll("^.*[/\\\\]", "")
                .replaceAll("[\\p{Cc}\\p{Cf}\\p{Co}\\p{Cs}\\p{Zl}\\p{Zp}]", "")
                .strip();
        int length = last.codePointCount(0, last.length());
        return length <= LONGEST_NAME
                ? last
                : last.substring(last.offsetByCodePoints(0, length - LONGEST_NAME))
                        .strip();
    }

    /** The name with the ending of what it is, whatever it said. */
    String named(String ending) {
        String stem = name.replaceFirst("\\.[A-Za-z0-9]{1,5}$", "");
        return (stem.isEmpty() ? "file" : stem) + "." + ending;
    }
}
