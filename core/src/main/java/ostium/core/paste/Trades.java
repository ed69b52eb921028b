package ostium.core.paste;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** The trade a text speaks of: the longest name of one that stands in it. */
final class Trades {
    private static final int LONGEST_LOOK = 20_000;

    private Trades() {}

    static Optional<String> in(String text) {
        String lower = text.substring(0, Math.min(text.length(), LONGEST_LOOK)).toLowerCase(Locale.ROOT);
        return TradeCatalogue.shipped().all().stream()
                .filter(trade -> !trade.id().equals(TradeCatalogue.GENERAL))
                .map(Trade::names)
                .flatMap(java.util.List::stream)
                .filter(name -> name.length() > 4 && lower.contains(name))
                .filter(name -> Pattern.compile("(?<![\\p{L}])" + Pattern.quote(name) + "(?![\\p{L}])")
                        .matcher(lower)
                        .find())
                .max(Comparator.comparingInt(String::length));
    }
}
