package ostium.core.fact;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import ostium.core.country.Country;
import ostium.core.hours.OpeningTimes;

/**
 * Everything known about one business. Immutable; the order of facts is the owner's.
 *
 * <pre>{@code
 * Facts facts = Facts.none("GB").with(Fact.typed("name", new FactValue.Name("Ashlatch Chimney Care")));
 * facts.one(FactValue.Name.class);      // the name
 * facts.all(Service.class);             // every service, in order
 * facts.say("telephone", "national");   // as a text would show it
 * }</pre>
 *
 * @param region ISO 3166 country of the business, such as {@code GB}: the default for telephones, money and places
 * @param list all facts, ids unique
 */
public record Facts(String region, List<Fact<? extends FactValue>> list) {

    public Facts {
        Map<String, Fact<?>> ids = new LinkedHashMap<>();
        for (Fact<?> fact : list) {
            if (ids.put(fact.id(), fact) != null) {
                throw new IllegalArgumentException("two facts are called " + fact.id());
            }
        }
        list = List.copyOf(list);
    }

    public static Facts none(String region) {
        return new Facts(region, List.of());
    }

    /** These facts with one more, or with one of that id replaced where it stood. */
    public Facts with(Fact<? extends FactValue> fact) {
        List<Fact<? extends FactValue>> next = new ArrayList<>(list);
        for (int i = 0; i < next.size(); i++) {
            if (next.get(i).id().equals(fact.id())) {
                next.set(i, fact);
                return new Facts(region, next);
            }
        }
        next.add(fact);
        return new Facts(region, next);
    }

    /** These facts without those the predicate picks. */
    public Facts without(Predicate<Fact<? extends FactValue>> pick) {
        return new Facts(region, list.stream().filter(pick.negate()).toList());
    }

    public Optional<Fact<? extends FactValue>> byId(String id) {
        return list.stream().filter(fact -> fact.id().equals(id)).findFirst();
    }

    /** The first visible value of a kind. */
    public <V extends FactValue> Optional<V> one(Class<V> kind) {
        return all(kind).stream().findFirst().map(Fact::value);
    }

    /** The value of one visible fact, if it is of this kind. */
    public <V extends FactValue> Optional<V> given(String id, Class<V> kind) {
        return byId(id).filter(fact -> fact.state() == Fact.State.GIVEN)
                .map(Fact::value)
                .filter(kind::isInstance)
                .map(kind::cast);
    }

    /** All visible facts of a kind, in order. */
    public <V extends FactValue> List<Fact<V>> all(Class<V> kind) {
        List<Fact<V>> found = new ArrayList<>();
        for (Fact<? extends FactValue> fact : list) {
            if (fact.state() == Fact.State.GIVEN && kind.isInstance(fact.value())) {
                found.add(new Fact<>(fact.id(), kind.cast(fact.value()), fact.state(), fact.origin()));
            }
        }
        return found;
    }

    /** One facet of one visible fact in words; empty when it is missing, hidden or has no such facet. */
    public Optional<String> say(String id, String facet) {
        return byId(id).filter(fact -> fact.state() == Fact.State.GIVEN)
                .flatMap(fact -> fact.value().say(facet));
    }

    /** The town of the business, where one is known and may be said. */
    public Optional<String> town() {
        return one(Place.class)
                .filter(place -> place.visibility() != Place.Visibility.HIDDEN)
                .map(Place::town)
                .filter(town -> !town.isBlank());
    }

    /** The zone whose clock the hours of the business mean: the one said, else that of its region or country. */
    public ZoneId zone() {
        return one(FactValue.Zone.class)
                .map(FactValue.Zone::id)
                .orElseGet(() -> Country.of(region)
                        .zone(list.stream()
                                .filter(fact -> fact.value() instanceof Place)
                                .map(fact -> ((Place) fact.value()).district())
                                .findFirst()
                                .orElse("")));
    }

    /** The hours of a day or an instant: the usual week, and the days that differ. */
    public Optional<OpeningTimes> openingTimes() {
        return one(FactValue.Hours.class)
                .map(hours -> new OpeningTimes(
                        hours.week(),
                        one(FactValue.Special.class).map(FactValue.Special::all).orElse(List.of())));
    }

    /** Whether the owner has said yes to a practice of the trade. */
    public boolean practises(String key) {
        return all(FactValue.Practice.class).stream()
                .anyMatch(fact -> fact.value().key().equals(key));
    }
}
