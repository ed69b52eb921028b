package ostium.render.scene;

/** A round mirror with a lamp on each side, a chair before it, and bottles on a shelf. */
final class SalonScene {
    private SalonScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(64), d.pale(82)), 0, 0, 800, 560);
        d.line(d.pale(46), 3, "M0 96H800M0 430H800");
        d.panes(50, 130, 170);
        d.rect(d.deep(86), 0, 436, 800, 150);
        for (int i = 0; i < 8; i++) {
            d.line(d.pale(70), 2, Drawing.at("M%s 452h84v112h-84Z", 12 + i * 100));
        }
        d.rect(d.wood(58), 0, 584, 800, 180);
        for (int i = 0; i < 9; i++) {
            d.line(d.wood(40), 2, Drawing.at("M%s 584L%s 760", 40 + i * 90, -60 + i * 118));
        }
        d.glow(d.light(), 330, 280, 150, 0.7).glow(d.light(), 726, 280, 150, 0.7);
        d.circle(d.light(60), 530, 262, 168).circle(d.across(d.pale(20), d.pale(44)), 530, 262, 152);
        d.path(d.panel(), "M430 330 590 130 628 160 452 376Z", 0.4)
                .path(d.panel(), "M500 400 660 200 670 226 524 410Z", 0.3);
        for (int x : new int[] {330, 726}) {
            d.rect(d.wood(44), x - 5, 300, 10, 44).path(d.light(50), "M" + (x - 30) + " 304h60l-14-60h-32z");
        }
        d.rect(d.wood(66), 330, 440, 400, 16, 3);
        bottle(d, 372, 62, d.accent());
        bottle(d, 410, 84, d.panel());
        bottle(d, 446, 50, d.light());
        bottle(d, 690, 74, d.pale(30));
        d.rect(d.panel(), 630, 404, 40, 36, 5).line(d.ink(), 3, "M638 404V360M650 404V350M660 404V368");
        chair(d);
        d.path(d.pale(92), "M90 600C60 560 70 500 96 470 100 520 110 540 108 600Z")
                .path(d.pale(98), "M112 600C112 540 130 490 166 470 160 530 150 560 126 600Z")
                .path(d.pale(86), "M100 600C96 540 106 480 116 440 130 500 126 560 118 600Z");
        d.path(d.accent(), "M70 596H152L140 690H82Z");
    }

    private static void bottle(Drawing d, double x, double height, Object colour) {
        d.rect(colour, x - 13, 440 - height, 26, height, 6)
                .rect(d.ink(), x - 6, 440 - height - 14, 12, 16, 2)
                .rect(d.panel(), x - 13, 440 - height * 0.6, 26, height * 0.26);
    }

    private static void chair(Drawing d) {
        d.shadow(536, 726, 120, 13);
        d.rect(d.grey(50), 524, 640, 24, 80).ellipse(d.grey(66), 536, 722, 84, 14);
        d.path(d.ink(), "M452 470Q452 446 476 446H596Q620 446 620 470V590H452Z")
                .path(d.grey(70), "M468 474Q468 462 480 462H592Q604 462 604 474V570H468Z");
        d.rect(d.ink(), 430, 584, 212, 44, 16)
                .rect(d.accent(), 424, 546, 34, 22, 9)
                .rect(d.accent(), 614, 546, 34, 22, 9)
                .rect(d.ink(), 434, 564, 12, 40)
                .rect(d.ink(), 626, 564, 12, 40);
    }
}
