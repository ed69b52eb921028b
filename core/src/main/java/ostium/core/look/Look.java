package ostium.core.look;

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
    public Look {
        type = type == null ? "" : type;
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
