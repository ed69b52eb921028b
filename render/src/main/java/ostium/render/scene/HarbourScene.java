package ostium.render.scene;

/** A quay with bollards, a boat with a sail, and a lighthouse across the water. */
final class HarbourScene {
    private HarbourScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(30), d.light(30)), 0, 0, 800, 440);
        d.circle(d.light(80), 220, 300, 60);
        d.path(d.pale(58), "M0 430C80 400 150 404 240 420S420 408 470 424L470 440H0Z");
        d.rect(d.panel(), 330, 316, 26, 106)
                .path(d.accent(), "M328 346h30v26h-30z")
                .path(d.ink(), "M326 316h34l-8-20h-18z");
        d.rect(d.down(d.pale(64), d.pale(92)), 0, 436, 800, 330);
        for (int i = 0; i < 46; i++) {
            double y = 450 + i * 5.4;
            double x = d.random(-20, 760);
            d.line(
                    i % 4 == 0 ? d.light(70) : d.pale(44),
                    2 + i * 0.06,
                    Drawing.at("M%s %sq%s -6 %s 0", x, y, 14 + i * 0.4, 30 + i));
        }
        boat(d);
        d.path(d.wood(34), "M0 706H800V760H0Z").path(d.wood(54), "M0 700H800V716H0Z");
        for (int i = 0; i < 9; i++) {
            d.line(d.ink(), 2, Drawing.at("M%s 718V760", 40 + i * 90));
        }
        d.rect(d.ink(), 118, 650, 40, 60, 8).ellipse(d.grey(70), 138, 652, 30, 11);
        d.line(d.light(40), 8, "M110 684C140 700 166 690 200 706S300 716 330 704");
    }

    private static void boat(Drawing d) {
        d.path(d.panel(), "M600 190C660 300 690 420 694 566H600Z")
                .path(d.light(50), "M600 190C620 300 628 440 626 566H600Z");
        d.path(d.accent(), "M584 230V560H470C530 470 572 360 584 230Z");
        d.rect(d.wood(40), 588, 160, 10, 440, 4);
        d.path(d.ink(), "M440 590H760C752 640 720 664 690 670H520C480 664 452 630 440 590Z");
        d.path(d.panel(), "M440 590H760L757 604H446Z").path(d.light(), "M452 622H748L742 634H458Z");
        d.path(d.pale(50), "M430 674C520 690 660 690 770 672L740 688C660 700 530 700 456 688Z", 0.7);
        d.path(d.accent(), "M598 160 640 172 598 186Z");
    }
}
