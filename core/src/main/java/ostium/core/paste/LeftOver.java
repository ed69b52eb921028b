package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading.Span;

/**
 * Words on a line something was found in that nothing was made of. Labels and small words ({@code paste-words.yaml}) change
 * nothing; whatever else stands there is shown.
 */
final class LeftOver {
    private static final Set<String> HARMLESS = PasteWords.SHIPPED.harmless();
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}'’.-]*");
    private static final int FEW_LETTERS = 3;

    private LeftOver() {}

    /**
     * @param seen whether each letter of the text is part of something found
     * @param said what was found, in small letters
     */
    static List<Span> in(String text, Span line, boolean[] seen, Set<String> said) {
        List<Span> left = new ArrayList<>();
        int from = line.from();
        boolean isWhole = said.contains(text.substring(line.from(), line.to()).toLowerCase(Locale.ROOT));
        while (from < line.to() && !isWhole) {
            int to = from;
            while (to < line.to() && seen[to] == seen[from]) {
                to++;
            }
            if (!seen[from]) {
                stretch(text, from, to).filter(span -> isNews(text, span, said)).ifPresent(left::add);
            }
            from = to;
        }
        return left;
    }

    /** Whether all words of a stretch are labels and small words: a heading, and no name. */
    static boolean isHarmless(String said) {
        return stretch(said, 0, said.length()).isEmpty();
    }

    /** Words that stand in something found elsewhere say nothing new: pages repeat themselves. */
    private static boolean isNews(String text, Span span, Set<String> said) {
        String words = plain(text.substring(span.from(), span.to()));
        return said.stream().map(LeftOver::plain).noneMatch(found -> found.contains(words));
    }

    private static String plain(String words) {
        return " "
                + words.toLowerCase(Locale.ROOT)
                        .replaceAll("[^\\p{L}\\p{N}]+", " ")
                        .strip() + " ";
    }

    private static Optional<Span> stretch(String text, int from, int to) {
        Matcher word = WORD.matcher(text).region(from, to);
        int first = -1;
        int last = from;
        int letters = 0;
        while (word.find()) {
            String plain = word.group().toLowerCase(Locale.ROOT).replaceAll("[.'’-]+$", "");
            boolean means = !HARMLESS.contains(plain) && plain.length() > 1;
            first = means && first < 0 ? word.start() : first;
            last = means ? word.end() : last;
            letters += means ? plain.length() : 0;
        }
        return first >= 0 && letters > FEW_LETTERS ? Optional.of(new Span(first, last)) : Optional.empty();
    }
}
