package ostium.render.scene;

/** An upright piano beside an arched window, with a lamp on it and a stool before it. */
final class PianoScene {
    private static final int KEYS = 36;

    private PianoScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(74), d.pale(88)), 0, 0, 800, 600);
        d.line(d.pale(60), 4, "M0 84H800").line(d.deep(84), 2, "M0 92H800M400 140H560V420H400ZM590 140H760V420H590Z");
        d.path(d.panel(), "M60 570V240A130 130 0 0 1 320 240V570Z")
                .path(d.down(d.light(36), d.pale(24)), "M78 556V242A112 112 0 0 1 302 242V556Z");
        d.circle(d.light(), 214, 330, 42)
                .path(d.pale(52), "M78 400C130 376 180 392 302 380V556H78Z")
                .path(d.pale(38), "M78 430H302V556H78Z");
        for (int i = 0; i < 7; i++) {
            d.line(d.light(60), 3, Drawing.at("M%s %sh%s", 176 - i * 5, 442 + i * 14, 76 + i * 7));
        }
        d.line(d.panel(), 8, "M190 130V556M78 320H302M78 430H302").rect(d.panel(), 44, 562, 292, 18, 3);
        d.rect(d.deep(84), 0, 580, 800, 110).rect(d.wood(44), 0, 688, 800, 80);
        for (int i = 0; i < 9; i++) {
            d.line(d.wood(32), 2, Drawing.at("M%s 688L%s 760", 40 + i * 92, -30 + i * 112));
        }
        d.path(d.light(), "M110 700H290L390 760H170Z", 0.35);
        d.glow(d.light(), 680, 300, 180, 0.8);
        d.shadow(570, 724, 220, 12)
                .rect(d.across(d.wood(56), d.wood(24)), 390, 402, 370, 318)
                .rect(d.wood(64), 376, 380, 398, 24, 4);
        d.rect(d.wood(36), 410, 424, 150, 90, 3).rect(d.wood(36), 590, 424, 150, 90, 3);
        d.path(d.panel(), "M520 440H572V516H520ZM576 440H628V516H576Z")
                .line(d.grey(50), 2, "M528 454H564M528 466H564M528 478H564M584 454H620M584 466H620M584 478H620");
        d.rect(d.wood(48), 362, 548, 424, 28, 3).rect(d.panel(), 382, 528, 384, 22);
        for (int i = 0; i < KEYS; i++) {
            double x = 382 + i * 384.0 / KEYS;
            d.line(d.grey(40), 1, Drawing.at("M%s 528v22", x));
            if (i % 7 != 2 && i % 7 != 6) {
                d.rect(d.ink(), x + 7, 528, 6, 13);
            }
        }
        d.rect(d.wood(26), 370, 574, 28, 146).rect(d.wood(26), 750, 574, 28, 146);
        d.path(d.light(40), "M650 318H712L732 352H630Z").line(d.wood(50), 6, "M681 352V380M660 380H702");
        d.path(d.wood(34), "M430 380 446 314H464L480 380Z").line(d.light(), 3, "M455 372 470 326");
        d.shadow(470, 742, 90, 9)
                .line(d.wood(40), 8, "M420 660 404 742M520 660 536 742M452 660 446 748M488 660 494 748")
                .rect(d.accent(), 402, 636, 136, 28, 13);
    }
}
