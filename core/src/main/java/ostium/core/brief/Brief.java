package ostium.core.brief;

import java.time.Instant;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.base.Seed;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Place;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.hours.BusinessDay;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * All that a draft is made from.
 *
 * @param facts what is known
 * @param trade the nearest trade of the catalogue
 * @param goal what visitors should do first
 * @param denied what is assumed of the trade and not so here
 * @param today the day of the business, by which credentials are valid or not
 * @param form whether an enquiry form can work where the site will stand
 * @param wishes what the owner wishes of the draft
 */
public record Brief(
        Facts facts, Trade trade, Goal goal, Set<Assumption> denied, BusinessDay today, boolean form, Wishes wishes) {

    /** What the trade lets us assume until the owner says otherwise. */
    public enum Assumption {
        VISITS,
        RECEIVES,
        URGENT,
        CALM;

        public String words() {
            return WORDS.say("assumption." + name().toLowerCase(Locale.ROOT));
        }
    }

    private static final Messages WORDS = Messages.of("brief");

    public Brief {
        denied = denied.isEmpty() ? EnumSet.noneOf(Assumption.class) : EnumSet.copyOf(denied);
    }

    /** A brief with the goal that comes first in the trade, nothing denied, and a form. */
    public static Brief of(Facts facts, Instant now) {
        Trade trade = facts.one(FactValue.TradeWords.class)
                .map(words -> TradeCatalogue.shipped().byId(words.trade()))
                .orElseGet(() -> TradeCatalogue.shipped().byId(TradeCatalogue.GENERAL))
                .in(facts.region());
        return new Brief(facts, trade, trade.goal(), Set.of(), BusinessDay.at(now, facts.zone()), true, Wishes.NONE);
    }

    public Brief withGoal(Goal other) {
        return new Brief(facts, trade, other, denied, today, form, wishes);
    }

    public Brief withDenied(Set<Assumption> others) {
        return new Brief(facts, trade, goal, others, today, form, wishes);
    }

    public Brief withForm(boolean works) {
        return new Brief(facts, trade, goal, denied, today, works, wishes);
    }

    public Brief withWishes(Wishes others) {
        return new Brief(facts, trade, goal, denied, today, form, others);
    }

    public Brief withTone(Tone tone) {
        return withWishes(wishes.withTone(tone));
    }

    public Brief withExtent(Extent extent) {
        return withWishes(wishes.withExtent(extent));
    }

    /** The tone of a draft: the one wished for, else one that suits the trade. */
    public Tone tone(Seed seed) {
        return wishes.tone().filter(tone -> tone.suits(trade)).orElseGet(() -> seed.pick("tone", Tone.suiting(trade)));
    }

    /** What is assumed of this trade, in the order it matters; those denied are among them. */
    public List<Assumption> assumptions() {
        List<Assumption> all = new ArrayList<>();
        if (trade.coming() == Trade.Coming.VISITS) {
            all.add(Assumption.VISITS);
        }
        if (trade.coming() == Trade.Coming.RECEIVES || trade.receives() && hasStreet()) {
            all.add(Assumption.RECEIVES);
        }
        all.add(trade.urgency() == Trade.Urgency.SELDOM ? Assumption.CALM : Assumption.URGENT);
        return all;
    }

    /**
     * Whether the business travels to its customers: said by the places it comes to, else assumed where all of the trade
     * do. Where some do and some do not, an address alone says nothing of it.
     */
    public boolean visits() {
        if (facts.one(Area.class).isPresent()) {
            return true;
        }
        return trade.coming() == Trade.Coming.VISITS
                ? !denied.contains(Assumption.VISITS)
                : denied.contains(Assumption.RECEIVES);
    }

    /** Whether customers come to the business: assumed where all of the trade are come to, or a street is given. */
    public boolean receives() {
        return assumptions().contains(Assumption.RECEIVES)
                ? !denied.contains(Assumption.RECEIVES)
                : denied.contains(Assumption.VISITS);
    }

    private boolean hasStreet() {
        return facts.one(Place.class)
                .filter(place -> !place.street().isBlank() && place.visibility() == Place.Visibility.WHOLE)
                .isPresent();
    }

    /** Whether a call may be urgent. */
    public boolean urgent() {
        return trade.urgency() == Trade.Urgency.SELDOM
                ? denied.contains(Assumption.CALM)
                : !denied.contains(Assumption.URGENT);
    }

    /**
     * Names what carries the answer to who comes to whom, or to urgency, for the texts that stand on it: facts, or
     * {@code assumed/VISITS}, or {@code denied/RECEIVES} where the owner has said that something is not so.
     */
    public Set<String> carriers(Assumption assumption, Assumption opposite) {
        if (assumption == Assumption.VISITS) {
            Optional<Fact<Area>> area = facts.all(Area.class).stream().findFirst();
            if (area.isPresent()) {
                return Set.of(area.get().id());
            }
        }
        return assumptions().contains(assumption)
                ? Set.of(ASSUMED + assumption.name())
                : Set.of(DENIED + opposite.name());
    }

    private static final String ASSUMED = "assumed/";
    private static final String DENIED = "denied/";
    private static final String GOAL = "goal/";
    private static final String VOICE = "voice/";

    /** What texts name beside facts as that on which they stand. */
    public static Set<String> carrierOf(Goal goal) {
        return Set.of(GOAL + goal.name());
    }

    /** Who speaks: as the owner wishes, else as the facts have it. */
    public Voice voice() {
        return wishes.voice().orElseGet(() -> Voice.of(facts));
    }

    /** Why the page speaks as it does, in words an owner reads. */
    public String voiceReason() {
        String id = "voice." + voice().id();
        if (wishes.voice().isPresent()) {
            return WORDS.say(id + ".wished");
        }
        int people = facts.all(FactValue.Person.class).size();
        return voice() == Voice.I
                ? WORDS.say(id)
                : WORDS.say(id + (people == 0 ? ".nobody" : people == 1 ? ".firm" : ".several"));
    }

    /** What carries that a sentence speaks as {@code I} or as {@code we}. */
    public Set<String> voiceCarrier() {
        return Set.of(VOICE + voice().name());
    }

    /**
     * Whether something that a text stands on is so: a visible fact, what is assumed of the trade, what was denied, the
     * goal, who speaks.
     */
    public boolean carries(String need) {
        if (need.startsWith(ASSUMED)) {
            return assumptions().stream()
                    .anyMatch(assumed -> need.equals(ASSUMED + assumed.name()) && !denied.contains(assumed));
        }
        if (need.startsWith(DENIED)) {
            return denied.stream().anyMatch(denied -> need.equals(DENIED + denied.name()));
        }
        if (need.startsWith(GOAL)) {
            return need.equals(GOAL + workingGoal().name());
        }
        if (need.startsWith(VOICE)) {
            return need.equals(VOICE + voice().name());
        }
        return facts.byId(need).filter(fact -> fact.state() == Fact.State.GIVEN).isPresent();
    }

    /** Whether a text can stand on something that is no fact of the sheet. */
    public static boolean isFact(String need) {
        return Stream.of(ASSUMED, DENIED, GOAL, VOICE).noneMatch(need::startsWith);
    }

    /** Goal that the facts can carry: calling needs a telephone, coming by needs a street, writing a form or mail. */
    public Goal workingGoal() {
        boolean telephone = facts.one(Telephone.class).isPresent();
        return switch (goal) {
            case CALL -> telephone ? Goal.CALL : Goal.WRITE;
            case VISIT -> hasStreet() && receives() ? Goal.VISIT : telephone ? Goal.CALL : Goal.WRITE;
            case BOOK, WRITE -> form || !telephone ? goal : Goal.CALL;
        };
    }

    /** Practices the owner said yes to, the trade's strongest first. */
    public List<Trade.UsualPractice> practices() {
        return trade.practices().stream()
                .filter(practice -> facts.practises(practice.key()))
                .toList();
    }

    /** The first membership that is valid today. */
    public Optional<Fact<FactValue.Membership>> membership() {
        return memberships().stream().findFirst();
    }

    /** Memberships and qualifications that are valid today, in the owner's order. */
    public List<Fact<FactValue.Membership>> memberships() {
        return facts.all(FactValue.Membership.class).stream()
                .filter(fact -> fact.value().until().isBlank()
                        || !YearMonth.parse(fact.value().until()).isBefore(YearMonth.from(today.date())))
                .toList();
    }

    /** The owner's own words about the business, in the order they are read; how to find it stands beside the place. */
    public List<Fact<FactValue.OwnWords>> ownWords() {
        List<Fact<FactValue.OwnWords>> all = new ArrayList<>();
        for (String id : OWN_WORDS) {
            facts.all(FactValue.OwnWords.class).stream()
                    .filter(fact -> fact.id().equals(id))
                    .forEach(all::add);
        }
        return all;
    }

    private static final List<String> OWN_WORDS = List.of("words/does", "words/customers", "words", "words/began");

    public List<Fact<Service>> services() {
        return facts.all(Service.class);
    }
}
