package ostium.app.site;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Component;

/**
 * Tokens that open the preview of one site for some hours. They stand in the preview's path, since the preview has no
 * cookie: site, its round and end of validity, signed with a key of the installation (HMAC-SHA-256, 128 bits kept).
 */
@Component
public class PreviewTokens {
    static final Duration VALID = Duration.ofHours(12);
    private static final int SIGNATURE = 16;
    private static final String KEY_NAME = "preview-key";

    @Mapper
    interface SettingMapper {
        @Insert("insert ignore into setting (name, value) values (#{name}, #{value})")
        void insertIfMissing(String name, String value);

        @Select("select value from setting where name = #{name}")
        String value(String name);
    }

    private final SettingMapper settings;
    private final Clock clock;
    private volatile byte[] key;

    PreviewTokens(SettingMapper settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    /** Valid to the end of an hour: the address of a preview stays the same for a while, and its files can be kept. */
    private Instant end() {
        return clock.instant().plus(VALID).truncatedTo(ChronoUnit.HOURS).plus(1, ChronoUnit.HOURS);
    }

    public String give(StoredSite site) {
        UUID id = UUID.fromString(site.id());
        byte[] body = ByteBuffer.allocate(24)
                .putLong(id.getMostSignificantBits())
                .putLong(id.getLeastSignificantBits())
                .putLong(end().getEpochSecond())
                .array();
        byte[] token = Arrays.copyOf(body, body.length + SIGNATURE);
        System.arraycopy(sign(body, site.previewRound()), 0, token, body.length, SIGNATURE);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(token);
    }

    /**
     * The site a token opens; empty when it is forged or out of date, or somebody was taken off the site since.
     *
     * @param sites finds a site by its id
     */
    public Optional<StoredSite> siteOf(String token, Function<String, Optional<StoredSite>> sites) {
        byte[] bytes;
        try {
            bytes = Base64.getUrlDecoder().decode(token);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        if (bytes.length != 24 + SIGNATURE) {
            return Optional.empty();
        }
        byte[] body = Arrays.copyOf(bytes, 24);
        ByteBuffer read = ByteBuffer.wrap(body);
        UUID id = new UUID(read.getLong(), read.getLong());
        if (read.getLong() <= clock.instant().getEpochSecond()) {
            return Optional.empty();
        }
        byte[] signature = Arrays.copyOfRange(bytes, 24, bytes.length);
        return sites.apply(id.toString())
                .filter(site -> MessageDigest.isEqual(sign(body, site.previewRound()), signature));
    }

    private byte[] sign(byte[] body, int round) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key(), "HmacSHA256"));
            mac.update(ByteBuffer.allocate(Integer.BYTES).putInt(round).array());
            return Arrays.copyOf(mac.doFinal(body), SIGNATURE);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has HmacSHA256", e);
        }
    }

    private byte[] key() {
        if (key == null) {
            byte[] fresh = new byte[32];
            new SecureRandom().nextBytes(fresh);
            settings.insertIfMissing(KEY_NAME, Base64.getEncoder().encodeToString(fresh));
            key = Base64.getDecoder().decode(settings.value(KEY_NAME));
        }
        return key;
    }
}
