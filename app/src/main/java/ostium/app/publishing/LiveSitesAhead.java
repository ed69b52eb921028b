package ostium.app.publishing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import ostium.core.edit.Stored;
import tools.jackson.core.JacksonException;

/**
 * Reads versions before anybody asks for them: all before this instance is ready, and each that another instance publishes within half a
 * second, by asking which addresses have changed since the last change known here.
 */
@Service
class LiveSitesAhead {
    private static final Logger LOG = LoggerFactory.getLogger(LiveSitesAhead.class);

    /** How long the start may take; the rest is read when it is asked for. */
    private static final Duration START = Duration.ofMinutes(2);

    private static final Duration AGAIN = Duration.ofMillis(500);

    private final PublicationMapper publications;
    private final LiveSites live;
    private final Clock clock;
    private long newestKnown = -1;

    LiveSitesAhead(PublicationMapper publications, LiveSites live, Clock clock) {
        this.publications = publications;
        this.live = live;
        this.clock = clock;
    }

    /**
     * Before any visitor is sent here: what stands can be shown from now on, whatever becomes of the database. One that goes away
     * meanwhile is waited for.
     */
    @EventListener(ApplicationStartedEvent.class)
    void begin() throws InterruptedException {
        Instant end = clock.instant().plus(START);
        while (!readAll(end) && clock.instant().isBefore(end)) {
            Thread.sleep(AGAIN.toMillis());
        }
    }

    private boolean readAll(Instant end) {
        try {
            publications.hosts(LiveSites.HOSTS).stream()
                    .takeWhile(host -> clock.instant().isBefore(end))
                    .forEach(this::readAhead);
            return true;
        } catch (DataAccessException e) {
            LOG.warn("the pages cannot be read yet: {}", e.getMessage());
            return false;
        }
    }

    /** A version that cannot be read here is told to whoever asks for it, and keeps nobody from the others. */
    private void readAhead(String host) {
        try {
            live.read(host);
        } catch (Stored.Unreadable | JacksonException e) {
            LOG.warn("the version at {} cannot be read: {}", host, e.getMessage());
        }
    }

    @Scheduled(fixedDelay = 500)
    void follow() {
        try {
            long newest = publications.newestChange();
            if (newestKnown >= 0 && newest > newestKnown) {
                List<String> changed = publications.changedSince(newestKnown);
                changed.forEach(live::forget);
                changed.forEach(this::readAhead);
            }
            newestKnown = newest;
        } catch (DataAccessException e) {
            // The versions in memory go on being served; the next round asks again.
            LOG.warn("the database cannot be asked for changes: {}", e.getMessage());
        }
    }
}
