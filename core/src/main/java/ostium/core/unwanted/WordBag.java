package ostium.core.unwanted;

import java.text.Normalizer;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import ostium.core.text.Sha256;

/** Words of a message without their case, accents and marks, so that the same words are the same however they are typed. */
final class WordBag {
    private static final Pattern APART = Pattern.compile("[^\\p{L}\\p{Nd}]+");
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
    private static final int SHORTEST = 3;
    private static final int LONGEST = 40;
    /** Fewer words than these are written alike by people who do not know each other. */
    private static final int TELLING = 8;

    private WordBag() {}

    static List<String> inOrder(String words) {
        String plain = ACCENTS.matcher(Normalizer.normalize(words, Normalizer.Form.NFKD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        return APART.splitAsStream(plain).filter(word -> !word.isEmpty()).toList();
    }

    /** Each word that can say something of the whole, once. */
    static Set<String> each(String words) {
        Set<String> each = new LinkedHashSet<>(inOrder(words));
        each.removeIf(word -> word.length() < SHORTEST || word.length() > LONGEST);
        return each;
    }

    /** The same for messages of the same words; empty where they are too few to say anything. */
    static String key(String words) {
        List<String> inOrder = inOrder(words);
        return inOrder.size() < TELLING ? "" : Sha256.hex(String.join(" ", inOrder));
    }
}
