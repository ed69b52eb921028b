package ostium.core.draft;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ostium.core.site.SectionKind;

/** Which places of the grammar the words of a slot are chosen from: one, or some whose sentences stand in a row. */
final class SlotPlaces {
    private static final Map<SectionKind, Map<String, List<String>>> ALL = new EnumMap<>(SectionKind.class);

    static {
        put(SectionKind.MASTHEAD, "line", "line");
        put(SectionKind.OPENING, "headline", "headline");
        put(SectionKind.OPENING, "lead", "where", "reason", "ask");
        put(SectionKind.OPENING, "second", "second");
        put(SectionKind.SERVICES, "heading", "heading");
        put(SectionKind.SERVICES, "note", "note", "times");
        put(SectionKind.ABOUT, "heading", "heading");
        put(SectionKind.ABOUT, "story", "person", "where", "since", "acts", "membership");
        put(SectionKind.TESTIMONIALS, "heading", "heading");
        put(SectionKind.HOURS, "heading", "heading");
        put(SectionKind.HOURS, "note", "note");
        put(SectionKind.PLACE, "heading", "heading");
        put(SectionKind.PLACE, "note", "note");
        put(SectionKind.QUESTIONS, "heading", "heading");
        put(SectionKind.QUESTIONS, "note", "note");
        put(SectionKind.ENQUIRY, "heading", "heading");
        put(SectionKind.ENQUIRY, "intro", "say", "reach", "answer");
        put(SectionKind.ENQUIRY, "send", "send");
        put(SectionKind.FOOTER, "line", "line");
    }

    private SlotPlaces() {}

    private static void put(SectionKind kind, String slot, String... places) {
        String section = kind.name().toLowerCase(Locale.ROOT);
        ALL.computeIfAbsent(kind, key -> new LinkedHashMap<>())
                .put(
                        slot,
                        List.of(places).stream()
                                .map(place -> section + "." + place)
                                .toList());
    }

    /** Slots of a kind that are filled from the grammar, in reading order. */
    static List<String> slots(SectionKind kind) {
        return List.copyOf(ALL.get(kind).keySet());
    }

    /** Places of a slot; none for words that only an owner writes. */
    static List<String> of(SectionKind kind, String slot) {
        return ALL.get(kind).getOrDefault(slot, List.of());
    }
}
