package ostium.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Map;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;
import ostium.core.text.Sha256;

/** How often somebody may do a thing, by a key such as their address. Counted in this instance only. */
@Component
public class RateLimits {

    /** What is counted. */
    public enum Act {
        NEW_SITE,
        SIGN_UP,
        /** By address of the asker: mails that somebody has us send. */
        MAIL,
        /** By address of the asker: links from mails that are tried. */
        LINK,
        /** By author: edits, so that a program gone wild fills nobody's log. */
        EDIT,
        /** By author: pictures and files that are given. */
        FILE,
        /** By author: files that are asked of other machines. */
        FETCH,
        /** By site and sender. */
        ENQUIRY,
        /** By site, whoever sends: so that no flood fills the disk. */
        ENQUIRY_OF_SITE,
        /** By site and sender: times that are held, taken, moved or called off. */
        BOOKING,
        /** By site and address: mails that ask whether somebody wants to be on a list. */
        LIST,
        /** By address of the asker: private calendar feeds that are asked for. */
        FEED
    }

    private record Limit(int times, Duration within) {}

    /** Of the same small size however long the words are that somebody sends as an address. */
    private record Key(Act act, String who) {
        static Key of(Act act, String who) {
            return new Key(act, Sha256.hex(who));
        }
    }

    private final Cache<Key, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(100_000)
            .expireAfterAccess(Duration.ofHours(2))
            .build();

    private final Map<Act, Limit> limits;

    RateLimits(OstiumProperties properties) {
        this.limits = Map.ofEntries(
                Map.entry(Act.NEW_SITE, new Limit(properties.sitesPerHour(), Duration.ofHours(1))),
                Map.entry(Act.SIGN_UP, new Limit(properties.signUpsPerHour(), Duration.ofHours(1))),
                Map.entry(Act.MAIL, new Limit(properties.mailsPerHour(), Duration.ofHours(1))),
                Map.entry(Act.LINK, new Limit(60, Duration.ofHours(1))),
                Map.entry(Act.EDIT, new Limit(2_000, Duration.ofMinutes(5))),
                Map.entry(Act.FILE, new Limit(300, Duration.ofHours(1))),
                Map.entry(Act.FETCH, new Limit(60, Duration.ofHours(1))),
                Map.entry(Act.ENQUIRY, new Limit(properties.enquiriesPerTenMinutes(), Duration.ofMinutes(10))),
                Map.entry(Act.ENQUIRY_OF_SITE, new Limit(20_000, Duration.ofHours(24))),
                Map.entry(Act.BOOKING, new Limit(properties.bookingsPerTenMinutes(), Duration.ofMinutes(10))),
                Map.entry(Act.LIST, new Limit(3, Duration.ofHours(24))),
                Map.entry(Act.FEED, new Limit(240, Duration.ofHours(1))));
    }

    /** Whether it may be done once more; counts it. */
    public boolean allows(Act act, String who) {
        return buckets.get(Key.of(act, who), key -> bucket(limits.get(act))).tryConsume(1);
    }

    private static Bucket bucket(Limit limit) {
        return Bucket.builder()
                .addLimit(rule -> rule.capacity(limit.times()).refillGreedy(limit.times(), limit.within()))
                .build();
    }

    /** @throws Problem if it was done too often */
    public void require(Act act, String who) {
        if (!allows(act, who)) {
            throw Problem.tooMany();
        }
    }
}
