package ostium.app.site;

import java.time.Instant;

/**
 * A site as it is stored.
 *
 * @param id UUID
 * @param owner account, or null before sign-up
 * @param keyHash SHA-256 of the key of the browser it was made in, or null once it has an owner
 * @param revision counts up with every change
 * @param sheet the typed sheet as JSON
 * @param editedAt last change
 */
public record StoredSite(String id, String owner, String keyHash, long revision, String sheet, Instant editedAt) {}
