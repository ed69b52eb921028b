package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

/** A link from a mail is good for whom it was asked, once, and not after the account has changed hands or keys. */
class AccountLinksTest {
    private static final String PASSWORD = "a long password";

    private final String address = UUID.randomUUID() + "@quill.example";
    private final Browserlike owner = Browserlike.fresh();

    private static String token(String email) {
        String link = StandInMails.link(StandInMails.next(email));
        return link.substring(link.lastIndexOf('/') + 1);
    }

    private static String newAddress(Browserlike who) {
        String wished = UUID.randomUUID() + "@elsewhere.example";
        assertThat(who.call("PUT", "/api/account/email", Map.of("current", PASSWORD, "email", wished))
                        .status())
                .isEqualTo(202);
        return wished;
    }

    private String forgotten() {
        Browserlike.fresh().call("POST", "/api/password-resets", Map.of("email", address));
        return token(address);
    }

    private Browserlike.Answer opens(Browserlike who, String path, String token) {
        return who.call("POST", path + "/" + token, Map.of("password", "another-long-one"));
    }

    /** Somebody signs up with another's address, and asks for a new one before its owner takes the account back. */
    @Test
    void afterANewPasswordNoLinkThatWasAskedBeforeIsGood() {
        owner.signUp(address);
        String wished = newAddress(owner);
        String kept = token(wished);
        assertThat(opens(Browserlike.fresh(), "/api/password-resets", forgotten())
                        .status())
                .isEqualTo(204);
        Browserlike back = Browserlike.fresh();
        assertThat(back.call("POST", "/api/session", Map.of("email", address, "password", "another-long-one"))
                        .status())
                .isEqualTo(200);
        assertThat(opens(back, "/api/new-addresses", kept).status()).isEqualTo(422);
        assertThat(opens(owner, "/api/new-addresses", kept).status()).isIn(401, 422);
        assertThat(back.get("/api/session").json().toString()).contains(address).doesNotContain(wished);
    }

    @Test
    void aChangedPasswordVoidsTheLinkForAForgottenOne() {
        owner.signUp(address);
        String reset = forgotten();
        assertThat(owner.call(
                                "PUT",
                                "/api/account/password",
                                Map.of("current", PASSWORD, "password", "a-third-long-one"))
                        .status())
                .isEqualTo(204);
        assertThat(opens(Browserlike.fresh(), "/api/password-resets", reset).status())
                .isEqualTo(422);
    }

    @Test
    void aNewAddressVoidsTheLinkForAForgottenPassword() {
        owner.signUp(address);
        String reset = forgotten();
        String wished = newAddress(owner);
        assertThat(opens(owner, "/api/new-addresses", token(wished)).status()).isEqualTo(204);
        assertThat(opens(Browserlike.fresh(), "/api/password-resets", reset).status())
                .isEqualTo(422);
    }

    @Test
    void aLinkForANewAddressIsGoodForTheAccountItWasAskedFrom() {
        owner.signUp(address);
        String wished = newAddress(owner);
        String token = token(wished);
        assertThat(opens(Browserlike.fresh(), "/api/new-addresses", token).status())
                .isEqualTo(401);
        Browserlike other = Browserlike.fresh();
        other.signUp(UUID.randomUUID() + "@quill.example");
        Browserlike.Answer refused = opens(other, "/api/new-addresses", token);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.json().path("detail").asString()).contains("another account");
        assertThat(opens(owner, "/api/new-addresses", token).status()).isEqualTo(204);
        assertThat(owner.get("/api/session").json().toString()).contains(wished);
    }

    @Test
    void aSiteIsHandedOverOnceHoweverOftenTheLinkIsPressedAtOnce() throws Exception {
        String site = owner.site(Browserlike.sheet("Handed Sweeps")).path("id").asString();
        owner.signUp(address);
        String next = UUID.randomUUID() + "@quill.example";
        Browserlike taker = Browserlike.fresh();
        taker.signUp(next);
        assertThat(owner.call("POST", "/api/sites/" + site + "/invitations", Map.of("kind", "HANDOVER", "email", next))
                        .status())
                .isIn(200, 201, 202, 204);
        String token = token(next);
        ExecutorService pressing = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> presses = java.util.Collections.nCopies(
                    8,
                    () -> taker.call("POST", "/api/invitations/" + token, null).status());
            int taken = 0;
            for (Future<Integer> press : pressing.invokeAll(presses)) {
                taken += press.get() == 200 ? 1 : 0;
                assertThat(press.get()).isIn(200, 404);
            }
            assertThat(taken).isOne();
        } finally {
            pressing.shutdown();
        }
    }
}
