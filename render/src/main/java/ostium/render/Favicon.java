package ostium.render;

import ostium.core.look.PaintCard;

/** The trade's drawing on a square of the second colour. */
final class Favicon {
    private Favicon() {}

    static String of(String drawing, PaintCard paint) {
        String inside = drawing.strip()
                .replace("<svg ", "<svg x=\"14\" y=\"14\" width=\"36\" height=\"36\" color=\"" + paint.ink() + "\" ");
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 64 64\"><rect width=\"64\" height=\"64\" fill=\""
                + paint.ink() + "\"/><rect x=\"4\" y=\"4\" width=\"56\" height=\"56\" fill=\"" + paint.trim() + "\"/>"
                + inside + "</svg>\n";
    }
}
