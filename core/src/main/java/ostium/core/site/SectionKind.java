package ostium.core.site;

import java.util.List;
import java.util.Optional;

/** The kinds of sections there are so far, each with its slots for words and its layouts. */
public enum SectionKind {
    MASTHEAD("Head of the page", List.of("plain", "stacked"), Slot.line("line", "line under the name", 120)),
    OPENING(
            "Opening",
            List.of("beside", "across"),
            Slot.lines("headline", "headline", 200),
            Slot.paragraphs("lead", "first lines"),
            Slot.line("second", "words of the second button", 60)),
    SERVICES(
            "Services and prices",
            List.of("rows", "cards"),
            Slot.lines("heading", "heading", 200),
            Slot.paragraphs("note", "note")),
    ABOUT(
            "About",
            List.of("record", "story"),
            Slot.lines("heading", "heading", 200),
            Slot.paragraphs("own", "your own words"),
            Slot.paragraphs("story", "story")),
    TESTIMONIALS("Said of you", List.of("slips", "voices"), Slot.lines("heading", "heading", 200)),
    HOURS("Hours", List.of("sheet", "lines"), Slot.lines("heading", "heading", 200), Slot.paragraphs("note", "note")),
    PLACE("Place", List.of("list", "wide"), Slot.lines("heading", "heading", 200), Slot.paragraphs("note", "note")),
    QUESTIONS(
            "Questions",
            List.of("cards", "pairs"),
            Slot.lines("heading", "heading", 200),
            Slot.paragraphs("note", "note")),
    ENQUIRY(
            "Enquiry form",
            List.of("sheet", "letter"),
            Slot.lines("heading", "heading", 200),
            Slot.paragraphs("intro", "words before the form"),
            Slot.line("send", "words of the button", 60)),
    FOOTER("Foot of the page", List.of("plain", "quiet"), Slot.line("line", "line under the name", 200));

    private final String words;
    private final List<String> layouts;
    private final List<Slot> slots;

    SectionKind(String words, List<String> layouts, Slot... slots) {
        this.words = words;
        this.layouts = layouts;
        this.slots = List.of(slots);
    }

    /** What the owner calls it. */
    public String words() {
        return words;
    }

    /** Names of the ways it can be laid out, in every house. */
    public List<String> layouts() {
        return layouts;
    }

    /** Its places for words, in reading order. */
    public List<Slot> slots() {
        return slots;
    }

    public Optional<Slot> slot(String name) {
        return slots.stream().filter(slot -> slot.name().equals(name)).findFirst();
    }

    /** Whether it stands on every page and cannot be moved or removed. */
    public boolean belongsToTheSite() {
        return this == MASTHEAD || this == FOOTER;
    }
}
