package ostium.core.picture;

import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.function.IntPredicate;
import ostium.core.fact.Treatment;

/** The empty margin around what a picture shows. */
final class Margins {
    /** A margin that is thinner than this, in per cent of the picture, is left. */
    private static final double WORTHWHILE = 2;

    private Margins() {}

    /** What is left when a margin of one colour, or of nothing, is cut off; empty when there is none. */
    static Optional<Treatment.Box> inside(BufferedImage image) {
        Optional<FlatGround> ground = FlatGround.of(image);
        boolean clear = Pixels.isTransparent(image);
        if (ground.isEmpty() && !clear) {
            return Optional.empty();
        }
        IntPredicate empty = ground.<IntPredicate>map(flat -> flat::has).orElse(pixel -> pixel >>> 24 < 8);
        int left = image.getWidth();
        int right = -1;
        int top = -1;
        int bottom = -1;
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                if (!empty.test(row[x])) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = top < 0 ? y : top;
                    bottom = y;
                }
            }
        }
        return right < 0
                ? Optional.empty()
                : Optional.of(box(image, left, top, right + 1, bottom + 1))
                        .filter(box -> box.width() < 100 - WORTHWHILE || box.height() < 100 - WORTHWHILE);
    }

    private static Treatment.Box box(BufferedImage image, int left, int top, int right, int bottom) {
        double width = image.getWidth();
        double height = image.getHeight();
        double fromLeft = hundredths(left * 100 / width, false);
        double fromTop = hundredths(top * 100 / height, false);
        return new Treatment.Box(
                fromLeft,
                fromTop,
                hundredths(right * 100 / width - fromLeft, true),
                hundredths(bottom * 100 / height - fromTop, true));
    }

    private static double hundredths(double value, boolean up) {
        double hundred = value * 100;
        return (up ? Math.ceil(hundred - 1e-6) : Math.floor(hundred + 1e-6)) / 100;
    }
}
