package ostium.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.edit.Edit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.TextEdit;
import ostium.core.sheet.Line;
import ostium.core.site.Node;
import ostium.core.site.Text;

/** What puts a slip right, or leaves it as it is for good. */
public final class Correction {
    private Correction() {}

    /** Writes what was likely meant, where the slip stands first; empty where it runs over parts of a text. */
    public static Optional<Edit> of(State state, Passage passage, Slip slip) {
        if (slip.instead().isEmpty()) {
            return Optional.empty();
        }
        Pattern found = Pattern.compile("(?<![\\p{L}\\p{M}])" + Pattern.quote(slip.found()) + "(?![\\p{L}\\p{M}])");
        Once instead = new Once(found, slip.instead().get(0));
        if (!passage.line().isEmpty()) {
            String words = instead.in(passage.words());
            return instead.isDone() ? Optional.of(new SheetEdit.SetLine(passage.line(), words)) : Optional.empty();
        }
        return state.site().text(passage.text()).flatMap(text -> {
            List<Node> tree = instead.in(text.tree());
            return instead.isDone()
                    ? Optional.of(new TextEdit.SetText(text.id(), Text.Mark.OWN, tree, text.origin()))
                    : Optional.empty();
        });
    }

    /** The owner's word for it: that is how it is written here. */
    public static Edit leave(State state, Slip slip) {
        String before = state.sheet().line(Line.LEFT_AS_IS);
        String word = OwnWords.folded(slip.found().replaceAll("\\s+", " "));
        return new SheetEdit.SetLine(Line.LEFT_AS_IS.id(), before.isEmpty() ? word : before + "\n" + word);
    }

    /** Puts words in the place of others, the first time they come. */
    private static final class Once {
        private final Pattern found;
        private final String instead;
        private boolean done;

        Once(Pattern found, String instead) {
            this.found = found;
            this.instead = instead;
        }

        boolean isDone() {
            return done;
        }

        String in(String words) {
            Matcher matcher = found.matcher(words);
            if (done || !matcher.find()) {
                return words;
            }
            done = true;
            return words.substring(0, matcher.start()) + instead + words.substring(matcher.end());
        }

        List<Node> in(List<? extends Node> nodes) {
            List<Node> changed = new ArrayList<>();
            nodes.forEach(node -> changed.add(in(node)));
            return changed;
        }

        private Node in(Node node) {
            if (node instanceof Node.Words words) {
                return new Node.Words(in(words.value()));
            } else if (node instanceof Node.Paragraph paragraph) {
                return new Node.Paragraph(in(paragraph.inside()));
            } else if (node instanceof Node.Strong strong) {
                return new Node.Strong(in(strong.inside()));
            } else if (node instanceof Node.Emphasis emphasis) {
                return new Node.Emphasis(in(emphasis.inside()));
            } else if (node instanceof Node.LinkTo link) {
                return new Node.LinkTo(link.target(), in(link.inside()));
            } else if (node instanceof Node.Bullets bullets) {
                return new Node.Bullets(bullets.entries().stream()
                        .map(entry -> new Node.Paragraph(in(entry.inside())))
                        .toList());
            }
            return node;
        }
    }
}
