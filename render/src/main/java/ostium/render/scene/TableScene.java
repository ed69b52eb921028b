package ostium.render.scene;

/** A table with bread, a jug, fruit and a folded cloth, before a wall with hooks. */
final class TableScene {
    private TableScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(30), d.pale(48)), 0, 0, 800, 560);
        d.panes(60, 70, 200);
        d.rect(d.wood(50), 420, 120, 350, 14, 4);
        for (int i = 0; i < 5; i++) {
            double x = 450 + i * 70;
            d.line(d.wood(36), 5, Drawing.at("M%s 134v22", x));
        }
        d.path(d.grey(70), "M430 156h40v60q0 34-20 34t-20-34Z")
                .line(d.grey(70), 8, "M520 156V214")
                .ellipse(d.grey(70), 520, 244, 24, 32)
                .path(d.accent(), "M566 156h48l10 120h-68z")
                .path(d.panel(), "M572 190h40M570 220h46");
        d.line(d.light(), 6, "M660 156V250M652 250c0 30 16 30 16 0M730 156V262").circle(d.light(), 730, 270, 13);
        d.rect(d.wood(68), 0, 520, 800, 40)
                .rect(d.wood(46), 0, 556, 800, 12)
                .rect(d.down(d.wood(40), d.wood(24)), 0, 568, 800, 200);
        d.path(d.panel(), "M80 520H300L330 690 250 668 170 694 96 664 60 690Z")
                .line(d.accent(), 7, "M74 634 96 620 170 650 250 624 322 646");
        d.shadow(420, 524, 110, 9)
                .path(d.wood(74), "M320 520C306 450 360 420 420 420S536 450 520 520Z")
                .line(d.wood(50), 6, "M370 446l20 34M412 438l18 36M456 442l16 32");
        d.shadow(620, 524, 80, 9)
                .path(d.panel(), "M576 520C548 470 556 400 592 380L588 340H652L648 380C684 400 692 470 664 520Z")
                .line(d.panel(), 14, "M664 396C706 396 706 452 668 462")
                .path(d.card().paint(), "M562 430H680L684 452H560Z");
        d.path(
                        d.deep(80),
                        "M604 340C590 290 600 260 610 240 620 270 622 300 620 340ZM624 340C630 290 650 270 668 262 662 300"
                                + " 650 320 636 340Z")
                .circle(d.light(), 610, 236, 15)
                .circle(d.accent(), 670, 258, 13);
        for (int[] fruit : new int[][] {{716, 494}, {752, 500}, {734, 464}}) {
            d.circle(d.accent(), fruit[0], fruit[1], 24)
                    .path(d.panel(), "M" + (fruit[0] - 12) + " " + (fruit[1] - 10) + "q6-8 14-8", 0.5)
                    .line(d.deep(70), 3, "M" + fruit[0] + " " + (fruit[1] - 22) + "l4-9");
        }
        d.path(d.grey(16), "M690 512H790Q780 540 740 540T690 512Z");
    }
}
