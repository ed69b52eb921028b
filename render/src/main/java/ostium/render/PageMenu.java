package ostium.render;

import java.util.List;
import ostium.core.fact.Facts;
import ostium.core.section.SectionKinds;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** The menu of a page: the pages of the site, or the sections of the only one. */
public final class PageMenu {
    private final Site site;
    private final Page shown;
    private final PageLinks links;
    private final List<Section> sections;
    private final Facts facts;

    /**
     * @param shown the page it stands on; null where that is none of the site's own
     * @param sections those of the page that visitors see
     */
    PageMenu(Site site, Page shown, PageLinks links, List<Section> sections, Facts facts) {
        this.site = site;
        this.shown = shown;
        this.links = links;
        this.sections = sections;
        this.facts = facts;
    }

    /**
     * A line of the menu.
     *
     * @param current whether it leads to the page that is shown
     * @param door the door that stands in the section it leads to; null for none
     */
    public record Line(String link, String words, boolean current, String door) {}

    List<Line> lines() {
        List<Page> pages = site.pages().stream()
                .filter(page -> page.sections().stream().anyMatch(section -> !section.hidden()))
                .toList();
        if (pages.size() > 1) {
            return pages.stream()
                    .map(page -> new Line(
                            links.to(page),
                            page.name(),
                            shown != null && page.id().equals(shown.id()),
                            null))
                    .toList();
        }
        return sections.stream()
                .flatMap(section -> SectionKinds.of(section)
                        .menu(facts)
                        .map(words -> new Line(
                                shown == null ? links.to(site.home()) + "#" + section.anchor() : links.to(section),
                                words,
                                false,
                                SectionKinds.of(section).door().orElse(null)))
                        .stream())
                .toList();
    }
}
