package ostium.core.place;

import ostium.core.fact.Point;

/**
 * Ways by distance: a road is a third longer than the straight line, is driven at 40 km/h, and takes a few minutes for getting
 * in and out. In steps of five minutes; next door is no way.
 */
public final class MeasuredTravel implements TravelTimes {
    private static final double METRES_A_MINUTE = 40_000.0 / 60;
    private static final double DETOUR = 1.35;
    private static final double NEXT_DOOR_METRES = 150;
    private static final double IN_AND_OUT = 3;
    private static final int STEP = 5;

    @Override
    public int minutes(Point from, Point to) {
        double metres = from.metresTo(to);
        if (metres < NEXT_DOOR_METRES) {
            return 0;
        }
        double minutes = IN_AND_OUT + metres * DETOUR / METRES_A_MINUTE;
        return (int) Math.ceil(minutes / STEP) * STEP;
    }
}
