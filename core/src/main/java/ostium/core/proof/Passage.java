package ostium.core.proof;

/**
 * Words of the owner that stand in one place.
 *
 * @param line line of the facts sheet they stand on, as edits name it; empty for a text of the page
 * @param section id of the section the words stand in; empty for a line that no text of the page repeats
 * @param text id of the text; empty for a line
 * @param words what is read, linked facts said
 */
public record Passage(String line, String section, String text, String words) {

    static Passage ofLine(String line, String words) {
        return new Passage(line, "", "", words);
    }

    /** Whether this is the line whose words a text of the page says again, whole or in part. */
    boolean repeats(Passage other) {
        return !line.isEmpty()
                && other.line.isEmpty()
                && (words.contains(other.words) || other.words.contains(words.strip()));
    }
}
