package ostium.core.copy;

import java.util.List;
import java.util.Set;
import ostium.core.site.Node;

/** A sentence or a line that was chosen, written out. */
public final class Phrase {
    private final Variant.Filled filled;

    Phrase(Variant.Filled filled) {
        this.filled = filled;
    }

    Variant.Filled filled() {
        return filled;
    }

    /** Id of the pattern and of the way it is read; texts remember it. */
    public String pattern() {
        return filled.variant().id();
    }

    public List<Node> tree() {
        return filled.tree();
    }

    /** As a visitor reads it. */
    public String plain() {
        return filled.plain();
    }

    /** The facts that carry it, and what else it stands on. */
    public Set<String> needs() {
        return filled.needs();
    }
}
