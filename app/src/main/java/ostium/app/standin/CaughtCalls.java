package ostium.app.standin;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A program of an owner's that ships with Ostium: it takes what it is told, and keeps the last of it in memory. */
@Component
public class CaughtCalls {
    private static final int MOST_SHOWN = 200;
    private static final int LONGEST = 64 * 1024;

    private final Clock clock;
    private final Deque<CaughtCall> caught = new ArrayDeque<>();
    private boolean down;

    CaughtCalls(Clock clock) {
        this.clock = clock;
    }

    /**
     * Something it was told.
     *
     * @param headers those that say who sent it
     */
    public record CaughtCall(Instant at, String body, Map<String, String> headers) {}

    /** @return whether it was taken */
    synchronized boolean take(String body, Map<String, String> headers) {
        if (down || body.length() > LONGEST) {
            return false;
        }
        caught.addFirst(new CaughtCall(clock.instant(), body, headers));
        while (caught.size() > MOST_SHOWN) {
            caught.removeLast();
        }
        return true;
    }

    /** Takes nothing for a while, or takes it again. */
    public synchronized void setDown(boolean isDown) {
        down = isDown;
    }

    /** What was caught, the last first; at most {@value #MOST_SHOWN}. */
    public synchronized List<CaughtCall> caught() {
        return List.copyOf(caught);
    }
}
