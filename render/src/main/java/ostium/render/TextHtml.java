package ostium.render;

import gg.jte.Content;
import gg.jte.TemplateOutput;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jsoup.nodes.Entities;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.site.Node;
import ostium.core.site.Text;

/** A text tree as HTML. Every character that came from a person is escaped here. */
final class TextHtml implements Content {

    /** How the blocks of a text are written. */
    enum Blocks {
        /** Lines with breaks between, for headings. */
        LINES,
        /** Paragraphs and lists. */
        PARAGRAPHS
    }

    private final Text text;
    private final Facts facts;
    private final Blocks blocks;
    private final boolean marked;
    private final UnaryOperator<String> addresses;

    /**
     * @param marked whether the words carry the id of their text, as in the preview
     * @param addresses where the target of a link leads
     */
    TextHtml(Text text, Facts facts, Blocks blocks, boolean marked, UnaryOperator<String> addresses) {
        this.text = text;
        this.facts = facts;
        this.blocks = blocks;
        this.marked = marked;
        this.addresses = addresses;
    }

    @Override
    public void writeTo(TemplateOutput output) {
        String element = blocks == Blocks.LINES ? "span" : "div";
        output.writeContent(marked ? "<" + element + " data-text=\"" + escape(text.id()) + "\">" : "");
        words(output);
        output.writeContent(marked ? "</" + element + ">" : "");
    }

    private void words(TemplateOutput output) {
        boolean first = true;
        for (Node block : text.tree()) {
            if (blocks == Blocks.LINES) {
                output.writeContent(first ? "" : "<br>");
                inside(output, block instanceof Node.Paragraph paragraph ? paragraph.inside() : List.of(block));
            } else {
                block(output, block);
            }
            first = false;
        }
    }

    private void block(TemplateOutput output, Node block) {
        if (block instanceof Node.Bullets bullets) {
            output.writeContent("<ul>");
            for (Node.Paragraph entry : bullets.entries()) {
                output.writeContent("<li>");
                inside(output, entry.inside());
                output.writeContent("</li>");
            }
            output.writeContent("</ul>");
        } else {
            output.writeContent("<p dir=\"auto\">");
            inside(output, block instanceof Node.Paragraph paragraph ? paragraph.inside() : List.of(block));
            output.writeContent("</p>");
        }
    }

    private void inside(TemplateOutput output, List<Node> nodes) {
        for (Node node : nodes) {
            if (node instanceof Node.Words words) {
                output.writeContent(escape(words.value()));
            } else if (node instanceof Node.Strong strong) {
                wrapped(output, "strong", strong.inside());
            } else if (node instanceof Node.Emphasis emphasis) {
                wrapped(output, "em", emphasis.inside());
            } else if (node instanceof Node.LinkTo link) {
                output.writeContent("<a href=\"" + escape(addresses.apply(link.target())) + "\">");
                inside(output, link.inside());
                output.writeContent("</a>");
            } else if (node instanceof Node.LinkedFact linked) {
                fact(output, linked);
            } else if (node instanceof Node.Paragraph paragraph) {
                inside(output, paragraph.inside());
            }
        }
    }

    private void wrapped(TemplateOutput output, String element, List<Node> nodes) {
        output.writeContent("<" + element + ">");
        inside(output, nodes);
        output.writeContent("</" + element + ">");
    }

    private void fact(TemplateOutput output, Node.LinkedFact linked) {
        String said = facts.say(linked.fact(), linked.facet()).orElse("");
        FactValue value =
                facts.byId(linked.fact()).map(fact -> (FactValue) fact.value()).orElse(null);
        if (value instanceof Telephone telephone && !said.isEmpty()) {
            output.writeContent("<a href=\"" + escape(telephone.uri()) + "\">" + escape(said) + "</a>");
        } else if (value instanceof EmailAddress email && !said.isEmpty()) {
            output.writeContent("<a href=\"mailto:" + escape(email.ascii()) + "\">" + escape(said) + "</a>");
        } else {
            output.writeContent(escape(said));
        }
    }

    /** Words as they stand in HTML, in an element or between the quotation marks of an attribute. */
    static String escape(String words) {
        return Entities.escape(words);
    }
}
