package ostium.app.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;
import ostium.app.web.Problem;
import ostium.core.text.Sha256;

/**
 * How often a password may be guessed: some times at once, then after a pause that doubles with each wrong guess, up to a quarter of
 * an hour. Nobody is ever locked out for good. Counted in this instance only.
 */
@Component
class Guesses {
    private static final int FREE = 5;
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final Duration REMEMBERED = Duration.ofHours(24);
    private static final int MOST_DOUBLED = 20;

    /**
     * Wrong guesses so far.
     *
     * @param next when the next may be made
     */
    private record Tries(int wrong, Instant next) {}

    /** Under keys of the same small size, however long the words are that somebody sends as an address. */
    private final Cache<String, Tries> tries = Caffeine.newBuilder()
            .maximumSize(100_000)
            .expireAfterAccess(REMEMBERED)
            .build();

    private final Clock clock;
    private final int freeOfClient;

    Guesses(Clock clock, OstiumProperties properties) {
        this.clock = clock;
        this.freeOfClient = properties.wrongSignIns();
    }

    /**
     * Counts a guess as wrong until {@link #right} says otherwise: of many that come at once, no more are let through.
     *
     * @param who account, address or known browser
     * @throws Problem 429 with how long to wait
     */
    void begin(String who) {
        begin(who, FREE);
    }

    /** The same for whoever sends it, to whatever account; many people may stand behind one network address. */
    void beginOfClient(String address) {
        begin(client(address), freeOfClient);
    }

    private void begin(String who, int free) {
        Instant now = clock.instant();
        tries.asMap().compute(Sha256.hex(who), (key, before) -> {
            if (before != null && now.isBefore(before.next())) {
                throw Problem.wait(Duration.between(now, before.next()), "account.wait");
            }
            int wrong = before == null ? 1 : before.wrong() + 1;
            return new Tries(wrong, now.plus(pause(wrong - free)));
        });
    }

    private static Duration pause(int over) {
        Duration pause = over < 0 ? Duration.ZERO : Duration.ofSeconds(1L << Math.min(over, MOST_DOUBLED));
        return pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
    }

    /** It was right: nothing is remembered of this account's guesses, and one less of the client's. */
    void right(String who) {
        tries.invalidate(Sha256.hex(who));
    }

    /** Signing in to an account of one's own makes no room for more guesses at others. */
    void rightOfClient(String address) {
        tries.asMap()
                .computeIfPresent(
                        Sha256.hex(client(address)), (key, before) -> new Tries(before.wrong() - 1, clock.instant()));
    }

    private static String client(String address) {
        return "client " + address;
    }
}
