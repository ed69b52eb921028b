package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.site.Item;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** Edits of the rows of a section: which, in what order, hidden or not. What a row says of a fact is the fact's. */
public sealed interface ItemEdit extends Edit {

    /** Id of the section the row stands in. */
    String section();

    /** @param after id of the row it stands after; empty for the first place */
    record MoveItem(String section, String item, String after) implements ItemEdit {
        @Override
        public Applied apply(State state) {
            Section found = sectionOf(state, section);
            Item moved = rowOf(found, item);
            return new Applied(
                    with(state, found.withItems(inserted(without(found.items(), item), moved, after))),
                    new MoveItem(section, item, before(found.items(), item)));
        }

        @Override
        public Set<String> places() {
            return Set.of("item-place/" + item);
        }
    }

    record HideItem(String section, String item, boolean hidden) implements ItemEdit {
        @Override
        public Applied apply(State state) {
            Section found = sectionOf(state, section);
            Item before = rowOf(found, item);
            List<Item> next = found.items().stream()
                    .map(each -> each.id().equals(item) ? each.withHidden(hidden) : each)
                    .toList();
            return new Applied(with(state, found.withItems(next)), new HideItem(section, item, before.hidden()));
        }

        @Override
        public Set<String> places() {
            return Set.of("item-hidden/" + item);
        }
    }

    record RemoveItem(String section, String item) implements ItemEdit {
        @Override
        public Applied apply(State state) {
            Section found = sectionOf(state, section);
            Item before = rowOf(found, item);
            return new Applied(
                    with(state, found.withItems(without(found.items(), item))),
                    new PutItem(section, before(found.items(), item), before));
        }

        @Override
        public Set<String> places() {
            return Set.of("item/" + item);
        }
    }

    /** @param after id of the row it stands after; empty for the first place */
    record PutItem(String section, String after, Item item) implements ItemEdit {
        /** Most rows of a section. */
        private static final int MOST = 200;

        @Override
        public Applied apply(State state) {
            Section found = sectionOf(state, section);
            Ids.requireNew(
                    Kept.site(state),
                    Stream.concat(
                                    Stream.of(item.id()),
                                    item.texts().values().stream().map(Text::id))
                            .toList());
            if (found.items().size() >= MOST) {
                throw EditRefused.saying("item.many", MOST);
            }
            item.texts().values().forEach(text -> TextLimits.check(text.tree(), TextLimits.ROW));
            return new Applied(
                    with(state, found.withItems(inserted(found.items(), item, after))),
                    new RemoveItem(section, item.id()));
        }

        @Override
        public Set<String> places() {
            return Set.of("item/" + item.id());
        }
    }

    private static Section sectionOf(State state, String id) {
        return Kept.site(state).section(id).orElseThrow(() -> EditRefused.gone("section"));
    }

    private static Item rowOf(Section section, String id) {
        return section.item(id).orElseThrow(() -> EditRefused.gone("row"));
    }

    private static State with(State state, Section section) {
        Site site = state.site();
        return state.withSite(site.with(section));
    }

    private static List<Item> without(List<Item> items, String id) {
        return items.stream().filter(item -> !item.id().equals(id)).toList();
    }

    private static String before(List<Item> items, String id) {
        List<String> ids = items.stream().map(Item::id).toList();
        int at = ids.indexOf(id);
        return at <= 0 ? "" : ids.get(at - 1);
    }

    private static List<Item> inserted(List<Item> items, Item item, String after) {
        List<Item> next = new ArrayList<>(items);
        int neighbour = items.stream().map(Item::id).toList().indexOf(after);
        next.add(after.isEmpty() ? 0 : neighbour < 0 ? next.size() : neighbour + 1, item);
        return next;
    }
}
