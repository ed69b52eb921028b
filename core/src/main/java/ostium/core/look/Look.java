package ostium.core.look;

import java.util.List;
import ostium.core.draft.Seed;
import ostium.core.trade.Trade;

/**
 * Everything visual of a site.
 *
 * @param house family of layouts
 * @param mix the colours that are wished
 * @param type id of the pair of families; empty for the house's own
 * @param shape how corners are cut
 * @param motion whether anything moves
 * @param motif drawing that stands for the trade
 * @param scene scene of the picture drawer that stands where the owner has no photograph
 */
public record Look(House house, PaintMix mix, String type, Shape shape, Motion motion, String motif, String scene) {
    /** How often a house of a trade is drawn: the first one every second time. */
    private static final double[] SHARES = {0.5, 0.8, 1};

    public Look {
        type = type == null ? "" : type;
    }

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
                PictureDrawer.of(trade).id());
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

    /** The colours as the page shows them. */
    public PaintCard paint() {
        return PaintCard.of(house, mix);
    }

    public TypePair types() {
        return TypePairs.byId(type).orElseGet(() -> TypePairs.of(house));
    }

    public Look withHouse(House other) {
        return new Look(other, mix, type, shape, motion, motif, scene);
    }

    public Look withMix(PaintMix other) {
        return new Look(house, other, type, shape, motion, motif, scene);
    }

    public Look withType(String other) {
        return new Look(house, mix, other, shape, motion, motif, scene);
    }

    public Look withShape(Shape other) {
        return new Look(house, mix, type, other, motion, motif, scene);
    }

    public Look withMotion(Motion other) {
        return new Look(house, mix, type, shape, other, motif, scene);
    }

    public Look withScene(String other) {
        return new Look(house, mix, type, shape, motion, motif, other);
    }
}
