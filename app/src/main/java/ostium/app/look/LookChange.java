package ostium.app.look;

import java.util.List;
import ostium.app.web.Problem;
import ostium.core.base.Seed;
import ostium.core.look.Colour;
import ostium.core.look.ColourCode;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.LookWords;
import ostium.core.look.Motion;
import ostium.core.look.PaintMix;
import ostium.core.look.PaintMixes;
import ostium.core.look.PictureDrawer;
import ostium.core.look.Shape;
import ostium.core.look.TypePairs;

/**
 * One thing somebody asks of a look.
 *
 * @param what {@code house}, {@code mix}, {@code type}, {@code shape}, {@code motion}, {@code scene}, {@code brand},
 *     {@code say}, or a role of the paint card that can be set by hand: {@code ground}, {@code ink}, {@code paint},
 *     {@code trim}
 * @param value the name, code or words
 */
record LookChange(String what, String value) {

    /**
     * The look with what is asked, and nothing else changed.
     *
     * @param moods of the trade
     * @param seed for what is drawn
     * @throws Problem 422 with what is wrong, at the field it was typed in
     */
    Look of(Look look, List<String> moods, Seed seed) {
        String asked = value == null ? "" : value.strip();
        return switch (what == null ? "" : what) {
            case "house" -> look.withHouse(House.named(asked).orElseThrow(() -> Problem.at("house", "look.house")));
            case "mix" ->
                look.withMix(PaintMixes.all().stream()
                        .filter(named -> named.id().equals(asked))
                        .findFirst()
                        .orElseThrow(() -> Problem.at("mix", "look.mix"))
                        .mix());
            case "type" ->
                look.withType(TypePairs.byId(asked)
                        .orElseThrow(() -> Problem.at("type", "look.letters"))
                        .id());
            case "shape" -> look.withShape(known("shape", () -> Shape.of(asked)));
            case "motion" -> look.withMotion(known("motion", () -> Motion.of(asked)));
            case "scene" ->
                look.withScene(PictureDrawer.byId(asked)
                        .orElseThrow(() -> Problem.at("scene", "look.scene"))
                        .id());
            case "brand" -> look.withMix(PaintMixes.ofBrand(colour("brand", asked), moods, seed));
            case "ground", "ink", "paint", "trim" -> look.withMix(byHand(look.mix(), colour(what, asked)));
            case "say" -> said(look, asked, moods, seed);
            default -> throw Problem.at("", "look.what");
        };
    }

    private PaintMix byHand(PaintMix mix, Colour colour) {
        return switch (what) {
            case "ground" -> mix.withGround(colour);
            case "ink" -> mix.withInk(colour);
            case "paint" -> mix.withPaint(colour);
            default -> mix.withTrim(colour);
        };
    }

    private static Colour colour(String field, String code) {
        return ColourCode.read(code).orElseThrow(() -> Problem.at(field, "look.noColour", code));
    }

    private static <T> T known(String field, java.util.function.Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException e) {
            throw Problem.at(field, "look.choice");
        }
    }

    private static Look said(Look look, String words, List<String> moods, Seed seed) {
        LookWords read = LookWords.read(words);
        if (read.saysNothing()) {
            throw words.isEmpty() ? Problem.at("say", "look.say") : Problem.at("say", "look.saysNothing", words);
        }
        if (!read.unknown().isEmpty()) {
            throw Problem.at("say", "look.unknown", String.join("”, “", read.unknown()));
        }
        Look changed = read.applied(look, moods, seed);
        if (changed.paint().equals(look.paint()) && changed.withMix(look.mix()).equals(look)) {
            throw Problem.at("say", "look.farEnough");
        }
        return changed;
    }
}
