package ostium.app.site;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import ostium.app.web.Tokens;

/**
 * The random key of a browser that has made a site before signing up. The browser holds the key in a cookie; only its
 * hash is stored.
 */
final class SiteKey {
    static final String COOKIE = "ostium_key";

    private SiteKey() {}

    /** Hash of the key this request carries. */
    static Optional<String> hash(HttpServletRequest request) {
        if (request.getCookies() == null) {
            return Optional.empty();
        }
        for (Cookie cookie : request.getCookies()) {
            if (cookie.getName().equals(COOKIE) && cookie.getValue().length() >= 40) {
                return Optional.of(Tokens.hash(cookie.getValue()));
            }
        }
        return Optional.empty();
    }

    /** Hash of the key this request carries, or of a new one given with the answer. */
    static String hashOrNew(HttpServletRequest request, HttpServletResponse response) {
        return hash(request).orElseGet(() -> {
            String key = Tokens.fresh();
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(COOKIE, key)
                            .httpOnly(true)
                            .sameSite("Lax")
                            .secure(request.isSecure())
                            .path("/")
                            .maxAge(Duration.ofDays(60))
                            .build()
                            .toString());
            return Tokens.hash(key);
        });
    }
}
