package ostium.core.copy;

import java.util.Set;
import java.util.TreeSet;
import ostium.core.site.Node;

/**
 * One thing that can be said.
 *
 * @param node what goes into the text
 * @param plain the same as a visitor reads it
 * @param needs ids of the facts that carry it
 * @param words how many words it has
 */
record Said(Node node, String plain, Set<String> needs, int words) {
    private Said(Node node, String plain, Set<String> needs) {
        this(
                node,
                plain,
                needs,
                plain.isEmpty() ? 0 : (int) plain.chars().filter(c -> c == ' ').count() + 1);
    }

    /** A fact as it is, which follows when the fact changes. */
    static Said linked(String fact, String facet, String plain) {
        return new Said(new Node.LinkedFact(fact, facet), plain, Set.of(fact));
    }

    /** Words of ours that stand on something. */
    static Said words(String words, Set<String> needs) {
        return new Said(new Node.Words(words), words, needs);
    }

    /** The same, standing on more. */
    Said standingOn(Set<String> more) {
        Set<String> all = new TreeSet<>(needs);
        all.addAll(more);
        return new Said(node, plain, Set.copyOf(all), words);
    }

    /** What is told with it; two ways of saying one thing are the same, two parts of one fact are not. */
    Set<String> told() {
        return node instanceof Node.LinkedFact link ? Set.of(link.fact() + "." + link.facet()) : needs;
    }
}
