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
        return hash(request).orElseGet(() -> {
            String key = Tokens.fresh();
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(cookie, key)
                            .httpOnly(true)
                            .sameSite("Lax")
                            .secure(request.isSecure())
                            .path("/")
                            .maxAge(lasts)
                            .build()
                            .toString());
            return Tokens.hash(key);
        });
    }
}
