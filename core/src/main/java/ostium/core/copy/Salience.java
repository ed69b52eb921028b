package ostium.core.copy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import ostium.core.base.DataFile;
import ostium.core.trade.Trade;

/** How much a kind of message counts for the customers of a trade, from {@code words/en/salience.yaml}. */
public final class Salience {
    private record Weights(
            Map<String, Double> salience,
            Map<String, List<String>> first,
            List<String> priceWords,
            Set<String> unpriced) {}

    private static final Weights WEIGHTS = DataFile.read("/ostium/words/en/salience.yaml", Weights.class);

    /** What a kind gains that customers of the trade look for first. */
    private static final double LOOKED_FOR = 0.35;

    private Salience() {}

    /**
     * How much a kind counts.
     *
     * @return 0 to 2
     */
    public static double of(String kind, Trade trade) {
        boolean first = WEIGHTS.first().getOrDefault(trade.family(), List.of()).contains(kind);
        return WEIGHTS.salience().get(kind) + (first ? LOOKED_FOR : 0);
    }

    /** Whether a practice is about what something costs, and is told beside the prices. */
    static boolean isAboutPrices(String sentence) {
        String lower = sentence.toLowerCase(Locale.ROOT);
        return WEIGHTS.priceWords().stream().anyMatch(lower::contains);
    }

    /** Whether a headline of the trade never names an amount. */
    static boolean isUnpriced(Trade trade) {
        return WEIGHTS.unpriced().contains(trade.family());
    }
}
