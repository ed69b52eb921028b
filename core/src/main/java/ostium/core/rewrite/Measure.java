package ostium.core.rewrite;

import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;

/** How easily words are read. */
final class Ease {
    private static final Pattern VOWELS = Pattern.compile("[aeiouyäöüéèàAEIOUY]+");
    private static final Pattern READER = Pattern.compile("(?iu)\\byou(r|rs|'ll|’ll|'re|’re)?\\b");
    private static final Pattern BUSINESS = Pattern.compile("(?iu)\\b(we|us|our|ours|customers?|clients?)\\b");

    private Ease() {}

    /** Flesch's reading ease (1948): higher is easier; about 60 is plain English. Syllables are counted by vowels. */
    static double of(String words) {
        String[] each = words.strip().split("\\s+");
        long syllables = Arrays.stream(each).mapToLong(Ease::syllables).sum();
        long sentences = Math.max(
                1, Arrays.stream(each).filter(word -> word.matches(".*[.!?…]")).count());
        return 206.835 - 1.015 * each.length / sentences - 84.6 * syllables / Math.max(1, each.length);
    }

    private static long syllables(String word) {
        long vowels = VOWELS.matcher(word).results().count();
        return Math.max(1, word.toLowerCase(Locale.ROOT).endsWith("e") && vowels > 1 ? vowels - 1 : vowels);
    }

    /** Times the reader is spoken to, less times the business or its customers are spoken of. */
    static long toReader(String words) {
        return READER.matcher(words).results().count()
                - BUSINESS.matcher(words).results().count();
    }

    static int longestSentence(String words) {
        return Arrays.stream(words.split("[.!?…]+"))
                .mapToInt(sentence -> sentence.strip().split("\\s+").length)
                .max()
                .orElse(0);
    }
}
