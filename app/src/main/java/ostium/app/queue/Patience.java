package ostium.app.queue;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * How long something is tried that does not succeed: less often with time, and at last no more.
 *
 * @param whole from when it was begun until it is given up
 * @param first pause before the second try
 * @param longest longest pause
 */
public record Patience(Duration whole, Duration first, Duration longest) {
    private static final double GROWTH = 1.6;
    private static final int MOST_GROWN = 20;

    /**
     * When it is tried next; empty when it is given up.
     *
     * @param failures how often in a row it has failed
     */
    public Optional<Instant> next(int failures, Instant begun, Instant now) {
        if (begun.plus(whole).isBefore(now)) {
            return Optional.empty();
        }
        long seconds = (long) (first.toSeconds() * Math.pow(GROWTH, Math.min(failures, MOST_GROWN)));
        return Optional.of(now.plusSeconds(Math.min(seconds, longest.toSeconds())));
    }
}
