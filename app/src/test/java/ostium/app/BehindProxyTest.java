package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who a client is behind a proxy that is trusted, and that nobody else can say who they are. */
class BehindProxyTest {
    private static final String CLIENT = "203.0.113.7";

    private static RunningOstium behind;

    @BeforeAll
    static void start() {
        behind = RunningOstium.another("--ostium.trusted-proxies=127.0.0.1, ::1");
    }

    @AfterAll
    static void stop() {
        behind.close();
    }

    private static Browserlike proxied() {
        return new Browserlike(behind.port());
    }

    private static Browserlike.Answer page(Browserlike asker, String host) {
        return asker.getAt(host, "/", "X-Forwarded-For", CLIENT, "X-Forwarded-Proto", "https");
    }

    @Test
    void cookiesAndTransportFollowTheWayTheProxyWasAsked() {
        Browserlike.Answer secure = page(proxied(), "localhost");
        assertThat(secure.header("Set-Cookie")).contains("XSRF-TOKEN").contains("Secure");
        assertThat(secure.header("Strict-Transport-Security")).startsWith("max-age=31536000");
        assertThat(page(proxied(), "nobody.localhost").header("Strict-Transport-Security"))
                .startsWith("max-age=31536000");

        Browserlike.Answer plain = proxied().getAt("localhost", "/");
        assertThat(plain.header("Set-Cookie")).contains("XSRF-TOKEN").doesNotContain("Secure");
        assertThat(plain.header("Strict-Transport-Security")).isEmpty();
    }

    @Test
    void whoIsNotTrustedSaysNothingOfThemselves() {
        Browserlike.Answer spoofed = page(Browserlike.fresh(), "localhost");
        assertThat(spoofed.header("Set-Cookie")).doesNotContain("Secure");
        assertThat(spoofed.header("Strict-Transport-Security")).isEmpty();
    }

    @Test
    void limitsCountTheClientAndNotTheProxy() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Proxied Sweeps"));
        String name = "proxied-" + UUID.randomUUID().toString().substring(0, 8);
        owner.publish(site, name);
        for (int at = 0; at < 20; at++) {
            assertThat(send(name, CLIENT, at)).as("message %d", at).isEqualTo(303);
        }
        assertThat(send(name, CLIENT, 20)).isEqualTo(429);
        assertThat(send(name, "198.51.100.1, " + CLIENT, 21))
                .as("what a client writes before the proxy's word changes nothing")
                .isEqualTo(429);
        assertThat(send(name, "203.0.113.8", 22)).as("somebody else").isEqualTo(303);
    }

    private static int send(String site, String from, int number) {
        return proxied()
                .post(
                        site + ".localhost",
                        "/_ostium/enquiry",
                        Map.of("name", "Oona", "reach", "oona@quayle.example", "message", "Flue " + number),
                        "X-Forwarded-For",
                        from)
                .status();
    }

    @Test
    void whatTheStandInsCaughtIsForWhoSitsAtThisMachine() {
        for (String path : new String[] {"/api/stand-in/mails", "/api/stand-in/texts", "/api/stand-in/calls"}) {
            assertThat(Browserlike.fresh().getAt("localhost", path).status()).isEqualTo(200);
            for (Browserlike asker : new Browserlike[] {Browserlike.fresh(), proxied()}) {
                assertThat(asker.getAt("localhost", path, "X-Forwarded-For", CLIENT)
                                .status())
                        .isEqualTo(404);
                assertThat(asker.getAt("localhost", path, "X-Forwarded-For", "127.0.0.1, " + CLIENT)
                                .status())
                        .as("a client that says it is this machine")
                        .isEqualTo(404);
            }
        }
    }

    @Test
    void aSettingThatIsNoAddressStopsTheStart() {
        assertThatThrownBy(() -> RunningOstium.another("--ostium.trusted-proxies=proxy.example"))
                .rootCause()
                .hasMessage("ostium.trusted-proxies: proxy.example is no address");
    }
}
