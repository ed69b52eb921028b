package ostium.render.scene;

/** Folds of cloth with a seam, a reel of thread, shears and a tape. */
final class ClothScene {
    private ClothScene() {}

    static void draw(Drawing d) {
        d.rect(d.across(d.pale(8), d.pale(24)), 0, 0, 800, 760);
        d.panes(40, 60, 230);
        d.rect(d.down(d.grey(12), d.grey(22)), 0, 560, 800, 200);
        for (int i = 0; i < 7; i++) {
            double x = 440 + i * 58;
            double lean = d.random(-14, 10);
            d.path(
                    i % 2 == 0
                            ? d.across(d.deep(70), d.card().paint())
                            : d.across(d.card().paint(), d.deep(82)),
                    Drawing.at(
                            "M%s -10H%sC%s 200 %s 380 %s 620L%s 634C%s 400 %s 200 %s -10Z",
                            x, x + 60, x + 56 + lean, x + 66 - lean, x + 58, x - 4, x + 4 - lean, x - 4 + lean, x));
        }
        d.path(d.deep(58), "M430 600C560 640 700 640 860 604V634C700 668 560 668 432 630Z");
        for (int i = 0; i < 15; i++) {
            d.line(d.panel(), 5, Drawing.at("M%s %sl15 2", 446 + i * 26, 582 + Math.sin(i * 0.22) * 22));
        }
        d.line(d.accent(), 4, "M250 640C330 700 420 610 520 690S700 720 800 660");
        d.shadow(226, 706, 84, 10)
                .path(d.wood(62), "M160 560h132v18H160zM160 690h132v18H160z")
                .path(d.accent(), "M172 578h108l-6 112h-96z");
        for (int i = 0; i < 11; i++) {
            d.line(d.ink(), 1, Drawing.at("M%s %sh%s", 174, 586 + i * 10, 104));
        }
        d.line(d.grey(40), 10, "M360 720 560 640")
                .line(d.grey(24), 10, "M380 640 560 716")
                .circle(d.grey(60), 466, 678, 6);
        d.line(d.ink(), 11, "M320 742c-24-16-10-44 20-30l20 8M336 610c-30-2-28 34 6 36l38-6");
        d.path(d.light(), "M60 0h44v470q-22 26-44 0z").rect(d.ink(), 60, 470, 44, 12);
        for (int i = 1; i < 23; i++) {
            d.line(d.ink(), 2, Drawing.at("M104 %sh%s", i * 20.0, i % 5 == 0 ? -26 : -12));
        }
    }
}
