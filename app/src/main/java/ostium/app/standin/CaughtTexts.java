package ostium.app.standin;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.springframework.stereotype.Component;
import ostium.app.text.TextGateway;

/** The text gateway that ships with Ostium: it takes every text, keeps the last of them in memory, and brings them to nobody. */
@Component
public class CaughtTexts implements TextGateway {
    private static final int MOST_SHOWN = 200;

    private final Clock clock;
    private final Deque<CaughtText> caught = new ArrayDeque<>();
    private boolean down;

    CaughtTexts(Clock clock) {
        this.clock = clock;
    }

    /** A text it has caught. */
    public record CaughtText(String id, String to, String words, Instant at) {}

    @Override
    public synchronized void send(String id, String to, String words) throws NotTaken {
        if (down) {
            throw new NotTaken("the gateway is down");
        }
        caught.removeIf(text -> text.id().equals(id));
        caught.addFirst(new CaughtText(id, to, words, clock.instant()));
        while (caught.size() > MOST_SHOWN) {
            caught.removeLast();
        }
    }

    /** Takes no texts for a while, or takes them again. */
    public synchronized void setDown(boolean isDown) {
        down = isDown;
    }

    /** What was caught, the last first; at most {@value #MOST_SHOWN}. */
    public synchronized List<CaughtText> caught() {
        return List.copyOf(caught);
    }
}
