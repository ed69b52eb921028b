package ostium.core.section;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.form.FormPurpose;
import ostium.core.site.Item;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Slot;
import ostium.core.site.Text;
import ostium.core.trade.Goal;

/**
 * All there is to say about one kind of section: its places for words, its layouts, when it is planned and why, what it
 * shows, how long it is, and what its HTML depends on. Whoever treats kinds asks here and knows no kind by itself.
 *
 * <p>A kind overrides what is different in it. Its words for owners and visitors stand in {@code
 * messages/en/section.properties} under its id, its sentences in {@code words/en/<id>.yaml}, its markup in {@code
 * section/<id>.jte}.
 */
public abstract class SectionDescriptor {
    /** Words about sections, by the id of a kind. */
    protected static final Messages WORDS = Messages.of("section");

    /** Characters on a line of a phone. */
    protected static final int LINE = 42;

    /** How often a section has the first of its layouts. */
    private static final double FIRST_LAYOUT = 0.6;

    private final SectionKind kind;
    private final List<String> layouts;
    private final List<Slot> slots;
    private final Map<String, List<String>> places = new LinkedHashMap<>();

    /**
     * @param layouts names of the ways it can be laid out, in every house; the first is drafted most often
     * @param words its places for words, in reading order
     */
    protected SectionDescriptor(SectionKind kind, List<String> layouts, WordsAt... words) {
        this.kind = kind;
        this.layouts = List.copyOf(layouts);
        this.slots = Arrays.stream(words)
                .map(at -> new Slot(at.slot(), say("slot." + at.slot()), at.shape(), at.longest()))
                .toList();
        for (WordsAt at : words) {
            places.put(
                    at.slot(),
                    at.places().stream().map(place -> kind.id() + "." + place).toList());
        }
    }

    // ---- what it is ----------------------------------------------------------------------------------------------

    public final SectionKind kind() {
        return kind;
    }

    /** Its words in the language of the interface. */
    protected final String say(String key, Object... gaps) {
        return WORDS.say(kind.id() + "." + key, gaps);
    }

    /** What the owner calls it. */
    public String words() {
        return say("name");
    }

    public final List<String> layouts() {
        return layouts;
    }

    /** Its places for words, in reading order. */
    public final List<Slot> slots() {
        return slots;
    }

    public final List<String> slotNames() {
        return slots.stream().map(Slot::name).toList();
    }

    public final Optional<Slot> slot(String name) {
        return slots.stream().filter(slot -> slot.name().equals(name)).findFirst();
    }

    /** Places of the grammar the words of a slot are chosen from; none for words that only an owner writes. */
    public final List<String> placesOf(String slot) {
        return places.getOrDefault(slot, List.of());
    }

    /** The same in the order a tone has them. */
    public List<String> placesOf(String slot, Tone tone) {
        return placesOf(slot);
    }

    /** Whether any of its words are chosen from the grammar. */
    public final boolean isWorded() {
        return places.values().stream().anyMatch(each -> !each.isEmpty());
    }

    /** Whether it stands on every page and cannot be moved or removed. */
    public boolean belongsToTheSite() {
        return false;
    }

    /** Whether a site may have more than one of it. */
    public boolean mayBeSeveral() {
        return false;
    }

    /** Whether this version knows the kind. */
    public boolean isKnown() {
        return true;
    }

    // ---- planning ------------------------------------------------------------------------------------------------

    /** What a plan says of it; empty when only an owner puts it on a page. */
    public Optional<Planned> plan(Brief brief) {
        return Optional.empty();
    }

    /** Why an owner would put it on a page by hand; empty where the plan decides. */
    public Optional<String> offer() {
        return WORDS.has(kind.id() + ".offer") ? Optional.of(say("offer")) : Optional.empty();
    }

    public Stage stage() {
        return Stage.MIDDLE;
    }

    /** Whether an arrangement of the middle has it before the others. */
    public boolean isEarly(Arrangement arrangement) {
        return false;
    }

    /** How strong it is with these facts, 0 to 1: within the middle the strongest come first. */
    public double strength(Brief brief) {
        return 0;
    }

    /** Whether a goal has it after the others of the middle. */
    public boolean isLate(Goal goal) {
        return false;
    }

    public PagePart part(Brief brief) {
        return PagePart.HOME;
    }

    /** Lines it takes on a phone, about, headings and gaps counted as lines. */
    public int lines(Brief brief) {
        return 0;
    }

    // ---- drafting ------------------------------------------------------------------------------------------------

    /** A section of it, drafted. */
    public Section draft(Drafting drafting) {
        List<Item> rows = rows(drafting.brief().facts()).stream()
                .map(fact -> drafting.row(kind.id() + "/" + fact.id(), fact.id(), Map.of()))
                .toList();
        return section(drafting, drafting.words(this), rows);
    }

    /** Whether a drafted section of it has a heading and nothing beneath: what it was planned for is told elsewhere. */
    public boolean isHollow(Section section, Brief brief) {
        return false;
    }

    /** A section with these texts and rows, at its usual anchor. */
    protected final Section section(Drafting drafting, Map<String, Text> texts, List<Item> rows) {
        return new Section(drafting.id("section/" + kind.id()), kind, layout(drafting), kind.id(), false, texts, rows);
    }

    /** One of its layouts, the first one more often. */
    protected String layout(Drafting drafting) {
        return layouts.get(drafting.chance(kind.id() + "/layout") < FIRST_LAYOUT || layouts.size() < 2 ? 0 : 1);
    }

    /** Whether sentences of a place of the grammar are wanted in a slot. */
    public boolean wants(String slot, String place, Brief brief) {
        return true;
    }

    // ---- what it shows -------------------------------------------------------------------------------------------

    /** Whether its rows are facts, which come and go with them. */
    public boolean hasRows() {
        return false;
    }

    /** What the ids of its rows' facts begin with: {@code service}; empty where it has none. */
    public String rowPrefix() {
        return "";
    }

    /** The facts that are its rows, in the owner's order. */
    public List<? extends Fact<? extends FactValue>> rows(Facts facts) {
        return List.of();
    }

    /** Whether a section of it comes by itself with the first of its rows. */
    public boolean comesWithItsRows() {
        return false;
    }

    /** Ids of the facts it shows as they are, besides its words. */
    public List<String> facts() {
        return List.of();
    }

    /** Kinds of facts its HTML depends on, besides those its words link to: with these, it is drawn anew. */
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of();
    }

    /** The pictures a section of it shows. */
    public Stream<Fact<Picture>> pictures(Section section, Facts facts) {
        return Stream.empty();
    }

    /** Id of the door that stands in a section of it: while the owner keeps that shut, visitors do not see the section. */
    public Optional<String> door() {
        return Optional.empty();
    }

    /** What the form in a section of it is for; empty where there is none. */
    public Optional<FormPurpose> form() {
        return Optional.empty();
    }

    /** Id of the door that leads to a section of it where it stands, instead of away from the page. */
    public Optional<String> leadsHere() {
        return door();
    }

    /** What other sections show of a section of it: when this differs, they are drawn anew too. */
    public List<Object> shownElsewhere(Section section) {
        return List.of();
    }

    // ---- on the page ---------------------------------------------------------------------------------------------

    /** Its name in a menu of sections; empty when it is in none and has no number. */
    public Optional<String> menu(Facts facts) {
        return Optional.of(say("menu"));
    }

    /** Whether visitors see something in a section of it. */
    public boolean isShown(Section section, Facts facts) {
        return true;
    }
}
