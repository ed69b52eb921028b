package ostium.core.booking;

import java.time.Instant;
import java.util.Optional;
import ostium.core.fact.Point;

/**
 * Something in the diary that takes the time of a resource.
 *
 * @param id its name, unique
 * @param who whose it is, as the owner knows it
 * @param service id of the service
 * @param resource id of what carries it out
 * @param start when it begins, on a whole minute
 * @param end when it is over
 * @param before minutes kept free before it
 * @param after minutes kept free after it
 * @param at where it is; empty where that is not known, or at the business
 */
public record Appointment(
        String id,
        String who,
        String service,
        String resource,
        Instant start,
        Instant end,
        int before,
        int after,
        Optional<Point> at) {
    public Appointment {
        if (!end.isAfter(start)) {
            throw new IllegalArgumentException("from " + start + " to " + end);
        }
    }
}
