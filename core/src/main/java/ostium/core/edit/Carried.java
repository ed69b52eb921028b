package ostium.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.section.SectionKinds;
import ostium.core.site.Item;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Text;

/**
 * A new draft that carries over what an owner has made of the one before: confirmed and own words, what is hidden, the
 * order of rows. Sections and pages that both have keep their ids, and sections their anchors.
 */
final class Carried {
    private final Site before;
    private final Site fresh;

    Carried(Site before, Site fresh) {
        this.before = before;
        this.fresh = fresh;
    }

    Site site() {
        List<Page> pages = new ArrayList<>();
        for (Page page : fresh.pages()) {
            List<Section> sections = page.sections().stream().map(this::carried).toList();
            Optional<Page> same = before.pages().stream()
                    .filter(each -> each.slug().equals(page.slug()))
                    .findFirst();
            pages.add(new Page(
                    same.map(Page::id).orElse(page.id()),
                    page.slug(),
                    same.map(Page::name).orElse(page.name()),
                    sections));
        }
        List<Section> last = new ArrayList<>(pages.get(pages.size() - 1).sections());
        last.addAll(keptAside());
        pages.set(pages.size() - 1, pages.get(pages.size() - 1).withSections(last));
        return new Site(carried(fresh.masthead()), pages, carried(fresh.footer()));
    }

    private Section carried(Section section) {
        return before.section(section.kind()).map(old -> carried(old, section)).orElse(section);
    }

    private static Section carried(Section old, Section section) {
        Section next = new Section(
                old.id(),
                section.kind(),
                section.layout(),
                old.anchor(),
                old.hidden(),
                section.texts(),
                items(old.items(), section.items()));
        for (Map.Entry<String, Text> slot : old.texts().entrySet()) {
            if (isTheirs(slot.getValue())) {
                next = next.withText(
                        slot.getKey(), slot.getValue(), SectionKinds.of(next).slotNames());
            }
        }
        return next;
    }

    /** Rows in the order they had, with new ones after them; suggested words of rows come from the new draft. */
    private static List<Item> items(List<Item> old, List<Item> fresh) {
        List<Item> items = new ArrayList<>();
        for (Item row : old) {
            Optional<Item> same = fresh.stream()
                    .filter(each -> each.fact().equals(row.fact()))
                    .findFirst();
            boolean theirs = row.texts().values().stream().anyMatch(Carried::isTheirs);
            if (same.isPresent()) {
                items.add(theirs ? row : row.withTexts(same.get().texts()));
            } else if (theirs) {
                items.add(row);
            }
        }
        fresh.stream()
                .filter(row -> old.stream().noneMatch(each -> each.fact().equals(row.fact())))
                .forEach(items::add);
        return items;
    }

    /**
     * Sections the new draft has not: their confirmed and own words, hidden from visitors. One of a kind that no plan has,
     * or a second one of its kind, is the owner's alone and stays as it was.
     */
    private List<Section> keptAside() {
        List<Section> aside = new ArrayList<>();
        before.sections().filter(this::isGone).forEach(old -> {
            if (SectionKinds.of(old).mayBeSeveral()) {
                aside.add(old);
                return;
            }
            Map<String, Text> texts = new LinkedHashMap<>(old.texts());
            texts.values().removeIf(text -> !isTheirs(text));
            List<Item> items = old.items().stream()
                    .filter(item -> item.texts().values().stream().anyMatch(Carried::isTheirs))
                    .toList();
            if (!texts.isEmpty() || !items.isEmpty()) {
                aside.add(new Section(old.id(), old.kind(), old.layout(), old.anchor(), true, texts, items));
            }
        });
        return aside;
    }

    private boolean isGone(Section old) {
        boolean first = before.section(old.kind()).filter(old::equals).isPresent();
        return fresh.section(old.kind()).isEmpty() || !first;
    }

    private static boolean isTheirs(Text text) {
        return text.mark() != Text.Mark.SUGGESTED;
    }
}
