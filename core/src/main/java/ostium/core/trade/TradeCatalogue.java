package ostium.core.trade;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ostium.core.format.DataFile;
import ostium.core.text.EditDistance;

/**
 * All trades, and finding one by the words people use.
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

    private static final List<String> FILES =
            List.of("building", "home", "outdoors", "repair", "care", "animals", "lessons", "general");
    private static final TradeCatalogue SHIPPED = load();

    private final Map<String, Trade> byId = new LinkedHashMap<>();
    private final List<Known> names = new ArrayList<>();

    /** A name of a trade, made ready for comparing. */
    private record Known(Trade trade, String name, int rank, String normal, List<String> words) {}

    private TradeCatalogue(List<Trade> trades) {
        for (Trade trade : trades) {
            if (byId.put(trade.id(), trade) != null) {
                throw new IllegalStateException("two trades are called " + trade.id());
            }
            for (int i = 0; i < trade.names().size() && !trade.id().equals(GENERAL); i++) {
                String normal = normal(trade.names().get(i));
                names.add(new Known(trade, trade.names().get(i), i, normal, List.of(normal.split(" "))));
            }
        }
    }

    private static TradeCatalogue load() {
        List<Trade> all = new ArrayList<>();
        for (String file : FILES) {
            all.addAll(DataFile.read("/ostium/trades/" + file + ".yaml", TradeFile.class)
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
        return ranked(words).stream()
                .findFirst()
                .filter(match -> match.score() >= NEAR)
                .map(match -> new Found(match.trade(), true))
                .orElseGet(() -> new Found(byId.get(GENERAL), false));
    }

    /** Trades to offer while the owner types, the best first; each with the name that matched. */
    public List<Match> suggest(String words, int most) {
        return ranked(words).stream()
                .filter(match -> match.score() >= OFFERED)
                .limit(most)
                .toList();
    }

    /** @param near whether the words name this trade, rather than none of ours */
    public record Found(Trade trade, boolean near) {}

    /** A trade, the name of it that fits the words, and how well, {@code [0, 1]}. */
    public record Match(Trade trade, String name, double score) {}

    private static final double NEAR = 0.72;
    private static final double OFFERED = 0.5;

    private List<Match> ranked(String words) {
        String asked = normal(words);
        if (asked.isEmpty()) {
            return List.of();
        }
        List<String> askedWords = List.of(asked.split(" "));
        Map<String, Match> best = new LinkedHashMap<>();
        for (Known known : names) {
            double score = score(asked, askedWords, known) - known.rank() * 0.001;
            if (score > 0) {
                best.merge(
                        known.trade().id(),
                        new Match(known.trade(), known.name(), score),
                        (a, b) -> b.score() > a.score() ? b : a);
            }
        }
        return best.values().stream()
                .sorted(Comparator.comparingDouble(Match::score)
                        .reversed()
                        .thenComparing(match -> match.trade().name()))
                .toList();
    }

    /**
     * Same words 1; a name begun 0.9; all words found with small slips 0.72–0.89; some of them below that, weighed by
     * how much of the asked words they cover.
     */
    private static double score(String asked, List<String> askedWords, Known name) {
        if (asked.equals(name.normal())) {
            return 1;
        }
        if (name.normal().startsWith(asked)) {
            return 0.9;
        }
        return 0.89 * (0.55 * covered(name.words(), askedWords) + 0.45 * covered(askedWords, name.words()));
    }

    /** How much of some words, by length, is found among others, {@code [0, 1]}. */
    private static double covered(List<String> words, List<String> among) {
        double covered = 0;
        double total = 0;
        for (String word : words) {
            double best = 0;
            for (String other : among) {
                best = Math.max(best, likeness(word, other));
            }
            covered += best * word.length();
            total += word.length();
        }
        return covered / total;
    }

    private static double likeness(String word, String nameWord) {
        if (word.equals(nameWord)) {
            return 1;
        }
        int shorter = Math.min(word.length(), nameWord.length());
        if (shorter >= 3 && (nameWord.startsWith(word) || word.startsWith(nameWord))) {
            return 0.95;
        }
        int allowed = shorter >= 7 ? 2 : shorter >= 4 ? 1 : 0;
        if (Math.abs(word.length() - nameWord.length()) > allowed || allowed == 0) {
            return 0;
        }
        int slips = EditDistance.between(word, nameWord);
        return slips <= allowed ? 0.95 - 0.08 * slips : 0;
    }

    private static String normal(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\b(a|an|the|and|or|i am|im|we|my|our|services?|business|company|shop|local)\\b", " ")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
