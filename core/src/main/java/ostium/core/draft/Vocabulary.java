package ostium.core.draft;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.brief.Brief.Assumption;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Place;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.site.Node;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;

/**
 * What a sentence may speak of: tokens such as {@code {town}} or {@code {service1.done}}, each there only when its
 * facts are. A token that stands for a fact becomes a linked fact, so that the sentence follows when the fact changes.
 */
final class Vocabulary {
    /**
     * One thing that can be said.
     *
     * @param node what goes into the text
     * @param plain the same as a visitor reads it
     * @param needs ids of the facts that carry it
     */
    record Said(Node node, String plain, Set<String> needs, int words) {
        Said(Node node, String plain, Set<String> needs) {
            this(
                    node,
                    plain,
                    needs,
                    plain.isEmpty()
                            ? 0
                            : (int) plain.chars().filter(c -> c == ' ').count() + 1);
        }
    }

    private final Facts facts;
    private final Map<String, Said> tokens = new HashMap<>();

    Vocabulary(Brief brief) {
        this.facts = brief.facts();
        Trade trade = brief.trade();
        linkFirst("name", FactValue.Name.class, "");
        linkFirst("telephone", ostium.core.fact.Telephone.class, "");
        linkFirst("person", FactValue.Person.class, "");
        linkFirst("person.first", FactValue.Person.class, "first");
        linkFirst("founded", FactValue.Founded.class, "");
        linkFirst("promise", FactValue.AnswerPromise.class, "");
        linkFirst("hours.days", FactValue.Hours.class, "days");
        linkFirst("hours.closed", FactValue.Hours.class, "closed");
        linkFirst("area", Area.class, "");
        linkFirst("area.first", Area.class, "first");
        linkFirst("area.rest", Area.class, "rest");
        linkFirst("area.count", Area.class, "count");
        linkFirst("town", Place.class, "town");
        if (!tokens.containsKey("town")) {
            linkFirst("town", Area.class, "first");
        }
        linkFirst("street", Place.class, "street");
        if (tokens.containsKey("area")
                && tokens.containsKey("town")
                && tokens.get("area.first").plain().equals(tokens.get("town").plain())) {
            linkFirst("area.beyond", Area.class, "rest");
        }
        brief.membership().ifPresent(fact -> {
            link("membership", fact.id(), "");
            link("membership.number", fact.id(), "number");
        });
        facts.all(FactValue.TradeWords.class).stream().findFirst().ifPresent(fact -> {
            literal("trade.Said", upper(fact.value().words()), Set.of(fact.id()));
            if (!trade.doing().isBlank()) {
                literal("trade.doing", trade.doing(), Set.of(fact.id()));
                literal("trade.Doing", upper(trade.doing()), Set.of(fact.id()));
            }
        });
        services(brief.services(), trade);
        practices(brief);
        conditions(brief);
    }

    /** What a sentence can ask for without saying it. */
    private void conditions(Brief brief) {
        if (brief.visits()) {
            condition("visits", brief.carriers(Assumption.VISITS, Assumption.RECEIVES));
            if (tokens.containsKey("area")) {
                condition("area", tokens.get("area").needs());
            }
        }
        if (brief.receives()) {
            condition("receives", brief.carriers(Assumption.RECEIVES, Assumption.VISITS));
        }
        if (brief.urgent()) {
            condition("urgent", brief.carriers(Assumption.URGENT, Assumption.CALM));
        }
        Goal goal = brief.workingGoal();
        condition(goal.name().toLowerCase(Locale.ROOT), Brief.carrierOf(goal));
        if (brief.form()) {
            condition("form", Set.of());
        }
        boolean person = tokens.containsKey("person");
        boolean calledAfter = person && isCalledAfter(tokens.get("person").plain());
        if (person && !calledAfter) {
            condition("apart", Set.of());
        }
        if (!calledAfter) {
            condition("firm", Set.of());
        }
    }

