package ostium.app.web;

import java.security.SecureRandom;
import java.util.Base64;
import ostium.core.text.Sha256;

/** Random tokens that stand in links and cookies; only their hashes are stored. */
public final class Tokens {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Tokens() {}

    /** 256 random bits in letters that can stand in an address. */
    public static String fresh() {
        byte[] bytes = new byte[32];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** What is stored of a token: SHA-256 in hexadecimal digits. */
    public static String hash(String token) {
        return Sha256.hex(token == null ? "" : token);
    }
}
