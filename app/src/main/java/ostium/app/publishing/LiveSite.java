package ostium.app.publishing;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ostium.app.publishing.PublicationMapper.LivePublication;
import ostium.app.publishing.PublicationMapper.StoredFile;
import ostium.core.form.PublishedForm;
import ostium.core.text.Sha256;
import ostium.render.DoorTimetable;
import ostium.render.Opening;

/**
 * A published version, ready to be served from memory.
 *
 * @param site UUID of the site
 * @param publication id of the version
 * @param forms the forms messages are left through
 * @param opening the parts of its pages that change with the hours
 * @param doors the doors as its pages show them, until they change
 * @param files by path
 */
public record LiveSite(
        String site,
        long publication,
        List<PublishedForm> forms,
        Opening opening,
        DoorTimetable.Shown doors,
        Map<String, LiveFile> files) {

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

    static LiveSite of(
            LivePublication live, List<PublishedForm> forms, Opening opening, List<StoredFile> stored, Instant now) {
        DoorTimetable.Shown doors = DoorTimetable.at(opening.changes(), now);
        return new LiveSite(
                live.site(),
                live.id(),
                forms,
                opening,
                doors,
                stored.stream()
                        .map(file ->
                                file.contentType().startsWith("text/html") ? withOpening(file, opening, doors) : file)
                        .collect(Collectors.toUnmodifiableMap(StoredFile::path, LiveSite::file)));
    }

    /** Whether its pages show the doors as they are at an instant. */
    boolean isOf(Instant t) {
        return doors.until().filter(until -> !until.isAfter(t)).isEmpty();
    }

    /** A page as it is at this hour, compressed anew. */
    private static StoredFile withOpening(StoredFile page, Opening opening, DoorTimetable.Shown doors) {
        byte[] bytes = opening.in(new String(page.plain(), StandardCharsets.UTF_8), doors)
                .getBytes(StandardCharsets.UTF_8);
        return new StoredFile(
                page.path(),
                page.contentType(),
                Sha256.hex(bytes),
                bytes,
                Compression.gzip(bytes),
                Compression.brotli(bytes));
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
