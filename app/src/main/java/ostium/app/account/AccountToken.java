package ostium.app.account;

import java.time.Instant;

/**
 * A link that was sent by mail.
 *
 * @param hash SHA-256 of the token; the token itself stands only in the mail
 * @param email the new address, for {@link Purpose#EMAIL}; else null
 */
record AccountToken(String hash, String account, Purpose purpose, String email, Instant expiresAt) {

    /** What a link is good for. */
    enum Purpose {
        /** A new password, without the old one. */
        PASSWORD,
        /** Another address to sign in with. */
        EMAIL
    }
}
