package ostium.render.scene;

/** A tiled kitchen wall with a tap over a basin, pipes below, and a plant on the sill. */
final class PipesScene {
    private PipesScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(12), d.pale(26)), 0, 0, 800, 760);
        for (int y = 0; y < 520; y += 52) {
            d.line(d.panel(), 4, "M0 " + y + "H800");
            for (int x = y / 52 % 2 == 0 ? 0 : 52; x < 800; x += 104) {
                d.line(d.panel(), 4, "M" + x + " " + y + "v52");
            }
        }
        for (int[] tile : new int[][] {{208, 104}, {572, 52}, {416, 312}, {104, 364}, {624, 260}}) {
            d.rect(d.pale(44), tile[0] + 2, tile[1] + 2, 100, 48, 2);
        }
        d.panes(40, 60, 150);
        d.rect(d.wood(66), 0, 510, 800, 30).rect(d.wood(46), 0, 538, 800, 8);
        d.path(d.panel(), "M330 500H770L744 640Q740 660 716 660H384Q360 660 356 640Z")
                .path(d.grey(14), "M330 500H770L766 522H334Z");
        d.path(d.grey(22), "M700 522 680 660H716Q740 660 744 640L766 522Z", 0.5);
        d.rect(d.deep(88), 0, 546, 340, 220)
                .rect(d.deep(76), 20, 574, 140, 180, 4)
                .rect(d.deep(76), 180, 574, 140, 180, 4)
                .circle(d.light(), 146, 640, 7)
                .circle(d.light(), 196, 640, 7);
        d.line(d.grey(56), 22, "M550 660V706Q550 730 574 730H640V760").line(d.grey(36), 5, "M545 664V704");
        d.rect(d.grey(70), 534, 676, 32, 14, 3).rect(d.accent(), 610, 716, 20, 28, 3);
        d.line(d.grey(60), 26, "M560 500V330Q560 270 500 270T440 330V352")
                .line(d.grey(24), 7, "M553 496V330Q553 278 500 278");
        d.rect(d.grey(70), 424, 350, 32, 18, 4).rect(d.grey(64), 534, 486, 52, 20, 6);
        d.rect(d.grey(64), 604, 440, 20, 62, 5).rect(d.accent(), 586, 424, 56, 20, 10);
        d.path(d.pale(60), "M440 374C428 396 426 412 440 414S452 396 440 374Z")
                .path(d.pale(60), "M440 436c-7 14-8 22 0 23s7-9 0-23Z");
        d.path(d.accent(), "M120 440H196L186 512H130Z");
        for (int i = 0; i < 7; i++) {
            double lean = -60 + i * 20;
            d.path(
                    i % 2 == 0 ? d.pale(84) : d.pale(98),
                    Drawing.at(
                            "M158 442Q%s %s %s %sQ%s %s 158 442Z",
                            150 + lean * 0.4, 390, 158 + lean, 330 + Math.abs(lean) * 0.5, 176 + lean * 0.4, 400));
        }
    }
}
