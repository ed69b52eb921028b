package ostium.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.draft.Plan;
import ostium.core.draft.Recipe;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.section.Stage;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Item;
import ostium.core.site.Page;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** Drafting for a document that stands already: one section again, or one it does not have yet. */
public final class Redraft {

    private Redraft() {}

    /** A section that the facts could carry, and why. */
    public record Offer(SectionKind kind, String reason) {}

    /** A site drafted again, and the seed it was drafted by. */
    private record Redrafted(Seed seed, Site site) {}

    /**
     * Sections that could stand on the page: those the plan for these facts has and the document has not, and those that
     * only an owner puts there.
     */
    public static List<Offer> offers(State state, SheetReading reading) {
        if (!state.isKept()) {
            return List.of();
        }
        Plan plan = Plan.of(reading.brief());
        Stream<Offer> planned = plan.sections().stream()
                .filter(choice -> mayStand(state.site(), choice.kind()))
                .filter(choice -> state.site().section(choice.kind()).isEmpty()
                        || SectionKinds.of(choice.kind()).offer().isEmpty())
                .map(choice -> new Offer(choice.kind(), choice.reason()));
        Stream<Offer> byHand = SectionKinds.all().stream()
                .filter(kind -> mayStand(state.site(), kind.kind()))
                .filter(kind -> state.site().section(kind.kind()).isPresent() || !plan.has(kind.kind()))
                .filter(kind -> kind.plan(reading.brief()).isEmpty() || plan.has(kind.kind()))
                .flatMap(kind -> kind.offer().map(reason -> new Offer(kind.kind(), reason)).stream());
        return Stream.concat(planned, byHand).toList();
    }

    private static boolean mayStand(Site site, SectionKind kind) {
        return site.section(kind).isEmpty() || SectionKinds.of(kind).mayBeSeveral();
    }

    /**
     * A section drafted again: suggested words are chosen anew, confirmed and own words stay, and so do its rows.
     *
     * @throws EditRefused if there is no such section, or nothing to draft it from
     */
    public static Edit again(State state, SheetReading reading, String id, Seed seed) {
        Section section = Kept.site(state).section(id).orElseThrow(() -> EditRefused.gone("section"));
        OtherWords otherWords =
                new OtherWords(section.allTexts().toList(), reading.brief().facts());
        return new SectionEdit.ReplaceSection(otherWords.drawn(
                seed,
                drawn -> withWordsOf(
                        section,
                        drafted(reading, section.kind(), drawn)
                                .orElseThrow(() -> EditRefused.saying("redraft.nothingTrueCanBeSaid"))),
                next -> next.allTexts().toList()));
    }

    /** A section with the words of another in the places where its own are suggested, or none stand. */
    private static Section withWordsOf(Section section, Section fresh) {
        Section next = section;
        for (var slot : SectionKinds.of(section).slots()) {
            Optional<Text> here = section.text(slot.name());
            Optional<Text> there = fresh.text(slot.name());
            if (there.isPresent()
                    && here.map(text -> text.mark() == Text.Mark.SUGGESTED).orElse(true)) {
                Text words = there.get();
                String textId = here.map(Text::id).orElse(words.id());
                next = next.withText(
                        slot.name(),
                        new Text(textId, words.mark(), words.tree(), words.origin()),
                        SectionKinds.of(section).slotNames());
            }
        }
        return next;
    }

    /**
     * A section the document has not, put where the plan has it.
     *
     * @throws EditRefused if it stands there already, or there is nothing to draft it from
     */
    public static Edit put(State state, SheetReading reading, SectionKind kind, Seed seed) {
        Site site = Kept.site(state);
        SectionDescriptor descriptor = SectionKinds.of(kind);
        if (!mayStand(site, kind)) {
            throw EditRefused.saying("redraft.thisSectionStandsOnThe");
        }
        Section fresh = drafted(reading, kind, seed)
                .or(() -> descriptor.offer().map(reason -> Drafter.section(reading.brief(), descriptor, seed)))
                .orElseThrow(() -> EditRefused.saying("redraft.nothingTrueCanBeSaid"));
        return new SectionEdit.PutSection(
                place(site, Plan.of(reading.brief()), kind), atFreeAnchor(site, withOwnIds(fresh, seed)));
    }

