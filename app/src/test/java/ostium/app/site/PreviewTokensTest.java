package ostium.app.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ostium.app.RunningOstium;

/** Tokens of the preview, on the key of the running installation. */
class PreviewTokensTest {
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");
    private final PreviewTokens.SettingMapper settings = RunningOstium.get().bean(PreviewTokens.SettingMapper.class);
    private final StoredSite site = site(0);

    private static final String ID = UUID.randomUUID().toString();

    private static StoredSite site(int round) {
        return new StoredSite(ID, null, null, 1, NOON, round);
    }

    private Optional<StoredSite> opened(PreviewTokens tokens, String token) {
        return tokens.siteOf(token, id -> id.equals(ID) ? Optional.of(site) : Optional.empty());
    }

    private PreviewTokens at(Instant instant) {
        return new PreviewTokens(settings, Clock.fixed(instant, ZoneOffset.UTC));
    }

    @Test
    void openTheirSiteForSomeHours() {
        String token = at(NOON).give(site);
        assertThat(opened(at(NOON), token)).contains(site);
        assertThat(opened(at(NOON.plus(PreviewTokens.VALID).minusSeconds(1)), token))
                .contains(site);
        assertThat(opened(at(NOON.plus(PreviewTokens.VALID).plus(Duration.ofHours(1))), token))
                .isEmpty();
    }

    @Test
    void areTheSameForAnHourSoThatFilesOfAPreviewAreFetchedOnce() {
        assertThat(at(NOON.plus(Duration.ofMinutes(59))).give(site)).isEqualTo(at(NOON).give(site));
        assertThat(at(NOON.plus(Duration.ofMinutes(61))).give(site)).isNotEqualTo(at(NOON).give(site));
    }

    @Test
    void areGoodAtEveryInstanceOfTheInstallation() {
        assertThat(opened(at(NOON), at(NOON.minus(Duration.ofHours(1))).give(site)))
                .contains(site);
    }

    @Test
    void cannotBeForgedByChangingASingleBit() {
        byte[] token = Base64.getUrlDecoder().decode(at(NOON).give(site));
        for (int bit = 0; bit < token.length * 8; bit++) {
            byte[] forged = token.clone();
            forged[bit / 8] ^= (byte) (1 << bit % 8);
            String text = Base64.getUrlEncoder().withoutPadding().encodeToString(forged);
            assertThat(opened(at(NOON), text)).as("bit " + bit).isEmpty();
        }
    }

    @Test
    void areRefusedInAnyOtherForm() {
        for (String text : new String[] {"", "x", "=====", "a".repeat(54), at(NOON).give(site) + "A"}) {
            assertThat(opened(at(NOON), text)).as(text).isEmpty();
        }
    }

    @Test
    void openNothingOnceSomebodyWasTakenOffTheSite() {
        assertThat(opened(at(NOON), at(NOON).give(site(1)))).isEmpty();
    }
}
