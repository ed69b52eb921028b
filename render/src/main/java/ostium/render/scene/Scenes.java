package ostium.render.scene;

import java.util.Map;
import java.util.function.Consumer;
import ostium.core.look.PaintCard;

/** The procedural scenes of the picture drawer, by the names the drawer has for them. */
public final class Scenes {
    private static final Map<String, Consumer<Drawing>> DRAWN = Map.ofEntries(
            Map.entry("garden", GardenScene::draw),
            Map.entry("hills", HillScene::draw),
            Map.entry("harbour", HarbourScene::draw),
            Map.entry("street", StreetScene::draw),
            Map.entry("workshop", WorkshopScene::draw),
            Map.entry("pipes", PipesScene::draw),
            Map.entry("salon", SalonScene::draw),
            Map.entry("desk", DeskScene::draw),
            Map.entry("piano", PianoScene::draw),
            Map.entry("facade", FacadeScene::draw),
            Map.entry("table", TableScene::draw),
            Map.entry("cloth", ClothScene::draw),
            Map.entry("wall", WallScene::draw));

    private Scenes() {}

    /**
     * A scene in the colours of a card, as SVG; the same for the same name, card and seed.
     *
     * @param scene name in the picture drawer; one that is not known is drawn as roofs
     * @param motif what stands for the trade: a sweep's brush is in the chimney only where it belongs
     */
    public static String draw(String scene, String motif, PaintCard paint) {
        Consumer<Drawing> drawn = DRAWN.get(scene);
        if (drawn == null) {
            return RoofScene.draw(paint, motif.equals("chimney"));
        }
        Drawing drawing = new Drawing(paint, scene.hashCode());
        drawn.accept(drawing);
        return drawing.finished();
    }
}
