package ostium.core.edit;

import java.util.List;
import java.util.Set;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** Edits of whole sections. Masthead and footer can be hidden by nobody, nor moved or removed. */
public sealed interface SectionEdit extends Edit {

    record MoveSection(String section, Position to) implements SectionEdit {
        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            Section found = movable(site, section);
            Position before = site.position(section).orElseThrow();
            requirePage(site, to);
            if (to.after().equals(section)) {
                throw EditRefused.saying("section.afterItself");
            }
            return new Applied(
                    state.withSite(site.without(section).insert(found, to)), new MoveSection(section, before));
        }

        @Override
        public Set<String> places() {
            return Set.of("section-place/" + section);
        }
    }

    record HideSection(String section, boolean hidden) implements SectionEdit {
        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            Section found = movable(site, section);
            return new Applied(
                    state.withSite(site.with(found.withHidden(hidden))), new HideSection(section, found.hidden()));
        }

        @Override
        public Set<String> places() {
            return Set.of("section-hidden/" + section);
        }
    }

    record RemoveSection(String section) implements SectionEdit {
        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            Section found = movable(site, section);
            Position before = site.position(section).orElseThrow();
            return new Applied(state.withSite(site.without(section)), new PutSection(before, found));
        }

        @Override
        public Set<String> places() {
            return Set.of("section/" + section);
        }
    }

    /** A section, new or as it was before it was removed. */
    record PutSection(Position at, Section section) implements SectionEdit {
        /** Most sections of a page. */
        private static final int MOST = 60;

        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            if (SectionKinds.of(section).belongsToTheSite()) {
                throw EditRefused.saying("section.ends");
            }
            requirePage(site, at);
            Ids.requireNew(site, section.ids().toList());
            if (!SectionKinds.of(section).mayBeSeveral()
                    && site.section(section.kind()).isPresent()) {
                throw EditRefused.saying("section.once");
            }
            check(section);
            if (site.sections().count() >= MOST) {
                throw EditRefused.saying("section.many", MOST);
            }
            return new Applied(state.withSite(site.insert(section, at)), new RemoveSection(section.id()));
        }

        @Override
        public Set<String> places() {
            return Set.of("section/" + section.id());
        }
    }

    /** Another section in place of the one with its id, as when it is drafted again. */
    record ReplaceSection(Section section) implements SectionEdit {
        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            Section before = site.section(section.id()).orElseThrow(() -> EditRefused.gone("section"));
            if (!before.kind().equals(section.kind())) {
                throw EditRefused.saying("section.kind");
            }
            List<String> kept = before.ids().toList();
            Ids.requireNew(site, section.ids().filter(id -> !kept.contains(id)).toList());
            if (section.ids().distinct().count() != section.ids().count()) {
                throw EditRefused.saying("ids.thisStandsOnTheSite");
            }
            check(section);
            return new Applied(state.withSite(site.with(section)), new ReplaceSection(before));
        }

        @Override
        public Set<String> places() {
            java.util.Set<String> places = new java.util.TreeSet<>();
            section.allTexts().forEach(text -> places.add("text/" + text.id()));
            places.add("section/" + section.id());
            places.add("section-place/" + section.id());
            places.add("section-hidden/" + section.id());
            return places;
        }
    }

    record SetLayout(String section, String layout) implements SectionEdit {
        @Override
        public Applied apply(State state) {
            Site site = Kept.site(state);
            Section found = site.section(section).orElseThrow(() -> EditRefused.gone("section"));
            SectionDescriptor kind = SectionKinds.of(found);
            if (!kind.layouts().contains(layout)) {
                throw EditRefused.saying("section.layout", kind.words(), layout);
            }
            return new Applied(
                    state.withSite(site.with(found.withLayout(layout))), new SetLayout(section, found.layout()));
        }

        @Override
        public Set<String> places() {
            return Set.of("section-layout/" + section);
        }
    }

    private static Section movable(Site site, String id) {
        Section section = site.section(id).orElseThrow(() -> EditRefused.gone("section"));
        if (SectionKinds.of(section).belongsToTheSite()) {
            throw EditRefused.saying("section.endsStay");
        }
        return section;
    }

    private static void requirePage(Site site, Position at) {
        if (site.pages().stream().noneMatch(page -> page.id().equals(at.page()))) {
            throw EditRefused.gone("page");
        }
    }

    /** A kind of a newer version is taken as it is: nothing is known here that it could break. */
    private static void check(Section section) {
        SectionDescriptor kind = SectionKinds.of(section);
        if (!kind.isKnown()) {
            return;
        }
        section.texts()
                .forEach((slot, text) -> TextLimits.check(
                        text.tree(), kind.slot(slot).orElseThrow(() -> EditRefused.saying("slot.none", slot))));
        section.items()
                .forEach(item -> item.texts().values().forEach(text -> TextLimits.check(text.tree(), TextLimits.ROW)));
        if (!kind.layouts().contains(section.layout())) {
            throw EditRefused.saying("layout.none", section.layout());
        }
    }
}
