package ostium.core.booking;

import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Point;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;
import ostium.core.place.TravelTimes;

/**
 * The rules with the facts they stand on: what is offered, when, and by whom.
 *
 * @param zone whose clock the hours mean
 * @param times when appointments can be
 * @param services what can be booked: of the facts, with a time it takes
 * @param resources who or what carries it out; never empty
 * @param clock how days and times are said
 * @param ways how long the way between two places takes
 */
public record BookingTerms(
        BookingRules rules,
        ZoneId zone,
        OpeningTimes times,
        List<OfferedService> services,
        List<Resource> resources,
        ClockWords clock,
        TravelTimes ways) {

    /** The rules on the facts as they are today. Without hours nothing can be booked. */
    public static BookingTerms of(BookingRules rules, Facts facts, TravelTimes ways) {
        return new BookingTerms(
                rules,
                facts.zone(),
                times(rules, facts).orElse(new OpeningTimes(WeeklyHours.of(java.util.Map.of()), List.of())),
                services(rules, facts),
                rules.resources().isEmpty() ? List.of(Resource.BUSINESS) : rules.resources(),
                ClockWords.of(facts),
                ways);
    }

    /** When appointments can be; empty where no hours are known. */
    public static Optional<OpeningTimes> times(BookingRules rules, Facts facts) {
        Optional<OpeningTimes> business = facts.openingTimes();
        if (rules.hours().isEmpty()) {
            return business;
        }
        return WeeklyHours.read(rules.hours())
                .value()
                .map(week -> new OpeningTimes(
                        week,
                        facts.one(FactValue.Special.class)
                                .map(FactValue.Special::all)
                                .orElse(List.of())))
                .or(() -> business);
    }

    /** What can be booked: the services of the rules that the facts have, with a time they take. */
    public static List<OfferedService> services(BookingRules rules, Facts facts) {
        return facts.all(Service.class).stream()
                .flatMap(fact -> rules.service(fact.id()).flatMap(booked -> offered(fact, booked)).stream())
                .toList();
    }

    private static Optional<OfferedService> offered(Fact<Service> fact, BookableService booked) {
        Service service = fact.value();
        Integer minutes = booked.minutes() == null ? service.minutes() : booked.minutes();
        return Optional.ofNullable(minutes)
                .map(length -> new OfferedService(
                        fact.id(),
                        service.name(),
                        Optional.ofNullable(service.price()).map(Price::say).orElse(""),
                        length,
                        booked.before(),
                        booked.after(),
                        booked.capacity()));
    }

    public Optional<OfferedService> service(String id) {
        return services.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    public Optional<Resource> resource(String id) {
        return resources.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** Those who can carry out a service. */
    public List<Resource> ableTo(String service) {
        return resources.stream().filter(each -> each.can(service)).toList();
    }

    /** People a visitor can choose among for a service; empty where there is no choice. */
    public List<Resource> choiceFor(String service) {
        List<Resource> people = ableTo(service).stream()
                .filter(each ->
                        each.kind() == Resource.Kind.PERSON && !each.name().isEmpty())
                .toList();
        return people.size() > 1 ? people : List.of();
    }

    /** Minutes of the way between two appointments; none where nobody travels. */
    public int way(Optional<Point> from, Optional<Point> to) {
        if (!rules.travels()) {
            return 0;
        }
        return from.isPresent() && to.isPresent() ? ways.minutes(from.get(), to.get()) : rules.way();
    }
}
