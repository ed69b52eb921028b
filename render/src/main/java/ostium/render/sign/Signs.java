package ostium.render.sign;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.PaintCard;

/**
 * Proposes signs.
 *
 * <pre>{@code
 * List<Signs.Sign> signs = Signs.propose("Wren & Tindle Pianos", look, motif);
 * }</pre>
 */
public final class Signs {
    /**
     * A proposal.
     *
     * @param id stable name: {@code initials}
     * @param words what it is, for the owner
     * @param svg the drawing, with every letter as an outline
     */
    public record Sign(String id, String words, String svg) {}

    private static final int FIELD = 120;
    private static final int LONG_NAME = 16;
    private static final double LARGEST_INITIALS = 74;
    private static final double WIDEST_INITIALS = 66;
    private static final List<String> SMALL = List.of("the", "of", "and", "&", "a", "an", "co", "ltd");

    private final PaintCard paint;
    private final Letterforms letters;
    private final String name;
    private final String motif;

    private Signs(String name, Look look, String motif) {
        this.paint = look.paint();
        this.letters = Letterforms.of(look.types().display());
        this.name = name.strip();
        this.motif = motif;
    }

    /**
     * Some signs for a name; fewer where the letters of the look cannot write it.
     *
     * @param motif drawing of the trade, an SVG of 256 × 256 in {@code currentColor}
     */
    public static List<Sign> propose(String name, Look look, String motif) {
        Signs signs = new Signs(name, look, motif);
        List<Sign> proposals = new ArrayList<>();
        boolean written = !signs.name.isEmpty() && signs.letters.has(signs.name);
        if (written) {
            proposals.add(sign("initials", signs.framed(signs.initials())));
        }
        proposals.add(sign("motif", signs.framed(signs.drawing())));
        if (written) {
            proposals.add(sign("beside", signs.beside()));
            proposals.add(sign("name", signs.alone()));
        }
        return List.copyOf(proposals);
    }

    private static Sign sign(String id, String drawing) {
        return new Sign(id, Messages.of("look").say("sign." + id), drawing);
    }

    // ---- what stands in the frame --------------------------------------------------------------------------------

    private String initials() {
        List<String> words = Arrays.stream(name.split("[\\s-]+"))
                .filter(word ->
                        !SMALL.contains(word.toLowerCase(Locale.ROOT)) && Character.isLetter(word.codePointAt(0)))
                .toList();
        String first = (words.isEmpty() ? List.of(name) : words)
                .stream().limit(2).map(word -> word.substring(0, 1)).collect(Collectors.joining());
        String written = first.toUpperCase(Locale.ROOT);
        double size = LARGEST_INITIALS
                * Math.min(
                        1,
                        WIDEST_INITIALS
                                / letters.outline(written, LARGEST_INITIALS)
                                        .getBounds2D()
                                        .getWidth());
        Shape outline = letters.outline(written, size);
        return filled(on(), Letterforms.centred(outline, FIELD / 2.0, FIELD / 2.0));
    }

    private String drawing() {
        return motif.strip()
                .replace("<svg ", "<svg x=\"30\" y=\"30\" width=\"60\" height=\"60\" color=\"" + on() + "\" ")
                .replaceAll(" (aria-hidden|fill)=\"[^\"]*\"", "")
                .replace("<path ", "<path fill=\"" + on() + "\" ");
    }

    /** The colour of what stands on the frame's field. */
    private Colour on() {
        return switch (paint.house()) {
            case WORKSHOP -> paint.ink();
            case CHAMBERS -> paint.paint();
            case PARLOUR, STUDIO, KIOSK, GARDEN -> paint.panel();
        };
    }

