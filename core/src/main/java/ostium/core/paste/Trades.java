package ostium.core.paste;

import java.util.Optional;
import ostium.core.trade.TradeCatalogue;

/** The trade a text speaks of: the longest name of one that stands in it. */
final class Trades {
    private Trades() {}

    static Optional<String> in(String text) {
        return TradeCatalogue.shipped().namedIn(text);
    }
}
