package ostium.render.scene;

/** A wall half painted: a ladder, a roller, pots, and the line between old and new. */
final class WallScene {
    private WallScene() {}

    static void draw(Drawing d) {
        d.rect(d.across(d.pale(6), d.pale(18)), 0, 0, 800, 640);
        d.path(
                d.card().paint(),
                "M360 0H800V640H420C410 560 396 540 404 480S372 400 384 330 350 250 366 180 350 80 360 0Z");
        d.path(d.pale(88), "M380 0h60v640h-40c-8-90-18-180-6-300s-26-220-14-340Z", 0.6);
        d.panes(60, 80, 190);
        d.rect(d.panel(), 0, 600, 800, 44)
                .rect(d.grey(18), 0, 640, 800, 4)
                .rect(d.down(d.wood(60), d.wood(44)), 0, 644, 800, 120);
        d.path(d.panel(), "M40 690 420 664 800 700V760H0Z", 0.85);
        d.line(d.wood(64), 13, "M540 700 610 90M690 700 640 90");
        for (int i = 0; i < 7; i++) {
            double y = 620 - i * 82;
            d.line(d.wood(52), 10, Drawing.at("M%s %sL%s %s", 549 + i * 9.4, y, 683 - i * 6.7, y));
        }
        d.line(d.wood(40), 9, "M684 110 762 700");
        d.shadow(250, 716, 90, 10)
                .path(d.grey(24), "M180 606H320L310 716H190Z")
                .ellipse(d.grey(40), 250, 606, 70, 15)
                .ellipse(d.accent(), 250, 606, 60, 11)
                .path(d.accent(), "M196 608c0 40 16 60 10 92 18-10 10-60 14-90Z")
                .line(d.ink(), 4, "M182 610C200 540 300 540 318 610");
        d.line(d.grey(50), 7, "M470 300V380H424V430")
                .rect(d.wood(50), 416, 428, 16, 96, 6)
                .rect(d.pale(70), 404, 258, 132, 46, 12)
                .rect(d.light(), 404, 258, 132, 12, 6);
        d.rect(d.panel(), 60, 640, 64, 62, 5).rect(d.accent(), 60, 656, 64, 18).ellipse(d.grey(30), 92, 640, 32, 8);
    }
}
