package ostium.core.section;

import java.util.Map;
import ostium.core.brief.Brief;
import ostium.core.site.Item;
import ostium.core.site.Text;

/** A draft that is being laid out, as far as the kinds of sections take part in it. */
public interface Drafting {
    Brief brief();

    /** The words of a kind, slot by slot; a slot with nothing true to say has none. */
    Map<String, Text> words(SectionDescriptor kind);

    /** Whether words were said somewhere in the draft so far. */
    boolean isSaid(String words);

    /** Words that are not from the grammar. */
    Text text(
            String path,
            Text.Mark mark,
            String pattern,
            java.util.List<String> paragraphs,
            java.util.Set<String> needs);

    /** A row that is a fact. */
    Item row(String path, String fact, Map<String, Text> texts);

    /** A stable id for a path. */
    String id(String path);

    /** A number in {@code [0, 1)} for the layout of a kind. */
    double chance(String path);
}
