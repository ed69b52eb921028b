package ostium.render.scene;

import ostium.core.look.Colour;

/** A lawn with a path, trees on low hills, a clipped hedge and a barrow; a low sun behind. */
final class GardenScene {
    private GardenScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(26), d.light(45)), 0, 0, 800, 470);
        d.glow(d.light(), 430, 330, 320, 0.9).circle(d.light(70), 430, 330, 62);
        d.path(
                d.panel(),
                "M90 150C130 128 170 140 190 128 220 112 262 130 290 140 330 138 350 156 320 160H110C88 160 80 154 90 150Z",
                0.55);
        d.path(d.pale(46), "M0 400C120 340 230 356 330 386S560 330 800 372V480H0Z");
        d.path(d.pale(62), "M0 440C150 396 300 436 430 420S680 392 800 426V560H0Z");
        d.path(d.pale(74), "M0 480C200 450 380 500 560 470S740 462 800 474V760H0Z");
        for (int i = 0; i < 7; i++) {
            tree(d, 30 + i * 74, 486 - d.random(0, 16), d.random(0.5, 0.8));
        }
        d.path(d.down(d.pale(66), d.pale(86)), "M0 530C200 500 460 540 800 508V760H0Z");
        d.path(
                d.light(34),
                "M470 528C490 570 400 610 420 660S520 730 500 760H690C700 700 560 650 560 610S560 560 512 527Z");
        tree(d, 560, 560, 1.7);
        hedge(d);
        barrow(d);
        for (int i = 0; i < 90; i++) {
            double x = d.random(-10, 800);
            double tall = d.random(18, 60);
            double lean = d.random(-16, 16);
            d.path(
                    i % 3 == 0 ? d.deep(80) : d.pale(94),
                    Drawing.at(
                            "M%s 762q%s %s %s %sq%s %s %s %sZ",
                            x, lean * 0.3, -tall * 0.6, lean, -tall, 4 - lean * 0.4, tall * 0.5, 6 - lean, tall));
        }
        for (int i = 0; i < 9; i++) {
            double x = d.random(20, 340);
            double y = d.random(690, 724);
            d.line(d.pale(96), 2.2, Drawing.at("M%s 760Q%s %s %s %s", x, x - 3, y + 20, x + 4, y));
            d.circle(i % 3 == 0 ? d.accent() : d.panel(), x + 4, y - 3, d.random(4, 7));
        }
    }

    private static void tree(Drawing d, double x, double y, double size) {
        Colour crown = d.pale(92);
        d.shadow(x + 6 * size, y + 2, 38 * size, 6 * size);
        d.rect(d.wood(40), x - 4 * size, y - 46 * size, 8 * size, 48 * size);
        d.circle(crown, x - 20 * size, y - 66 * size, 26 * size).circle(crown, x + 20 * size, y - 62 * size, 25 * size);
        d.circle(crown, x, y - 88 * size, 32 * size).circle(d.deep(84), x + 14 * size, y - 72 * size, 22 * size);
        d.circle(d.pale(78), x - 12 * size, y - 92 * size, 18 * size);
    }

    private static void hedge(Drawing d) {
        d.path(d.deep(84), "M600 640V420Q600 404 616 404H664Q668 340 700 340T736 404H810V650Z");
        d.path(d.pale(88), "M600 640V420Q600 404 616 404H636V644Z");
        d.path(d.pale(80), "M664 404Q668 340 700 340 686 352 682 404Z");
        for (int i = 0; i < 70; i++) {
            double x = d.random(606, 800);
            double y = d.random(416, 634);
            d.path(i % 2 == 0 ? d.pale(84) : d.deep(64), Drawing.at("M%s %sq5 -6 10 0-5 5-10 0Z", x, y), 0.8);
        }
        d.path(d.wood(30), "M590 640H810V676H590Z");
        for (int i = 0; i < 22; i++) {
            double x = 598 + i * 10;
            d.circle(
                    i % 3 == 0 ? d.accent() : i % 3 == 1 ? d.panel() : d.light(),
                    x,
                    648 - d.random(0, 22),
                    d.random(5, 9));
        }
    }

    private static void barrow(Drawing d) {
        d.shadow(350, 644, 92, 9);
        d.line(d.wood(34), 7, "M270 584 316 606M420 606 392 640M340 612 332 642");
        d.path(d.accent(), "M304 566H438L408 616H336Z").path(d.ink(), "M304 566H438L434 574H308Z", 0.2);
        d.circle(d.ink(), 420, 632, 17).circle(d.grey(30), 420, 632, 7);
        d.path(d.pale(90), "M316 566C324 536 346 548 352 538S386 530 396 546 424 548 428 566Z");
    }
}
