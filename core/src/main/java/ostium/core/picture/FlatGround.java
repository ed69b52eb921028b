package ostium.core.picture;

import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A ground of one colour around what a picture shows, as logos often have.
 *
 * @param colour 0xRRGGBB
 */
record FlatGround(int colour) {
    /** How far a channel may be from the colour and still belong to it: JPEG makes flat colours uneven. */
    private static final int SAME = 14;

    /** From here on a pixel is all picture; between the two it is partly see-through. */
    private static final int OTHER = 60;

    /** How much of the edge must have the colour. */
    private static final double SHARE = 0.92;

    /** The ground of a picture; empty when its edge has several colours, or lets the ground through already. */
    static Optional<FlatGround> of(BufferedImage image) {
        Map<Integer, Integer> counts = new HashMap<>();
        int[] edge = edge(image);
        for (int pixel : edge) {
            if (pixel >>> 24 < 250) {
                return Optional.empty();
            }
            counts.merge(pixel & 0xf8f8f8, 1, Integer::sum);
        }
        int usual = counts.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .orElseThrow()
                .getKey();
        long red = 0;
        long green = 0;
        long blue = 0;
        int near = 0;
        for (int pixel : edge) {
            if ((pixel & 0xf8f8f8) == usual) {
                red += pixel >> 16 & 255;
                green += pixel >> 8 & 255;
                blue += pixel & 255;
                near++;
            }
        }
        int mean = (int) (red / near) << 16 | (int) (green / near) << 8 | (int) (blue / near);
        int same = 0;
        for (int pixel : edge) {
            same += Pixels.difference(pixel, mean) <= SAME ? 1 : 0;
        }
        return same >= edge.length * SHARE ? Optional.of(new FlatGround(mean)) : Optional.empty();
    }

    private static int[] edge(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] edge = new int[2 * width + 2 * height];
        image.getRGB(0, 0, width, 1, edge, 0, width);
        image.getRGB(0, height - 1, width, 1, edge, width, width);
        for (int y = 0; y < height; y++) {
            edge[2 * width + y] = image.getRGB(0, y);
            edge[2 * width + height + y] = image.getRGB(width - 1, y);
        }
        return edge;
    }

    /** {@code #rrggbb} */
    String code() {
        return String.format("#%06x", colour);
    }

    boolean has(int pixel) {
        return Pixels.difference(pixel, colour) <= SAME;
    }

    /**
     * The picture without its ground. Pixels at the border of the two keep the part of their colour that is the
     * picture's.
     *
     * @param everywhere also where the ground does not reach the edge, as inside an O
     */
    BufferedImage takenFrom(BufferedImage image, boolean everywhere) {
        int width = image.getWidth();
        int height = image.getHeight();
        BufferedImage clear = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
        boolean[] ground = everywhere ? null : reached(pixels, width, height);
        for (int i = 0; i < pixels.length; i++) {
            if (everywhere || ground[i]) {
                pixels[i] = without(pixels[i]);
            }
        }
        clear.setRGB(0, 0, width, height, pixels, 0, width);
        return clear;
    }

    /** Pixels of the ground that can be reached from the edge, and the half-covered ones beside them. */
    private boolean[] reached(int[] pixels, int width, int height) {
        boolean[] reached = new boolean[pixels.length];
        ArrayDeque<Integer> next = new ArrayDeque<>();
        for (int x = 0; x < width; x++) {
            reach(x, pixels, reached, next);
            reach((height - 1) * width + x, pixels, reached, next);
        }
        for (int y = 0; y < height; y++) {
            reach(y * width, pixels, reached, next);
            reach(y * width + width - 1, pixels, reached, next);
        }
        while (!next.isEmpty()) {
            int at = next.poll();
            int x = at % width;
            if (!has(pixels[at])) {
                continue;
            }
            if (x > 0) {
                reach(at - 1, pixels, reached, next);
            }
            if (x < width - 1) {
                reach(at + 1, pixels, reached, next);
            }
            if (at >= width) {
                reach(at - width, pixels, reached, next);
            }
            if (at < pixels.length - width) {
                reach(at + width, pixels, reached, next);
            }
        }
        return reached;
    }

    private void reach(int at, int[] pixels, boolean[] reached, ArrayDeque<Integer> next) {
        if (!reached[at] && Pixels.difference(pixels[at], colour) < OTHER) {
            reached[at] = true;
            next.add(at);
        }
    }

    private int without(int pixel) {
        int distance = Pixels.difference(pixel, colour);
        if (distance <= SAME) {
            return pixel & 0xffffff;
        }
        if (distance >= OTHER) {
            return pixel;
        }
        double share = (distance - SAME) / (double) (OTHER - SAME);
        int alpha = (int) Math.round(share * (pixel >>> 24));
        return alpha << 24
                | unmixed(pixel >> 16 & 255, colour >> 16 & 255, share) << 16
                | unmixed(pixel >> 8 & 255, colour >> 8 & 255, share) << 8
                | unmixed(pixel & 255, colour & 255, share);
    }

    /** What was laid over the ground with this share to make what is seen. */
    private static int unmixed(int seen, int ground, double share) {
        return (int) Math.max(0, Math.min(255, Math.round((seen - (1 - share) * ground) / share)));
    }
}
