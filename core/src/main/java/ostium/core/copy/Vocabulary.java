package ostium.core.copy;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.brief.Brief.Assumption;
import ostium.core.brief.Tone;
import ostium.core.brief.Voice;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;

/**
 * What a sentence may speak of: tokens such as {@code {in}} or {@code {customers}}, each there only when something entails
 * it. A token that stands for a fact becomes a linked fact, so that the sentence follows when the fact changes.
 *
 * <p>{@code GrammarTest} lists the tokens there are.
 */
final class Vocabulary {
    private static final ostium.core.base.Messages WORDS = ostium.core.base.Messages.of("copy");

    private static final int MOST_SERVICES = 3;

    /** A heading of one short word ("Work") is none. */
    private static final int TITLE = 6;

    private static final int MOST_PLACES = 4;

    private final Brief brief;
    private final Facts facts;
    private final Entailment entailment;
    private final Map<String, Said> tokens = new HashMap<>();

    /** What the trade does, where the owner's word for it is the usual one; else it works. */
    private String does = "work";

    Vocabulary(Brief brief) {
        this.brief = brief;
        this.facts = brief.facts();
        this.entailment = new Entailment(brief);
        linkFirst("name", FactValue.Name.class, "");
        linkFirst("telephone", Telephone.class, "");
        linkFirst("founded", FactValue.Founded.class, "");
        linkFirst("hours.days", FactValue.Hours.class, "days");
        people();
        trade();
        places();
        services();
        promise();
        voice();
        conditions();
    }

    Entailment entailment() {
        return entailment;
    }

    /** A thing of the vocabulary, or null when nothing entails it. */
    Said say(String token) {
        Said known = tokens.get(token);
        return known == null && token.startsWith("people.") ? agreeing(token.substring("people.".length())) : known;
    }

    // ---- who -----------------------------------------------------------------------------------------------------

    private void people() {
        linkFirst("person", FactValue.Person.class, "");
        linkFirst("person.first", FactValue.Person.class, "first");
        Set<String> needs =
                facts.all(FactValue.Person.class).stream().map(Fact::id).collect(Collectors.toCollection(TreeSet::new));
        entailment.people().ifPresent(names -> {
            if (needs.size() == 1) {
                tokens.put("people", tokens.get("person"));
            } else {
                words("people", names, needs);
            }
        });
    }

    /** The verb that goes with those who are named: {@code {people.visit}}. */
    private Said agreeing(String verb) {
        Said people = tokens.get("people");
        if (people == null) {
            return null;
        }
        boolean several = people.needs().size() > 1;
        String phrase = verb.equals("does") ? does : verb;
        int space = phrase.indexOf(' ');
        String said = space < 0
                ? English.present(phrase, several)
                : English.present(phrase.substring(0, space), several) + phrase.substring(space);
        return Said.words(said, people.needs());
    }

    private void voice() {
        Voice voice = brief.voice();
        Set<String> needs = brief.voiceCarrier();
        for (String word : List.of("we", "us", "our", "We", "Our")) {
            words(word, voice.say(word), needs);
        }
        words("are", voice == Voice.I ? "am" : "are", needs);
        if (voice == Voice.I) {
            words("if.alone", "", needs);
        } else {
            words("if.several", "", needs);
        }
    }

    // ---- what ----------------------------------------------------------------------------------------------------

    private void trade() {
        Trade trade = brief.trade();
        facts.all(FactValue.TradeWords.class).stream().findFirst().ifPresent(fact -> {
            Set<String> needs = Set.of(fact.id());
            TradeName name = TradeName.of(fact.value().words(), trade);
            does = name.usual() ? trade.speech().does() : does;
            String before = name.before(brief.voice() == Voice.WE && Voice.areSeveral(facts));
            Set<String> named = new TreeSet<>(needs);
            if (!before.equals(name.before(false))) {
                named.addAll(brief.voiceCarrier());
            }
            words("trade", before, named);
            words("Trade", TradeName.upper(before), named);
            words("Said", TradeName.upper(name.said()), needs);
            name.activity().ifPresent(activity -> words("Activity", TradeName.upper(activity), needs));
            name.person().ifPresent(person -> {
                words("tradesperson", person, needs);
                if (Voice.areSeveral(facts)) {
                    words("tradespeople", English.plural(person), needs);
                }
            });
            name.place()
                    .filter(place -> !place.endsWith("s"))
                    .ifPresent(place -> words("One.premises", TradeName.upper(English.one(place)), needs));
        });
        Trade.Speech speech = trade.speech();
        words("customers", English.plural(speech.customer()), Set.of());
        words("job", speech.job(), Set.of());
        words("one.job", English.one(speech.job()), Set.of());
        words("does", does, Set.of());
        spoken("List", speech.list());
        condition(!TradeName.isPhrase(speech.list()), "listed");
        condition(speech.list().length() >= TITLE, "titled");
        condition(TradeName.isAskedFor(speech.job()), "askedFor");
    }

