package ostium.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import ostium.core.base.Messages;

/**
 * The colours of a page by what they do: a {@linkplain PaintMix mix} as a house can use it, in which every pair that
 * meets on its pages has its contrast.
 *
 * @param house the house it is for
 * @param ground the page
 * @param panel leaves, forms, text on dark
 * @param ink text and rules
 * @param pencil muted text
 * @param paint main colour: the main button, the call cell
 * @param trim second colour; what it carries differs by {@linkplain PaintManner house}
 */
public record PaintCard(
        House house, Colour ground, Colour panel, Colour ink, Colour pencil, Colour paint, Colour trim) {
    private static final Messages WORDS = Messages.of("look");

    private static final double TEXT = 4.5;
    private static final double LARGE = 3;

    /** A hair above what is asked, because browsers round mixed colours. */
    private static final double MARGIN = 1.015;

    private static final double TRIM_ON_PAINT = 40;
    private static final double LIGHTEST_INK = 0.3;
    private static final double STEP = 0.004;
    private static final Oklch BRICK = new Oklch(0.5, 0.125, 38);

    /**
     * The card of a mix in a house. A wished colour stays where every pair it is part of passes; else it is moved least
     * in lightness.
     */
    public static PaintCard of(House house, PaintMix mix) {
        PaintManner manner = house.manner();
        Oklch wished = mix.ground().oklch();
        Colour ground = new Oklch(
                        between(wished.lightness(), manner.darkestGround(), manner.lightestGround()),
                        Math.min(wished.chroma(), manner.strongestGround()),
                        wished.hue())
                .colour();
        Colour panel = new Oklch(0.988, Math.min(0.006, wished.chroma() / 2), wished.hue()).colour();
        Oklch text = mix.ink().oklch();
        Colour ink =
                new Oklch(Math.min(text.lightness(), LIGHTEST_INK), Math.min(text.chroma(), 0.09), text.hue()).colour();
        Colour paint = moved(
                mix.paint(),
                candidate -> ok(candidate, ground, TEXT)
                        && ok(candidate, panel, TEXT)
                        && ok(soft(panel, candidate), candidate, TEXT));
        Colour trim = moved(mix.trim(), trimOf(manner.trim(), ground, panel, ink, paint));
        PaintCard card = new PaintCard(house, ground, panel, ink, ink, paint, trim);
        Colour pencil = moved(
                ink.mix(66, ground),
                candidate -> List.of(ground, panel, card.wash(), card.tint()).stream()
                        .allMatch(below -> ok(candidate, below, TEXT)));
        return new PaintCard(house, ground, panel, ink, pencil, paint, trim);
    }

    private static Predicate<Colour> trimOf(
            PaintManner.Trim use, Colour ground, Colour panel, Colour ink, Colour paint) {
        return switch (use) {
            case LIGHT -> candidate -> ok(ink, candidate, 5.2) && ok(candidate, paint, LARGE);
            case PALE -> candidate -> ok(ink, candidate, 7) && ok(paint, panel, TEXT);
            case LINE ->
                candidate -> ok(candidate, ground, LARGE)
                        && ok(candidate, panel, LARGE)
                        && ok(candidate.mix(TRIM_ON_PAINT, panel), paint, LARGE);
            case DARK ->
                candidate -> ok(candidate, ground, TEXT)
                        && ok(panel, candidate, TEXT)
                        && ok(panel, candidate.mix(34, ink), TEXT);
        };
    }

    private static boolean ok(Colour above, Colour below, double needed) {
        return above.contrast(below) >= needed * MARGIN;
    }

    private static double between(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** The colour itself where it passes, else the nearest in lightness that does. */
    private static Colour moved(Colour wish, Predicate<Colour> passes) {
        if (passes.test(wish)) {
            return wish;
        }
        Oklch from = wish.oklch();
        for (double step = STEP; step <= 1; step += STEP) {
            for (double lightness : new double[] {from.lightness() - step, from.lightness() + step}) {
                if (lightness >= 0 && lightness <= 1) {
                    Colour candidate = from.withLightness(lightness).colour();
                    if (passes.test(candidate)) {
                        return candidate;
                    }
                }
            }
        }
        throw new IllegalStateException("no lightness of " + wish + " passes");
    }

    // ---- what is mixed from the roles ----------------------------------------------------------------------------

    /** Muted text on ink. */
    public Colour pencilOnInk() {
        return ground.mix(84, ink);
    }

    /** Rules between rows on ink. */
    public Colour ruleOnInk() {
        return ground.mix(36, ink);
    }

    /** Text on the main colour that is not quite white. */
    public Colour softOnPaint() {
        return soft(panel, paint);
    }

    private static Colour soft(Colour panel, Colour paint) {
        return panel.mix(95, paint);
    }

    /** Rules on the main colour. */
    public Colour ruleOnPaint() {
        return panel.mix(42, paint);
    }

    /** A breath of the main colour over a panel: a field in focus. */
    public Colour wash() {
        return paint.mix(7, panel);
    }

    /** A breath of the main colour over the page: leaves, second medallion, quiet bands. */
    public Colour tint() {
        return paint.mix(13, ground);
    }

    /** Fine lines inside tables. */
    public Colour hairline() {
        return ink.mix(28, ground);
    }

    /** The second colour, paler: closed days, slots. */
    public Colour trimSoft() {
        return trim.mix(house.manner().trim() == PaintManner.Trim.DARK ? 18 : 45, panel);
    }

    /** The second colour as a line on the main one. */
    public Colour trimOnPaint() {
        return house.manner().trim() == PaintManner.Trim.LIGHT ? trim : trim.mix(TRIM_ON_PAINT, panel);
    }

    /** Soil: the second colour deep in ink. */
    public Colour earth() {
        return trim.mix(34, ink);
    }

    /** What chimneys and walls in drawings are made of: the main colour where it is red, else brick. */
    public Colour brick() {
        Oklch main = paint.oklch();
        return !main.isNeutral() && main.hue() > 15 && main.hue() < 60 ? paint : BRICK.colour();
    }

    // ---- pairs ---------------------------------------------------------------------------------------------------

    /** Two colours that meet on a page, and the contrast WCAG 2.2 asks of them (1.4.3, 1.4.11). */
    public record Pair(String key, Colour above, Colour below, double needed) {
        /** What meets there: "text on the page". */
        public String words() {
            return WORDS.say(key);
        }

        public double contrast() {
            return above.contrast(below);
        }

        public boolean passes() {
            return contrast() >= needed;
        }
    }

    /** Every pair that occurs in a page of its house. Words never lie on a picture: a credit has the page under it. */
    public List<Pair> pairs() {
        List<Pair> pairs = new ArrayList<>(List.of(
                new Pair("pair.textOnPage", ink, ground, TEXT),
                new Pair("pair.textOnPanel", ink, panel, TEXT),
                new Pair("pair.mutedTextOnPage", pencil, ground, TEXT),
                new Pair("pair.mutedTextOnPanel", pencil, panel, TEXT),
                new Pair("pair.wordsOnMainButton", panel, paint, TEXT),
                new Pair("pair.mainColourTextOnPage", paint, ground, TEXT),
                new Pair("pair.mainColourTextOnPanel", paint, panel, TEXT),
                new Pair("pair.softerTextOnMainColour", softOnPaint(), paint, TEXT),
                new Pair("pair.textOnInk", panel, ink, TEXT),
                new Pair("pair.mutedTextOnInk", pencilOnInk(), ink, TEXT),
                new Pair("pair.textFieldFocus", ink, wash(), TEXT),
                new Pair("pair.mutedTextFieldFocus", pencil, wash(), TEXT),
                new Pair("pair.textOnQuietBand", ink, tint(), TEXT),
                new Pair("pair.mutedTextOnQuietBand", pencil, tint(), TEXT),
                new Pair("pair.focusRingOnPage", ink, ground, LARGE),
                new Pair("pair.focusRingOnMainColour", panel, paint, LARGE)));
        switch (house.manner().trim()) {
            case LIGHT -> {
                pairs.add(new Pair("pair.textOnSecondColour", ink, trim, TEXT));
                pairs.add(new Pair("pair.secondColourTextOnInk", trim, ink, TEXT));
                pairs.add(new Pair("pair.secondColourLargeTextOnMainColour", trim, paint, LARGE));
                pairs.add(new Pair("pair.textOnPalerSecondColour", ink, trimSoft(), TEXT));
            }
            case PALE -> {
                pairs.add(new Pair("pair.textOnSecondColour", ink, trim, TEXT));
                pairs.add(new Pair("pair.textOnPalerSecondColour", ink, trimSoft(), TEXT));
            }
            case LINE -> {
                pairs.add(new Pair("pair.ornamentOnPage", trim, ground, LARGE));
                pairs.add(new Pair("pair.ornamentOnPanel", trim, panel, LARGE));
                pairs.add(new Pair("pair.ornamentOnMainColour", trimOnPaint(), paint, LARGE));
            }
            case DARK -> {
                pairs.add(new Pair("pair.secondColourTextOnPage", trim, ground, TEXT));
                pairs.add(new Pair("pair.secondColourTextOnPanel", trim, panel, TEXT));
                pairs.add(new Pair("pair.textOnSecondColour", panel, trim, TEXT));
                pairs.add(new Pair("pair.textOnEarth", panel, earth(), TEXT));
            }
        }
        return pairs;
    }

    /** The colours as a stylesheet names them. */
    public Map<String, Colour> roles() {
        Map<String, Colour> roles = new TreeMap<>();
        roles.put("ground", ground);
        roles.put("panel", panel);
        roles.put("ink", ink);
        roles.put("pencil", pencil);
        roles.put("paint", paint);
        roles.put("trim", trim);
        roles.put("pencil-on-ink", pencilOnInk());
        roles.put("rule-on-ink", ruleOnInk());
        roles.put("soft-on-paint", softOnPaint());
        roles.put("rule-on-paint", ruleOnPaint());
        roles.put("wash", wash());
        roles.put("tint", tint());
        roles.put("hairline", hairline());
        roles.put("trim-soft", trimSoft());
        roles.put("trim-on-paint", trimOnPaint());
        roles.put("earth", earth());
        roles.put("brick", brick());
        return roles;
    }
}
