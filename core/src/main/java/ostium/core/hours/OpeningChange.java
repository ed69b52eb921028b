package ostium.core.hours;

import java.time.Instant;

/**
 * From an instant on, until the next change, what a visitor is told of the hours.
 *
 * @param at when it begins to be so, a whole minute
 * @param open whether the business is open
 * @param words what the page says; empty when there is nothing to be said
 */
public record OpeningChange(Instant at, boolean open, String words) {}
