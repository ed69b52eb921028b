package ostium.core.copy;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.brief.Brief;
import ostium.core.brief.Brief.Assumption;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Place;
import ostium.core.hours.WeeklyHours;

/**
 * What follows from the facts, and what does not: an address is no round, a town that is served is no home, a promise for
 * the same day does not hold on days on which nobody works. Whatever a message needs beyond the mere presence of a fact is
 * decided here.
 */
final class Entailment {
    private static final java.util.regex.Pattern SAME_DAY = java.util.regex.Pattern.compile(
            "(?i)\\bsame\\b|\\btoday\\b|\\b(?:hour|minute)s?\\b|\\bat once\\b|\\bstraight away\\b|\\bevening\\b");

    private final Brief brief;

    Entailment(Brief brief) {
        this.brief = brief;
    }

    /** What carries that the business travels to its customers; empty where nothing does. */
    Optional<Set<String>> visits() {
        return brief.visits() ? Optional.of(brief.carriers(Assumption.VISITS, Assumption.RECEIVES)) : Optional.empty();
    }

    /** What carries that customers come to the business. */
    Optional<Set<String>> receives() {
        return brief.receives()
                ? Optional.of(brief.carriers(Assumption.RECEIVES, Assumption.VISITS))
                : Optional.empty();
    }

    /** Places it comes to by name; none where it does not travel. */
    Optional<Fact<Area>> area() {
        return brief.facts().all(Area.class).stream()
                .filter(fact -> brief.visits() && !fact.value().places().isEmpty())
                .findFirst();
    }

    /** That it comes to people is something to say only where others of the trade are come to. */
    boolean comesUnexpectedly() {
        return brief.trade().receives() && area().isPresent();
    }

    /** The town of its address, where visitors may see it. */
    Optional<Fact<Place>> base() {
        return brief.facts().all(Place.class).stream()
                .filter(fact -> !fact.value().town().isBlank() && fact.value().visibility() != Place.Visibility.HIDDEN)
                .findFirst();
    }

    /** The address as the place of the work: people come there, or it is one of the places that are served. */
    Optional<Fact<Place>> workplace() {
        return base().filter(fact -> brief.receives()
                || area().map(area ->
                                area.value().places().contains(fact.value().town()))
                        .orElse(true));
    }

    /** What carries that the address is a place of work, beside the address. */
    Set<String> workplaceStandsOn() {
        return receives().or(() -> area().map(fact -> Set.of(fact.id()))).orElse(Set.of());
    }

    /** Whether the promise of an answer could be broken on a day on which nobody works. */
    boolean promiseNeedsWork() {
        boolean sameDay = brief.facts()
                .one(FactValue.AnswerPromise.class)
                .filter(promise -> SAME_DAY.matcher(promise.words()).find()
                        && !promise.words().toLowerCase(Locale.ROOT).contains("work"))
                .isPresent();
        return sameDay
                && week().map(week -> week.sayClosedDays().isPresent()
                                || week.days().values().stream().anyMatch(day -> !day.isOpen()))
                        .orElse(true);
    }

    Optional<WeeklyHours> week() {
        return brief.facts().one(FactValue.Hours.class).map(FactValue.Hours::week);
    }

    /** Those who are named, in one phrase: "Neil and Amy Stannard". */
    Optional<String> people() {
        List<String> names = brief.facts().all(FactValue.Person.class).stream()
                .map(fact -> fact.value().name())
                .toList();
        if (names.isEmpty() || names.size() > 3) {
            return Optional.empty();
        }
        List<String> last = names.stream()
                .map(name -> name.substring(name.lastIndexOf(' ') + 1))
                .distinct()
                .toList();
        boolean oneName = names.size() > 1 && last.size() == 1 && names.stream().allMatch(name -> name.contains(" "));
        List<String> said = oneName
                ? Stream.concat(
                                names.subList(0, names.size() - 1).stream()
                                        .map(name -> name.substring(0, name.lastIndexOf(' '))),
                                Stream.of(names.get(names.size() - 1)))
                        .collect(Collectors.toList())
                : names;
        return Optional.of(ostium.core.base.Listing.and(said));
    }
}
