package ostium.core.booking;

import java.util.Optional;
import ostium.core.fact.Point;

/**
 * What somebody wants to book.
 *
 * @param service id of the service
 * @param resource id of who shall carry it out; empty for whoever is free
 * @param at where it shall be, if that is known
 */
public record Wanted(String service, String resource, Optional<Point> at) {
    public static Wanted of(String service) {
        return new Wanted(service, "", Optional.empty());
    }

    public Wanted by(String other) {
        return new Wanted(service, other, at);
    }

    public Wanted at(Point place) {
        return new Wanted(service, resource, Optional.of(place));
    }
}
