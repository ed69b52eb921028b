package ostium.core.trade;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * What a test that holds for every trade, or for many seeds, goes over: all of it, or each n-th where a fast check asks for
 * less ({@code -Dostium.each=8}). The whole run always takes all.
 */
public final class EachTrade {
    private static final int EACH = Integer.getInteger("ostium.each", 1);

    private EachTrade() {}

    public static List<Trade> all() {
        List<Trade> trades = TradeCatalogue.shipped().all();
        return IntStream.range(0, trades.size())
                .filter(number -> number % EACH == 0)
                .mapToObj(trades::get)
                .toList();
    }

    /** Seeds from 0. */
    public static LongStream seeds(int most) {
        return LongStream.range(0, most).filter(seed -> seed % EACH == 0);
    }
}
