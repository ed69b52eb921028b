package ostium.core.edit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ostium.core.base.Seed;
import ostium.core.base.TimeBudget;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.draft.Plan;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.section.about.AboutSection;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;

/**
 * What a change of facts means for the document. A row of services is its fact, so it comes and goes with it. Suggested
 * words that a changed or missing fact no longer carries are chosen anew; confirmed and own words stay as they are, and
 * the snags say so. Linked facts need nothing: they are read when the page is drawn.
 */
public final class Consequences {
    private final State after;
    private final SheetReading was;
    private final SheetReading reading;
    private final Facts from;
    private final Facts to;
    private final Draft anew;
    private final List<Edit> edits = new ArrayList<>();

    private Consequences(State before, State after, Function<State, SheetReading> read) {
        this.after = after;
        this.was = read.apply(before);
        this.from = was.brief().facts();
        this.reading = read.apply(after);
        this.to = reading.brief().facts();
        this.anew = Drafter.draft(reading.brief(), new Seed(after.sheet().seed()));
    }

    /** Edits to be applied to the state after a change, as part of the same step; none when no fact has changed. */
    public static List<Edit> of(State before, State after, Instant now) {
        return of(before, after, state -> state.reading(now));
    }

    /** @param read reads the facts of a state; who has read them before need not do so again */
    public static List<Edit> of(State before, State after, Function<State, SheetReading> read) {
        if (!after.isKept() || before.sheet().equals(after.sheet())) {
            return List.of();
        }
        return new Consequences(before, after, read).all();
    }

    private List<Edit> all() {
        SectionKinds.all().stream().filter(SectionDescriptor::hasRows).forEach(this::rows);
        Set<String> changed = changed();
        if (!changed.isEmpty()) {
            after.site().sections().forEach(section -> words(section, changed));
        }
        if (ownWordsChanged()) {
            ownWords();
        }
        if (!was.brief().denied().equals(reading.brief().denied())) {
            sections();
        }
        return edits;
    }

    /**
     * Sections that hang on what was denied go, and those that hang on its opposite come. One with words of the owner's
     * is hidden instead, and shown when the denial is taken back.
     */
    private void sections() {
        Set<SectionKind> before = planned(was);
        Set<SectionKind> now = planned(reading);
        after.site()
                .sections()
                .filter(section -> before.contains(section.kind()))
                .forEach(section -> {
                    if (!now.contains(section.kind())) {
                        boolean theirs = section.allTexts().anyMatch(text -> text.mark() != Text.Mark.SUGGESTED);
                        edits.add(
                                theirs
                                        ? new SectionEdit.HideSection(section.id(), true)
                                        : new SectionEdit.RemoveSection(section.id()));
                    }
                });
        for (SectionKind kind : now) {
            if (!before.contains(kind)) {
                edits.add(after.site()
                        .section(kind)
                        .<Edit>map(section -> new SectionEdit.HideSection(section.id(), false))
                        .orElseGet(() -> Redraft.put(
                                after, reading, kind, new Seed(after.sheet().seed()))));
            }
        }
    }