    /**
     * A second section of a kind shows what the others do not, and has an anchor of its own ({@code gallery-2}). Where the
     * others show every row, it shows them all again: the owner takes out what is too much.
     */
    private static Section atFreeAnchor(Site site, Section section) {
        Set<String> anchors = site.sections().map(Section::anchor).collect(Collectors.toSet());
        String anchor = section.anchor();
        for (int i = 2; anchors.contains(anchor); i++) {
            anchor = section.anchor() + "-" + i;
        }
        Set<String> shown = site.sections(section.kind())
                .flatMap(other -> other.items().stream())
                .map(Item::fact)
                .collect(Collectors.toSet());
        List<Item> rows = section.items().stream()
                .filter(item -> !shown.contains(item.fact()))
                .toList();
        return new Section(
                section.id(),
                section.kind(),
                section.layout(),
                anchor,
                section.hidden(),
                section.texts(),
                rows.isEmpty() ? section.items() : rows);
    }

    /** Where the plan has a section, told by what stands of its page: beside its neighbours, wherever those are. */
    private static Position place(Site site, Plan plan, SectionKind kind) {
        Plan.PlannedPage planned = plan.pageOf(kind).orElse(plan.pages().get(0));
        Page page = site.pages().stream()
                .filter(each -> each.slug().equals(planned.slug()))
                .findFirst()
                .orElse(site.home());
        if (!plan.has(kind)) {
            return new Position(page.id(), beforeLast(page));
        }
        String after = "";
        for (Plan.Choice choice : plan.sections()) {
            if (choice.kind().equals(kind)) {
                break;
            }
            after = page.sections().stream()
                    .filter(section -> section.kind().equals(choice.kind()))
                    .map(Section::id)
                    .findFirst()
                    .orElse(after);
        }
        return new Position(page.id(), after);
    }

    /** What no plan has stands before what is read last, as the form is. */
    private static String beforeLast(Page page) {
        String after = "";
        for (Section section : page.sections()) {
            if (SectionKinds.of(section).stage() != Stage.LAST) {
                after = section.id();
            }
        }
        return after;
    }

    /**
     * A whole new draft. Confirmed and own words stay: in their places where the new plan has them, else in hidden
     * sections, so that nothing is lost. What was hidden stays hidden, and the look stays as it is.
     */
    public static Edit whole(State state, SheetReading reading, Seed seed) {
        Site site = Kept.site(state);
        OtherWords otherWords =
                new OtherWords(site.texts().toList(), reading.brief().facts());
        Redrafted chosen = otherWords.drawn(
                seed,
                drawn -> redrafted(site, reading, drawn),
                next -> next.site().texts().toList());
        return new WholeEdit.Several(List.of(
                new SheetEdit.SetLine("seed", String.valueOf(chosen.seed().value())),
                new WholeEdit.PutDraft(chosen.site(), state.look())));
    }

    private static Redrafted redrafted(Site site, SheetReading reading, Seed seed) {
        Draft draft = Drafter.draft(reading.brief(), seed);
        return new Redrafted(seed, new Carried(site, draft.site()).site());
    }

    /**
     * A draft of the drafts table for a site that has one: as {@link #whole}, and in the look of the draft, so that what
     * was seen on the table is what is kept.
     */
    public static Edit kept(State state, SheetReading reading, Recipe recipe) {
        Site site = Kept.site(state);
        Draft draft = recipe.draft(reading.brief());
        return new WholeEdit.Several(List.of(
                new SheetEdit.SetLine("seed", String.valueOf(recipe.words())),
                new WholeEdit.PutDraft(new Carried(site, draft.site()).site(), draft.look())));
    }

    private static Optional<Section> drafted(SheetReading reading, SectionKind kind, Seed seed) {
        Draft draft = Drafter.draft(reading.brief(), seed);
        return draft.site().section(kind);
    }

    /** Ids that no earlier draft of the same facts has given. */
    private static Section withOwnIds(Section section, Seed seed) {
        Map<String, Text> texts = new LinkedHashMap<>();
        section.texts().forEach((slot, text) -> texts.put(slot, renamed(text, seed)));
        List<Item> items = new ArrayList<>();
        for (Item item : section.items()) {
            Map<String, Text> words = new LinkedHashMap<>();
            item.texts().forEach((slot, text) -> words.put(slot, renamed(text, seed)));
            items.add(new Item(seed.id("put/" + item.id()), item.fact(), item.hidden(), words));
        }
        return new Section(
                seed.id("put/" + section.id()),
                section.kind(),
                section.layout(),
                section.anchor(),
                section.hidden(),
                texts,
                items);
    }

    private static Text renamed(Text text, Seed seed) {
        return new Text(seed.id("put/" + text.id()), text.mark(), text.tree(), text.origin());
    }
}
