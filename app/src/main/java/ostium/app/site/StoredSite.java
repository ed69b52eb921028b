package ostium.app.site;

import java.time.Instant;

/**
 * A site as it is stored; what stands on it is in its {@linkplain SiteLog log}.
 *
 * @param id UUID
 * @param owner account, or null before sign-up
 * @param keyHash SHA-256 of the key of the browser it was made in, or null once it has an owner
 * @param revision number of the last edit
 * @param editedAt last change
 * @param previewRound links to its previews are good for this one
 */
public record StoredSite(String id, String owner, String keyHash, long revision, Instant editedAt, int previewRound) {}
