package ostium.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import org.springframework.stereotype.Component;

/** How often somebody may do a thing, by a key such as their address. Counted in this instance only. */
@Component
public class RateLimits {

    /** What is counted. */
    public enum Act {
        NEW_SITE(30, Duration.ofHours(1)),
        SIGN_UP(10, Duration.ofHours(1)),
        /** By mail address: guesses of a password. */
        SIGN_IN(10, Duration.ofMinutes(10)),
        ENQUIRY(20, Duration.ofMinutes(10));

        private final int times;
        private final Duration within;

        Act(int times, Duration within) {
            this.times = times;
            this.within = within;
        }
    }

    private record Key(Act act, String who) {}

    private final Cache<Key, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(100_000)
            .expireAfterAccess(Duration.ofHours(2))
            .build();

    /** Whether it may be done once more; counts it. */
    public boolean allows(Act act, String who) {
        return buckets.get(
                        new Key(act, who),
                        key -> Bucket.builder()
                                .addLimit(limit -> limit.capacity(act.times).refillGreedy(act.times, act.within))
                                .build())
                .tryConsume(1);
    }

    /** @throws Problem if it was done too often */
    public void require(Act act, String who) {
        if (!allows(act, who)) {
            throw Problem.tooMany();
        }
    }

    /** Forgets what was counted, after a success. */
    public void forget(Act act, String who) {
        buckets.invalidate(new Key(act, who));
    }
}
