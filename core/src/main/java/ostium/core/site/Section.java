package ostium.core.site;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * One section of a page.
 *
 * @param id stable id
 * @param kind what it is for
 * @param layout one of the layouts its kind has in every house
 * @param anchor its address within the page; stays when a heading changes
 * @param hidden whether visitors see it
 * @param texts its own texts by slot ({@code heading}, {@code lead}, …), in reading order
 * @param items its rows, in order
 */
public record Section(
        String id,
        SectionKind kind,
        String layout,
        String anchor,
        boolean hidden,
        Map<String, Text> texts,
        List<Item> items) {
    public Section {
        texts = new LinkedHashMap<>(texts);
        items = List.copyOf(items);
    }

    public Optional<Text> text(String slot) {
        return Optional.ofNullable(texts.get(slot));
    }

    public Optional<Item> item(String itemId) {
        return items.stream().filter(item -> item.id().equals(itemId)).findFirst();
    }

    /** Rows visitors see. */
    public List<Item> shownItems() {
        return items.stream().filter(item -> !item.hidden()).toList();
    }

    public Stream<Text> allTexts() {
        return Stream.concat(texts.values().stream(), items.stream().flatMap(item -> item.texts().values().stream()));
    }

    /** Ids of the section, its rows and its texts. */
    public Stream<String> ids() {
        return Stream.of(Stream.of(id), items.stream().map(Item::id), allTexts().map(Text::id))
                .flatMap(part -> part);
    }

    public Section withHidden(boolean other) {
        return new Section(id, kind, layout, anchor, other, texts, items);
    }

    public Section withLayout(String other) {
        return new Section(id, kind, other, anchor, hidden, texts, items);
    }

    public Section withItems(List<Item> others) {
        return new Section(id, kind, layout, anchor, hidden, texts, others);
    }

    /**
     * This section with a text in a slot.
     *
     * @param order names of all slots in reading order; texts of others stay, after them
     */
    public Section withText(String slot, Text text, List<String> order) {
        Map<String, Text> all = new LinkedHashMap<>(texts);
        all.put(slot, text);
        Map<String, Text> next = new LinkedHashMap<>();
        order.stream().filter(all::containsKey).forEach(each -> next.put(each, all.get(each)));
        all.forEach(next::putIfAbsent);
        return new Section(id, kind, layout, anchor, hidden, next, items);
    }

    public Section withoutText(String slot) {
        Map<String, Text> next = new LinkedHashMap<>(texts);
        next.remove(slot);
        return new Section(id, kind, layout, anchor, hidden, next, items);
    }

    /** This section with every text of it, those of its rows too, changed. */
    public Section mapTexts(UnaryOperator<Text> change) {
        Map<String, Text> next = new LinkedHashMap<>(texts);
        next.replaceAll((slot, text) -> change.apply(text));
        List<Item> rows = new ArrayList<>();
        for (Item item : items) {
            Map<String, Text> own = new LinkedHashMap<>(item.texts());
            own.replaceAll((slot, text) -> change.apply(text));
            rows.add(item.withTexts(own));
        }
        return new Section(id, kind, layout, anchor, hidden, next, rows);
    }
}
