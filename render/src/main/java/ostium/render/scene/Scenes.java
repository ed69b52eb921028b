package ostium.render.scene;

import ostium.core.look.PaintCard;

/** The procedural scenes by the motif of a trade. */
public final class Scenes {
    private Scenes() {}

    /** A drawing for a motif in the colours of a card, as SVG. */
    public static String draw(String motif, PaintCard paint) {
        return RoofScene.draw(paint, motif.equals("chimney"));
    }
}
