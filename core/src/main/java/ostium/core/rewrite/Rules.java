package ostium.core.rewrite;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;

/** The rules of a language, by way: phrases to be said otherwise, and sentences that say nothing. */
final class Rules {
    /**
     * @param ways by name of a way, phrases with what is said instead; an empty one is left out
     * @param empty beginnings and phrases of sentences that say nothing, as regular expressions
     */
    private record Written(Map<String, Map<String, String>> ways, List<String> empty) {}

    private record Rule(Pattern from, String to) {
        String apply(String words) {
            Matcher matcher = from.matcher(words);
            if (!matcher.find()) {
                return words;
            }
            StringBuilder out = new StringBuilder();
            do {
                String said = to;
                for (int group = 1; group <= matcher.groupCount(); group++) {
                    said = said.replace("$" + group, matcher.group(group) == null ? "" : matcher.group(group));
                }
                boolean capital = Character.isUpperCase(matcher.group().charAt(0)) && !said.isEmpty();
                matcher.appendReplacement(
                        out,
                        Matcher.quoteReplacement(
                                capital ? said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) : said));
            } while (matcher.find());
            matcher.appendTail(out);
            return out.toString();
        }
    }

    private static final Written WRITTEN = DataFile.read("/ostium/words/en/rewriting.yaml", Written.class);
    private static final Pattern EMPTY = Pattern.compile("(?iu)(" + String.join("|", WRITTEN.empty()) + ")");

    private final List<Rule> rules = new ArrayList<>();

    private Rules(String way) {
        WRITTEN.ways().getOrDefault(way, Map.of()).forEach((from, to) -> rules.add(new Rule(pattern(from, to), to)));
    }

    static Rules of(Way way) {
        return new Rules(way.id());
    }

    /**
     * A phrase as whole words; a straight apostrophe stands for a curly one too. What becomes a contraction must be
     * followed by a word: nobody says "where you're."
     */
    private static Pattern pattern(String phrase, String to) {
        String words = Arrays.stream(phrase.strip().split(" "))
                .map(word -> word.startsWith("(") ? word : Pattern.quote(word).replace("'", "\\E['’]\\Q"))
                .collect(Collectors.joining("\\s+"));
        String after = to.matches(".*['’](?:s|re|ve|ll|m)") ? "(?=\\s+\\p{L})" : "(?![\\p{L}\\p{N}’'])";
        return Pattern.compile("(?iu)(?<![\\p{L}\\p{N}’'])" + words + after);
    }

    String apply(String words) {
        String said = words;
        for (Rule rule : rules) {
            said = rule.apply(said);
        }
        return said;
    }

    /** Whether a sentence says nothing a visitor could use. */
    static boolean isEmpty(String sentence) {
        return EMPTY.matcher(sentence).find();
    }
}
