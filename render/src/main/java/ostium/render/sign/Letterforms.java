package ostium.render.sign;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import ostium.core.look.TypePair;

/** Outlines of words, so that a sign looks the same wherever its letters are not installed. */
final class Letterforms {
    private static final Map<String, Font> READ = new ConcurrentHashMap<>();
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final Font font;

    private Letterforms(Font font) {
        this.font = font;
    }

    /** The letters of a family, in the weight its headings have. */
    static Letterforms of(TypePair.Family family) {
        String name = family.faces().get(0).file().replaceFirst("-\\d{3}$", "");
        return new Letterforms(READ.computeIfAbsent(name, Letterforms::read));
    }

    private static Font read(String name) {
        try (InputStream in = Letterforms.class.getResourceAsStream("/ostium/letterforms/" + name + ".ttf")) {
            if (in == null) {
                throw new IllegalStateException("no letterforms of " + name);
            }
            return Font.createFont(Font.TRUETYPE_FONT, in)
                    .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("letterforms of " + name + " are damaged", e);
        }
    }

    boolean has(String words) {
        return font.canDisplayUpTo(words) < 0;
    }

    /** The outline of words on a base line at 0, 0. */
    Shape outline(String words, double size) {
        Font sized = font.deriveFont((float) size);
        char[] letters = words.toCharArray();
        return sized.layoutGlyphVector(EXACT, letters, 0, letters.length, Font.LAYOUT_LEFT_TO_RIGHT)
                .getOutline();
    }

    static Shape moved(Shape shape, double x, double y) {
        return AffineTransform.getTranslateInstance(x, y).createTransformedShape(shape);
    }

    /** The outline with the middle of its box at a point. */
    static Shape centred(Shape shape, double x, double y) {
        Rectangle2D box = shape.getBounds2D();
        return moved(shape, x - box.getCenterX(), y - box.getCenterY());
    }

    /** The outline as the {@code d} of an SVG path, to a tenth of a unit. */
    static String path(Shape shape) {
        StringBuilder path = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator each = shape.getPathIterator(null); !each.isDone(); each.next()) {
            int kind = each.currentSegment(at);
            String letter = "MLQCZ".substring(kind, kind + 1);
            int numbers = new int[] {2, 2, 4, 6, 0}[kind];
            path.append(letter);
            for (int i = 0; i < numbers; i++) {
                path.append(i == 0 ? "" : " ").append(number(at[i]));
            }
        }
        return path.toString();
    }

    static String number(double value) {
        String written = String.format(Locale.ROOT, "%.1f", value);
        return written.endsWith(".0") ? written.substring(0, written.length() - 2) : written;
    }
}
