package ostium.core.rewrite;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ostium.core.base.TimeBudget;
import ostium.core.copy.Claims;
import ostium.core.site.Node;

/**
 * Rewrites the words of a text in one way, sentence by sentence. Nothing is added: no fact, no claim, no name; linked
 * facts and links come through as they are. A sentence that would not stand afterwards is left as it was.
 *
 * <pre>{@code
 * Rewriter.rewrite(text.tree(), Way.SHORTER);   // empty when nothing better is found
 * }</pre>
 */
public final class Rewriter {
    private static final Map<Way, Rules> RULES = new EnumMap<>(Way.class);

    static {
        for (Way way : Way.values()) {
            RULES.put(way, Rules.of(way));
        }
    }

    private static final String SENTENCE_END = "(?<=[.!?…]) +(?=[\\p{Lu}\\p{N}“\"‘'\uE000-\uE3E8])";

    private Rewriter() {}

    /** The words rewritten; empty when the rules find nothing better. */
    public static Optional<List<Node>> rewrite(List<Node> tree, Way way) {
        List<Node> next =
                tree.stream().flatMap(node -> block(node, way).stream()).toList();
        boolean better = !next.isEmpty() && !next.equals(tree) && isBetter(plain(tree), plain(next), way);
        return better ? Optional.of(next) : Optional.empty();
    }

    private static Optional<Node> block(Node node, Way way) {
        if (node instanceof Node.Paragraph paragraph) {
            return inside(paragraph.inside(), way).map(Node.Paragraph::new);
        }
        if (node instanceof Node.Bullets bullets) {
            List<Node.Paragraph> entries = bullets.entries().stream()
                    .map(entry -> new Node.Paragraph(inside(entry.inside(), way).orElse(entry.inside())))
                    .toList();
            return Optional.of(new Node.Bullets(entries));
        }
        return Optional.of(node);
    }

    /** A paragraph; empty when none of its sentences says anything. */
    private static Optional<List<Node>> inside(List<Node> inside, Way way) {
        Flat flat = new Flat(inside);
        List<String> kept = new ArrayList<>();
        for (String sentence : flat.words().split(SENTENCE_END)) {
            TimeBudget.check();
            boolean says = way != Way.SHORTER || !Rules.isEmpty(sentence) || holdsWhole(sentence);
            if (says) {
                kept.add(sentence(sentence, way));
            }
        }
        String said = kept.stream().filter(sentence -> !sentence.isBlank()).collect(Collectors.joining(" "));
        if (said.isBlank() && flat.keepsAll(said)) {
            return Optional.empty();
        }
        return Optional.of(flat.keepsAll(said) ? flat.nodes(said) : inside);
    }

    private static boolean holdsWhole(String sentence) {
        return sentence.chars().anyMatch(c -> Flat.isWhole((char) c));
    }

    private static String sentence(String sentence, Way way) {
        String said = switch (way) {
            case SHORTER -> RULES.get(way).apply(RULES.get(Way.PLAINER).apply(sentence));
            case BRISK ->
                Splitting.split(RULES.get(way)
                        .apply(RULES.get(Way.SHORTER)
                                .apply(RULES.get(Way.PLAINER).apply(sentence))));
            default -> RULES.get(way).apply(sentence);
        };
        said = Soundness.withArticles(sentence, tidy(said));
        return addsClaims(sentence, said) || Soundness.isBroken(sentence, said) ? sentence : said;
    }

    /** Spaces and capitals as they have to be after words were taken out. */
    private static String tidy(String words) {
        String said = words.replaceAll(" {2,}", " ")
                .replaceAll(" +([,.;:!?])", "$1")
                .replaceAll("([,;:])(?=[.!?])", "")
                .replaceAll("^[ ,;:]+", "")
                .replaceAll(",{2,}", ",")
                .strip();
        return said.isEmpty() ? said : said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1);
    }

    private static boolean addsClaims(String before, String after) {
        Set<String> fresh = new TreeSet<>(Claims.in(after));
        fresh.removeAll(Claims.in(before));
        return !fresh.isEmpty();
    }

    private static boolean isBetter(String before, String after, Way way) {
        return switch (way) {
            case SHORTER -> after.length() <= before.length() * 0.95 || before.length() - after.length() >= 12;
            case READER -> Measure.toReader(after) > Measure.toReader(before);
            case BRISK ->
                Measure.longestSentence(after) < Measure.longestSentence(before) || after.length() < before.length();
            case PLAINER, WARM, FORMAL, LIGHT -> true;
        };
    }

    private static String plain(List<Node> nodes) {
        StringBuilder out = new StringBuilder();
        for (Node node : nodes) {
            if (node instanceof Node.Words words) {
                out.append(words.value());
            } else if (node instanceof Node.LinkedFact) {
                out.append("fact");
            } else {
                out.append(plain(new ArrayList<>(node.children())));
            }
            if (node instanceof Node.Paragraph) {
                out.append('\n');
            }
        }
        return out.toString();
    }
}
