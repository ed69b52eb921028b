package ostium.app.look;

import java.util.List;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.Motion;
import ostium.core.look.PaintCard;
import ostium.core.look.PaintMix;
import ostium.core.look.PaintMixes;
import ostium.core.look.PictureDrawer;
import ostium.core.look.Shape;
import ostium.core.look.TypePairs;

/**
 * The look of a site as the interface shows it.
 *
 * @param revision revision it is the look of
 * @param houses the sample board
 * @param card the colours by what they do
 * @param pairs every pair that occurs, with its contrast
 * @param mixes mixes that can be taken, those of the trade's moods first
 * @param types pairs of families
 * @param scenes scenes of the picture drawer, the one of the trade first
 * @param pictures the owner's pictures colours can be taken from: {@code logo}, {@code opening}
 * @param headline what the letters are shown in, besides the name
 */
record LookView(
        long revision,
        List<HouseView> houses,
        List<RoleView> card,
        List<PairView> pairs,
        List<MixView> mixes,
        List<TypeView> types,
        List<ChoiceView> shapes,
        List<ChoiceView> motions,
        List<ChoiceView> scenes,
        List<String> pictures,
        String name,
        String headline) {
    private static final Messages WORDS = Messages.of("look");

    /** @param preview address of the site in this house */
    record HouseView(String id, String name, String about, boolean chosen, String preview) {}

    /**
     * @param role {@code paint}
     * @param words what it is for
     * @param colour as it is shown
     * @param wished as it was wished; another one where it could not be read
     */
    record RoleView(String role, String words, String colour, String wished) {}

    record PairView(String words, String above, String below, double contrast, double needed) {}

    record MixView(String id, String name, List<String> colours, boolean chosen) {}

    record TypeView(
            String id, String name, String display, String text, List<String> files, int weight, boolean chosen) {}

    record ChoiceView(String id, String words, boolean chosen) {}

    static LookView of(long revision, Look look, Brief brief, String preview, List<String> pictures, String headline) {
        PaintCard card = look.paint();
        return new LookView(
                revision,
                Stream.of(House.values())
                        .map(house -> new HouseView(
                                house.id(),
                                house.words(),
                                house.about(),
                                house == look.house(),
                                preview + "house/" + house.id() + "/"))
                        .toList(),
                roles(card, look.mix()),
                card.pairs().stream()
                        .map(pair -> new PairView(
                                pair.words(),
                                pair.above().hex(),
                                pair.below().hex(),
                                Math.floor(pair.contrast() * 10) / 10,
                                pair.needed()))
                        .toList(),
                mixes(look, brief),
                TypePairs.all().stream()
                        .map(pair -> new TypeView(
                                pair.id(),
                                pair.name(),
                                pair.display().name(),
                                pair.text().name(),
                                Stream.of(pair.display(), pair.text())
                                        .map(family -> family.faces().get(0).file())
                                        .toList(),
                                pair.display().weight(),
                                pair.equals(look.types())))
                        .toList(),
                Stream.of(Shape.values())
                        .map(shape -> new ChoiceView(shape.id(), shape.words(), shape == look.shape()))
                        .toList(),
                Stream.of(Motion.values())
                        .map(motion -> new ChoiceView(motion.id(), motion.words(), motion == look.motion()))
                        .toList(),
                Stream.concat(
                                Stream.of(PictureDrawer.suiting(
                                        brief.trade().motif(), brief.trade().family())),
                                PictureDrawer.all().stream())
                        .distinct()
                        .map(scene -> new ChoiceView(
                                scene.id(), scene.name(), scene.id().equals(look.scene())))
                        .toList(),
                pictures,
                brief.facts().say("name", "").orElse(""),
                headline);
    }

    private static List<RoleView> roles(PaintCard card, PaintMix mix) {
        return List.of(
                role("ground", card.ground(), mix.ground()),
                role("panel", card.panel(), card.panel()),
                role("ink", card.ink(), mix.ink()),
                role("pencil", card.pencil(), card.pencil()),
                role("paint", card.paint(), mix.paint()),
                role("trim", card.trim(), mix.trim()));
    }

    private static RoleView role(String role, Colour colour, Colour wished) {
        return new RoleView(role, WORDS.say("role." + role), colour.hex(), wished.hex());
    }

    private static List<MixView> mixes(Look look, Brief brief) {
        return Stream.concat(PaintMixes.of(brief.trade().moods()).stream(), PaintMixes.all().stream())
                .distinct()
                .map(named -> {
                    PaintCard card = PaintCard.of(look.house(), named.mix());
                    return new MixView(
                            named.id(),
                            named.name(),
                            Stream.of(card.ground(), card.ink(), card.paint(), card.trim())
                                    .map(Colour::hex)
                                    .toList(),
                            named.mix().equals(look.mix()));
                })
                .toList();
    }
}
