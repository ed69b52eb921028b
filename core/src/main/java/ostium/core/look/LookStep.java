package ostium.core.look;

import java.util.List;
import ostium.core.base.Seed;

/** One way in which a look can be changed by a word; everything else stays as it is. */
public enum LookStep {
    DARKER,
    LIGHTER,
    WARMER,
    COOLER,
    STRONGER,
    CALMER,
    SERIF,
    SANS,
    SLAB,
    ROUNDER,
    SQUARER,
    STILLER,
    LIVELIER,
    /** Near the present colours, and told apart from them. */
    NEAR,
    /** The same main colour with others beside it. */
    ANOTHER_MIX;

    private static final double LIGHTNESS = 0.06;
    private static final double TURN = 14;
    private static final double WARM = 55;
    private static final double COOL = 245;
    private static final double STRONGER_BY = 1.28;
    private static final double LEAST_CHROMA = 0.02;

    /** @param seed for the steps that draw */
    public Look of(Look look, Seed seed) {
        PaintMix mix = look.mix();
        return switch (this) {
            case DARKER -> look.withMix(lightness(look, -LIGHTNESS));
            case LIGHTER -> look.withMix(lightness(look, LIGHTNESS));
            case WARMER -> look.withMix(towards(mix, WARM));
            case COOLER -> look.withMix(towards(mix, COOL));
            case STRONGER -> look.withMix(chroma(mix, STRONGER_BY));
            case CALMER -> look.withMix(chroma(mix, 1 / STRONGER_BY));
            case SERIF, SANS, SLAB -> look.withType(type(look, seed));
            case ROUNDER -> look.withShape(rounder(look));
            case SQUARER -> look.withShape(look.shape() == Shape.ROUND ? Shape.SOFT : Shape.SQUARE);
            case STILLER -> look.withMotion(Motion.NONE);
            case LIVELIER -> look.withMotion(Motion.GENTLE);
            case NEAR -> look.withMix(PaintMixes.near(mix, seed));
            case ANOTHER_MIX -> look.withMix(PaintMixes.another(mix, seed));
        };
    }

    /** From the colours as they are shown, so that a step from a moved colour is a step that is seen. */
    private static PaintMix lightness(Look look, double by) {
        PaintCard card = look.paint();
        return new PaintMix(
                lighter(look.mix().ground(), by / 3),
                lighter(card.ink(), by / 3),
                lighter(card.paint(), by),
                lighter(card.trim(), by));
    }

    private static Colour lighter(Colour colour, double by) {
        Oklch here = colour.oklch();
        return here.withLightness(here.lightness() + by).colour();
    }

    private static PaintMix towards(PaintMix mix, double hue) {
        return new PaintMix(
                tinted(mix.ground(), hue), turned(mix.ink(), hue), turned(mix.paint(), hue), turned(mix.trim(), hue));
    }

    private static Colour tinted(Colour ground, double hue) {
        Oklch here = ground.oklch();
        return new Oklch(here.lightness(), Math.max(0.012, here.chroma()), near(here.hue(), hue, 2 * TURN)).colour();
    }

    private static Colour turned(Colour colour, double hue) {
        Oklch here = colour.oklch();
        return here.isNeutral()
                ? new Oklch(here.lightness(), here.chroma() + 0.01, hue).colour()
                : new Oklch(here.lightness(), here.chroma(), near(here.hue(), hue, TURN)).colour();
    }

    /** A hue that is at most so many degrees nearer to another one. */
    private static double near(double from, double to, double most) {
        double way = ((to - from + 540) % 360) - 180;
        return from + Math.max(-most, Math.min(most, way));
    }

    private static PaintMix chroma(PaintMix mix, double times) {
        return new PaintMix(
                stronger(mix.ground(), times), mix.ink(), stronger(mix.paint(), times), stronger(mix.trim(), times));
    }

    private static Colour stronger(Colour colour, double times) {
        Oklch here = colour.oklch();
        return here.withChroma(times > 1 ? Math.max(LEAST_CHROMA / 2, here.chroma()) * times : here.chroma() * times)
                .colour();
    }

    private String type(Look look, Seed seed) {
        String word = name().toLowerCase(java.util.Locale.ROOT);
        List<TypePair> others = TypePairs.all().stream()
                .filter(pair -> pair.character().contains(word))
                .filter(pair -> !pair.id().equals(look.types().id()))
                .toList();
        return seed.pick("look/type", others).id();
    }

    private static Shape rounder(Look look) {
        boolean roundAlready =
                look.house() == House.PARLOUR || look.house() == House.KIOSK || look.house() == House.GARDEN;
        return switch (look.shape()) {
            case SQUARE -> Shape.SOFT;
            case HOUSE -> roundAlready ? Shape.ROUND : Shape.SOFT;
            case SOFT, ROUND -> Shape.ROUND;
        };
    }
}
