package ostium.render.scene;

/** The front of a house: tall windows with boxes of flowers, a door with a fanlight, a lamp beside it. */
final class FacadeScene {
    private FacadeScene() {}

    static void draw(Drawing d) {
        d.rect(d.across(d.pale(14), d.pale(26)), 0, 0, 800, 690);
        for (int y = 40; y < 690; y += 44) {
            d.line(d.pale(34), 1.6, "M0 " + y + "H800");
        }
        d.rect(d.panel(), 0, 300, 800, 18).rect(d.grey(20), 0, 316, 800, 5);
        window(d, 300, 60, false);
        window(d, 470, 60, true);
        window(d, 640, 60, false);
        window(d, 300, 384, true);
        door(d);
        d.rect(d.grey(24), 0, 684, 800, 22)
                .rect(d.grey(44), 0, 704, 800, 60)
                .rect(d.grey(14), 470, 664, 250, 24)
                .rect(d.grey(20), 450, 684, 290, 22);
        d.line(d.ink(), 5, "M430 470H452")
                .path(d.ink(), "M412 456h26l6 46h-38z")
                .path(d.light(), "M417 464h16l3 30h-22z")
                .glow(d.light(), 425, 480, 90, 0.6);
        for (int x : new int[] {480, 712}) {
            d.path(d.wood(50), Drawing.at("M%s 620h52l-8 66h-36z", x - 26.0))
                    .circle(d.pale(92), x, 584, 36)
                    .circle(d.pale(80), x - 12, 572, 20)
                    .circle(d.deep(84), x + 14, 596, 18);
        }
        d.path(d.pale(40), "M0 0H190C170 160 120 200 130 330S60 560 70 690H0Z", 0.35);
    }

    private static void window(Drawing d, double x, double y, boolean lit) {
        d.rect(d.panel(), x - 12, y - 12, 124, 214)
                .rect(lit ? d.down(d.light(), d.light(60)) : d.down(d.grey(66), d.grey(44)), x, y, 100, 190);
        if (lit) {
            d.path(d.accent(), Drawing.at("M%s %sh26c0 60-8 110-26 150Z", x, y))
                    .path(d.accent(), Drawing.at("M%s %sh-26c0 60 8 110 26 150Z", x + 100, y));
        } else {
            d.path(d.panel(), Drawing.at("M%s %sl60-190h30l-70 190Z", x, y + 190), 0.18);
        }
        d.line(d.panel(), 7, Drawing.at("M%s %sv190M%s %sh100M%s %sh100", x + 50, y, x, y + 64, x, y + 128));
        d.rect(d.grey(30), x - 18, y + 198, 136, 10).rect(d.deep(84), x - 8, y + 176, 116, 26, 3);
        for (int i = 0; i < 12; i++) {
            d.circle(
                    i % 3 == 0 ? d.accent() : i % 3 == 1 ? d.light() : d.pale(88),
                    x - 2 + i * 9.4,
                    y + 174 - d.random(0, 16),
                    d.random(6, 10));
        }
    }

    private static void door(Drawing d) {
        d.rect(d.panel(), 500, 360, 190, 306)
                .path(d.panel(), "M488 360h214l-20-26H508z")
                .rect(d.light(70), 520, 376, 150, 44)
                .line(d.panel(), 5, "M557 376v44M595 376v44M633 376v44");
        d.rect(d.card().paint(), 520, 430, 150, 236)
                .rect(d.deep(82), 536, 450, 52, 84, 2)
                .rect(d.deep(82), 602, 450, 52, 84, 2)
                .rect(d.deep(82), 536, 556, 52, 90, 2)
                .rect(d.deep(82), 602, 556, 52, 90, 2);
        d.circle(d.light(), 652, 548, 7).rect(d.light(), 580, 546, 30, 8, 3);
    }
}
