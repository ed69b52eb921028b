package ostium.app.publishing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import ostium.app.publishing.LiveSite.LiveFile;
import ostium.app.publishing.PublicationMapper.LivePublication;
import ostium.app.site.Readings;
import ostium.app.web.Origins;
import ostium.core.edit.State;
import ostium.core.edit.Stored;
import ostium.core.sheet.SheetReading;

/**
 * Published versions in memory, by host. While the database cannot be asked, what was last known of a host
 * is served; so that it is known, {@link LiveSitesAhead} reads versions before anybody asks.
 */
@Service
public class LiveSites {
    /** Hosts whose versions are in memory. */
    static final int HOSTS = 2_000;

    /** Bytes of pictures and documents that are kept in memory. */
    private static final long PICTURES_IN_MEMORY = 64L * 1024 * 1024;

    /** How long what is known is served without asking, after the database did not answer. */
    private static final Duration PAUSE = Duration.ofSeconds(3);

    private final PublicationMapper publications;
    private final StandingParts parts;
    private final Readings readings;
    private final Origins origins;
    private final Clock clock;
    private final LoadingCache<String, Optional<LiveSite>> byHost;
    private final LoadingCache<String, byte[]> bytesByHash;
    /** What was last read of each host, for as long as it cannot be read anew. */
    private final Cache<String, LiveSite> lastKnown =
            Caffeine.newBuilder().maximumSize(HOSTS).build();

    private volatile Instant askedInVain = Instant.MIN;

    LiveSites(PublicationMapper publications, StandingParts parts, Readings readings, Origins origins, Clock clock) {
        this.publications = publications;
        this.parts = parts;
        this.readings = readings;
        this.origins = origins;
        this.clock = clock;
        this.byHost = Caffeine.newBuilder().maximumSize(HOSTS).build(this::load);
        this.bytesByHash = Caffeine.newBuilder()
                .maximumWeight(PICTURES_IN_MEMORY)
                .weigher((String hash, byte[] bytes) -> bytes.length)
                .build(hash -> publications.bytes(hash).plain());
    }

    /** A file with its bytes: pictures and documents come from the database, and the latest stay in memory. */
    public LiveFile whole(LiveFile file) {
        return file.plain() == null ? file.with(bytesByHash.get(file.hash())) : file;
    }

    /**
     * What stands at a host; empty when nothing does.
     *
     * @throws DataAccessException while the database cannot be asked and nothing is known of the host
     */
    public Optional<LiveSite> at(String host) {
        LiveSite last = lastKnown.getIfPresent(host);
        if (last != null && clock.instant().isBefore(askedInVain.plus(PAUSE))) {
            return Optional.of(last);
        }
        try {
            return read(host);
        } catch (DataAccessException e) {
            askedInVain = clock.instant();
            if (last == null) {
                throw e;
            }
            return Optional.of(last);
        }
    }

    /**
     * The newest version that stands at a host.
     *
     * @throws DataAccessException while the database cannot be asked
     */
    Optional<LiveSite> read(String host) {
        Optional<LiveSite> known = byHost.get(host);
        if (known.isEmpty() || known.get().isOf(clock.instant())) {
            return known;
        }
        forget(host);
        return byHost.get(host);
    }

    private Optional<LiveSite> load(String host) {
        Optional<LiveSite> fresh = stored(host);
        fresh.ifPresentOrElse(site -> lastKnown.put(host, site), () -> lastKnown.invalidate(host));
        return fresh;
    }

    private Optional<LiveSite> stored(String host) {
        return publications
                .live(host)
                .map(live -> live.url() == null ? completed(host, live) : live)
                .map(live -> LiveSite.of(
                        live,
                        parts.readForms(live.form()),
                        parts.readOpening(live.opening()),
                        publications.files(live.id()),
                        clock.instant()));
    }

    /** A version of before its parts were kept gets them once, and stands alone from then on. */
    private LivePublication completed(String host, LivePublication live) {
        State state = Stored.readState(live.state());
        SheetReading reading = readings.of(state);
        String url = origins.site(host) + "/";
        LivePublication whole = new LivePublication(
                live.id(),
                live.site(),
                live.revision(),
                live.state(),
                url,
                parts.forms(state, reading, url),
                parts.opening(state, reading, url));
        publications.complete(whole.id(), whole.url(), whole.form(), whole.opening());
        return whole;
    }

    @EventListener
    void changed(PublishingService.HostChanged changed) {
        forget(changed.host());
    }

    /** What stands at a host is read anew when it is next asked for. */
    public void forget(String host) {
        byHost.invalidate(host);
    }
}