    /** The frame each house hangs its sign in. */
    private String frame() {
        return switch (paint.house()) {
            case WORKSHOP ->
                rect(paint.ink(), 8, 8, 112, 112)
                        + rect(paint.ink(), 0, 0, 112, 112)
                        + rect(paint.trim(), 6, 6, 100, 100);
            case PARLOUR ->
                "<ellipse cx=\"60\" cy=\"60\" rx=\"52\" ry=\"60\" fill=\"" + paint.paint()
                        + "\"/><ellipse cx=\"60\" cy=\"60\" rx=\"45\" ry=\"53\" fill=\"none\" stroke=\""
                        + paint.ruleOnPaint() + "\" stroke-width=\"1.5\"/>";
            case STUDIO ->
                rect(paint.paint(), 0, 0, 120, 120) + "<path d=\"M0 110H120M0 116H120\" stroke=\"" + paint.panel()
                        + "\" stroke-width=\"10\" stroke-dasharray=\"1.5 6.4\" fill=\"none\"/>";
            case KIOSK ->
                "<circle cx=\"60\" cy=\"60\" r=\"60\" fill=\"" + paint.paint()
                        + "\"/><circle cx=\"104\" cy=\"18\" r=\"16\" fill=\"" + paint.trim() + "\"/>";
            case CHAMBERS ->
                "<g fill=\"none\" stroke=\"" + paint.paint()
                        + "\"><rect x=\"1\" y=\"1\" width=\"118\" height=\"118\" stroke-width=\"1.5\"/><rect x=\"8\" y=\"8\""
                        + " width=\"104\" height=\"104\" stroke-width=\"3\"/></g>";
            case GARDEN ->
                "<path d=\"M24 2H98Q118 4 117 22L119 92Q118 117 92 118L20 117Q2 116 3 96L2 26Q4 4 24 2Z\" fill=\""
                        + paint.paint()
                        + "\"/><path d=\"M27 10H95Q110 11 109 26L111 88Q110 109 90 110L24 109Q10 108 11 93L10 29Q11 11 27 10Z\""
                        + " fill=\"none\" stroke=\""
                        + paint.ruleOnPaint() + "\" stroke-width=\"1.2\"/>";
        };
    }

    private String framed(String inside) {
        return svg(FIELD, FIELD, framedAt(inside, paint.house() == House.WORKSHOP));
    }

    /** The field of Workshop is smaller by its hard shadow: what stands on it is moved to its middle. */
    private String framedAt(String inside, boolean shadow) {
        return frame() + (shadow ? "<g transform=\"translate(-4 -4)\">" + inside + "</g>" : inside);
    }

    // ---- the name ------------------------------------------------------------------------------------------------

    private String beside() {
        List<Shape> lines = lines(52, FIELD + 28, name.length() > LONG_NAME ? 50 : 78, 54);
        double width = lines.stream()
                .mapToDouble(line -> line.getBounds2D().getMaxX())
                .max()
                .orElse(FIELD);
        String words = lines.stream().map(line -> filled(paint.ink(), line)).collect(Collectors.joining());
        return svg(width + 4, FIELD, framedAt(drawing(), paint.house() == House.WORKSHOP) + words);
    }

    private String alone() {
        List<Shape> lines = lines(60, 2, 58, 62);
        Rectangle2D box = lines.stream()
                .map(Shape::getBounds2D)
                .reduce(Rectangle2D::createUnion)
                .orElseThrow();
        double rule = box.getMaxY() + 16;
        Colour under = paint.house() == House.CHAMBERS ? paint.trim() : paint.paint();
        return svg(
                box.getMaxX() + 4,
                rule + 10,
                lines.stream().map(line -> filled(paint.ink(), line)).collect(Collectors.joining())
                        + rect(under, 2, rule, box.getWidth(), paint.house() == House.WORKSHOP ? 8 : 3));
    }

    /** The name on a line, or on two that are about as long as one another. */
    private List<Shape> lines(double size, double x, double y, double down) {
        if (name.length() <= LONG_NAME || !name.contains(" ")) {
            return List.of(Letterforms.moved(letters.outline(name, size), x, y));
        }
        int best = -1;
        for (int at = name.indexOf(' '); at > 0; at = name.indexOf(' ', at + 1)) {
            if (best < 0 || Math.abs(name.length() - 2 * at) < Math.abs(name.length() - 2 * best)) {
                best = at;
            }
        }
        return List.of(
                Letterforms.moved(letters.outline(name.substring(0, best), size), x, y),
                Letterforms.moved(letters.outline(name.substring(best + 1), size), x, y + down));
    }

    // ---- SVG -----------------------------------------------------------------------------------------------------

    private static String filled(Colour colour, Shape shape) {
        return "<path fill=\"" + colour + "\" d=\"" + Letterforms.path(shape) + "\"/>";
    }

    private static String rect(Colour colour, double x, double y, double width, double height) {
        return "<rect x=\"" + Letterforms.number(x) + "\" y=\"" + Letterforms.number(y) + "\" width=\""
                + Letterforms.number(width) + "\" height=\"" + Letterforms.number(height) + "\" fill=\"" + colour
                + "\"/>";
    }

    private static String svg(double width, double height, String inside) {
        String across = Letterforms.number(Math.ceil(width));
        String down = Letterforms.number(Math.ceil(height));
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + across + "\" height=\"" + down
                + "\" viewBox=\"0 0 " + across + " " + down + "\">" + inside + "</svg>\n";
    }
}
