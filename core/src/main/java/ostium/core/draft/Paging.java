package ostium.core.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.draft.Plan.Choice;
import ostium.core.draft.Plan.PlannedPage;
import ostium.core.fact.Area;
import ostium.core.fact.Document;
import ostium.core.fact.FactValue;
import ostium.core.fact.Listing;
import ostium.core.site.SectionKind;
import ostium.core.trade.Goal;

/** Lays the sections of a plan on one page, or on a few. */
final class Paging {
    /** Lines of text that fit on the screen of a phone, headings and gaps counted as lines. */
    private static final int SCREEN = 22;

    /** Screens up to which a page is not too long. */
    private static final int MOST_SCREENS = 12;

    /** Characters on a line of a phone. */
    private static final int LINE = 42;

    /** Services up to which they stand on the home page. */
    private static final int SERVICES_AT_HOME = 8;

    /** Answers from which they are a page of their own. */
    private static final int QUESTIONS_APART = 5;

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
                            wished == Extent.ONE ? "One page, as you asked." : "A few pages, as you asked.",
                            pages)
                    : plan(
                            Extent.ONE,
                            "One page for now: there is too little to fill a second. More facts make more pages.",
                            pages);
        }
        List<PlannedPage> pages = screens > MOST_SCREENS ? few() : one();
        String length = "about " + Listing.number(screens) + (screens == 1 ? " screen" : " screens") + " of a phone";
        return pages.size() > 1
                ? plan(Extent.FEW, "A few pages: all of it on one would be " + length + " long.", pages)
                : plan(Extent.ONE, "One page: it is " + length + " long.", pages);
    }

    private Plan plan(Extent extent, String reason, List<PlannedPage> pages) {
        return new Plan(extent, reason, pages, sections.out());
    }

    private List<PlannedPage> one() {
        return List.of(new PlannedPage("", "Home", "", sections.in()));
    }

    // ---- a few pages ---------------------------------------------------------------------------------------------

    private List<PlannedPage> few() {
        Map<SectionKind, Choice> rest = new EnumMap<>(SectionKind.class);
        sections.in().forEach(choice -> rest.put(choice.kind(), choice));
        int services = brief.services().size();
        int answers = brief.facts().all(FactValue.Answer.class).size();
        Set<SectionKind> home = EnumSet.of(SectionKind.OPENING, SectionKind.TESTIMONIALS);
        if (services <= SERVICES_AT_HOME) {
            home.add(SectionKind.SERVICES);
        }
        if (brief.workingGoal() == Goal.VISIT) {
            home.add(SectionKind.HOURS);
        }
        List<PlannedPage> others = new ArrayList<>();
        boolean priced = brief.services().stream().anyMatch(fact -> fact.value().price() != null);
        if (!home.contains(SectionKind.SERVICES)) {
            add(
                    others,
                    priced ? "prices" : "services",
                    priced ? "Prices" : "Services",
                    "The list of " + Listing.number(services) + " is long enough to be read by itself.",
                    pick(rest, SectionKind.SERVICES));
        }
        boolean apart = answers >= QUESTIONS_APART;
        add(
                others,
                "about",
                "About",
                "Who you are is read by those who are nearly sure.",
                pick(
                        rest,
                        apart ? EnumSet.of(SectionKind.ABOUT) : EnumSet.of(SectionKind.ABOUT, SectionKind.QUESTIONS)));
        if (apart) {
            add(
                    others,
                    "questions",
                    "Questions",
                    Listing.number(answers) + " answers would push everything else down.",
                    pick(rest, SectionKind.QUESTIONS));
        }
        Set<SectionKind> contact = EnumSet.of(SectionKind.HOURS, SectionKind.PLACE, SectionKind.ENQUIRY);
        contact.removeAll(home);
        add(
                others,
                "contact",
                "Contact",
                "Whoever looks for the way to reach you finds all of it in one place.",
                pick(rest, contact));
        List<Choice> first = new ArrayList<>(pick(rest, home));
        if (first.size() == 1) {
            fill(first, others);
        }
        List<PlannedPage> pages = new ArrayList<>();
        pages.add(new PlannedPage("", "Home", "", first));
        pages.addAll(others);
        return pages;
    }

    /** A home page with nothing but its opening takes the shortest of the others, if that leaves two pages. */
    private void fill(List<Choice> first, List<PlannedPage> others) {
        others.stream()
                .filter(page -> !page.slug().equals("contact") && !page.has(SectionKind.SERVICES))
                .findFirst()
                .filter(page -> others.size() > 1)
                .ifPresent(page -> {
                    first.addAll(page.sections());
                    others.remove(page);
                });
    }

    private static void add(List<PlannedPage> pages, String slug, String name, String reason, List<Choice> sections) {
        if (!sections.isEmpty()) {
            pages.add(new PlannedPage(slug, name, PlannedSections.capital(reason), sections));
        }
    }

    private List<Choice> pick(Map<SectionKind, Choice> rest, SectionKind kind) {
        return pick(rest, EnumSet.of(kind));
    }

    /** Those of some kinds that are planned, in the order of the plan. */
    private List<Choice> pick(Map<SectionKind, Choice> rest, Set<SectionKind> kinds) {
        return sections.in().stream()
                .filter(choice -> kinds.contains(choice.kind()) && rest.containsKey(choice.kind()))
                .toList();
    }

    // ---- how long it would be ------------------------------------------------------------------------------------

    /** Lines a section takes on a phone, about. */
    private int lines(Choice choice) {
        return switch (choice.kind()) {
            case OPENING -> 24;
            case SERVICES ->
                6
                        + brief.services().stream()
                                .mapToInt(fact -> 3 + fact.value().summary().length() / LINE)
                                .sum()
                        + 3 * brief.facts().all(Document.class).size();
            case ABOUT ->
                10
                        + brief.ownWords().stream()
                                .mapToInt(fact -> 1 + fact.value().words().length() / LINE)
                                .sum()
                        + 2 * brief.practices().size()
                        + 3 * brief.facts().all(FactValue.Person.class).size();
            case TESTIMONIALS ->
                6
                        + brief.facts().all(FactValue.Testimonial.class).stream()
                                .mapToInt(fact -> 4 + fact.value().words().length() / LINE)
                                .sum();
            case QUESTIONS ->
                6
                        + brief.facts().all(FactValue.Answer.class).stream()
                                .mapToInt(fact -> 4 + fact.value().answer().length() / LINE)
                                .sum();
            case HOURS -> 22;
            case PLACE ->
                8
                        + brief.facts()
                                .one(Area.class)
                                .map(area -> area.places().size() * 2)
                                .orElse(4);
            case ENQUIRY -> 30;
            case MASTHEAD, FOOTER -> 0;
        };
    }
}
