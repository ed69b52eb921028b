package ostium.app.hook;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.Map;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Says who sent a call, and that it came as it was sent: an HMAC over its id, its time and its body (RFC 2104).
 *
 * @see <a href="https://www.standardwebhooks.com">Standard Webhooks</a>
 */
public final class HookSignature {
    private static final String ALGORITHM = "HmacSHA256";
    private static final String PREFIX = "whsec_";
    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private HookSignature() {}

    /** A secret nobody has had. */
    static String freshSecret() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return PREFIX + Base64.getEncoder().encodeToString(bytes);
    }

    /** The headers of a call. */
    public static Map<String, String> headers(String secret, String id, Instant at, String body) {
        String seconds = String.valueOf(at.getEpochSecond());
        return Map.of(
                "webhook-id",
                id,
                "webhook-timestamp",
                seconds,
                "webhook-signature",
                "v1," + sign(secret, id + "." + seconds + "." + body));
    }

    private static String sign(String secret, String words) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(Base64.getDecoder().decode(secret.substring(PREFIX.length())), ALGORITHM));
            return Base64.getEncoder().encodeToString(mac.doFinal(words.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
