package ostium.core.booking;

import java.time.Instant;
import java.util.List;

/**
 * A time that can be booked.
 *
 * @param start when it begins
 * @param resources ids of those who could carry it out, in the owner's order; never empty
 */
public record Slot(Instant start, List<String> resources) {}
