package ostium.core.edit;

import java.util.List;
import ostium.core.site.Node;
import ostium.core.site.Slot;

/** What a text may be: as long as its place allows, and a tree that can be drawn. */
final class TextLimits {

    /** The place of words in a row. */
    static final Slot ROW = new Slot("says", "words", Slot.Shape.LINES, 400);

    private static final int DEEPEST = 8;
    private static final int MOST_BLOCKS = 400;

    private TextLimits() {}

    /** @throws EditRefused naming the limit */
    static void check(List<Node> tree, Slot slot) {
        if (tree.size() > MOST_BLOCKS) {
            throw EditRefused.saying("textLimits.paragraphs", MOST_BLOCKS, tree.size());
        }
        for (Node block : tree) {
            boolean list = block instanceof Node.Bullets;
            if (!(block instanceof Node.Paragraph) && !list) {
                throw EditRefused.saying("textLimits.madeOf");
            }
            if (list && slot.shape() != Slot.Shape.PARAGRAPHS) {
                throw EditRefused.saying("textLimits.noList");
            }
        }
        if (slot.shape() == Slot.Shape.LINE && tree.size() > 1) {
            throw EditRefused.saying("textLimits.onlyOneLineFitsHere");
        }
        long length = tree.stream().mapToLong(node -> length(node, 1)).sum();
        if (length > slot.longest()) {
            throw EditRefused.saying("textLimits.long", slot.longest(), length);
        }
    }

    private static long length(Node node, int depth) {
        if (depth > DEEPEST) {
            throw EditRefused.saying("textLimits.thisIsNestedTooDeep");
        }
        if (node instanceof Node.Words words) {
            return words.value().codePointCount(0, words.value().length());
        }
        if (node instanceof Node.LinkTo link
                && (link.target() == null || link.target().length() > 2000)) {
            throw EditRefused.saying("textLimits.link");
        }
        return node.children().stream()
                .mapToLong(child -> length(child, depth + 1))
                .sum();
    }
}
