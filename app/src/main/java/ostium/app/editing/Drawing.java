package ostium.app.editing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import ostium.app.site.SiteLog;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.opening.SheetReading;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** Draws the sections of a site and tells which of them differ between two revisions. */
@Component
class Drawing {
    private record Key(String site, long revision) {}

    private record Drawn(Map<String, String> sections, List<String> shared) {}

    private final SiteLog log;
    private final Cache<Key, Drawn> drawn =
            Caffeine.newBuilder().maximumSize(300).build();

    Drawing(SiteLog log) {
        this.log = log;
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
        return new Shopfront(
                List.copyOf(after.sections().keySet()), html, !before.shared().equals(after.shared()));
    }

    private Drawn drawn(String site, long revision) {
        return drawn.get(new Key(site, revision), key -> {
            State state = log.stateAt(site, revision);
            SheetReading reading = state.reading(log.today());
            Draft draft = state.draft(reading);
            return new Drawn(
                    SiteRenderer.shipped().sections(reading.brief(), draft, Target.preview()),
                    SiteRenderer.shipped().sharedFiles(reading.brief(), draft));
        });
    }
}
