package ostium.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/**
 * A random key that a browser holds in a cookie; only its hash is stored.
 *
 * @param cookie name of the cookie
 * @param lasts how long the browser keeps it
 */
public record BrowserKey(String cookie, Duration lasts) {
    private static final int SHORTEST = 40;

    /** Hash of the key this request carries. */
    public Optional<String> hash(HttpServletRequest request) {
        return Optional.ofNullable(request.getCookies())
                .map(Arrays::stream)
                .orElse(Stream.empty())
                .filter(each -> each.getName().equals(cookie) && each.getValue().length() >= SHORTEST)
                .findFirst()
                .map(Cookie::getValue)
                .map(Tokens::hash);
    }

    /** Hash of the key this request carries, or of a new one given with the answer. */
    public String hashOrNew(HttpServletRequest request, HttpServletResponse response) {
        Offered offered = offered(request);
        offered.giveWith(response);
        return offered.hash();
    }

    /** The key this request carries, or a new one the browser does not have yet. */
    public Offered offered(HttpServletRequest request) {
        return hash(request).map(hash -> new Offered(hash, Optional.empty())).orElseGet(() -> {
            String key = Tokens.fresh();
            ResponseCookie given = ResponseCookie.from(cookie, key)
                    .httpOnly(true)
                    .sameSite("Lax")
                    .secure(request.isSecure())
                    .path("/")
                    .maxAge(lasts)
                    .build();
            return new Offered(Tokens.hash(key), Optional.of(given));
        });
    }

    /**
     * A key that is kept by its hash.
     *
     * @param cookie what gives it to the browser; none where it has it already
     */
    public record Offered(String hash, Optional<ResponseCookie> cookie) {
        /** Gives the browser the key, once what it opens is there. */
        public void giveWith(HttpServletResponse response) {
            cookie.ifPresent(each -> response.addHeader(HttpHeaders.SET_COOKIE, each.toString()));
        }
    }
}
