package ostium.render.scene;

import java.util.Locale;
import java.util.Random;
import ostium.core.look.Colour;
import ostium.core.look.PaintCard;

/**
 * Roofs of a harbour town with a large chimney stack, 800 × 760. The calm side is the lower left: the ticket may cover
 * it. Greys are ink mixed into ground; bricks are the card's own.
 */
public final class RoofScene {
    private static final int COURSES = 29;

    private final PaintCard paint;
    private final Colour light;
    private final StringBuilder out = new StringBuilder(30_000);

    private RoofScene(PaintCard paint) {
        this.paint = paint;
        this.light = new Drawing(paint, 0).light();
    }

    /** @param brush whether a sweep's brush stands in the chimney pot */
    public static String draw(PaintCard paint, boolean brush) {
        RoofScene scene = new RoofScene(paint);
        scene.sky();
        scene.town();
        scene.stack(brush);
        scene.gulls();
        return scene.out.append("</svg>\n").toString();
    }

    private Colour grey(int percent) {
        return paint.ink().mix(percent, paint.ground());
    }

    private Colour brick(int percent, Colour with) {
        return paint.brick().mix(percent, with);
    }

    private void add(String svg, Object... values) {
        out.append(String.format(Locale.ROOT, svg, values));
    }

    private void sky() {
        add(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 800 760\" preserveAspectRatio=\"xMidYMax slice\"><defs>");
        add(
                "<linearGradient id=\"s\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"1\"><stop offset=\"0\" stop-color=\"%s\"/><stop"
                        + " offset=\".5\" stop-color=\"%s\"/><stop offset=\".72\" stop-color=\"%s\"/></linearGradient>",
                grey(24), grey(8), light.mix(45, paint.panel()));
        add(
                "<linearGradient id=\"b\" x1=\"0\" x2=\"1\"><stop offset=\"0\" stop-color=\"%s\"/><stop offset=\".35\""
                        + " stop-color=\"%s\"/><stop offset=\"1\" stop-color=\"%s\"/></linearGradient>",
                brick(78, light), paint.brick(), brick(72, paint.ink()));
        add(
                "<linearGradient id=\"p\" x1=\"0\" x2=\"1\"><stop offset=\"0\" stop-color=\"%s\"/><stop offset=\".4\""
                        + " stop-color=\"%s\"/><stop offset=\"1\" stop-color=\"%s\"/></linearGradient>",
                light.mix(60, paint.brick()), brick(80, light), brick(60, paint.ink()));
        add(
                "<pattern id=\"l\" width=\"44\" height=\"36\" patternUnits=\"userSpaceOnUse\" patternTransform=\"skewX"
                        + "(-26)\"><path d=\"M0 .75H44M0 18.75H44M11 0V18M33 18V36\" fill=\"none\" stroke-width=\"1.5\" stroke=\"%s\"/></p"
                        + "attern>",
                grey(55));
        add(
                "<pattern id=\"m\" width=\"14\" height=\"12\" patternUnits=\"userSpaceOnUse\"><path d=\"M0 .5H14M0"
                        + " 6.5H14M4 0V6M11 6V12\" stroke-width=\"1\" stroke=\"%s\" fill=\"none\"/></pattern></defs>",
                grey(45));
        add("<rect width=\"800\" height=\"760\" fill=\"url(#s)\"/>");
        for (int i = 0; i < 37; i++) {
            add(
                    "<rect y=\"%d\" width=\"800\" height=\"%.1f\" fill=\"%s\" opacity=\".5\"/>",
                    8 + i * 11, 4.2 * (1 - i / 40.0), grey(44));
        }
        add("<circle cx=\"250\" cy=\"452\" r=\"118\" fill=\"%s\"/>", light);
        add(
                "<path d=\"M0 470 70 452 150 466 220 470H800V560H0Z\" fill=\"%s\"/><rect y=\"470\" width=\"800\" height=\"90\""
                        + " fill=\"%s\"/>",
                grey(34), grey(24));
        for (int i = 0; i < 7; i++) {
            add(
                    "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"3\" fill=\"%s\" opacity=\"%.1f\"/>",
                    150 + i * 6, 474 + i * 9, 200 - i * 12, light, .9 - i * .1);
        }
        int[][] masts = {{392, 92}, {414, 70}, {452, 104}, {476, 64}, {40, 60}, {64, 78}};
        for (int[] mast : masts) {
            int x = mast[0];
            int top = 520 - mast[1];
            add(
                    "<path d=\"M%d %dV530M%d %.1fH%dM%d %dL%d 522M%d %dL%d 522\" stroke-width=\"2.2\" stroke=\"%s\" fill=\"none\"/>",
                    x, top, x - 14, 520 - mast[1] * .7, x + 14, x, top, x - 26, x, top, x + 26, grey(62));
        }
    }

