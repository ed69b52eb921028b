package ostium.core.site;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A row of a section.
 *
 * @param id stable id
 * @param fact the fact this row <em>is</em> (a service), or empty
 * @param texts words that are not a fact, by slot
 */
public record Item(String id, String fact, Map<String, Text> texts) {
    public Item {
        texts = new LinkedHashMap<>(texts);
    }
}
