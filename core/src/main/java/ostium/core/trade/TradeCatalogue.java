package ostium.core.trade;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.base.DataFile;

/**
 * All trades, and finding one by the words people use, in English, German, French and Spanish.
 *
 * <pre>{@code
 * TradeCatalogue trades = TradeCatalogue.shipped();
 * trades.find("chimny sweep").trade().id();   // "chimney-sweep"
 * trades.suggest("pia", 6);                   // for type-ahead
 * }</pre>
 */
public final class TradeCatalogue {
    /** The trade of a business none of ours is near to. */
    public static final String GENERAL = "general";

    /** Files of the catalogue, one a family. */
    static final List<String> FAMILIES = List.of(
            "building",
            "fitting",
            "home",
            "outdoors",
            "repair",
            "vehicles",
            "animals",
            "care",
            "health",
            "lessons",
            "sport",
            "food",
            "celebrations",
            "making",
            "clothing",
            "advice",
            "property",
            "transport",
            "technology",
            "people",
            "water",
            "farewell",
            "general");

    /** From here on words name a trade of ours. */
    private static final double NEAR = 0.7;

    /** From here on a trade is offered while its name is typed. */
    private static final double OFFERED = 0.5;

    private static final TradeCatalogue SHIPPED = load();

    private final Map<String, Trade> byId = new LinkedHashMap<>();
    private final TradeSearch search;

    private TradeCatalogue(List<Trade> trades) {
        for (Trade trade : trades) {
            if (byId.put(trade.id(), trade) != null) {
                throw new IllegalStateException("two trades are called " + trade.id());
            }
        }
        this.search = new TradeSearch(
                trades.stream().filter(trade -> !trade.id().equals(GENERAL)).toList());
    }

    private static TradeCatalogue load() {
        List<Trade> all = new ArrayList<>();
        for (String family : FAMILIES) {
            all.addAll(DataFile.read("/ostium/trades/" + family + ".yaml", TradeFile.class)
                    .complete());
        }
        return new TradeCatalogue(all);
    }

    /** The catalogue that ships with Ostium. */
    public static TradeCatalogue shipped() {
        return SHIPPED;
    }

    public List<Trade> all() {
        return List.copyOf(byId.values());
    }

    /** A trade by id; the general one for an id that is not known (any more). */
    public Trade byId(String id) {
        return byId.getOrDefault(id, byId.get(GENERAL));
    }

    /** The nearest trade for the owner's own words, and whether it is one of ours. Never fails. */
    public Found find(String words) {
        return search.ranked(words).stream()
                .findFirst()
                .filter(match -> match.score() >= NEAR)
                .map(match -> match.trade())
                .or(() -> ending(words))
                .map(trade -> new Found(trade, true))
                .orElseGet(() -> new Found(byId.get(GENERAL), false));
    }

    /** The one trade whose name ends the words, whatever stands before it: "mobile bike repairs". */
    private Optional<Trade> ending(String words) {
        String plain = words.strip();
        List<Mention> mentions = search.mentions(plain);
        return mentions.size() == 1 && mentions.get(0).to() == plain.length()
                ? Optional.of(mentions.get(0).trade())
                : Optional.empty();
    }

    /** Trades to offer while the owner types, the best first; each with the name that matched. */
    public List<Match> suggest(String words, int most) {
        return search.ranked(words).stream()
                .filter(match -> match.score() >= OFFERED)
                .limit(most)
                .toList();
    }

    /** The longest name of a trade that stands in a text, as it stands in the catalogue. */
    public Optional<String> namedIn(String text) {
        return search.namedIn(text);
    }

    /** Names of trades where they stand in a text, in its order. */
    public List<Mention> mentions(String text) {
        return search.mentions(text);
    }

    /** The same in the name of a business, where a single word of many meanings is its trade: "Stillwater Yoga". */
    public List<Mention> mentionsInName(String name) {
        return search.mentionsInName(name);
    }

    /** A name of a trade in a text, from its first letter to after its last. */
    public record Mention(Trade trade, String name, int from, int to) {}

    /** @param near whether the words name this trade, rather than none of ours */
    public record Found(Trade trade, boolean near) {}

    /** A trade, the name of it that fits the words, and how well, {@code [0, 1]}. */
    public record Match(Trade trade, String name, double score) {}
}
