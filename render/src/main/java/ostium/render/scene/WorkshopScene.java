package ostium.render.scene;

/** A wall of tools over a bench with a vice, in the light of a window. */
final class WorkshopScene {
    private WorkshopScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(78), d.pale(94)), 0, 0, 800, 600);
        for (int y = 30; y < 590; y += 56) {
            d.line(d.deep(86), 2, "M0 " + y + "H800");
        }
        d.panes(60, 90, 190);
        d.rect(d.wood(70), 330, 96, 440, 330, 6).rect(d.wood(60), 330, 96, 440, 12, 6);
        for (int i = 0; i < 20; i++) {
            for (int j = 0; j < 14; j++) {
                d.circle(d.wood(38), 350 + i * 21.4, 126 + j * 21.4, 1.7);
            }
        }
        hammer(d, 400);
        spanner(d, 486);
        saw(d);
        driver(d, 690, d.accent());
        driver(d, 728, d.panel());
        d.rect(d.wood(64), 0, 560, 800, 34).rect(d.wood(42), 0, 592, 800, 14);
        d.rect(d.deep(72), 0, 600, 800, 160)
                .rect(d.wood(34), 40, 604, 40, 160)
                .rect(d.wood(34), 700, 604, 40, 160)
                .rect(d.deep(60), 80, 604, 620, 160);
        d.rect(d.wood(48), 130, 630, 190, 54, 3)
                .circle(d.light(), 225, 657, 7)
                .rect(d.wood(48), 340, 630, 190, 54, 3)
                .circle(d.light(), 435, 657, 7);
        vice(d);
        d.path(d.light(50), "M150 560C136 530 176 536 170 514 196 520 190 546 214 540 206 556 214 558 206 562Z");
        d.rect(d.panel(), 250, 520, 66, 42, 4).rect(d.accent(), 250, 532, 66, 12);
    }

    private static void hammer(Drawing d, double x) {
        d.rect(d.wood(52), x - 7, 190, 14, 200, 6)
                .path(d.ink(), Drawing.at("M%s 160h56v36h-40l-34-4c-14-4-14-26 0-30Z", x - 24));
    }

    private static void spanner(Drawing d, double x) {
        d.line(d.grey(24), 17, Drawing.at("M%s 210V350", x))
                .circle(d.grey(24), x, 190, 30)
                .circle(d.grey(24), x, 372, 24);
        d.path(d.wood(68), Drawing.at("M%s 150h20v44h-20z", x - 10)).circle(d.wood(68), x, 372, 10);
    }

    private static void saw(Drawing d) {
        d.path(d.grey(16), "M550 150H640V176L650 380 560 392Z").path(d.grey(34), "M640 176 650 380 642 381 632 176Z");
        for (int i = 0; i < 17; i++) {
            d.path(d.grey(16), Drawing.at("M%s %sl8 6-8 6Z", 640 + i * 0.6, 178 + i * 12.0));
        }
        d.path(d.card().paint(), "M540 120H650Q664 120 660 150L652 176H556Q534 160 540 120Z")
                .path(d.wood(66), "M566 136H632V154H566Z");
    }

    private static void driver(Drawing d, double x, Object handle) {
        d.rect(d.grey(20), x - 4, 226, 8, 150)
                .path(d.grey(20), Drawing.at("M%s 376h14l-5 16h-4z", x - 7))
                .rect(handle, x - 13, 140, 26, 92, 10);
        d.line(d.ink(), 1.6, Drawing.at("M%s 150v70M%s 150v70", x - 4, x + 4));
    }

    private static void vice(Drawing d) {
        d.path(d.ink(), "M560 560V520H540V470H640V520H622V560Z")
                .rect(d.grey(60), 528, 462, 56, 20, 3)
                .rect(d.grey(60), 600, 462, 56, 20, 3);
        d.line(d.grey(40), 10, "M640 500H716")
                .line(d.grey(30), 8, "M708 470V532")
                .rect(d.accent(), 584, 430, 16, 60);
    }
}
