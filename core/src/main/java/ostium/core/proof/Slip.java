package ostium.core.proof;

import java.util.List;

/**
 * What is likely not as it was meant.
 *
 * @param found the words as they stand
 * @param isSpelling whether it is one word that no list of words has; else it is grammar
 * @param instead what may have been meant, the likeliest first; empty where nothing is known
 */
public record Slip(String found, boolean isSpelling, List<String> instead) {
    public Slip {
        instead = List.copyOf(instead);
    }
}
