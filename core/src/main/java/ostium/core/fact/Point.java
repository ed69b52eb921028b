package ostium.core.fact;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import ostium.core.base.Reading;

/**
 * A point on the earth, WGS 84.
 *
 * @param latitude degrees, {@code [-90, 90]}, north positive
 * @param longitude degrees, {@code [-180, 180]}, east positive
 * @param accuracy how exactly it is known; a map and directions never claim more
 */
public record Point(double latitude, double longitude, Accuracy accuracy) implements FactValue {

    private static final int LONGEST = 2000;
    /** Mean radius of the earth in metres (IUGG). */
    private static final double EARTH = 6_371_008.8;

    /** How exactly a point is known. */
    public enum Accuracy {
        HOUSE(30),
        STREET(300),
        TOWN(3000);

        private final int metres;

        Accuracy(int metres) {
            this.metres = metres;
        }

        /** About how far off it may be. */
        public int metres() {
            return metres;
        }

        /** The accuracy that is no finer than a number of metres. */
        public static Accuracy of(double metres) {
            return metres <= HOUSE.metres * 2 ? HOUSE : metres <= STREET.metres * 2 ? STREET : TOWN;
        }
    }

    public Point {
        Objects.requireNonNull(accuracy, "accuracy");
        if (!(Math.abs(latitude) <= 90) || !(Math.abs(longitude) <= 180)) {
            throw new IllegalArgumentException("point " + latitude + ", " + longitude);
        }
    }

    /** Reads a point in any usual notation; see {@link PointReader}. */
    public static Reading<Point> read(String words) {
        Optional<Reading<Point>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        return new PointReader(words).read();
    }

    /** Great-circle distance in metres, by the haversine formula on a sphere. */
    public double metresTo(Point other) {
        double north = Math.toRadians(other.latitude - latitude) / 2;
        double east = Math.toRadians(other.longitude - longitude) / 2;
        double h = Math.pow(Math.sin(north), 2)
                + Math.cos(Math.toRadians(latitude))
                        * Math.cos(Math.toRadians(other.latitude))
                        * Math.pow(Math.sin(east), 2);
        return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(h)));
    }

    /** {@code geo:49.7001,-7.4002;u=30}, by RFC 5870. */
    public String uri() {
        return "geo:" + degrees(latitude) + "," + degrees(longitude) + ";u=" + accuracy.metres();
    }

    /** No more decimals than the accuracy carries. */
    private String degrees(double value) {
        int decimals = switch (accuracy) {
            case HOUSE -> 5;
            case STREET -> 3;
            case TOWN -> 2;
        };
        return String.format(Locale.ROOT, "%." + decimals + "f", value);
    }

    @Override
    public List<String> facets() {
        return List.of();
    }

    /** "49.70010, -7.40020": for the owner; a page shows it as a map or a link. */
    @Override
    public Optional<String> say(String facet) {
        return facet.isEmpty() ? Optional.of(degrees(latitude) + ", " + degrees(longitude)) : Optional.empty();
    }
}
