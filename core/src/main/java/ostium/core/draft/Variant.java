package ostium.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import ostium.core.site.Node;

/**
 * One way to read a pattern, taken apart so that it can be weighed without being written out.
 *
 * @param id id of the pattern, with the number of the reading where there are several
 * @param lines parts of each line
 * @param tokens tokens of its gaps, conditions among them
 * @param letters characters of its own words
 * @param words how many words of its own it has
 * @param toReader times it says "you", less times it says "we"
 * @param telling words of its own that tell something, in lower case
 */
record Variant(
        String id,
        Pattern pattern,
        List<List<Part>> lines,
        List<String> tokens,
        int letters,
        int words,
        int toReader,
        Set<String> telling) {
    private static final java.util.regex.Pattern GAP = java.util.regex.Pattern.compile("\\{([A-Za-z0-9.]+)}");
    private static final java.util.regex.Pattern WORD = java.util.regex.Pattern.compile("[\\p{L}’']+");

    /** Words of its own, or a token. */
    record Part(String words, String token) {
        boolean isGap() {
            return !token.isEmpty();
        }
    }

    static Variant of(Pattern pattern, String id, String text) {
        List<List<Part>> lines = new ArrayList<>();
        List<String> tokens = new ArrayList<>();
        StringBuilder own = new StringBuilder();
        int letters = 0;
        for (String line : text.split("\\s*\\|\\s*")) {
            List<Part> parts = new ArrayList<>();
            Matcher gap = GAP.matcher(line);
            int at = 0;
            while (gap.find()) {
                letters += words(parts, own, line.substring(at, gap.start()));
                parts.add(new Part("", gap.group(1)));
                tokens.add(gap.group(1));
                at = gap.end();
            }
            letters += words(parts, own, line.substring(at));
            lines.add(List.copyOf(parts));
        }
        Set<String> telling = new TreeSet<>();
        int words = 0;
        int toReader = 0;
        Matcher matcher = WORD.matcher(own);
        while (matcher.find()) {
            String word = matcher.group().toLowerCase(Locale.ROOT);
            words++;
            toReader += Grammar.isReader(word) ? 1 : Grammar.isBusiness(word) ? -1 : 0;
            if (!Grammar.isSmall(word)) {
                telling.add(word);
            }
        }
        return new Variant(
                id, pattern, List.copyOf(lines), List.copyOf(tokens), letters, words, toReader, Set.copyOf(telling));
    }

    private static int words(List<Part> parts, StringBuilder own, String words) {
        if (!words.isEmpty()) {
            parts.add(new Part(words, ""));
            own.append(words).append(' ');
        }
        return words.length();
    }

    /** Whether all it speaks of is known. */
    boolean canBeSaid(Vocabulary vocabulary) {
        for (String token : tokens) {
            if (vocabulary.say(token) == null) {
                return false;
            }
        }
        return true;
    }

    /** Characters of the sentence as a visitor reads it. */
    int length(Vocabulary vocabulary) {
        int length = letters + lines.size() - 1;
        for (String token : tokens) {
            length += vocabulary.say(token).plain().length();
        }
        return length;
    }

    /** The sentence written out. */
    Filled fill(Vocabulary vocabulary) {
        List<Node> tree = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        Set<String> needs = new TreeSet<>();
        for (List<Part> line : lines) {
            List<Node> inside = new ArrayList<>();
            for (Part part : line) {
                if (!part.isGap()) {
                    inside.add(new Node.Words(part.words()));
                    plain.append(part.words());
                    continue;
                }
                Vocabulary.Said said = vocabulary.say(part.token());
                if (!said.plain().isEmpty()) {
                    inside.add(said.node());
                    plain.append(said.plain());
                }
                needs.addAll(said.needs());
            }
            plain.append(' ');
            tree.add(new Node.Paragraph(inside));
        }
        return new Filled(this, tree, plain.toString().strip(), needs);
    }

    /** A sentence written out, with the facts that carry it. */
    record Filled(Variant variant, List<Node> tree, String plain, Set<String> needs) {}
}
