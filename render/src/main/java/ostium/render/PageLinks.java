package ostium.render;

import java.util.Optional;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;

/** Where links between the pages of a site lead, seen from one of them. */
final class PageLinks {
    private final Site site;
    private final Page from;
    private final Target target;

    PageLinks(Site site, Page from, Target target) {
        this.site = site;
        this.from = from;
        this.target = target;
    }

    /** Name of the file of a page. */
    static String fileOf(Page page) {
        return page.slug().isEmpty() ? "index.html" : page.slug() + ".html";
    }

    /** Address of a page: of its file where files are read from a folder, without an ending where they are served. */
    String to(Page page) {
        if (target.kind() == Target.Kind.PUBLISHED) {
            return target.fromRoot() ? "/" + page.slug() : page.slug().isEmpty() ? "./" : page.slug();
        }
        return fileOf(page);
    }

    boolean arePreviewed() {
        return target.isPreview();
    }

    /** Address of a page that only a server answers; empty where files are read from a folder. */
    String toServed(String page) {
        return switch (target.kind()) {
            case PUBLISHED -> target.fromRoot() ? "/" + page : page;
            case PREVIEW -> page + ".html";
            case FOLDER -> "";
        };
    }

    /** Address of a section: its anchor alone on the same page. */
    String to(Section section) {
        Optional<Page> page = site.pageOf(section.id());
        boolean here = !target.fromRoot() && (page.isEmpty() || page.get().id().equals(from.id()));
        return (here ? "" : to(page.orElse(site.home()))) + "#" + section.anchor();
    }

    /** Address of the shown section of a kind; empty when there is none. */
    String to(SectionKind kind) {
        return site.shownSections()
                .filter(section -> section.kind().equals(kind))
                .findFirst()
                .map(this::to)
                .orElse("");
    }

    /** Address of the section with an anchor, as texts give it: {@code #prices}. */
    String toAnchor(String anchor) {
        return site.shownSections()
                .filter(section -> anchor.equals("#" + section.anchor()))
                .findFirst()
                .map(this::to)
                .orElse(anchor);
    }
}
