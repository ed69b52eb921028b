package ostium.core.look;

import java.util.List;
import ostium.core.base.DataFile;
import ostium.core.base.Seed;

/** Where a mix comes from: the ones that ship with Ostium ({@code paint-mixes.yaml}), a brand's colour, or another draw. */
public final class PaintMixes {
    /**
     * A mix that ships with Ostium.
     *
     * @param id stable name
     * @param name what an owner would call it
     * @param moods what it suits, as trades name it
     */
    public record Named(
            String id, String name, List<String> moods, Colour ground, Colour ink, Colour paint, Colour trim) {
        public PaintMix mix() {
            return new PaintMix(ground, ink, paint, trim);
        }
    }

    private record File(List<Named> mixes) {}

    private static final List<Named> SHIPPED =
            List.copyOf(DataFile.read("/ostium/paint-mixes.yaml", File.class).mixes());

    /** A brand lighter than this cannot be the main colour without becoming another one; it is the second. */
    private static final double LIGHT_BRAND = 0.74;

    private static final double DARK_NEUTRAL = 0.5;
    private static final double HAIR_OF_HUE = 0.014;

    /** How the second colour stands to the main one on the colour circle, degrees. */
    private static final List<Double> TURNS = List.of(180.0, 150.0, 210.0, 60.0, -60.0, 120.0);

    /** Degrees on the colour circle that make another colour of one. */
    private static final double TOLD_APART = 45;

    private PaintMixes() {}

    public static List<Named> all() {
        return SHIPPED;
    }

    /** Mixes of some moods; all of them where none has one. */
    public static List<Named> of(List<String> moods) {
        List<Named> suiting = SHIPPED.stream()
                .filter(mix -> mix.moods().stream().anyMatch(moods::contains))
                .toList();
        return suiting.isEmpty() ? SHIPPED : suiting;
    }

    /**
     * A mix for moods in a house: of the mixes that suit the moods, those the house can take as they are come first.
     */
    public static PaintMix forMoods(List<String> moods, House house, Seed seed) {
        List<Named> suiting = of(moods);
        List<Named> asTheyAre = suiting.stream()
                .filter(named -> {
                    PaintCard card = PaintCard.of(house, named.mix());
                    return card.trim().equals(named.trim()) && card.paint().equals(named.paint());
                })
                .toList();
        return seed.pick("look/mix", asTheyAre.isEmpty() ? suiting : asTheyAre).mix();
    }

    /**
     * A mix around the colour of a brand. A dark or strong one is the main colour; a light one is the second, with a
     * main colour across the circle; white and the greys leave the main colour to the moods.
     */
    public static PaintMix ofBrand(Colour brand, List<String> moods, Seed seed) {
        Oklch wish = brand.oklch();
        if (wish.isNeutral() && wish.lightness() > DARK_NEUTRAL) {
            PaintMix mood = of(moods).get(0).mix();
            return mood.withGround(wish.lightness() > 0.9 ? brand : mood.ground());
        }
        if (wish.isNeutral()) {
            PaintMix mood = of(moods).get(0).mix();
            return new PaintMix(mood.ground(), brand, brand, mood.trim());
        }
        double turn = seed.pick("look/turn", TURNS);
        if (wish.lightness() > LIGHT_BRAND) {
            Oklch main = new Oklch(0.42, 0.12, wish.hue() + turn);
            return new PaintMix(groundOf(main.hue()), inkOf(main.hue()), main.colour(), brand);
        }
        Oklch second = new Oklch(0.83, 0.12, wish.hue() + turn);
        return new PaintMix(groundOf(wish.hue()), inkOf(wish.hue()), brand, second.colour());
    }

    /** Another mix with the same main colour. */
    public static PaintMix another(PaintMix mix, Seed seed) {
        Oklch main = mix.paint().oklch();
        Oklch second = mix.trim().oklch();
        List<Double> others = TURNS.stream()
                .filter(by -> Math.abs(((main.hue() + by - second.hue() + 540) % 360) - 180) > TOLD_APART)
                .toList();
        double turn = seed.pick("look/turn", others) + (seed.fraction("look/turn/by") - 0.5) * 24;
        double ground = seed.fraction("look/ground") < 0.5 ? main.hue() : main.hue() + turn;
        double hue = main.isNeutral() ? seed.fraction("look/hue") * 360 : main.hue() + turn;
        return new PaintMix(
                groundOf(ground),
                mix.ink(),
                mix.paint(),
                new Oklch(second.lightness(), Math.max(0.08, second.chroma()), hue).colour());
    }

    /** A mix that is near another and yet told apart: "more like this". */
    public static PaintMix near(PaintMix mix, Seed seed) {
        double turn = 10 + seed.fraction("look/near") * 14;
        double way = seed.fraction("look/near/way") < 0.5 ? -1 : 1;
        return new PaintMix(
                mix.ground().oklch().turned(way * turn).colour(),
                mix.ink(),
                mix.paint().oklch().turned(way * turn).colour(),
                mix.trim().oklch().turned(-way * turn).colour());
    }

    private static Colour groundOf(double hue) {
        return new Oklch(0.94, HAIR_OF_HUE, hue).colour();
    }

    private static Colour inkOf(double hue) {
        return new Oklch(0.21, HAIR_OF_HUE, hue).colour();
    }
}
