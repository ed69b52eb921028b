package ostium.core.rewrite;

import java.util.Arrays;
import java.util.regex.Pattern;

/** Whom words speak to, and how long their sentences are. */
final class Measure {
    private static final Pattern READER = Pattern.compile("(?iu)\\byou(r|rs|'ll|’ll|'re|’re)?\\b");
    private static final Pattern BUSINESS = Pattern.compile("(?iu)\\b(we|us|our|ours|customers?|clients?)\\b");

    private Measure() {}

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