    /** Whether the business bears the whole name of its person, so that saying both would say one name twice. */
    private boolean isCalledAfter(String person) {
        return tokens.containsKey("name")
                && tokens.get("name").plain().toLowerCase(Locale.ROOT).contains(person.toLowerCase(Locale.ROOT));
    }

    /** A thing of the vocabulary, or null when it is not known. */
    Said say(String token) {
        return tokens.get(token);
    }

    private void services(List<Fact<Service>> services, Trade trade) {
        for (int i = 0; i < Math.min(3, services.size()); i++) {
            Fact<Service> fact = services.get(i);
            String token = "service" + (i + 1);
            link(token, fact.id(), "");
            link(token + ".lower", fact.id(), "lower");
            link(token + ".time", fact.id(), "time");
            Price price = fact.value().price();
            if (price != null && price.kind() != Price.Kind.ON_REQUEST) {
                link(token + ".price", fact.id(), "price");
            }
            trade.service(fact.value().usual()).ifPresent(usual -> {
                literal(token + ".done", usual.done(), Set.of(fact.id()));
                literal(token + ".done.lower", lower(usual.done()), Set.of(fact.id()));
                literal(token + ".act", usual.act(), Set.of(fact.id()));
            });
        }
        Set<String> needs = new TreeSet<>();
        List<String> acts = services.stream()
                .flatMap(fact -> trade.service(fact.value().usual()).stream().peek(usual -> needs.add(fact.id())))
                .map(Trade.UsualService::act)
                .limit(5)
                .toList();
        if (acts.size() > 1) {
            literal("services.acts", Listing.and(acts), needs);
        }
        if (services.stream().anyMatch(fact -> fact.value().price() != null)) {
            condition("prices", Set.of());
        } else if (!services.isEmpty()) {
            condition("noPrices", Set.of());
        }
        if (services.stream().anyMatch(fact -> fact.value().minutes() != null)) {
            condition("times", Set.of());
        }
        boolean from = hasPrice(services, Price.Kind.FROM);
        boolean onRequest = hasPrice(services, Price.Kind.ON_REQUEST);
        if (from || onRequest) {
            condition(from && onRequest ? "fromAndRequest" : from ? "from" : "onRequest", Set.of());
        }
    }

    private static boolean hasPrice(List<Fact<Service>> services, Price.Kind kind) {
        return services.stream()
                .map(fact -> fact.value().price())
                .anyMatch(price -> price != null && price.kind() == kind);
    }

    private void practices(Brief brief) {
        List<Trade.UsualPractice> practices = brief.practices();
        for (int i = 0; i < practices.size(); i++) {
            Set<String> needs = Set.of(factOf(practices.get(i)));
            literal("practice" + (i + 1) + ".says", practices.get(i).says(), needs);
            literal("practice" + (i + 1) + ".brief", practices.get(i).brief(), needs);
        }
    }

    private String factOf(Trade.UsualPractice practice) {
        return facts.all(FactValue.Practice.class).stream()
                .filter(fact -> fact.value().key().equals(practice.key()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private <V extends FactValue> void linkFirst(String token, Class<V> kind, String facet) {
        facts.all(kind).stream().findFirst().ifPresent(fact -> link(token, fact.id(), facet));
    }

    private void link(String token, String fact, String facet) {
        facts.say(fact, facet)
                .ifPresent(plain -> tokens.put(token, new Said(new Node.LinkedFact(fact, facet), plain, Set.of(fact))));
    }

    private void condition(String name, Set<String> needs) {
        literal("if." + name, "", needs);
    }

    private void literal(String token, String words, Set<String> needs) {
        tokens.put(token, new Said(new Node.Words(words), words, needs));
    }

    /** A phrase inside a sentence; one that begins with an abbreviation ("MOT tests") stays as it is. */
    private static String lower(String words) {
        return words.length() > 1 && Character.isUpperCase(words.charAt(1))
                ? words
                : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    private static String upper(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
