package ostium.core.site;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A row of a section.
 *
 * @param id stable id
 * @param fact the fact this row <em>is</em> (a service), or empty
 * @param hidden whether visitors see it
 * @param texts words that are not a fact, by slot
 */
public record Item(String id, String fact, boolean hidden, Map<String, Text> texts) {
    public Item {
        texts = new LinkedHashMap<>(texts);
    }

    /** A row visitors see. */
    public static Item of(String id, String fact, Map<String, Text> texts) {
        return new Item(id, fact, false, texts);
    }

    public Item withHidden(boolean other) {
        return new Item(id, fact, other, texts);
    }

    public Item withTexts(Map<String, Text> others) {
        return new Item(id, fact, hidden, others);
    }
}
