package ostium.app.account;

import java.time.Duration;
import java.time.Instant;

/**
 * A link that was sent by mail.
 *
 * @param hash SHA-256 of the token; the token itself stands only in the mail
 * @param email the address it was sent to
 */
record AccountToken(String hash, String account, Purpose purpose, String email, Instant expiresAt) {

    /** What a link is good for. */
    enum Purpose {
        /** A new password, without the old one. */
        PASSWORD("password", "/new-password/", Duration.ofHours(2)),
        /** Another address to sign in with. */
        EMAIL("address", "/new-address/", Duration.ofHours(2)),
        /** That the address somebody signs in with is theirs. */
        CONFIRM("confirm", "/confirm-address/", Duration.ofDays(3));

        private final String mail;
        private final String path;
        private final Duration valid;

        Purpose(String mail, String path, Duration valid) {
            this.mail = mail;
            this.path = path;
            this.valid = valid;
        }

        /** What its words begin with in {@code messages/en/account-mail.properties}. */
        String mail() {
            return mail;
        }

        /** Where the interface takes it. */
        String path() {
            return path;
        }

        Duration valid() {
            return valid;
        }
    }
}
