package ostium.render;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.booking.BookingTerms;
import ostium.core.booking.OfferedService;
import ostium.core.draft.Draft;
import ostium.core.fact.Fact;
import ostium.core.fact.Facts;
import ostium.core.fact.Minutes;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.section.services.ServicesSection;
import ostium.core.site.Item;
import ostium.core.site.Section;

/** What a business does, how long it takes and what it costs, as a page says it. Holds no rule of its own. */
public final class WorkFacts {
    private static final Messages WORDS = Messages.of("page");
    private final Facts facts;
    private final Draft draft;
    private final Map<String, Fact<Service>> servicesById = new LinkedHashMap<>();

    WorkFacts(Facts facts, Draft draft) {
        this.facts = facts;
        this.draft = draft;
        facts.all(Service.class).forEach(fact -> servicesById.put(fact.id(), fact));
    }

    /** Services in the order of the page, without rows that are hidden; all of them where the page has no list. */
    public List<Fact<Service>> services() {
        return draft.site()
                .section(ServicesSection.KIND)
                .map(section -> section.shownItems().stream()
                        .flatMap(item -> Stream.ofNullable(servicesById.get(item.fact())))
                        .toList())
                .orElseGet(() -> List.copyOf(servicesById.values()));
    }

    /** Rows of a list of services: those visitors see whose fact is there. */
    public List<Item> rows(Section section) {
        return section.shownItems().stream()
                .filter(item -> service(item) != null)
                .toList();
    }

    /** The service a row stands for; null when it is gone. */
    public Service service(Item item) {
        Fact<Service> fact = servicesById.get(item.fact());
        return fact == null ? null : fact.value();
    }

    public Service firstService() {
        return services().stream().map(Fact::value).findFirst().orElse(null);
    }

    /** The first services of the list, for the opening. */
    public List<Service> firstServices(int most) {
        return services().stream().map(Fact::value).limit(most).toList();
    }

    public String time(Service service) {
        return service.minutes() == null ? "" : time(service.minutes());
    }

    /** How long so many minutes are, in words. */
    public String time(int minutes) {
        return Minutes.say(minutes);
    }

    /** The services that can be booked. */
    public List<OfferedService> bookable() {
        return draft.doors()
                .bookingRules()
                .map(rules -> BookingTerms.services(rules, facts))
                .orElse(List.of());
    }

    /** The small word before an amount: "from". */
    public String priceBefore(Service service) {
        return service.price() != null && service.price().kind() == Price.Kind.FROM ? WORDS.say("price.from") : "";
    }

    public String price(Service service) {
        if (service.price() == null || isPriceInWords(service)) {
            return "";
        }
        return service.price().say().replaceFirst("^from ", "");
    }

    /** Whether the price is words rather than an amount. */
    public boolean isPriceInWords(Service service) {
        return service.price() != null
                && (service.price().kind() == Price.Kind.ON_REQUEST
                        || service.price().kind() == Price.Kind.FREE);
    }
}
