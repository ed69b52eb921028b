package ostium.core.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.draft.Plan.Choice;
import ostium.core.draft.Plan.PlannedPage;
import ostium.core.section.PagePart;
import ostium.core.section.SectionKinds;
import ostium.core.text.Slug;

/** Lays the sections of a plan on one page, or on a few. */
final class Paging {
    /** Lines of text that fit on the screen of a phone, headings and gaps counted as lines. */
    private static final int SCREEN = 22;

    /** Screens up to which a page is not too long. */
    private static final int MOST_SCREENS = 12;

    private static final Messages WORDS = Messages.of("section");

    private final Brief brief;
    private final PlannedSections sections;

    Paging(Brief brief, PlannedSections sections) {
        this.brief = brief;
        this.sections = sections;
    }

    Plan plan() {
        int lines = sections.in().stream().mapToInt(this::lines).sum();
        int screens = Math.max(1, Math.round((float) lines / SCREEN));
        if (brief.wishes().extent().isPresent()) {
            Extent wished = brief.wishes().extent().get();
            List<PlannedPage> pages = wished == Extent.ONE ? one() : few();
            return pages.size() > 1 || wished == Extent.ONE
                    ? plan(
                            wished,
                            wished == Extent.ONE
                                    ? WORDS.say("paging.onePageAsYouAsked")
                                    : WORDS.say("paging.fewAsYouAsked"),
                            pages)
                    : plan(Extent.ONE, WORDS.say("paging.onePageForNowThere"), pages);
        }
        List<PlannedPage> pages = screens > MOST_SCREENS ? few() : one();
        String length = WORDS.say(screens == 1 ? "paging.screen" : "paging.screens", Listing.number(screens));
        return pages.size() > 1
                ? plan(Extent.FEW, WORDS.say("paging.few", length), pages)
                : plan(Extent.ONE, WORDS.say("paging.one", length), pages);
    }

    private Plan plan(Extent extent, String reason, List<PlannedPage> pages) {
        return new Plan(extent, reason, pages, sections.out());
    }

    private List<PlannedPage> one() {
        return List.of(home(sections.in()));
    }

    private static PlannedPage home(List<Choice> sections) {
        return new PlannedPage("", WORDS.say("page.home.name"), "", sections);
    }

    // ---- a few pages ---------------------------------------------------------------------------------------------

    private List<PlannedPage> few() {
        Map<PagePart, List<Choice>> parts = new EnumMap<>(PagePart.class);
        sections.in()
                .forEach(choice -> parts.computeIfAbsent(
                                SectionKinds.of(choice.kind()).part(brief), part -> new ArrayList<>())
                        .add(choice));
        List<PlannedPage> others = new ArrayList<>();
        for (PagePart part : PagePart.values()) {
            if (part != PagePart.HOME && parts.containsKey(part)) {
                others.add(page(part, parts.get(part)));
            }
        }
        List<Choice> first = new ArrayList<>(parts.getOrDefault(PagePart.HOME, List.of()));
        if (first.size() == 1) {
            fill(first, others);
        }
        List<PlannedPage> pages = new ArrayList<>();
        pages.add(home(first));
        pages.addAll(others);
        return pages;
    }

    private PlannedPage page(PagePart part, List<Choice> sections) {
        String key = "page." + part.name().toLowerCase(Locale.ROOT);
        boolean priced = brief.services().stream().anyMatch(fact -> fact.value().price() != null);
        String name = WORDS.say(part == PagePart.WORK && priced ? key + ".name.priced" : key + ".name");
        int rows = sections.stream()
                .mapToInt(choice ->
                        SectionKinds.of(choice.kind()).rows(brief.facts()).size())
                .max()
                .orElse(0);
        return new PlannedPage(
                Slug.of(name, 40), name, Listing.capital(WORDS.say(key + ".reason", Listing.number(rows))), sections);
    }

    /** A home page with nothing but its opening takes the shortest of the others, if that leaves two pages. */
    private void fill(List<Choice> first, List<PlannedPage> others) {
        others.stream()
                .filter(page -> page.sections().stream()
                        .map(choice -> SectionKinds.of(choice.kind()).part(brief))
                        .noneMatch(part -> part == PagePart.CONTACT || part == PagePart.WORK))
                .findFirst()
                .filter(page -> others.size() > 1)
                .ifPresent(page -> {
                    first.addAll(page.sections());
                    others.remove(page);
                });
    }

    /** Lines a section takes on a phone, about. */
    private int lines(Choice choice) {
        return SectionKinds.of(choice.kind()).lines(brief);
    }
}