    private void town() {
        smallStack(116, 478, 34, 60, 70);
        house(60, 548, 120, 62, 120, 38, false);
        smallStack(236, 486, 30, 60, 66);
        String roof = "M170 556 200 506H372L396 556Z";
        add("<path d=\"%s\" fill=\"%s\"/><path d=\"%s\" fill=\"url(#m)\"/>", roof, grey(50), roof);
        add("<rect x=\"180\" y=\"556\" width=\"210\" height=\"90\" fill=\"%s\"/>", grey(30));
        for (int x : new int[] {204, 254, 330}) {
            add(
                    "<rect x=\"%d\" y=\"570\" width=\"26\" height=\"34\" fill=\"%s\"/><path d=\"M%d 570v34M%d 587h26\""
                            + " stroke=\"%s\" stroke-width=\"2.5\"/>",
                    x, x == 254 ? light : grey(64), x + 13, x, grey(20));
        }
        smallStack(690, 470, 44, 80, 72);
        house(640, 560, 170, 84, 160, 44, true);
        house(372, 584, 126, 58, 120, 42, true);
        add("<path d=\"M-10 690 96 592 250 650 470 620 810 690V770H-10Z\" fill=\"%s\"/>", grey(74));
        String plane = "M-40 770 96 596 560 690 640 770Z";
        add("<path d=\"M0 770V716L330 628 800 742V770Z\" fill=\"%s\"/>", grey(90));
        add("<path d=\"%s\" fill=\"%s\"/><path d=\"%s\" fill=\"url(#l)\"/>", plane, grey(82), plane);
        add("<path d=\"M96 596 560 690\" stroke=\"%s\" stroke-width=\"6\" fill=\"none\"/>", light.mix(40, paint.ink()));
    }

    private void house(int x, int y, int width, int rise, int height, int tone, boolean lit) {
        int middle = x + width / 2;
        add(
                "<path d=\"M%d %dL%d %dL%d %dV%dH%dZ\" fill=\"%s\"/>",
                x, y, middle, y - rise, x + width, y, y + height, x, grey(tone));
        add(
                "<path d=\"M%d %dL%d %dV%dH%dZ\" fill=\"%s\"/>",
                middle, y - rise, x + width, y, y + height, middle, grey(tone + 12));
        add(
                "<path d=\"M%d %dL%d %dL%d %d\" fill=\"none\" stroke-width=\"5\" stroke=\"%s\"/>",
                x - 6, y + 4, middle, y - rise, x + width + 6, y + 4, grey(tone + 22));
        if (lit) {
            add(
                    "<rect x=\"%d\" y=\"%d\" width=\"22\" height=\"28\" fill=\"%s\"/><path d=\"M%d %dv28M%d %dh22\" stroke=\"%s\""
                            + " stroke-width=\"2.5\"/>",
                    middle - 11, y + 8, light, middle, y + 8, middle - 11, y + 22, grey(80));
        }
    }

