package ostium.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import ostium.core.base.Messages;

/** Turns a request away before it is read when it says it is larger than anything the interface sends. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class BodyLimit extends OncePerRequestFilter {
    private static final Messages WORDS = Messages.of("problem");
    private static final int MEGABYTE = 1024 * 1024;

    /** How much may be sent to some places, the first that fits; a little more than what is said, for what stands around it. */
    private static final List<Limit> LIMITS = List.of(
            new Limit("/api/sites/[^/]+/files", 21L * MEGABYTE, "tooLarge.file"),
            new Limit("/api/sites/[^/]+/paste(/file)?", 9L * MEGABYTE, "tooLarge.paste"),
            new Limit("/api/sites/[^/]+/diary/calendars", 11L * MEGABYTE, "tooLarge.calendar"),
            new Limit("/api/sites/[^/]+/list/people", 5L * MEGABYTE, "tooLarge.people"),
            new Limit(".*", MEGABYTE, "tooLarge.any"));

    /** @param key of the message that is said */
    private record Limit(String path, long bytes, String key) {}

    private static Limit limit(HttpServletRequest request) {
        return LIMITS.stream()
                .filter(limit -> request.getRequestURI().matches(limit.path()))
                .findFirst()
                .orElseThrow();
    }

    /** What is said of a body that is too large, by where it was sent. */
    static String words(HttpServletRequest request) {
        return WORDS.say(limit(request).key());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean unsaid = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (request.getContentLengthLong() > limit(request).bytes() || unsaid) {
            response.setStatus(unsaid ? 411 : 413);
            response.setContentType("application/problem+json");
            response.getOutputStream()
                    .write(("{\"status\":" + response.getStatus() + ",\"detail\":\"" + words(request) + "\"}")
                            .getBytes(StandardCharsets.UTF_8));
            return;
        }
        chain.doFilter(request, response);
    }
}
