package ostium.render.scene;

/** A desk at a window: books, a lamp, papers and a cup. */
final class DeskScene {
    private DeskScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(22), d.pale(38)), 0, 0, 800, 760);
        d.rect(d.panel(), 60, 60, 300, 400, 4).rect(d.down(d.pale(30), d.light(50)), 76, 76, 268, 368);
        d.circle(d.light(), 250, 250, 40)
                .path(d.pale(60), "M76 372C130 330 190 350 240 356S320 330 344 340V444H76Z")
                .path(d.pale(76), "M76 410C150 384 240 420 344 396V444H76Z");
        d.line(d.panel(), 9, "M210 76V444M76 250H344").rect(d.panel(), 48, 456, 324, 18, 3);
        d.rect(d.wood(56), 430, 150, 340, 14).rect(d.wood(56), 430, 330, 340, 14);
        books(d, 440, 150, 8);
        books(d, 470, 330, 9);
        d.path(d.accent(), "M690 282H748L738 330H700Z")
                .path(
                        d.pale(92),
                        "M719 282C690 250 694 220 700 206 716 230 722 250 719 282ZM719 282C740 256 752 240 768 236 764 262"
                                + " 744 276 719 282Z");
        d.rect(d.wood(64), 0, 580, 800, 30)
                .rect(d.wood(42), 0, 608, 800, 12)
                .rect(d.deep(84), 60, 620, 700, 150)
                .rect(d.deep(72), 480, 646, 240, 60, 4)
                .circle(d.light(), 600, 676, 8);
        d.glow(d.light(), 610, 480, 190, 0.75);
        d.line(d.ink(), 9, "M690 580V520L600 420")
                .path(d.ink(), "M640 580h100v-12q0-10-14-10h-72q-14 0-14 10Z")
                .path(d.ink(), "M622 386 566 438C546 452 556 480 580 470L650 420Z")
                .ellipse(d.light(), 590, 462, 30, 12);
        d.path(d.panel(), "M300 580 340 552H520L500 580Z")
                .path(d.grey(12), "M260 580 310 560H470L450 580Z")
                .line(d.grey(48), 3, "M330 568H430M322 574H420");
        d.path(d.accent(), "M170 520H236V566Q236 580 222 580H184Q170 580 170 566Z")
                .line(d.accent(), 9, "M236 534C262 530 262 566 236 562")
                .line(d.grey(40), 3, "M190 506c-6-14 8-18 2-32M214 506c-6-14 8-18 2-32");
        d.rect(d.card().paint(), 520, 556, 120, 24, 3)
                .rect(d.panel(), 524, 560, 112, 7)
                .rect(d.light(), 508, 538, 128, 18, 3);
    }

    private static void books(Drawing d, double from, double shelf, int count) {
        double x = from;
        Object[] colours = {d.card().paint(), d.deep(80), d.pale(60), d.light(), d.grey(70), d.panel()};
        for (int i = 0; i < count; i++) {
            double wide = d.random(18, 32);
            double tall = d.random(78, 118);
            d.rect(colours[(i * 5 + 2) % colours.length], x, shelf - tall, wide, tall, 2)
                    .rect(d.light(30), x + 4, shelf - tall + 16, wide - 8, 4);
            x += wide + 2;
        }
    }
}
