package ostium.core.unwanted;

import java.util.List;
import ostium.core.base.DataFile;

/** Phrases of those who write to every business there is. One alone says little: a casino has chimneys too. */
final class PitchWords {
    private static final List<String> PHRASES = DataFile.read("/ostium/pitch-words.yaml", File.class).phrases().stream()
            .map(WordBag::inOrder)
            .map(PitchWords::padded)
            .toList();

    private PitchWords() {}

    record File(List<String> phrases) {}

    /** Those that stand in a message. */
    static List<String> in(String words) {
        String all = padded(WordBag.inOrder(words));
        return PHRASES.stream().filter(all::contains).map(String::strip).toList();
    }

    private static String padded(List<String> words) {
        return " " + String.join(" ", words) + " ";
    }
}
