package ostium.core.copy;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Year;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.brief.Voice;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.hours.TimeSpan;
import ostium.core.hours.WeeklyHours;
import ostium.core.trade.Trade;

/**
 * What is worth saying about a business: everything that sets it apart, each with the facts that entail it and how much it
 * counts. A message that would only repeat the rows beside it is not made.
 */
final class Messages {
    private static final ostium.core.base.Messages WORDS = ostium.core.base.Messages.of("copy");

    /** Years from which an age is something to speak of by itself. */
    private static final int LONG = 25;

    private static final double OLD = 0.3;

    /** Each message of a kind counts a little less than the one before it. */
    private static final double AFTER = 0.08;

    /** Prices further apart than this are of things that cannot be compared. */
    private static final BigDecimal COMPARABLE = BigDecimal.valueOf(3);

    private static final int LATE = 19 * 60;

    private final Brief brief;
    private final Entailment entailment;
    private final Map<String, List<Message>> byKind = new LinkedHashMap<>();

    Messages(Brief brief, Entailment entailment) {
        this.brief = brief;
        this.entailment = entailment;
        guarantees();
        practices();
        ownWords();
        customers();
        credentials();
        founded();
        people();
        hours();
    }

    /** Messages of a kind, the strongest first; for patterns without a message, the one that says nothing. */
    List<Message> of(String kind) {
        return kind.isEmpty() ? List.of(Message.NONE) : byKind.getOrDefault(kind, List.of());
    }

    private void add(String kind, Map<String, Said> says, Set<String> needs, double more) {
        List<Message> all = byKind.computeIfAbsent(kind, key -> new ArrayList<>());
        double salience = Salience.of(kind, brief.trade()) + more - AFTER * all.size();
        all.add(Message.of(kind, salience, says, needs));
    }

    private void add(String kind, Said it, double more) {
        add(kind, Map.of("it", it), it.needs(), more);
    }

    private void guarantees() {
        for (Fact<FactValue.Guarantee> fact : brief.facts().all(FactValue.Guarantee.class)) {
            String words = fact.value().words().strip();
            Optional<String> phrase = Phrases.guarantee(words);
            Map<String, Said> says = new LinkedHashMap<>();
            says.put("it", sentence(fact.id(), words));
            phrase.ifPresent(said -> says.put("it.phrase", Said.words(said, Set.of(fact.id()))));
            add("guarantee", says, Set.of(fact.id()), 0);
        }
    }

    private void practices() {
        for (Trade.UsualPractice practice : brief.practices()) {
            String fact = factOf(practice);
            String sentence = brief.voice().say(practice.says());
            Set<String> needs = new TreeSet<>(Set.of(fact));
            if (!sentence.equals(practice.says()) || Phrases.speaks(sentence)) {
                needs.addAll(brief.voiceCarrier());
            }
            Map<String, Said> says = new LinkedHashMap<>();
            says.put("it", Said.words(sentence, needs));
            if (practice.apart() != null) {
                says.put("it.apart", Said.words(practice.apart(), Set.of(fact)));
            }
            if (!Phrases.leans(sentence)) {
                add("practice", says, needs, 0);
            }
            if (Salience.isAboutPrices(sentence)) {
                add("practice.price", Said.words(sentence, needs), 0);
            }
        }
    }

