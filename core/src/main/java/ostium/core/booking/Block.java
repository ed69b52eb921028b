package ostium.core.booking;

import java.time.Instant;

/**
 * Time in which nothing can be booked: a private errand, a busy time of another calendar.
 *
 * @param resource whose time it is; empty for everybody's
 * @param words why, for the owner; may be empty
 */
public record Block(String resource, Instant from, Instant to, String words) {}
