package ostium.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.site.Node;

/**
 * A sentence with gaps, from {@code sentences.yaml}.
 *
 * @param id stable name; texts remember it
 * @param text the sentence; <code>{token}</code> is a gap, {@code |} a forced new line, <code>{if.visits}</code> a
 *     condition that says nothing
 * @param weight how good it is when all else is equal; 1 if left out
 */
record SentencePattern(String id, String text, Double weight) {
    private static final Pattern GAP = Pattern.compile("\\{([A-Za-z0-9.]+)}");

    /** A pattern with its gaps filled. */
    record Filled(SentencePattern pattern, List<Node> tree, String plain, Set<String> needs) {}

    double weightOrOne() {
        return weight == null ? 1 : weight;
    }

    /** The sentence, if all it speaks of is known. */
    Optional<Filled> fill(Vocabulary vocabulary) {
        List<Node> lines = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        Set<String> needs = new TreeSet<>();
        for (String line : text.split("\\s*\\|\\s*")) {
            List<Node> inside = new ArrayList<>();
            Matcher gap = GAP.matcher(line);
            int at = 0;
            while (gap.find()) {
                Optional<Vocabulary.Said> said = vocabulary.say(gap.group(1));
                if (said.isEmpty()) {
                    return Optional.empty();
                }
                words(inside, plain, line.substring(at, gap.start()));
                if (!said.get().plain().isEmpty()) {
                    inside.add(said.get().node());
                    plain.append(said.get().plain());
                }
                needs.addAll(said.get().needs());
                at = gap.end();
            }
            words(inside, plain, line.substring(at));
            plain.append(' ');
            lines.add(new Node.Paragraph(inside));
        }
        return Optional.of(new Filled(this, lines, plain.toString().strip(), needs));
    }

    private static void words(List<Node> inside, StringBuilder plain, String words) {
        if (!words.isEmpty()) {
            inside.add(new Node.Words(words));
            plain.append(words);
        }
    }
}
