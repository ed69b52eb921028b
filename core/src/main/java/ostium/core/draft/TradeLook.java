package ostium.core.draft;

import java.util.List;
import ostium.core.base.Seed;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.Motion;
import ostium.core.look.PaintMixes;
import ostium.core.look.PictureDrawer;
import ostium.core.look.Shape;
import ostium.core.trade.Trade;

/** Looks that suit a trade: one of its houses, colours of its moods, its motif and scene. */
public final class TradeLook {
    /** How often a house of a trade is drawn: the first one every second time. */
    private static final double[] SHARES = {0.5, 0.8, 1};

    private TradeLook() {}

    /** A look that suits the trade, by the seed. */
    public static Look of(Trade trade, Seed seed) {
        return of(trade, house(trade, seed), seed);
    }

    /** A look of one house that suits the trade. */
    public static Look of(Trade trade, House house, Seed seed) {
        return new Look(
                house,
                PaintMixes.forMoods(trade.moods(), house, seed),
                "",
                Shape.HOUSE,
                Motion.GENTLE,
                trade.motif(),
                PictureDrawer.suiting(trade.motif(), trade.family()).id());
    }

    /** A house that suits the trade, by the seed; the first one most often. */
    public static House house(Trade trade, Seed seed) {
        List<House> houses = trade.houses();
        double drawn = seed.fraction("look/house");
        int at = 0;
        while (at < SHARES.length - 1 && drawn >= SHARES[at]) {
            at++;
        }
        return houses.get(Math.min(at, houses.size() - 1));
    }
}
