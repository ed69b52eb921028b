package ostium.render.scene;

import ostium.core.look.Colour;

/** A street of gabled houses with a van before them. */
final class StreetScene {
    private StreetScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(16), d.light(36)), 0, 0, 800, 620);
        d.circle(d.light(90), 150, 250, 56);
        house(d, -30, 340, 170, d.grey(20), 2);
        house(d, 140, 372, 140, d.pale(34), 2);
        house(d, 280, 312, 190, d.grey(28), 3);
        house(d, 470, 270, 180, d.pale(52), 3);
        house(d, 650, 330, 190, d.grey(36), 2);
        d.rect(d.grey(16), 0, 612, 800, 30).rect(d.grey(60), 0, 640, 800, 130);
        for (int i = 0; i < 7; i++) {
            d.rect(d.light(60), 20 + i * 130, 716, 70, 7);
        }
        d.line(d.ink(), 6, "M96 640V430").path(d.ink(), "M78 430h36l-6-30h-24z").circle(d.light(), 96, 418, 9);
        d.glow(d.light(), 96, 418, 90, 0.5);
        van(d);
    }

    private static void house(Drawing d, double x, double top, double width, Colour wall, int columns) {
        d.path(
                d.grey(62),
                Drawing.at("M%s %sL%s %sL%s %sZ", x - 10, top + 6, x + width / 2, top - 78, x + width + 10, top + 6));
        d.rect(d.brickAt(70), x + width * 0.7, top - 78, 22, 60);
        d.rect(wall, x, top, width, 620 - top);
        double gap = width / (columns + 0.4);
        for (int row = 0; row < 2; row++) {
            for (int i = 0; i < columns; i++) {
                double left = x + gap * 0.35 + i * gap;
                double y = top + 34 + row * 96;
                boolean lit = d.random(0, 1) < 0.3;
                d.rect(d.panel(), left - 4, y - 4, gap * 0.62 + 8, 62)
                        .rect(lit ? d.light() : d.grey(54), left, y, gap * 0.62, 54);
                d.line(d.panel(), 3, Drawing.at("M%s %sv54M%s %sh%s", left + gap * 0.31, y, left, y + 26, gap * 0.62));
            }
        }
        d.rect(d.deep(70), x + width / 2 - 19, 546, 38, 74, 3).circle(d.light(), x + width / 2 + 11, 586, 3);
    }

    private static void van(Drawing d) {
        d.shadow(560, 700, 220, 14);
        d.path(d.accent(), "M352 690V520Q352 506 366 506H640L706 580 754 596Q764 600 764 612V690Z");
        d.path(d.ink(), "M352 640H764V690H352Z", 0.14);
        d.path(d.grey(70), "M596 522H634L690 582H596Z").path(d.panel(), "M604 530H618L656 582H604Z", 0.35);
        d.rect(d.panel(), 382, 540, 176, 62, 4)
                .rect(d.card().paint(), 400, 556, 110, 9, 4)
                .rect(d.grey(50), 400, 576, 74, 7, 3);
        d.line(d.ink(), 2.5, "M580 522V676M596 600H690");
        for (int x : new int[] {440, 684}) {
            d.circle(d.ink(), x, 692, 34).circle(d.grey(30), x, 692, 15);
        }
        d.rect(d.light(), 746, 622, 18, 16, 3).line(d.wood(50), 9, "M372 500H560M392 490H580");
    }
}
