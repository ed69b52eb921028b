package ostium.core.site;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One section of a page.
 *
 * @param id stable id
 * @param kind what it is for
 * @param layout one of the layouts its kind has in every house
 * @param anchor its address within the page; stays when a heading changes
 * @param texts its own texts by slot ({@code heading}, {@code lead}, …), in reading order
 * @param items its rows, in order
 */
public record Section(
        String id, SectionKind kind, String layout, String anchor, Map<String, Text> texts, List<Item> items) {
    public Section {
        texts = new LinkedHashMap<>(texts);
        items = List.copyOf(items);
    }

    public Optional<Text> text(String slot) {
        return Optional.ofNullable(texts.get(slot));
    }

    public Stream<Text> allTexts() {
        return Stream.concat(texts.values().stream(), items.stream().flatMap(item -> item.texts().values().stream()));
    }
}