    private static Set<SectionKind> planned(SheetReading reading) {
        return Plan.of(reading.brief()).sections().stream()
                .map(Plan.Choice::kind)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * Rows that are facts come and go with them, new ones in the first section of their kind. With the first fact a section
     * comes; one that was removed while there were some stays away.
     */
    private void rows(SectionDescriptor kind) {
        List<Section> sections = after.site().sections(kind.kind()).toList();
        sections.forEach(this::goneRows);
        if (!sections.isEmpty()) {
            newRows(kind, sections);
        } else if (kind.comesWithItsRows()
                && kind.rows(from).isEmpty()
                && !kind.rows(to).isEmpty()) {
            edits.add(Redraft.put(
                    after, reading, kind.kind(), new Seed(after.sheet().seed())));
        }
    }

    private boolean ownWordsChanged() {
        return !was.brief().ownWords().equals(reading.brief().ownWords());
    }

    /** Own words from the sheet follow the sheet for as long as they have not been changed on the page. */
    private void ownWords() {
        Draft before = Drafter.draft(was.brief(), new Seed(after.sheet().seed()));
        Optional<Text> stood = before.site().section(AboutSection.KIND).flatMap(about -> about.text("own"));
        Optional<Text> stands = after.site().section(AboutSection.KIND).flatMap(about -> about.text("own"));
        if (stood.isPresent()
                && stands.isPresent()
                && stands.get().tree().equals(stood.get().tree())) {
            String id = stands.get().id();
            edits.add(anew.site()
                    .section(AboutSection.KIND)
                    .flatMap(about -> about.text("own"))
                    .<Edit>map(words -> new TextEdit.SetText(id, Text.Mark.OWN, words.tree(), words.origin()))
                    .orElseGet(() -> new TextEdit.RemoveText(id)));
        }
    }

    private void goneRows(Section section) {
        for (Item item : section.items()) {
            TimeBudget.check();
            if (!item.fact().isEmpty() && !stands(item.fact())) {
                edits.add(new ItemEdit.RemoveItem(section.id(), item.id()));
            }
        }
    }

    private void newRows(SectionDescriptor kind, List<Section> sections) {
        Section first = sections.get(0);
        Set<String> shown = sections.stream()
                .flatMap(section -> section.items().stream())
                .map(Item::fact)
                .collect(Collectors.toSet());
        String last = first.items().isEmpty()
                ? ""
                : first.items().get(first.items().size() - 1).id();
        Set<String> known = kind.rows(from).stream().map(Fact::id).collect(Collectors.toSet());
        for (Fact<? extends FactValue> fact : kind.rows(to)) {
            if (!shown.contains(fact.id()) && !known.contains(fact.id())) {
                String id = newId("row-" + fact.id().substring(fact.id().indexOf('/') + 1));
                edits.add(new ItemEdit.PutItem(first.id(), last, Item.of(id, fact.id(), Map.of())));
                last = id;
            }
        }
    }

    /** Whether the row of a fact stands on the sheet, whatever can be read of it now. */
    private boolean stands(String fact) {
        return after.sheet().services().stream().anyMatch(row -> fact.equals("service/" + row.id()))
                || after.sheet().rows().stream().anyMatch(row -> fact.equals(row.kind() + "/" + row.id()));
    }

    private String newId(String stem) {
        Set<String> taken = after.site().ids().collect(Collectors.toCollection(HashSet::new));
        String clean = stem.replaceAll("[^A-Za-z0-9-]", "-");
        String id = clean;
        for (int i = 2; taken.contains(id); i++) {
            id = clean + "-" + i;
        }
        return id;
    }

    /** Ids of facts whose value is another now, or which are gone; and what is assumed or denied, if that has turned. */
    private Set<String> changed() {
        Set<String> changed = new HashSet<>();
        for (Fact<?> fact : from.list()) {
            if (!to.byId(fact.id())
                    .map(other -> other.value().equals(fact.value()) && other.state() == fact.state())
                    .orElse(false)) {
                changed.add(fact.id());
            }
        }
        after.site()
                .texts()
                .flatMap(text -> text.origin().needs().stream())
                .filter(need -> !Brief.isFact(need))
                .filter(need -> was.brief().carries(need) != reading.brief().carries(need))
                .forEach(changed::add);
        return changed;
    }

    private void words(Section section, Set<String> changed) {
        section.texts().forEach((slot, text) -> {
            if (isStale(text, changed)) {
                Optional<Text> better = anew.site()
                        .sections()
                        .filter(other -> other.kind().equals(section.kind()))
                        .findFirst()
                        .flatMap(other -> other.text(slot));
                edits.add(better.<Edit>map(words ->
                                new TextEdit.SetText(text.id(), Text.Mark.SUGGESTED, words.tree(), words.origin()))
                        .orElseGet(() -> new TextEdit.RemoveText(text.id())));
            }
        });
        for (Item item : section.items()) {
            TimeBudget.check();
            boolean lost = item.texts().values().stream().anyMatch(text -> isStale(text, changed));
            if (lost && to.byId(item.fact()).isEmpty()) {
                edits.add(new ItemEdit.RemoveItem(section.id(), item.id()));
            }
        }
    }

    /** Suggested words that lean on a fact that is gone, or say the old value of one in their own letters. */
    private boolean isStale(Text text, Set<String> changed) {
        if (text.mark() != Text.Mark.SUGGESTED) {
            return false;
        }
        Set<String> linked = text.nodes()
                .filter(Node.LinkedFact.class::isInstance)
                .map(node -> ((Node.LinkedFact) node).fact())
                .collect(Collectors.toSet());
        return text.origin().needs().stream()
                .filter(changed::contains)
                .anyMatch(need -> !reading.brief().carries(need) || !linked.contains(need) || saysNothing(text, need));
    }

    /** Whether a link to the fact would say nothing now, as when a town has gone from an address. */
    private boolean saysNothing(Text text, String fact) {
        return text.nodes()
                .filter(Node.LinkedFact.class::isInstance)
                .map(Node.LinkedFact.class::cast)
                .filter(link -> link.fact().equals(fact))
                .anyMatch(link -> to.say(link.fact(), link.facet()).isEmpty());
    }
}
