package ostium.app.people;

import java.time.Instant;

/**
 * Something a person has been asked by mail.
 *
 * @param hash SHA-256 of the token in the mail
 * @param email whom
 * @param invitedBy account of the owner who asked
 */
record Invitation(String hash, String site, Kind kind, String email, String invitedBy, Instant expiresAt) {

    /** What is asked. */
    enum Kind {
        /** To help with the site. */
        HELP,
        /** To take the site over. */
        HANDOVER
    }
}
