package ostium.app.recipient;

import java.time.Instant;

/**
 * An address that was asked whether messages of a site may come to it.
 *
 * @param email lower case
 * @param askedAt when a mail was last sent there, or null
 * @param confirmedAt when its reader said yes, or null
 */
record Recipient(String site, String email, Instant askedAt, Instant confirmedAt) {}
