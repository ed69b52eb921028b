package ostium.core.place;

import ostium.core.fact.Point;

/**
 * Knows how long the way takes. A real service would be asked over the network for roads and traffic; the one that ships
 * measures.
 */
public interface TravelTimes {
    /** Minutes from one place to another by road, never negative. */
    int minutes(Point from, Point to);
}
