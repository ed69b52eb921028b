package ostium.app.publishing;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Optional;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import ostium.app.publishing.LiveSite.LiveFile;
import ostium.core.edit.Stored;

/**
 * Published versions in memory, by host. What another instance publishes is seen within half a second: each asks which
 * addresses have changed since the last change it knows.
 */
@Service
public class LiveSites {
    /** Bytes of pictures and documents that are kept in memory. */
    private static final long PICTURES_IN_MEMORY = 64L * 1024 * 1024;

    private final PublicationMapper publications;
    private final LoadingCache<String, Optional<LiveSite>> byHost;
    private final LoadingCache<String, byte[]> bytesByHash;
    private long newestKnown = -1;

    LiveSites(PublicationMapper publications) {
        this.publications = publications;
        this.byHost = Caffeine.newBuilder().maximumSize(2_000).build(this::load);
        this.bytesByHash = Caffeine.newBuilder()
                .maximumWeight(PICTURES_IN_MEMORY)
                .weigher((String hash, byte[] bytes) -> bytes.length)
                .build(hash -> publications.bytes(hash).plain());
    }

    /** A file with its bytes: pictures and documents come from the database, and the latest stay in memory. */
    public LiveFile whole(LiveFile file) {
        return file.plain() == null ? file.with(bytesByHash.get(file.hash())) : file;
    }

    /** What stands at a host; empty when nothing does. */
    public Optional<LiveSite> at(String host) {
        return byHost.get(host);
    }

    private Optional<LiveSite> load(String host) {
        return publications
                .live(host)
                .map(live -> LiveSite.of(
                        live.site(), live.id(), Stored.readState(live.state()), publications.files(live.id())));
    }

    @EventListener
    void changed(PublishingService.HostChanged changed) {
        byHost.invalidate(changed.host());
    }

    @Scheduled(fixedDelay = 500)
    void follow() {
        try {
            long newest = publications.newestChange();
            if (newestKnown >= 0 && newest > newestKnown) {
                publications.changedSince(newestKnown).forEach(byHost::invalidate);
            }
            newestKnown = newest;
        } catch (DataAccessException e) {
            // The versions in memory go on being served; the next round asks again.
            LoggerFactory.getLogger(LiveSites.class)
                    .warn("the database cannot be asked for changes: {}", e.getMessage());
        }
    }
}
