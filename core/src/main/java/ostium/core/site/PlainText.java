package ostium.core.site;

import java.util.List;
import ostium.core.fact.Facts;

/** A text as a visitor reads it, without marks: linked facts said, paragraphs on lines of their own. */
public final class PlainText {
    private PlainText() {}

    public static String of(Text text, Facts facts) {
        return of(text.tree(), facts).strip();
    }

    private static String of(List<Node> nodes, Facts facts) {
        StringBuilder out = new StringBuilder();
        for (Node node : nodes) {
            if (node instanceof Node.Paragraph paragraph) {
                out.append(of(paragraph.inside(), facts)).append('\n');
            } else if (node instanceof Node.Bullets bullets) {
                bullets.entries()
                        .forEach(entry -> out.append(of(entry.inside(), facts)).append('\n'));
            } else if (node instanceof Node.Words words) {
                out.append(words.value());
            } else if (node instanceof Node.Strong strong) {
                out.append(of(strong.inside(), facts));
            } else if (node instanceof Node.Emphasis emphasis) {
                out.append(of(emphasis.inside(), facts));
            } else if (node instanceof Node.LinkTo link) {
                out.append(of(link.inside(), facts));
            } else if (node instanceof Node.LinkedFact linked) {
                out.append(facts.say(linked.fact(), linked.facet()).orElse(""));
            }
        }
        return out.toString();
    }
}
