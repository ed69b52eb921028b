package ostium.app.publishing;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ostium.app.publishing.PublicationMapper.StoredFile;
import ostium.core.edit.State;

/**
 * A published version, ready to be served from memory.
 *
 * @param site UUID of the site
 * @param publication id of the version
 * @param state what it was made from
 * @param files by path
 */
public record LiveSite(String site, long publication, State state, Map<String, LiveFile> files) {

    /**
     * A file as it goes over the wire.
     *
     * @param hash of the plain bytes
     * @param plain null for pictures and documents: see {@link LiveSites#whole}
     * @param etag strong, of the plain bytes; compressed forms append their name
     * @param gzip null when it would not help
     * @param brotli null when it would not help
     */
    public record LiveFile(
            String contentType,
            String hash,
            String etag,
            String cacheControl,
            byte[] plain,
            byte[] gzip,
            byte[] brotli) {
        LiveFile with(byte[] bytes) {
            return new LiveFile(contentType, hash, etag, cacheControl, bytes, gzip, brotli);
        }
    }

    static LiveSite of(String site, long publication, State state, List<StoredFile> stored) {
        return new LiveSite(
                site,
                publication,
                state,
                stored.stream().collect(Collectors.toUnmodifiableMap(StoredFile::path, LiveSite::file)));
    }

    private static LiveFile file(StoredFile stored) {
        boolean named = stored.path().matches(".*\\.[0-9a-f]{12}\\.[a-z0-9]+");
        String cache = named
                ? "public, max-age=31536000, immutable"
                : stored.path().startsWith("fonts/") ? "public, max-age=2592000" : "public, max-age=0, must-revalidate";
        return new LiveFile(
                stored.contentType(),
                stored.hash(),
                stored.hash().substring(0, 24),
                cache,
                stored.plain(),
                stored.gzip(),
                stored.brotli());
    }
}