    private void smallStack(int x, int y, int width, int height, int tone) {
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" fill=\"%s\"/>",
                x, y, width, height, brick(tone, paint.ink()));
        add(
                "<rect x=\"%.1f\" y=\"%d\" width=\"%.1f\" height=\"%d\" fill=\"%s\" opacity=\".28\"/>",
                x + width * .6, y, width * .4, height, paint.ink());
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"7\" fill=\"%s\"/>",
                x - 3, y - 5, width + 6, brick(tone - 20, paint.ink()));
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%.1f\" height=\"15\" fill=\"%s\"/>",
                x + 4, y - 19, width * .3, brick(tone, light));
        add(
                "<rect x=\"%.1f\" y=\"%d\" width=\"%.1f\" height=\"15\" fill=\"%s\"/>",
                x + width * .55, y - 19, width * .3, brick(tone - 10, paint.ink()));
    }

    private void stack(boolean brush) {
        int x = 486;
        int y = 318;
        int width = 150;
        int side = 58;
        add("<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"460\" fill=\"url(#b)\"/>", x, y, width);
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"460\" fill=\"%s\"/>",
                x + width, y, side, brick(46, paint.ink()));
        Colour joint = paint.panel().mix(60, paint.brick());
        StringBuilder beds = new StringBuilder();
        StringBuilder joints = new StringBuilder();
        for (int course = 0; course < COURSES; course++) {
            int top = y + 8 + course * 16;
            beds.append("M").append(x).append(' ').append(top).append("H").append(x + width + side);
            for (int k = 0; k < 5; k++) {
                int at = x + (course % 2 == 1 ? 16 : 32) + k * 32;
                if (at < x + width) {
                    joints.append("M").append(at).append(' ').append(top).append("v16");
                }
            }
            if (course % 3 == 1) {
                add(
                        "<rect x=\"%d\" y=\"%d\" width=\"30\" height=\"14\" fill=\"%s\" opacity=\".16\"/>",
                        x + (course % 2 == 1 ? 16 : 0) + course * 37 % 4 * 32, top + 1, paint.ink());
            }
        }
        add("<path d=\"%s\" stroke=\"%s\" stroke-width=\"1.6\" opacity=\".55\"/>", beds, joint);
        add("<path d=\"%s\" stroke=\"%s\" stroke-width=\"1.6\" opacity=\".45\"/>", joints, joint);
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"20\" fill=\"%s\"/>",
                x - 10, y - 16, width + 20, brick(82, light));
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"20\" fill=\"%s\"/>",
                x + width + 10, y - 16, side, brick(38, paint.ink()));
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"20\" fill=\"%s\"/>",
                x - 18, y - 34, width + 36, brick(92, light));
        add(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"20\" fill=\"%s\"/>",
                x + width + 18, y - 34, side, brick(32, paint.ink()));
        if (brush) {
            brush(x + 34, y - 152, y - 90);
        }
        pot(x + 6, y - 34, 56, 72);
        pot(x + 84, y - 34, 56, 58);
        pot(x + 150, y - 34, 42, 50);
    }

    private void brush(int x, int y, int foot) {
        Random random = new Random(11);
        add("<path d=\"M%d %dV%d\" stroke=\"%s\" stroke-width=\"6\"/>", x, y, foot, paint.ink());
        StringBuilder bristles = new StringBuilder();
        for (int i = 0; i < 72; i++) {
            double angle = i / 72.0 * Math.PI * 2;
            double length = (i % 2 == 1 ? 58 : 50) + random.nextDouble() * 7;
            bristles.append(String.format(
                    Locale.ROOT,
                    "M%d %dL%.1f %.1f",
                    x,
                    y,
                    x + Math.cos(angle) * length,
                    y + Math.sin(angle) * length * .94));
        }
        add("<path d=\"%s\" stroke=\"%s\" stroke-width=\"2\"/>", bristles, paint.ink());
        add(
                "<circle cx=\"%d\" cy=\"%d\" r=\"13\" fill=\"%s\"/><circle cx=\"%d\" cy=\"%d\" r=\"5\" fill=\"%s\"/>",
                x, y, paint.ink(), x, y, light);
    }

    private void pot(int x, int y, int width, int height) {
        add(
                "<path d=\"M%d %dL%d %dH%dL%d %dZ\" fill=\"url(#p)\"/>",
                x, y, x + 6, y - height, x + width - 6, x + width, y);
        add("<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"14\" fill=\"url(#p)\"/>", x + 1, y - height - 10, width - 2);
        add(
                "<rect x=\"%d\" y=\"%.1f\" width=\"%d\" height=\"5\" fill=\"%s\" opacity=\".3\"/>",
                x + 5, y - height * .45, width - 10, paint.ink());
    }

    private void gulls() {
        double[][] gulls = {{210, 196, 1}, {262, 160, .7}, {356, 282, .8}};
        for (double[] gull : gulls) {
            double x = gull[0];
            double y = gull[1];
            double s = gull[2];
            add(
                    "<path d=\"M%.1f %.1fQ%.1f %.1f %.1f %.1fQ%.1f %.1f %.1f %.1f\" fill=\"none\" stroke-width=\"%.1f\" stroke=\"%s\"/>",
                    x - 22 * s,
                    y - 7 * s,
                    x - 9 * s,
                    y - 14 * s,
                    x,
                    y,
                    x + 9 * s,
                    y - 14 * s,
                    x + 22 * s,
                    y - 7 * s,
                    3.4 * s,
                    paint.ink());
        }
    }
}
