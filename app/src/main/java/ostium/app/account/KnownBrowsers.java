package ostium.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ostium.app.web.BrowserKey;

/**
 * Browsers in which somebody has signed in to an account before. Guesses at its password are counted for each of them alone, so
 * that whoever guesses elsewhere keeps no owner out.
 */
@Component
class KnownBrowsers {
    private static final Duration KNOWN_FOR = Duration.ofDays(180);
    private static final BrowserKey KEY = new BrowserKey("ostium_known", KNOWN_FOR);

    private final KnownBrowserMapper browsers;
    private final Clock clock;

    KnownBrowsers(KnownBrowserMapper browsers, Clock clock) {
        this.browsers = browsers;
        this.clock = clock;
    }

    /** The hash of the browser's key, if somebody has signed in to that account with it. */
    Optional<String> known(HttpServletRequest request, String email) {
        return KEY.hash(request)
                .filter(hash -> browsers.knows(hash, email, clock.instant().minus(KNOWN_FOR)));
    }

    void remember(Account account, HttpServletRequest request, HttpServletResponse response) {
        browsers.seen(KEY.hashOrNew(request, response), account.id(), clock.instant());
    }

    /** With a new password every browser is a strange one. */
    void forget(String account) {
        browsers.forget(account);
    }

    @Scheduled(initialDelay = 120_000, fixedDelay = 3_600_000)
    void sweep() {
        browsers.sweep(clock.instant().minus(KNOWN_FOR));
    }
}
