package ostium.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.site.Node;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Slot;
import ostium.core.site.Text;

/** Edits of words. */
public sealed interface TextEdit extends Edit {

    /**
     * Other words in a text.
     *
     * @param text id of the text
     * @param origin how the words were chosen; null keeps the origin the text has
     */
    record SetText(String text, Text.Mark mark, List<Node> tree, Text.Origin origin) implements TextEdit {
        public SetText {
            tree = List.copyOf(tree);
        }

        @Override
        public Applied apply(State state) {
            Site site = kept(state);
            Section section = site.sectionOfText(text).orElseThrow(() -> EditRefused.gone("text"));
            Text before = site.text(text).orElseThrow();
            TextLimits.check(tree, slotOf(section, text));
            Text next = new Text(text, mark, tree, origin == null ? before.origin() : origin);
            return new Applied(
                    state.withSite(site.with(section.mapTexts(each -> each.id().equals(text) ? next : each))),
                    new SetText(text, before.mark(), before.tree(), before.origin()));
        }

        @Override
        public Set<String> places() {
            return Set.of("text/" + text);
        }
    }

    /** Words in a slot of a section that had none. */
    record PutText(String section, String slot, Text text) implements TextEdit {
        @Override
        public Applied apply(State state) {
            Site site = kept(state);
            Section found = site.section(section).orElseThrow(() -> EditRefused.gone("section"));
            SectionDescriptor kind = SectionKinds.of(found);
            Slot place = kind.slot(slot).orElseThrow(() -> EditRefused.saying("slot.noneThere", kind.words(), slot));
            if (found.text(slot).isPresent()) {
                throw EditRefused.saying("slot.taken");
            }
            Ids.requireNew(site, List.of(text.id()));
            TextLimits.check(text.tree(), place);
            return new Applied(
                    state.withSite(site.with(found.withText(slot, text, kind.slotNames()))), new RemoveText(text.id()));
        }

        @Override
        public Set<String> places() {
            return Set.of("slot/" + section + "/" + slot, "text/" + text.id());
        }
    }

    /** Takes the words of a section's slot away. */
    record RemoveText(String text) implements TextEdit {
        @Override
        public Applied apply(State state) {
            Site site = kept(state);
            Section section = site.sectionOfText(text).orElseThrow(() -> EditRefused.gone("text"));
            for (Map.Entry<String, Text> slot : section.texts().entrySet()) {
                if (slot.getValue().id().equals(text)) {
                    return new Applied(
                            state.withSite(site.with(section.withoutText(slot.getKey()))),
                            new PutText(section.id(), slot.getKey(), slot.getValue()));
                }
            }
            throw EditRefused.saying("slot.ofRow");
        }

        @Override
        public Set<String> places() {
            return Set.of("text/" + text);
        }
    }

    /** Wording marks by id of the text; confirming a section sets those of all its suggested texts. */
    record SetMarks(Map<String, Text.Mark> marks) implements TextEdit {
        public SetMarks {
            marks = new TreeMap<>(marks);
        }

        @Override
        public Applied apply(State state) {
            Site site = kept(state);
            Map<String, Text.Mark> before = new LinkedHashMap<>();
            for (String id : marks.keySet()) {
                before.put(
                        id,
                        site.text(id)
                                .orElseThrow(() -> EditRefused.gone("text"))
                                .mark());
            }
            Site next = site.mapSections(section -> section.mapTexts(
                    text -> marks.containsKey(text.id()) ? text.withMark(marks.get(text.id())) : text));
            return new Applied(state.withSite(next), new SetMarks(before));
        }

        @Override
        public Set<String> places() {
            return marks.keySet().stream().map(id -> "text/" + id).collect(Collectors.toSet());
        }
    }

    private static Site kept(State state) {
        return Kept.site(state);
    }

    private static Slot slotOf(Section section, String text) {
        return section.texts().entrySet().stream()
                .filter(entry -> entry.getValue().id().equals(text))
                .findFirst()
                .flatMap(entry -> SectionKinds.of(section).slot(entry.getKey()))
                .orElse(TextLimits.ROW);
    }
}