    private void services() {
        List<Fact<Service>> services = brief.services();
        // The owner's first service is what the business is asked for most: a list without it would say something else.
        List<Fact<Service>> things = services.stream()
                .takeWhile(fact -> ServiceNames.isThing(fact.value().name()))
                .limit(MOST_SERVICES)
                .toList();
        for (int i = 0; things.size() > 1 && i < things.size(); i++) {
            link("service" + (i + 1), things.get(i).id(), "");
            link("service" + (i + 1) + ".lower", things.get(i).id(), "lower");
        }
        long priced = services.stream()
                .filter(fact ->
                        fact.value().price() != null && fact.value().price().kind() != Price.Kind.ON_REQUEST)
                .count();
        condition(priced > 0, "prices");
        condition(priced == 0 && !services.isEmpty(), "noPrices");
        condition(priced > 0 && priced < services.size(), "somePrices");
    }

    void cheapest(Optional<Said> cheapest) {
        cheapest.ifPresent(said -> tokens.put("cheapest", said));
    }

    // ---- where ---------------------------------------------------------------------------------------------------

    private void places() {
        linkFirst("street", ostium.core.fact.Place.class, "street");
        entailment.base().ifPresent(fact -> link("base", fact.id(), "town"));
        entailment.workplace().ifPresent(fact -> {
            link("in", fact.id(), "town");
            tokens.computeIfPresent("in", (token, said) -> said.standingOn(entailment.workplaceStandsOn()));
        });
        entailment.area().ifPresent(fact -> {
            Area area = fact.value();
            int places = area.places().size();
            if (places <= MOST_PLACES) {
                link("area", fact.id(), "");
            } else {
                words(
                        "area",
                        WORDS.say(
                                "area.more", area.places().get(0), area.places().get(1), Listing.number(places - 2)),
                        Set.of(fact.id()));
            }
            if (places == 1 && !tokens.containsKey("in")) {
                link("in", fact.id(), "first");
            }
            boolean fromFirst = tokens.containsKey("base")
                    && tokens.get("base").plain().equals(area.places().get(0));
            if (fromFirst && places <= MOST_PLACES) {
                link("area.beyond", fact.id(), "rest");
            }
            condition(places > 1, "area");
            condition(entailment.comesUnexpectedly(), "comes");
        });
        entailment.visits().ifPresent(needs -> words("if.visits", "", needs));
        entailment.receives().ifPresent(needs -> words("if.receives", "", needs));
    }

    // ---- when ----------------------------------------------------------------------------------------------------

    /** A promise for the same day holds on working days only, and has a token of its own. */
    private void promise() {
        linkFirst(entailment.promiseNeedsWork() ? "promise.day" : "promise", FactValue.AnswerPromise.class, "");
    }

    // ---- what a sentence can ask for without saying it -----------------------------------------------------------

    private void conditions() {
        if (brief.urgent()) {
            words("if.urgent", "", brief.carriers(Assumption.URGENT, Assumption.CALM));
        }
        Goal goal = brief.workingGoal();
        words("if." + goal.name().toLowerCase(Locale.ROOT), "", Brief.carrierOf(goal));
        condition(brief.form(), "form");
        condition(isMostlyQuoted(brief.trade()), "quoted");
        int questions = facts.all(FactValue.Answer.class).size();
        condition(questions == 1, "oneQuestion");
        condition(questions > 1, "questions");
        String name = lower("name");
        String person = lower("person");
        condition(!person.isEmpty(), "named");
        condition(Tone.LIGHT.suits(brief.trade()), "lively");
        condition(!person.isEmpty() && !name.contains(person), "apart");
        condition(person.isEmpty() || !name.contains(person), "firm");
        condition(
                !name.isEmpty()
                        && tokens.containsKey("trade")
                        && !ServiceNames.shareAWord(name, lower("trade"))
                        && !ServiceNames.shareAWord(name, brief.trade().name()),
                "plainName");
        condition(TAUGHT.contains(brief.trade().family()), "taught");
        condition(!TAUGHT.contains(brief.trade().family()), "made");
    }

    private static boolean isMostlyQuoted(Trade trade) {
        long quoted = trade.services().stream()
                .filter(usual -> usual.price() == Trade.PriceKind.QUOTE)
                .count();
        return 2 * quoted > trade.services().size();
    }

    private static final Set<String> TAUGHT = Set.of("lessons", "sport", "health", "care");

    private String lower(String token) {
        return tokens.containsKey(token) ? tokens.get(token).plain().toLowerCase(Locale.ROOT) : "";
    }

    private <V extends FactValue> void linkFirst(String token, Class<V> kind, String facet) {
        facts.all(kind).stream().findFirst().ifPresent(fact -> link(token, fact.id(), facet));
    }

    private void link(String token, String fact, String facet) {
        facts.say(fact, facet).ifPresent(plain -> tokens.put(token, Said.linked(fact, facet, plain)));
    }

    /** Words of the trade, as whoever speaks on the page says them. */
    private void spoken(String token, String words) {
        words(token, brief.voice().say(words), Phrases.speaks(words) ? brief.voiceCarrier() : Set.of());
    }

    private void condition(boolean holds, String name) {
        if (holds) {
            words("if." + name, "", Set.of());
        }
    }

    private void words(String token, String words, Set<String> needs) {
        tokens.put(token, Said.words(words, needs));
    }
}
