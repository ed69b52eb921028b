package ostium.app.publishing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.publishing.PublicationMapper.StoredVersion;
import ostium.app.site.Readings;
import ostium.app.web.Origins;
import ostium.core.edit.Changes;
import ostium.core.edit.Changes.Change;
import ostium.core.edit.State;
import ostium.core.edit.Stored;

/** What was published before: each version with its number, and how it differed from the one before. */
@Component
public class PublishedVersions {
    /** How many of the last versions say what was different; older ones are told by their time. */
    private static final int TOLD = 8;

    private final PublicationMapper publications;
    private final Readings readings;
    private final Origins origins;

    private record Version(String site, long id) {}

    private final Cache<Version, State> states =
            Caffeine.newBuilder().maximumSize(400).build();
    private final Cache<Long, List<Change>> differences =
            Caffeine.newBuilder().maximumSize(2_000).build();

    PublishedVersions(PublicationMapper publications, Readings readings, Origins origins) {
        this.publications = publications;
        this.readings = readings;
        this.origins = origins;
    }

    /** The site as it was in a version; empty if the site has no such version. */
    public Optional<State> state(String site, long version) {
        return Optional.ofNullable(states.get(
                new Version(site, version),
                asked -> publications
                        .version(asked.site(), asked.id())
                        .map(stored -> Stored.readState(stored.state()))
                        .orElse(null)));
    }

    /** Whether visitors see a version of a site. */
    public boolean isLive(String site) {
        return publications
                .addressOf(site)
                .map(PublicationMapper.Address::publication)
                .isPresent();
    }

    /** Where a site is live, without a slash at its end; empty while it is not. */
    public Optional<String> liveAddress(String site) {
        return publications
                .addressOf(site)
                .filter(address -> address.publication() != null)
                .map(address -> origins.site(address.host()));
    }

    /**
     * The versions of a site, the last first.
     *
     * @param live the one visitors see, if there is one
     */
    List<PublicationsView.Version> of(String site, Optional<Long> live) {
        List<StoredVersion> stored = publications.versions(site);
        long number = publications.countVersions(site);
        List<PublicationsView.Version> versions = new ArrayList<>();
        for (int i = 0; i < stored.size(); i++) {
            StoredVersion version = stored.get(i);
            boolean told = i < TOLD && i + 1 < stored.size();
            versions.add(new PublicationsView.Version(
                    version.id(),
                    number - i,
                    version.publishedAt(),
                    live.filter(id -> id == version.id()).isPresent(),
                    told ? difference(site, stored.get(i + 1).id(), version.id()) : List.of()));
        }
        return versions;
    }

    private List<Change> difference(String site, long before, long after) {
        return differences.get(after, id -> {
            State old = state(site, before).orElseThrow();
            State fresh = state(site, after).orElseThrow();
            return Changes.between(old, readings.of(old), fresh, readings.of(fresh));
        });
    }
}
