package ostium.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Turns a request away before it is read when it says it is larger than anything the interface sends. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class BodyLimit extends OncePerRequestFilter {
    private static final String WORDS = "This is more than 8 MB. Send a smaller file, or paste the part that matters.";
    private static final String FILE_WORDS =
            "This is more than 20 MB. Make the picture smaller, or save the PDF for the screen, and give that.";
    private static final long LARGEST = 9L * 1024 * 1024;
    private static final long LARGEST_FILE = 21L * 1024 * 1024;

    /** What is said of a body that is too large, by where it was sent. */
    static String words(HttpServletRequest request) {
        return isFile(request) ? FILE_WORDS : WORDS;
    }

    private static boolean isFile(HttpServletRequest request) {
        return request.getRequestURI().matches("/api/sites/[^/]+/files");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean unsaid = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (request.getContentLengthLong() > (isFile(request) ? LARGEST_FILE : LARGEST) || unsaid) {
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
