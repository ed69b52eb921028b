package ostium.render;

import ostium.core.look.Colour;
import ostium.core.look.PaintCard;
import ostium.core.look.PaintManner;

/** The trade's drawing on a square of the second colour. */
final class Favicon {
    private Favicon() {}

    static String of(String drawing, PaintCard paint) {
        boolean light = paint.house().manner().trim() == PaintManner.Trim.LIGHT
                || paint.house().manner().trim() == PaintManner.Trim.PALE;
        Colour area = light ? paint.trim() : paint.paint();
        Colour line = light ? paint.ink() : paint.panel();
        String inside = drawing.strip()
                .replace("<svg ", "<svg x=\"14\" y=\"14\" width=\"36\" height=\"36\" color=\"" + line + "\" ");
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 64 64\"><rect width=\"64\" height=\"64\" fill=\""
                + paint.ink() + "\"/><rect x=\"4\" y=\"4\" width=\"56\" height=\"56\" fill=\"" + area + "\"/>"
                + inside + "</svg>\n";
    }
}
