package ostium.core.site;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** A piece of a text's tree. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Node.Paragraph.class, name = "paragraph"),
    @JsonSubTypes.Type(value = Node.Bullets.class, name = "list"),
    @JsonSubTypes.Type(value = Node.Words.class, name = "words"),
    @JsonSubTypes.Type(value = Node.Strong.class, name = "strong"),
    @JsonSubTypes.Type(value = Node.Emphasis.class, name = "emphasis"),
    @JsonSubTypes.Type(value = Node.LinkTo.class, name = "link"),
    @JsonSubTypes.Type(value = Node.LinkedFact.class, name = "fact"),
})
public sealed interface Node {

    /** What it is made of; empty for words and linked facts. */
    default List<? extends Node> children() {
        return List.of();
    }

    /** A block of running words. */
    record Paragraph(List<Node> inside) implements Node {
        public Paragraph {
            inside = List.copyOf(inside);
        }

        @Override
        public List<? extends Node> children() {
            return inside;
        }
    }

    /** A list; each entry is a paragraph. */
    record Bullets(List<Paragraph> entries) implements Node {
        public Bullets {
            entries = List.copyOf(entries);
        }

        @Override
        public List<? extends Node> children() {
            return entries;
        }
    }

    record Words(String value) implements Node {}

    record Strong(List<Node> inside) implements Node {
        public Strong {
            inside = List.copyOf(inside);
        }

        @Override
        public List<? extends Node> children() {
            return inside;
        }
    }

    record Emphasis(List<Node> inside) implements Node {
        public Emphasis {
            inside = List.copyOf(inside);
        }

        @Override
        public List<? extends Node> children() {
            return inside;
        }
    }

    /** @param target {@code #anchor}, {@code door:call}, or an address */
    record LinkTo(String target, List<Node> inside) implements Node {
        public LinkTo {
            inside = List.copyOf(inside);
        }

        @Override
        public List<? extends Node> children() {
            return inside;
        }
    }

    /** A fact inside the words; it changes wherever the fact changes. */
    record LinkedFact(String fact, String facet) implements Node {}
}