    private String factOf(Trade.UsualPractice practice) {
        return brief.facts().all(FactValue.Practice.class).stream()
                .filter(fact -> fact.value().key().equals(practice.key()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /**
     * One sentence of the owner's can be the lead, where there are others to stay beside the story, and where whoever speaks
     * in it is the one who speaks on the page.
     */
    private void ownWords() {
        for (Fact<FactValue.OwnWords> fact : brief.ownWords()) {
            Phrases.leading(fact.value().words())
                    .filter(sentence ->
                            Voice.heardIn(sentence).map(brief.voice()::equals).orElse(true))
                    .ifPresent(sentence -> add("own", Said.words(sentence, Set.of(fact.id())), 0));
        }
    }

    /** A short word of one customer, where others stand in their section. */
    private void customers() {
        List<Fact<FactValue.Testimonial>> all = brief.facts().all(FactValue.Testimonial.class);
        if (all.size() < 2) {
            return;
        }
        for (Fact<FactValue.Testimonial> fact : all) {
            FactValue.Testimonial said = fact.value();
            if (!said.who().isBlank() && Phrases.isQuotable(said.words())) {
                add(
                        "customer",
                        Map.of(
                                "it", Said.linked(fact.id(), "", said.words()),
                                "it.who", Said.linked(fact.id(), "who", said.who())),
                        Set.of(fact.id()),
                        0);
            }
        }
    }

    private void credentials() {
        for (Fact<FactValue.Membership> fact : brief.memberships()) {
            FactValue.Membership held = fact.value();
            if (!held.isMembership()) {
                String kind = held.number().isBlank() ? "qualification" : "qualification.numbered";
                add(kind, numbered(fact, Said.linked(fact.id(), "", held.body())), Set.of(fact.id()), 0);
                continue;
            }
            String body = held.body().replaceFirst("(?i)^the\\s+", "");
            Said it = body.equals(held.body()) ? Said.linked(fact.id(), "", body) : Said.words(body, Set.of(fact.id()));
            add(held.number().isBlank() ? "membership.bare" : "membership", numbered(fact, it), Set.of(fact.id()), 0);
        }
    }

    private static Map<String, Said> numbered(Fact<FactValue.Membership> fact, Said it) {
        String number = fact.value().number();
        return number.isBlank()
                ? Map.of("it", it)
                : Map.of("it", it, "it.number", Said.linked(fact.id(), "number", number));
    }

    private void founded() {
        brief.facts().all(FactValue.Founded.class).stream().findFirst().ifPresent(fact -> {
            int age = Year.from(brief.today().date()).getValue() - fact.value().year();
            add("since", Said.linked(fact.id(), "", String.valueOf(fact.value().year())), age >= LONG ? OLD : 0);
        });
    }

    private void people() {
        List<Fact<FactValue.Person>> people = brief.facts().all(FactValue.Person.class);
        entailment.people().ifPresent(names -> {
            Set<String> needs = new TreeSet<>(people.stream().map(Fact::id).toList());
            if (people.size() > 1) {
                add("people", Said.words(names, needs), 0);
            }
        });
    }

    /** Hours that others of the trade do not have: the whole day, every day, evenings, the weekend. */
    private void hours() {
        Optional<WeeklyHours> week = entailment.week();
        if (week.isEmpty()) {
            return;
        }
        Set<String> needs = Set.of("hours");
        Map<DayOfWeek, ostium.core.hours.DayHours> days = week.get().days();
        boolean everyDay = days.values().stream().allMatch(ostium.core.hours.DayHours::isOpen);
        boolean always =
                everyDay && days.values().stream().allMatch(day -> day.spans().equals(List.of(TimeSpan.WHOLE_DAY)));
        if (always) {
            hours("always", "", needs, OLD);
            return;
        }
        List<String> late = days.entrySet().stream()
                .filter(day -> day.getValue().spans().stream()
                        .anyMatch(span -> span.to() >= LATE && span.to() <= TimeSpan.DAY))
                .map(day -> day.getKey().getDisplayName(java.time.format.TextStyle.FULL, Locale.ENGLISH) + "s")
                .toList();
        if (everyDay) {
            hours("everyDay", "", needs, 0);
        } else if (days.get(DayOfWeek.SUNDAY).isOpen()) {
            hours("sundays", "", needs, 0);
        } else if (!late.isEmpty() && late.size() < 3) {
            hours("evenings", Listing.and(late), needs, 0);
        } else if (days.get(DayOfWeek.SATURDAY).isOpen() && brief.trade().coming() != Trade.Coming.RECEIVES) {
            hours("saturdays", "", needs, -OLD);
        }
    }

    /** @param days the days of which it is true, where that is said */
    private void hours(String which, String days, Set<String> needs, double more) {
        String when = WORDS.say("hours." + which, days);
        String apart = WORDS.say("hours." + which + ".apart", days);
        add("hours", Map.of("it", Said.words(when, needs), "it.apart", Said.words(apart, needs)), needs, more);
    }

    /** The lowest price, where the trade's customers compare prices and those here can be compared. */
    Optional<Said> cheapest() {
        if (Salience.isUnpriced(brief.trade())) {
            return Optional.empty();
        }
        List<Fact<Service>> priced = brief.services().stream()
                .filter(fact -> fact.value().price() != null
                        && (fact.value().price().kind() == Price.Kind.FIXED
                                || fact.value().price().kind() == Price.Kind.FROM))
                .sorted(Comparator.comparing(
                        fact -> fact.value().price().amount().amount()))
                .toList();
        if (priced.size() < 2) {
            return Optional.empty();
        }
        Fact<Service> lowest = priced.get(0);
        BigDecimal highest =
                priced.get(priced.size() - 1).value().price().amount().amount();
        return lowest.value().price().amount().amount().multiply(COMPARABLE).compareTo(highest) < 0
                ? Optional.empty()
                : Optional.of(
                        Said.words(Price.fixed(lowest.value().price().amount()).say(), Set.of(lowest.id())));
    }

    private static Said sentence(String fact, String words) {
        String whole = Phrases.sentence(words);
        return whole.equals(words) ? Said.linked(fact, "", words) : Said.words(whole, Set.of(fact));
    }
}
