package ostium.core.copy;

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
 * @param telling words of its own that tell something, in lower case
 */
record Variant(
        String id,
        Pattern pattern,
        List<List<Part>> lines,
        List<String> tokens,
        int letters,
        int words,
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
        Matcher matcher = WORD.matcher(own);
        while (matcher.find()) {
            String word = matcher.group().toLowerCase(Locale.ROOT);
            words++;
            if (!Grammar.isSmall(word)) {
                telling.add(word);
            }
        }
        return new Variant(id, pattern, List.copyOf(lines), List.copyOf(tokens), letters, words, Set.copyOf(telling));
    }

    private static int words(List<Part> parts, StringBuilder own, String words) {
        if (!words.isEmpty()) {
            parts.add(new Part(words, ""));
            own.append(words).append(' ');
        }
        return words.length();
    }

    /** What a gap says: a part of the message, or a thing of the vocabulary; null when it is not known. */
    static Said say(String token, Vocabulary vocabulary, Message message) {
        return token.equals("it") || token.startsWith("it.") ? message.says().get(token) : vocabulary.say(token);
    }

    /** Whether all it speaks of is known. */
    boolean canBeSaid(Vocabulary vocabulary, Message message) {
        for (String token : tokens) {
            if (say(token, vocabulary, message) == null) {
                return false;
            }
        }
        return true;
    }

    /** What it tells; what it only asks for is not among it. */
    Set<String> told(Vocabulary vocabulary, Message message) {
        Set<String> told = new TreeSet<>(message.needs());
        for (String token : tokens) {
            Said said = say(token, vocabulary, message);
            if (!said.plain().isEmpty()) {
                told.addAll(said.told());
            }
        }
        return told;
    }

    /** Characters of the sentence as a visitor reads it. */
    int length(Vocabulary vocabulary, Message message) {
        int length = letters + lines.size() - 1;
        for (String token : tokens) {
            length += say(token, vocabulary, message).plain().length();
        }
        return length;
    }

    /** The sentence written out. */
    Filled fill(Vocabulary vocabulary, Message message) {
        List<Node> tree = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        Set<String> needs = new TreeSet<>(message.needs());
        for (List<Part> line : lines) {
            List<Node> inside = new ArrayList<>();
            for (Part part : line) {
                if (!part.isGap()) {
                    inside.add(new Node.Words(part.words()));
                    plain.append(part.words());
                    continue;
                }
                Said said = say(part.token(), vocabulary, message);
                if (!said.plain().isEmpty()) {
                    inside.add(said.node());
                    plain.append(said.plain());
                }
                needs.addAll(said.needs());
            }
            plain.append(' ');
            tree.add(new Node.Paragraph(inside));
        }
        return new Filled(this, message, tree, plain.toString().strip(), needs);
    }

    /** A sentence written out, with the facts that carry it. */
    record Filled(Variant variant, Message message, List<Node> tree, String plain, Set<String> needs) {}
}
