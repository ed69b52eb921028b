package ostium.app.editing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ostium.app.site.Readings;
import ostium.app.site.States;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.section.ChangedFacts;
import ostium.core.section.SectionKinds;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** Draws the sections of a site and tells which of them differ between two revisions. */
@Component
class Drawing {
    private record Key(String site, long revision) {}

    private record Drawn(
            State state, SheetReading reading, Draft draft, Map<String, String> sections, List<String> shared) {}

    private final States states;
    private final Readings readings;
    private final Cache<Key, Drawn> drawn =
            Caffeine.newBuilder().maximumSize(300).build();
    private final Cache<String, Drawn> latest =
            Caffeine.newBuilder().maximumSize(300).build();

    Drawing(States states, Readings readings) {
        this.states = states;
        this.readings = readings;
    }

    /** What to swap in for a shopfront that shows {@code from}. */
    Shopfront between(String site, long from, long to) {
        Drawn before = drawn(site, from);
        Drawn after = drawn(site, to);
        Map<String, String> html = new LinkedHashMap<>();
        after.sections().forEach((id, section) -> {
            if (!section.equals(before.sections().get(id))) {
                html.put(id, section);
            }
        });
        return new Shopfront(pages(after), html, !before.shared().equals(after.shared()));
    }

    private static List<Shopfront.ShownPage> pages(Drawn drawn) {
        Site site = drawn.draft().site();
        return site.pages().stream()
                .map(page -> new Shopfront.ShownPage(
                        page.slug().isEmpty() ? "index.html" : page.slug() + ".html",
                        Stream.of(
                                        Stream.of(site.masthead()),
                                        page.sections().stream().filter(section -> !section.hidden()),
                                        Stream.of(site.footer()))
                                .flatMap(part -> part)
                                .map(Section::id)
                                .toList()))
                .toList();
    }

    private Drawn drawn(String site, long revision) {
        return drawn.get(new Key(site, revision), key -> {
            State state = states.at(site, revision);
            SheetReading reading = readings.of(state);
            Draft draft = state.draft(reading);
            Drawn now = new Drawn(
                    state,
                    reading,
                    draft,
                    SiteRenderer.shipped()
                            .sections(
                                    reading.brief(),
                                    draft,
                                    Target.preview(),
                                    unchanged(latest.getIfPresent(site), state, reading)),
                    SiteRenderer.shipped().sharedFiles(reading.brief(), draft));
            latest.put(site, now);
            return now;
        });
    }

    /**
     * Sections that look as they did: the very same section on a page of the same outline and in the same look, and of the facts
     * none that its kind depends on is another. States share what an edit has not touched, so the same object is told by
     * identity.
     */
    private static Map<String, String> unchanged(Drawn before, State state, SheetReading reading) {
        if (before == null
                || before.state().look() != state.look()
                || !before.state().doors().equals(state.doors())
                || !before.reading().brief().today().equals(reading.brief().today())
                || !outline(before.state().site()).equals(outline(state.site()))) {
            return Map.of();
        }
        ChangedFacts changed = ChangedFacts.between(before.reading().brief(), reading.brief());
        Map<String, String> same = new HashMap<>();
        Set<Section> sections = Collections.newSetFromMap(new IdentityHashMap<>());
        before.state().site().sections().forEach(sections::add);
        state.site()
                .sections()
                .filter(sections::contains)
                .filter(section -> before.sections().containsKey(section.id()))
                .filter(section -> !changed.concern(section))
                .forEach(section -> same.put(section.id(), before.sections().get(section.id())));
        return same;
    }

    /** What sections show of one another: which there are and in what order, and what a kind says is shown elsewhere. */
    private static List<Object> outline(Site site) {
        List<Object> outline = new ArrayList<>();
        site.pages().forEach(page -> outline.add(List.of(page.id(), page.slug(), page.name())));
        site.sections().forEach(section -> {
            outline.add(List.of(
                    site.pageOf(section.id()).map(Page::id).orElse(""),
                    section.id(),
                    section.kind(),
                    section.anchor(),
                    section.hidden(),
                    section.layout()));
            outline.add(SectionKinds.of(section).shownElsewhere(section));
        });
        return outline;
    }
}
