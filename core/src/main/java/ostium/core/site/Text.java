package ostium.core.site;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Words on a page.
 *
 * @param id stable id
 * @param mark where the words come from
 * @param tree what they are; never an HTML string
 * @param origin how a suggested text was chosen
 */
public record Text(String id, Mark mark, List<Node> tree, Origin origin) {

    /** Where a text comes from. One changed character makes it {@link #OWN}. */
    public enum Mark {
        /** Ours, not yet confirmed. */
        SUGGESTED,
        CONFIRMED,
        OWN
    }

    /**
     * @param pattern id of the sentence pattern, empty for the owner's words
     * @param seed the seed it was chosen with
     * @param needs ids of the facts that carry what it says
     */
    public record Origin(String pattern, long seed, Set<String> needs) {
        public Origin {
            needs = new TreeSet<>(needs);
        }

        public static Origin own() {
            return new Origin("", 0, Set.of());
        }
    }

    public Text {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(mark, "mark");
        Objects.requireNonNull(origin, "origin");
        tree = List.copyOf(tree);
    }

    public Text withMark(Mark other) {
        return new Text(id, other, tree, origin);
    }

    /** Every node of it, however deep. */
    public Stream<Node> nodes() {
        return tree.stream().flatMap(Text::deep);
    }

    private static Stream<Node> deep(Node node) {
        return Stream.concat(Stream.of(node), node.children().stream().flatMap(Text::deep));
    }
}
