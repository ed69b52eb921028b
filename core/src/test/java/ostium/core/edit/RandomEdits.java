package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.section.SectionKinds;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** Edits an owner could make, of every kind, drawn with a seed. Most fit the state; some speak of what is not there. */
final class RandomEdits {
    private final Random random;
    private int ids;

    RandomEdits(long seed) {
        this.random = new Random(seed);
    }

    /** A demo site with a kept draft. */
    static State kept(String business, long seed) {
        State begun = State.begun(Samples.sheet(business));
        Draft draft = Drafter.draft(Samples.brief(business), new Seed(seed));
        return new WholeEdit.Several(List.of(
                        new WholeEdit.PutDraft(draft.site(), draft.look()),
                        new WholeEdit.SendMessagesTo(List.of("ada@ashlatch.example"))))
                .apply(begun)
                .state();
    }

    private static final Text NO_TEXT =
            new Text("none", Text.Mark.SUGGESTED, List.of(), new Text.Origin("", 0, java.util.Set.of()));

    Edit next(State state) {
        Site site = state.site();
        Section section = pick(site.sections().toList());
        Text text = pick(site.texts().toList(), NO_TEXT);
        Section withRows =
                pick(site.sections().filter(each -> !each.items().isEmpty()).toList(), section);
        String row =
                withRows.items().isEmpty() ? "none" : pick(withRows.items()).id();
        String service = state.sheet().services().isEmpty()
                ? "none"
                : pick(state.sheet().services()).id();
        String fact = state.sheet().rows().isEmpty()
                ? "none"
                : pick(state.sheet().rows()).id();
        return switch (random.nextInt(27)) {
            case 0, 1, 2 -> new TextEdit.SetText(text.id(), Text.Mark.OWN, tree(), null);
            case 3 ->
                new SheetEdit.SetLine(
                        pick(SheetLines.PLAIN.stream()
                                .filter(path -> !path.equals("seed") && !path.equals("region"))
                                .toList()),
                        words());
            case 4 -> new SheetEdit.SetLine("service/" + service + "/" + pick(List.of("name", "price")), words());
            case 5 ->
                new SheetEdit.SetLine("practice/" + pick(List.of("sheets", "certificate")), pick(List.of("yes", "")));
            case 6 -> new SheetEdit.PutService(new TypedService(id(), "", words(), "", "20", "30"), service);
            case 7 -> new SheetEdit.RemoveService(service);
            case 8 -> new SheetEdit.MoveService(service, pick(List.of("", service, "elsewhere")));
            case 9 ->
                new SectionEdit.MoveSection(
                        section.id(), new Position(site.home().id(), neighbour(site)));
            case 10 -> new SectionEdit.HideSection(section.id(), random.nextBoolean());
            case 11 -> new SectionEdit.RemoveSection(section.id());
            case 12 -> new SectionEdit.PutSection(new Position(site.home().id(), neighbour(site)), copy(section));
            case 13 -> new SectionEdit.ReplaceSection(section.mapTexts(each -> each.withMark(Text.Mark.CONFIRMED)));
            case 14 ->
                new SectionEdit.SetLayout(
                        section.id(), pick(SectionKinds.of(section).layouts()));
            case 15 -> new ItemEdit.MoveItem(withRows.id(), row, pick(List.of("", row, "elsewhere")));
            case 16 -> new ItemEdit.HideItem(withRows.id(), row, random.nextBoolean());
            case 17 -> new ItemEdit.RemoveItem(withRows.id(), row);
            case 18 -> new ItemEdit.PutItem(withRows.id(), row, Item.of(id(), "service/" + service, Map.of()));
            case 19 -> new TextEdit.SetMarks(Map.of(text.id(), pick(List.of(Text.Mark.values()))));
            case 20 -> new TextEdit.RemoveText(text.id());
            case 21, 22 ->
                new SheetEdit.PutRow(
                        new TypedRow(
                                pick(List.of("testimonial", "person", "guarantee")),
                                id(),
                                Map.of("words", words(), "name", words(), "who", "Piet", "permission", "yes")),
                        fact);
            case 23 -> new SheetEdit.RemoveRow(fact);
            case 24 -> new SheetEdit.MoveRow(fact, pick(List.of("", fact, "elsewhere")));
            case 25 -> new SheetEdit.SetLine("hidden/" + pick(List.of("email", "telephone")), pick(List.of("yes", "")));
            default ->
                new TextEdit.PutText(
                        section.id(), pick(SectionKinds.of(section).slots()).name(), text(id()));
        };
    }

    /** A section like another, with ids of its own. */
    private Section copy(Section section) {
        List<Item> rows = new ArrayList<>();
        for (Item item : section.items()) {
            rows.add(Item.of(id(), item.fact(), Map.of()));
        }
        return new Section(id(), section.kind(), section.layout(), section.anchor(), false, Map.of(), rows)
                .withText(
                        SectionKinds.of(section).slotNames().get(0),
                        text(id()),
                        SectionKinds.of(section).slotNames());
    }

    private Text text(String id) {
        return new Text(id, Text.Mark.OWN, tree(), Text.Origin.own());
    }

    private List<Node> tree() {
        Node words = new Node.Words(words());
        return List.of(new Node.Paragraph(
                switch (random.nextInt(4)) {
                    case 0 -> List.of(words, new Node.LinkedFact("telephone", ""));
                    case 1 -> List.of(new Node.Strong(List.of(words)));
                    case 2 -> List.of(new Node.LinkTo("#hours", List.of(words)), new Node.Words(" & more"));
                    default -> List.of(words);
                }));
    }

    private String words() {
        return pick(
                List.of("Swept, and left clean", "0117 496 0" + random.nextInt(1000), "", "12", "Ünïcode · “quoted”"));
    }

    private String neighbour(Site site) {
        return pick(List.of("", "gone", pick(site.sections().toList()).id()));
    }

    private String id() {
        return "new-" + random.nextInt(1_000_000) + "-" + ids++;
    }

    private <T> T pick(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private <T> T pick(List<T> some, T otherwise) {
        return some.isEmpty() ? otherwise : pick(some);
    }
}
