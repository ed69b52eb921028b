package ostium.render.scene;

import java.util.Locale;
import java.util.Random;
import ostium.core.look.Colour;
import ostium.core.look.Oklch;
import ostium.core.look.PaintCard;

/** A scene as it is being drawn, 800 × 760: shapes in the colours of a card. The upper left stays calm. */
final class Drawing {
    static final int WIDTH = 800;
    static final int HEIGHT = 760;

    private final PaintCard paint;
    private final Random random;
    private final StringBuilder out = new StringBuilder(12_000);
    private int gradients;

    Drawing(PaintCard paint, long seed) {
        this.paint = paint;
        this.random = new Random(seed);
        out.append(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 800 760\" preserveAspectRatio=\"xMaxYMax slice\">");
    }

    // ---- colours -------------------------------------------------------------------------------------------------

    PaintCard card() {
        return paint;
    }

    /** Ink over the page: the greys of a scene. */
    Colour grey(double percent) {
        return paint.ink().mix(percent, paint.ground());
    }

    /** The main colour, paler. */
    Colour pale(double percent) {
        return paint.paint().mix(percent, paint.panel());
    }

    /** The main colour, darker. */
    Colour deep(double percent) {
        return paint.paint().mix(percent, paint.ink());
    }

    /** Light: the second colour as a lamp or the sun would have it, whatever its lightness is. */
    Colour light() {
        Oklch trim = paint.trim().oklch();
        return new Oklch(Math.max(0.84, trim.lightness()), Math.min(trim.chroma(), 0.15), trim.hue()).colour();
    }

    Colour light(double percent) {
        return light().mix(percent, paint.panel());
    }

    /** The one object that is meant to be seen first. */
    Colour accent() {
        return paint.trim();
    }

    /** Wood: brick mixed with light or with ink. */
    Colour wood(double percent) {
        return paint.brick().mix(percent, percent > 50 ? light() : paint.ink());
    }

    Colour brickAt(double percent) {
        return paint.brick().mix(percent, paint.ink());
    }

    Colour panel() {
        return paint.panel();
    }

    Colour ink() {
        return paint.ink();
    }

    // ---- shapes --------------------------------------------------------------------------------------------------

    double random(double from, double to) {
        return from + random.nextDouble() * (to - from);
    }

    Drawing path(Object fill, String d) {
        out.append("<path fill=\"").append(fill).append("\" d=\"").append(d).append("\"/>");
        return this;
    }

    Drawing path(Object fill, String d, double opacity) {
        out.append("<path fill=\"")
                .append(fill)
                .append("\" opacity=\"")
                .append(number(opacity))
                .append("\" d=\"")
                .append(d)
                .append("\"/>");
        return this;
    }

    Drawing line(Object stroke, double width, String d) {
        out.append("<path fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\" stroke=\"")
                .append(stroke)
                .append("\" stroke-width=\"")
                .append(number(width))
                .append("\" d=\"")
                .append(d)
                .append("\"/>");
        return this;
    }

    Drawing rect(Object fill, double x, double y, double width, double height, double radius) {
        out.append("<rect fill=\"")
                .append(fill)
                .append("\" x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\" width=\"")
                .append(number(width))
                .append("\" height=\"")
                .append(number(height))
                .append('"');
        if (radius > 0) {
            out.append(" rx=\"").append(number(radius)).append('"');
        }
        out.append("/>");
        return this;
    }

    Drawing rect(Object fill, double x, double y, double width, double height) {
        return rect(fill, x, y, width, height, 0);
    }

    Drawing circle(Object fill, double x, double y, double radius) {
        return ellipse(fill, x, y, radius, radius);
    }

    Drawing ellipse(Object fill, double x, double y, double across, double down) {
        out.append("<ellipse fill=\"")
                .append(fill)
                .append("\" cx=\"")
                .append(number(x))
                .append("\" cy=\"")
                .append(number(y))
                .append("\" rx=\"")
                .append(number(across))
                .append("\" ry=\"")
                .append(number(down))
                .append("\"/>");
        return this;
    }

    /** A soft shadow on whatever is below. */
    Drawing shadow(double x, double y, double across, double down) {
        out.append("<ellipse opacity=\".28\" fill=\"")
                .append(paint.ink())
                .append("\" cx=\"")
                .append(number(x))
                .append("\" cy=\"")
                .append(number(y))
                .append("\" rx=\"")
                .append(number(across))
                .append("\" ry=\"")
                .append(number(down))
                .append("\"/>");
        return this;
    }

    /** A fill that goes from one colour to another, from top to bottom. */
    String down(Colour from, Colour to) {
        return gradient("x1=\"0\" x2=\"0\" y1=\"0\" y2=\"1\"", from, to);
    }

    /** A fill that goes from left to right. */
    String across(Colour from, Colour to) {
        return gradient("x1=\"0\" x2=\"1\" y1=\"0\" y2=\"0\"", from, to);
    }

    private String gradient(String way, Colour from, Colour to) {
        String id = "g" + gradients++;
        out.append("<linearGradient id=\"")
                .append(id)
                .append("\" ")
                .append(way)
                .append("><stop stop-color=\"")
                .append(from)
                .append("\"/><stop offset=\"1\" stop-color=\"")
                .append(to)
                .append("\"/></linearGradient>");
        return "url(#" + id + ")";
    }

    /** A glow that fades outwards. */
    Drawing glow(Colour colour, double x, double y, double radius, double strength) {
        String id = "g" + gradients++;
        out.append("<radialGradient id=\"")
                .append(id)
                .append("\"><stop stop-color=\"")
                .append(colour)
                .append("\" stop-opacity=\"")
                .append(number(strength))
                .append("\"/><stop offset=\"1\" stop-color=\"")
                .append(colour)
                .append("\" stop-opacity=\"0\"/></radialGradient>");
        return circle("url(#" + id + ")", x, y, radius);
    }

    /** Light from a window on the left, in panes over wall and floor. */
    Drawing panes(double x, double y, double size) {
        for (int i = 0; i < 2; i++) {
            double left = x + i * size * 0.62;
            for (int j = 0; j < 2; j++) {
                double top = y + j * size * 0.86 + i * size * 0.1;
                path(
                        panel(),
                        at(
                                "M%s %sl%s %sv%sl%s %sZ",
                                left, top, size * 0.54, size * 0.16, size * 0.76, -size * 0.54, -size * 0.16),
                        0.22);
            }
        }
        return this;
    }

    static String at(String form, double... numbers) {
        Object[] written = new Object[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            written[i] = number(numbers[i]);
        }
        return String.format(Locale.ROOT, form, written);
    }

    private static String number(double value) {
        double rounded = Math.round(value * 10) / 10.0;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    String finished() {
        return out.append("</svg>\n").toString();
    }
}
