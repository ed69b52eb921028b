package ostium.core.section.services;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.fact.Document;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.section.Drafting;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.Stage;
import ostium.core.section.WordsAt;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** What the business does, how long it takes and what it costs. Its rows are the services. */
public final class ServicesSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("SERVICES");

    /** Cards are for a handful; a long list is read in rows. */
    private static final int FEWEST_CARDS = 3;

    private static final int MOST_CARDS = 7;

    /** Services up to which they stand on the home page. */
    private static final int AT_HOME = 8;

    public ServicesSection() {
        super(
                KIND,
                List.of("rows", "cards"),
                WordsAt.heading("heading"),
                WordsAt.paragraphs("note", "note", "unpriced"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        int services = brief.services().size();
        if (services == 0) {
            return Optional.of(new Planned(false, say("plan.none")));
        }
        int priced = (int) brief.services().stream()
                .filter(fact -> fact.value().price() != null)
                .count();
        String what = Listing.capital(Listing.number(services));
        String key = priced == 0 ? "plan.unpriced" : "plan.priced";
        return Optional.of(new Planned(true, say(services == 1 ? key + ".one" : key, what, Listing.number(priced))));
    }

    @Override
    public Stage stage() {
        return Stage.EARLY;
    }

    @Override
    public PagePart part(Brief brief) {
        return brief.services().size() <= AT_HOME ? PagePart.HOME : PagePart.WORK;
    }

    @Override
    public int lines(Brief brief) {
        return 6
                + brief.services().stream()
                        .mapToInt(fact -> 3 + fact.value().summary().length() / LINE)
                        .sum()
                + 3 * brief.facts().all(Document.class).size();
    }

    @Override
    protected String layout(Drafting drafting) {
        int services = drafting.brief().services().size();
        return services > MOST_CARDS || services < FEWEST_CARDS ? "rows" : super.layout(drafting);
    }

    @Override
    public boolean hasRows() {
        return true;
    }

    @Override
    public String rowPrefix() {
        return "service";
    }

    @Override
    public List<Fact<Service>> rows(Facts facts) {
        return facts.all(Service.class);
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        // The words of the second button and where it leads stand under the list too.
        return Set.of(
                Service.class,
                Document.class,
                FactValue.Person.class,
                FactValue.Name.class,
                Telephone.class,
                EmailAddress.class);
    }

    /** The first services stand in the opening too. */
    @Override
    public List<Object> shownElsewhere(Section section) {
        return List.copyOf(section.items());
    }

    @Override
    public Optional<String> menu(Facts facts) {
        boolean priced =
                facts.all(Service.class).stream().anyMatch(fact -> fact.value().price() != null);
        return Optional.of(say(priced ? "menu.priced" : "menu"));
    }
}
