package ostium.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import ostium.core.base.Messages;

/**
 * Says 503 when the database is away, also where that is noticed before any controller: the session is read from it.
 * Browsers wait and try again.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DatabaseAway extends OncePerRequestFilter {
    /** Seconds until it is worth asking again. */
    static final String RETRY_AFTER = "3";

    static final String WORDS = Messages.of("problem").say("databaseAway");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DataAccessException | TransactionException e) {
            if (response.isCommitted()) {
                throw e;
            }
            LoggerFactory.getLogger(DatabaseAway.class).warn("the database is away: {}", e.getMessage());
            response.reset();
            response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
            response.setHeader("Retry-After", RETRY_AFTER);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setCharacterEncoding("UTF-8");
            response.getWriter()
                    .write("{\"status\":503,\"title\":\"Service Unavailable\",\"detail\":\"" + WORDS + "\"}");
        }
    }
}
