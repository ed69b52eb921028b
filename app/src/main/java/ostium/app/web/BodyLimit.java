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
    static final String WORDS = "This is more than 8 MB. Send a smaller file, or paste the part that matters.";
    private static final long LARGEST = 9L * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean unsaid = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (request.getContentLengthLong() > LARGEST || unsaid) {
            response.setStatus(unsaid ? 411 : 413);
            response.setContentType("application/problem+json");
            response.getOutputStream()
                    .write(("{\"status\":" + response.getStatus() + ",\"detail\":\"" + WORDS + "\"}")
                            .getBytes(StandardCharsets.UTF_8));
            return;
        }
        chain.doFilter(request, response);
    }
}
