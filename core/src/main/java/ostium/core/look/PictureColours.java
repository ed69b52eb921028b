package ostium.core.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The colours a picture or logo is known by: its pixels clustered in Oklab (k-means), the greys and the colours of skin
 * set aside. Small areas of a strong colour count more than their size, as they do to the eye.
 */
public final class PictureColours {
    private static final int CLUSTERS = 7;
    private static final int TURNS = 12;
    private static final int MOST_PIXELS = 6_000;
    private static final int SEEN_THROUGH = 128;

    /** Below this chroma a colour is a grey of some warmth. */
    private static final double NEUTRAL = 0.045;

    /** A smaller share of all pixels is a slip of the edge, not a colour. */
    private static final double LEAST_SHARE = 0.004;

    /** Colours that are nearer to one another are one. */
    private static final double ONE_COLOUR = 0.07;

    private record Cluster(Oklch middle, double share) {
        boolean isSkin() {
            return middle.hue() > 35
                    && middle.hue() < 78
                    && middle.chroma() > 0.035
                    && middle.chroma() < 0.115
                    && middle.lightness() > 0.5
                    && middle.lightness() < 0.92;
        }

        double weight() {
            return Math.sqrt(share) * middle.chroma();
        }
    }

    private PictureColours() {}

    /**
     * @param pixels {@code 0xAARRGGBB}; what is mostly seen through is not a colour
     * @return the main colours, the most telling first; empty where there is nothing but greys
     */
    public static List<Colour> of(int[] pixels) {
        List<double[]> points = points(pixels);
        if (points.isEmpty()) {
            return List.of();
        }
        List<Cluster> clusters = clusters(points);
        List<Cluster> telling = clusters.stream()
                .filter(cluster ->
                        cluster.share() >= LEAST_SHARE && cluster.middle().chroma() >= NEUTRAL)
                .toList();
        List<Cluster> withoutSkin =
                telling.stream().filter(cluster -> !cluster.isSkin()).toList();
        return (withoutSkin.isEmpty() ? telling : withoutSkin)
                .stream()
                        .sorted(Comparator.comparingDouble(Cluster::weight).reversed())
                        .map(cluster -> cluster.middle().colour())
                        .toList();
    }

    /** Lightness, and the two axes of Oklab. */
    private static List<double[]> points(int[] pixels) {
        int step = Math.max(1, pixels.length / MOST_PIXELS);
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < pixels.length; i += step) {
            if (pixels[i] >>> 24 >= SEEN_THROUGH) {
                Oklch colour = new Colour(String.format("#%06x", pixels[i] & 0xffffff)).oklch();
                double angle = Math.toRadians(colour.hue());
                points.add(new double[] {
                    colour.lightness(), colour.chroma() * Math.cos(angle), colour.chroma() * Math.sin(angle)
                });
            }
        }
        return points;
    }

    private static List<Cluster> clusters(List<double[]> points) {
        List<double[]> middles = spread(points);
        int[] counts = new int[middles.size()];
        for (int turn = 0; turn < TURNS; turn++) {
            double[][] sums = new double[middles.size()][3];
            counts = new int[middles.size()];
            for (double[] point : points) {
                int nearest = nearest(point, middles);
                counts[nearest]++;
                for (int axis = 0; axis < 3; axis++) {
                    sums[nearest][axis] += point[axis];
                }
            }
            for (int i = 0; i < middles.size(); i++) {
                if (counts[i] > 0) {
                    middles.set(
                            i, new double[] {sums[i][0] / counts[i], sums[i][1] / counts[i], sums[i][2] / counts[i]});
                }
            }
        }
        List<Cluster> clusters = new ArrayList<>();
        for (int i = 0; i < middles.size(); i++) {
            double[] middle = middles.get(i);
            clusters.add(new Cluster(
                    new Oklch(
                            middle[0],
                            Math.hypot(middle[1], middle[2]),
                            Math.toDegrees(Math.atan2(middle[2], middle[1]))),
                    (double) counts[i] / points.size()));
        }
        return merged(clusters);
    }

    /** What the eye would call one colour is one. */
    private static List<Cluster> merged(List<Cluster> clusters) {
        List<Cluster> merged = new ArrayList<>();
        clusters.stream()
                .sorted(Comparator.comparingDouble(Cluster::share).reversed())
                .forEach(cluster -> {
                    for (int i = 0; i < merged.size(); i++) {
                        Cluster other = merged.get(i);
                        if (other.middle().distance(cluster.middle()) < ONE_COLOUR) {
                            merged.set(i, new Cluster(other.middle(), other.share() + cluster.share()));
                            return;
                        }
                    }
                    merged.add(cluster);
                });
        return merged;
    }

    /** Beginnings that are far from one another: each the point farthest from those chosen before. */
    private static List<double[]> spread(List<double[]> points) {
        List<double[]> middles = new ArrayList<>(List.of(points.get(0)));
        while (middles.size() < Math.min(CLUSTERS, points.size())) {
            double[] farthest = points.get(0);
            double most = -1;
            for (double[] point : points) {
                double apart = apart(point, middles.get(nearest(point, middles)));
                if (apart > most) {
                    most = apart;
                    farthest = point;
                }
            }
            if (most <= 0) {
                break;
            }
            middles.add(farthest);
        }
        return middles;
    }

    private static int nearest(double[] point, List<double[]> middles) {
        int nearest = 0;
        for (int i = 1; i < middles.size(); i++) {
            if (apart(point, middles.get(i)) < apart(point, middles.get(nearest))) {
                nearest = i;
            }
        }
        return nearest;
    }

    private static double apart(double[] one, double[] other) {
        double sum = 0;
        for (int axis = 0; axis < 3; axis++) {
            sum += (one[axis] - other[axis]) * (one[axis] - other[axis]);
        }
        return sum;
    }
}
