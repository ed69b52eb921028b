package ostium.core.rewrite;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Whether a sentence that was rewritten still stands: words that were taken out or put in may leave an article before a number
 * ("a many"), a word twice, or nothing to end on. What was so before is the owner's own and no fault of ours.
 */
final class Soundness {
    private static final Pattern BROKEN = Pattern.compile("(?iu)"
            + "\\b(?:a|an|the) (?:many|some|several|all|both|a|an|the|and|or|of|to|for|with|in|at|on)\\b(?! (?:few|more|most))"
            + "|\\b(?:a|an|the|and|or|of|with|very|more|most|our|your|their) ?[.!?;:]"
            + "|\\b(?:very|so|too) (?:many of|some|all)\\b"
            + "|^(?:and|or|of|which|that) "
            + "|\\b(?:is|are|was|were|be) (?:is|are|was|were|be|have|has)\\b"
            + "|\\bto (?:to|is|are|was|were|has)\\b"
            + "|\\b(\\p{L}{2,}) \\1\\b");

    private static final Pattern ARTICLE = Pattern.compile("\\b([Aa])(n?) (\\p{L}[\\p{L}’'-]*)");
    private static final Pattern VOWEL =
            Pattern.compile("(?i)(?!uni|use|usu|eu|one\\b|once)[aeiou].*|hour.*|honest.*|heir.*");

    private Soundness() {}

    /** A rewritten sentence with the articles its new words ask for. */
    static String withArticles(String before, String after) {
        Set<String> known = articles(before);
        return ARTICLE.matcher(after).replaceAll(match -> {
            if (known.contains(match.group().toLowerCase(Locale.ROOT))) {
                return Matcher.quoteReplacement(match.group());
            }
            String article = match.group(1) + (VOWEL.matcher(match.group(3)).matches() ? "n" : "");
            return Matcher.quoteReplacement(article + " " + match.group(3));
        });
    }

    private static Set<String> articles(String words) {
        Set<String> all = new HashSet<>();
        Matcher matcher = ARTICLE.matcher(words);
        while (matcher.find()) {
            all.add(matcher.group().toLowerCase(Locale.ROOT));
        }
        return all;
    }

    /** Whether the rewriting has broken something that was whole. */
    static boolean isBroken(String before, String after) {
        Set<String> was = faults(before);
        return faults(after).stream().anyMatch(fault -> !was.contains(fault));
    }

    private static Set<String> faults(String words) {
        Set<String> all = new HashSet<>();
        Matcher matcher = BROKEN.matcher(words);
        while (matcher.find()) {
            all.add(matcher.group().toLowerCase(Locale.ROOT));
        }
        return all;
    }
}
