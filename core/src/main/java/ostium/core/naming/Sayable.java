package ostium.core.naming;

import java.util.Arrays;
import java.util.regex.Pattern;

/** Whether a name can be said on the telephone and understood. */
final class Sayable {
    private static final Pattern CLUSTER = Pattern.compile("(?i)[bcdfghjklmnpqrstvwxz]{5,}");
    private static final Pattern STUTTER = Pattern.compile("(?iu)\\b(\\p{L}{3,})\\b.*\\b\\1\\b");
    private static final int LONGEST_WORD = 14;
    private static final int MOST_WORDS = 4;

    private Sayable() {}

    static boolean is(String name) {
        String[] words = name.replace("&", "and").split("[\\s’]+");
        return words.length <= MOST_WORDS + 1
                && Arrays.stream(words).allMatch(word -> word.length() <= LONGEST_WORD)
                && !CLUSTER.matcher(name.replace(" ", "-")).find()
                && !STUTTER.matcher(name).find();
    }
}
