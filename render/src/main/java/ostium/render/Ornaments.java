package ostium.render;

import java.util.LinkedHashMap;
import java.util.Map;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.look.PaintCard;
import ostium.render.scene.GrassStrip;

/** Small drawings of a house in the colours of a card, by the name its stylesheet has for them. */
final class Ornaments {
    private static final String HEAD = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%s\">";

    private Ornaments() {}

    static Map<String, String> of(House house, PaintCard paint) {
        Map<String, String> ornaments = new LinkedHashMap<>();
        switch (house) {
            case PARLOUR -> {
                ornaments.put("scroll", scroll(paint.trim()));
                ornaments.put("scroll-on-paint", scroll(paint.trimOnPaint()));
            }
            case GARDEN -> {
                ornaments.put("leaf-right", leaf(paint, false));
                ornaments.put("leaf-left", leaf(paint, true));
                ornaments.put("stem", stem(paint));
                ornaments.put("sprig", sprig(paint));
                ornaments.put("grass", GrassStrip.draw(paint.ground()));
                ornaments.put("grass-foot", GrassStrip.draw(paint.paint()));
                ornaments.put("hedge", hedge(paint));
            }
            case CHAMBERS -> ornaments.put("depth", depthLines(paint));
            case WORKSHOP, STUDIO, KIOSK -> {}
        }
        return ornaments;
    }

    /** A lozenge with two mirrored strokes that end in a curl. */
    private static String scroll(Colour colour) {
        String half = "M132 14C150 2 168 4 178 13S200 24 212 16 224 4 214 4 206 12 213 15M150 10C160 14 168 20 166 24";
        return String.format(HEAD, "0 0 240 28") + "<g fill=\"none\" stroke=\"" + colour
                + "\" stroke-width=\"1.6\" stroke-linecap=\"round\"><path d=\"" + half + "\"/><path d=\"" + half
                + "\" transform=\"matrix(-1 0 0 1 240 0)\"/></g><g fill=\"" + colour
                + "\"><path d=\"M120 7l6 7-6 7-6-7z\"/><circle cx=\"228\" cy=\"12\" r=\"1.8\"/><circle cx=\"12\" cy=\"12\""
                + " r=\"1.8\"/></g></svg>\n";
    }

    private static String leaf(PaintCard paint, boolean left) {
        String shape = "M2 44C20 12 54 2 98 8 90 42 56 60 2 44Z";
        return String.format(HEAD, "0 0 100 64") + "<g" + (left ? " transform=\"matrix(-1 0 0 1 100 0)\"" : "")
                + " fill=\"none\" stroke=\"" + paint.paint()
                + "\" stroke-width=\"1.6\" stroke-linecap=\"round\"><path d=\""
                + shape + "\" fill=\"" + paint.tint()
                + "\"/><path d=\"M2 44C30 34 62 22 92 11M22 36 32 22M40 29 52 13M59 22 72 9M26 36 46 44M45 28 64 36M63"
                + " 21 80 27\"/></g></svg>\n";
    }

    /** One piece of a stem that joins the next with the same tangent. */
    private static String stem(PaintCard paint) {
        return String.format(HEAD, "0 0 60 120")
                + "<path d=\"M30-1C30 24 12 36 18 60S30 96 30 121\" fill=\"none\" stroke=\"" + paint.paint()
                + "\" stroke-width=\"2.4\"/></svg>\n";
    }

    private static String sprig(PaintCard paint) {
        StringBuilder leaves = new StringBuilder();
        for (int i = 0; i < 7; i++) {
            int y = 178 - i * 24;
            double size = 1 - i * 0.08;
            int way = i % 2 == 0 ? 1 : -1;
            leaves.append("<g transform=\"translate(40 ")
                    .append(y)
                    .append(") scale(")
                    .append(way * size)
                    .append(' ')
                    .append(size)
                    .append(")\"><path d=\"M0 0C6-16 18-20 34-18 30-4 18 4 0 0ZM0 0 26-14\"/></g>");
        }
        return String.format(HEAD, "0 0 80 200") + "<g fill=\"" + paint.tint() + "\" stroke=\"" + paint.paint()
                + "\" stroke-width=\"1.5\" stroke-linecap=\"round\"><path d=\"M40 199C36 150 44 90 40 12\" fill=\"none\"/>"
                + leaves
                + "<path d=\"M40 14C34 6 36-2 40-8 44-2 46 6 40 14Z\" transform=\"translate(0 8)\"/></g></svg>\n";
    }

    /** Leaves of a clipped hedge, to be repeated. */
    private static String hedge(PaintCard paint) {
        StringBuilder leaves = new StringBuilder();
        Colour light = paint.paint().mix(70, paint.ground());
        Colour dark = paint.paint().mix(78, paint.ink());
        for (int i = 0; i < 40; i++) {
            int x = i * 37 % 64;
            int y = i * 23 % 48;
            leaves.append("<path fill=\"")
                    .append(i % 3 == 0 ? light : dark)
                    .append("\" d=\"M")
                    .append(x)
                    .append(' ')
                    .append(y)
                    .append("q4-5 8 0-4 4-8 0Z\" transform=\"rotate(")
                    .append(i * 47 % 90 - 45)
                    .append(' ')
                    .append(x)
                    .append(' ')
                    .append(y)
                    .append(")\"/>");
        }
        return String.format(HEAD, "0 0 64 48") + "<rect width=\"64\" height=\"48\" fill=\"" + paint.paint() + "\"/>"
                + leaves + "</svg>\n";
    }

    /** Lines of depth along a coast, as charts have them. */
    private static String depthLines(PaintCard paint) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            lines.append("<path d=\"M-10 ")
                    .append(24 + i * 26)
                    .append("C80 ")
                    .append(-10 + i * 26)
                    .append(" 150 ")
                    .append(60 + i * 26)
                    .append(" 240 ")
                    .append(24 + i * 26)
                    .append("S390 ")
                    .append(-4 + i * 26)
                    .append(" 490 ")
                    .append(24 + i * 26)
                    .append("\" opacity=\"")
                    .append(String.format(java.util.Locale.ROOT, "%.2f", 0.5 - i * 0.045))
                    .append("\"/>");
        }
        return String.format(HEAD, "0 0 480 260") + "<g fill=\"none\" stroke=\"" + paint.panel()
                + "\" stroke-width=\"1\">" + lines + "</g></svg>\n";
    }
}
