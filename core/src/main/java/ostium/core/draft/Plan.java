package ostium.core.draft;

import java.util.List;
import java.util.Optional;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.site.SectionKind;

/**
 * Which pages a site has and which sections stand on them, in which order, and why. A section with nothing true to say is
 * left out, with its reason.
 *
 * @param extent one page or a few
 * @param extentReason why, in words an owner reads
 * @param pages at least one; the first is the home page
 * @param leftOut sections left out
 */
public record Plan(Extent extent, String extentReason, List<PlannedPage> pages, List<Choice> leftOut) {
    public Plan {
        pages = List.copyOf(pages);
        leftOut = List.copyOf(leftOut);
    }

    /** @param reason in words an owner reads */
    public record Choice(SectionKind kind, String reason) {}

    /**
     * A page.
     *
     * @param slug last part of its address; empty for the home page
     * @param name its name in the menu
     * @param reason why it is a page of its own; empty for the home page
     * @param sections in order
     */
    public record PlannedPage(String slug, String name, String reason, List<Choice> sections) {
        public PlannedPage {
            sections = List.copyOf(sections);
        }

        boolean has(SectionKind kind) {
            return sections.stream().anyMatch(choice -> choice.kind().equals(kind));
        }
    }

    /** The plan for what is known, one page or a few as the owner wishes, or as the content asks. */
    public static Plan of(Brief brief) {
        return new Paging(brief, PlannedSections.of(brief)).plan();
    }

    /** Every section planned, page after page. */
    public List<Choice> sections() {
        return pages.stream().flatMap(page -> page.sections().stream()).toList();
    }

    /** Whether a kind of section is planned, on any page. */
    public boolean has(SectionKind kind) {
        return pages.stream().anyMatch(page -> page.has(kind));
    }

    /** The page on which a kind of section stands. */
    public Optional<PlannedPage> pageOf(SectionKind kind) {
        return pages.stream().filter(page -> page.has(kind)).findFirst();
    }
}
