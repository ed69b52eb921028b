package ostium.core.rewrite;

import java.util.ArrayList;
import java.util.List;
import ostium.core.site.Node;

/**
 * A paragraph as one string that rules can work on. What must come through whole (linked facts, links, strong words) is
 * one private character each, and comes back as it was.
 */
final class Flat {
    /** First of the private-use characters of Unicode. */
    private static final char FIRST = '\uE000';

    private static final int MOST = 1000;

    private final List<Node> whole = new ArrayList<>();
    private final String words;

    Flat(List<Node> inside) {
        StringBuilder out = new StringBuilder();
        for (Node node : inside) {
            if (node instanceof Node.Words own) {
                // A private character of the owner's own would be taken for one of ours.
                out.append(own.value().replaceAll("[\uE000-\uE3E8]", ""));
            } else if (whole.size() < MOST) {
                out.append((char) (FIRST + whole.size()));
                whole.add(node);
            }
        }
        words = out.toString();
    }

    String words() {
        return words;
    }

    static boolean isWhole(char c) {
        return c >= FIRST && c < FIRST + MOST;
    }

    /** Nodes of a string in which the private characters stand for the same things. */
    List<Node> nodes(String rewritten) {
        List<Node> nodes = new ArrayList<>();
        StringBuilder run = new StringBuilder();
        for (char c : rewritten.toCharArray()) {
            if (isWhole(c)) {
                flush(run, nodes);
                nodes.add(whole.get(c - FIRST));
            } else {
                run.append(c);
            }
        }
        flush(run, nodes);
        return nodes;
    }

    /** Whether a rewritten string has lost none of them. */
    boolean keepsAll(String rewritten) {
        for (int i = 0; i < whole.size(); i++) {
            if (rewritten.indexOf(FIRST + i) < 0) {
                return false;
            }
        }
        return true;
    }

    private static void flush(StringBuilder run, List<Node> nodes) {
        if (run.length() > 0) {
            nodes.add(new Node.Words(run.toString()));
            run.setLength(0);
        }
    }
}
