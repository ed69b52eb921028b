package ostium.core.edit;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.door.Door;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorHours;
import ostium.core.door.DoorKinds;
import ostium.core.door.Doors;
import ostium.core.draft.Draft;
import ostium.core.fact.Fact;
import ostium.core.fact.FactNames;
import ostium.core.fact.Facts;
import ostium.core.fact.Service;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Item;
import ostium.core.site.Page;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Slot;
import ostium.core.site.Text;

/**
 * What has changed from one state of a site to another, in words, section by section. Where messages go is not among
 * it: that acts at once.
 */
public final class Changes {

    /**
     * One change.
     *
     * @param part what of a site it is about
     * @param where the same in words: the name of the section, "Facts"
     * @param words what has changed there
     * @param before the words that stood there, or empty
     * @param after the words that stand there now, or empty
     */
    public record Change(Part part, String where, String words, String before, String after) {}

    /** What of a site has changed. */
    public enum Part {
        SECTION,
        FACTS,
        DOORS,
        LOOK,
        ORDER;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final Messages WORDS = Messages.of("change");

    private final List<Change> changes = new ArrayList<>();
    private final Facts from;
    private final Facts to;

    private Changes(Facts from, Facts to) {
        this.from = from;
        this.to = to;
    }

    /**
     * What has changed.
     *
     * @param was the facts of the earlier state, read
     * @param is the facts of the later state, read
     */
    public static List<Change> between(State before, SheetReading was, State after, SheetReading is) {
        if (before.equals(after)) {
            return List.of();
        }
        Changes changes = new Changes(was.brief().facts(), is.brief().facts());
        Draft old = before.draft(was);
        Draft fresh = after.draft(is);
        changes.facts();
        changes.sections(old.site(), fresh.site());
        changes.doors(before.doors(), after.doors());
        if (!old.look().equals(fresh.look())) {
            changes.add(Part.LOOK, WORDS.say("look.changed"));
        }
        return changes.changes;
    }

    private void add(Part part, String words, String before, String after) {
        changes.add(new Change(part, WORDS.say("part." + part.id()), words, before, after));
    }

    private void add(Part part, String words) {
        add(part, words, "", "");
    }

    /** @param where name of the section */
    private void add(String where, String words, String before, String after) {
        changes.add(new Change(Part.SECTION, where, words, before, after));
    }

    // ---- facts ---------------------------------------------------------------------------------------------------

    private void facts() {
        Map<String, Fact<?>> all = new LinkedHashMap<>();
        from.list().forEach(fact -> all.put(fact.id(), fact));
        to.list().forEach(fact -> all.put(fact.id(), fact));
        for (Fact<?> fact : all.values()) {
            Optional<Fact<?>> was = from.byId(fact.id()).map(found -> found);
            Optional<Fact<?>> is = to.byId(fact.id()).map(found -> found);
            if (was.isEmpty()
                    || is.isEmpty()
                    || !was.get().value().equals(is.get().value())) {
                fact(fact, was, is);
            }
        }
    }

    private void fact(Fact<?> fact, Optional<Fact<?>> was, Optional<Fact<?>> is) {
        String before = was.map(Changes::say).orElse("");
        String after = is.map(Changes::say).orElse("");
        if (fact.value() instanceof Service service) {
            String name = service.name();
            String words = was.isEmpty()
                    ? WORDS.say("new", name)
                    : is.isEmpty()
                            ? WORDS.say("gone", name)
                            : WORDS.say("of", name, whatOfService(was.get(), is.get()));
            String where =
                    SectionKinds.ofRow("service").map(SectionDescriptor::words).orElse(WORDS.say("part.facts"));
            add(where, words, before, after);
            return;
        }
        String what = capital(FactNames.of(fact.id()));
        String words = was.isEmpty() ? WORDS.say("new", what) : is.isEmpty() ? WORDS.say("gone", what) : what;
        add(Part.FACTS, words, before, after);
    }

    private static String whatOfService(Fact<?> was, Fact<?> is) {
        Service before = (Service) was.value();
        Service after = (Service) is.value();
        List<String> what = new ArrayList<>();
        if (!before.name().equals(after.name())) {
            what.add(WORDS.say("service.name"));
        }
        if (!before.summary().equals(after.summary())) {
            what.add(WORDS.say("service.summary"));
        }
        if (!Objects.equals(before.price(), after.price())) {
            what.add(WORDS.say("service.price"));
        }
        if (!Objects.equals(before.minutes(), after.minutes())) {
            what.add(WORDS.say("service.time"));
        }
        return String.join(", ", what.isEmpty() ? List.of(WORDS.say("service.changed")) : what);
    }

    private static String say(Fact<?> fact) {
        if (fact.value() instanceof Service service) {
            List<String> parts = new ArrayList<>(List.of(service.name()));
            if (!service.summary().isEmpty()) {
                parts.add(service.summary());
            }
            service.say("time").ifPresent(parts::add);
            service.say("price").ifPresent(parts::add);
            return String.join(" · ", parts);
        }
        return fact.value().say("").orElse("");
    }

    // ---- doors ---------------------------------------------------------------------------------------------------

