package ostium.render.scene;

/** Hills above a bay, a fence, and a dog that looks out over them. */
final class HillScene {
    private HillScene() {}

    static void draw(Drawing d) {
        d.rect(d.down(d.pale(40), d.light(40)), 0, 0, 800, 520);
        d.circle(d.light(), 300, 300, 74);
        d.path(d.panel(), "M440 140h120c26 0 22-28-4-26-8-24-46-26-56-4-16-14-44-4-40 12-20 0-34 18-20 18Z", 0.6);
        d.path(d.pale(56), "M0 420C90 360 190 372 270 400S430 344 560 366 720 330 800 360V520H0Z");
        d.rect(d.pale(34), 0, 432, 800, 90);
        for (int i = 0; i < 8; i++) {
            d.line(d.light(60), 3, Drawing.at("M%s %sh%s", 250 + i * 5, 444 + i * 10, 120 - i * 11));
        }
        d.path(d.pale(72), "M0 500C160 452 330 500 460 486S700 440 800 470V760H0Z");
        d.path(d.pale(84), "M0 560C190 516 420 580 800 520V760H0Z");
        for (int i = 0; i < 5; i++) {
            sheep(d, 70 + i * 62 + d.random(-12, 12), 560 + d.random(-10, 22), d.random(0.8, 1.1));
        }
        d.path(d.deep(88), "M0 660C220 600 480 640 800 596V760H0Z");
        d.line(d.wood(30), 11, "M-10 596 350 580M-10 632 350 616");
        for (int x : new int[] {30, 150, 270, 346}) {
            d.rect(d.wood(40), x - 8, 560 - x / 30.0, 16, 116, 3);
        }
        dog(d);
        for (int i = 0; i < 60; i++) {
            double x = d.random(0, 800);
            double tall = d.random(14, 38);
            d.line(d.deep(60), 3, Drawing.at("M%s 762q2 %s %s %s", x, -tall * 0.6, d.random(-8, 10), -tall));
        }
    }

    private static void sheep(Drawing d, double x, double y, double size) {
        d.line(d.ink(), 3 * size, Drawing.at("M%s %sv%sM%s %sv%s", x - 8, y + 6, 12 * size, x + 8, y + 6, 12 * size));
        d.ellipse(d.panel(), x, y, 20 * size, 13 * size)
                .ellipse(d.ink(), x + 19 * size, y - 5 * size, 7 * size, 6 * size);
    }

    private static void dog(Drawing d) {
        d.shadow(596, 694, 150, 14);
        d.path(
                d.ink(),
                "M520 690C506 600 528 520 574 480 584 452 584 440 590 424L576 396C572 372 600 366 612 386 640 376"
                        + " 668 382 680 402L728 424C740 432 734 450 720 452L684 456C676 484 676 512 690 556 704 602 706 650"
                        + " 700 690H664L652 600 628 690H590L596 640C580 660 572 676 570 690Z");
        d.path(d.panel(), "M640 476C628 520 634 570 652 604 640 560 646 520 664 480Z", 0.9);
        d.path(d.ink(), "M524 676C470 676 440 640 452 612 462 632 494 644 524 640Z");
        d.path(d.grey(60), "M578 398C560 404 556 446 572 458 584 446 588 416 590 404Z");
        d.circle(d.light(), 656, 416, 5)
                .path(d.accent(), "M582 466C612 482 652 484 680 470L678 486C650 498 612 496 580 482Z");
        d.circle(d.light(), 632, 498, 9);
    }
}