    /** Their hours act at once and are not among it. */
    private void doors(Doors was, Doors is) {
        for (DoorDescriptor kind : DoorKinds.all()) {
            Door before = was.door(kind.kind()).withHours(DoorHours.ALWAYS);
            Door after = is.door(kind.kind()).withHours(DoorHours.ALWAYS);
            if (before.shut() != after.shut()) {
                add(Part.DOORS, WORDS.say(after.shut() ? "door.shut" : "door.open", kind.words()));
            } else if (!before.equals(after)) {
                add(Part.DOORS, WORDS.say("door.set", kind.words()), before.words(), after.words());
            }
        }
        if (!was.forms().equals(is.forms())) {
            add(Part.DOORS, WORDS.say("door.form"));
        }
        if (!was.keptMonths().equals(is.keptMonths())) {
            add(Part.DOORS, WORDS.say("door.kept"));
        }
        if (!was.placed().equals(is.placed())) {
            add(Part.DOORS, WORDS.say("door.places"));
        }
        // The rules of booking act at once; that there is any booking is on the pages.
        if (was.bookingRules().isPresent() != is.bookingRules().isPresent()) {
            add(Part.DOORS, WORDS.say("door.booking"));
        }
    }

    // ---- sections ------------------------------------------------------------------------------------------------

    private void sections(Site was, Site is) {
        for (Section section : is.sections().toList()) {
            Optional<Section> before = same(was, section);
            if (before.isEmpty()) {
                add(words(section), WORDS.say("section.new"), "", "");
            } else {
                section(before.get(), section);
            }
        }
        for (Section section : was.sections().toList()) {
            if (same(is, section).isEmpty()) {
                add(words(section), WORDS.say("section.removed"), "", "");
            }
        }
        moves(was, is);
    }

    /** The same section in another state; where only one of its kind can stand, that one. */
    private static Optional<Section> same(Site other, Section section) {
        return other.section(section.id())
                .or(() -> SectionKinds.of(section).mayBeSeveral() ? Optional.empty() : other.section(section.kind()));
    }

    private static String words(Section section) {
        return SectionKinds.of(section).words();
    }

    private void section(Section was, Section is) {
        String where = words(is);
        if (was.hidden() != is.hidden()) {
            add(where, is.hidden() ? WORDS.say("section.hidden") : WORDS.say("section.shown"), "", "");
        }
        if (!was.layout().equals(is.layout())) {
            add(where, WORDS.say("section.layout"), "", "");
        }
        for (Slot slot : SectionKinds.of(is).slots()) {
            text(where, capital(slot.words()), was.text(slot.name()), is.text(slot.name()));
        }
        items(where, was, is);
    }

    private void text(String where, String what, Optional<Text> was, Optional<Text> is) {
        String before = was.map(text -> PlainText.of(text, from)).orElse("");
        String after = is.map(text -> PlainText.of(text, to)).orElse("");
        boolean sameTree = was.map(Text::tree).equals(is.map(Text::tree));
        if (!sameTree && !before.equals(after)) {
            add(where, what, before, after);
        } else if (!sameTree) {
            add(where, WORDS.say("text.marks", what), "", "");
        }
    }

    private void items(String where, Section was, Section is) {
        List<String> before = was.items().stream().map(this::nameOf).toList();
        List<String> after = is.items().stream().map(this::nameOf).toList();
        List<String> stayedBefore = before.stream().filter(after::contains).toList();
        List<String> stayedAfter = after.stream().filter(before::contains).toList();
        if (!stayedBefore.equals(stayedAfter)) {
            add(where, WORDS.say("rows.order"), "", "");
        }
        for (Item item : is.items()) {
            was.items().stream()
                    .filter(other -> nameOf(other).equals(nameOf(item)))
                    .findFirst()
                    .ifPresent(other -> {
                        if (other.hidden() != item.hidden()) {
                            add(where, WORDS.say(item.hidden() ? "row.hidden" : "row.shown", rowName(item)), "", "");
                        }
                        item.texts()
                                .forEach((slot, text) -> text(
                                        where,
                                        WORDS.say("row.words"),
                                        Optional.ofNullable(other.texts().get(slot)),
                                        Optional.of(text)));
                    });
        }
    }

    private String nameOf(Item item) {
        return item.fact().isEmpty() ? item.id() : item.fact();
    }

    private String rowName(Item item) {
        return to.say(item.fact(), "").orElse("");
    }

    private void moves(Site was, Site is) {
        List<Section> before = order(was);
        List<Section> after = order(is);
        List<Section> stayedBefore =
                before.stream().filter(section -> same(is, section).isPresent()).toList();
        List<Section> stayedAfter =
                after.stream().filter(section -> same(was, section).isPresent()).toList();
        boolean moved = stayedBefore.size() != stayedAfter.size();
        for (int i = 0; !moved && i < stayedBefore.size(); i++) {
            String there = same(is, stayedBefore.get(i)).orElseThrow().id();
            moved = !there.equals(stayedAfter.get(i).id());
        }
        if (moved) {
            add(Part.ORDER, WORDS.say("order"), names(stayedBefore), names(stayedAfter));
        }
    }

    private static List<Section> order(Site site) {
        return site.pages().stream().map(Page::sections).flatMap(List::stream).toList();
    }

    private static String names(List<Section> sections) {
        return String.join(", ", sections.stream().map(Changes::words).toList());
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
