package ostium.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import ostium.core.base.Messages;

/**
 * Says 503 when the database is away, wherever that is noticed: before any controller, for the session is read from it; in one; and
 * after, for the session is kept while an answer is being written. Browsers wait and try again.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DatabaseAway extends OncePerRequestFilter implements HandlerExceptionResolver {
    private static final String FAILURE = DatabaseAway.class.getName();

    /** Seconds until it is worth asking again. */
    private static final String RETRY_AFTER = "3";

    private static final String WORDS = Messages.of("problem").say("databaseAway");

    /**
     * Whether something failed because the database is away, hangs or has no room left, rather than by a fault of ours. The reason may
     * stand beneath others.
     */
    private static boolean isCauseOf(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof NonTransientDataAccessResourceException
                    || cause instanceof TransientDataAccessException
                    || cause instanceof RecoverableDataAccessException
                    || cause instanceof UncategorizedDataAccessException
                    || cause instanceof TransactionException) {
                return true;
            }
        }
        return false;
    }

    /** What a controller met, or the writing of its answer, is told by the filter, where no session is kept any more. */
    @Override
    public ModelAndView resolveException(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        if (!isCauseOf(failure)) {
            return null;
        }
        request.setAttribute(FAILURE, failure);
        return new ModelAndView();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            if (response.isCommitted() || !isCauseOf(e)) {
                throw e;
            }
            request.setAttribute(FAILURE, e);
        }
        if (request.getAttribute(FAILURE) instanceof Exception failure && !response.isCommitted()) {
            answer(response, failure);
        }
    }

    private static void answer(HttpServletResponse response, Exception failure) throws IOException {
        LoggerFactory.getLogger(DatabaseAway.class).warn("the database is away: {}", failure.getMessage());
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", RETRY_AFTER);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write("{\"status\":503,\"title\":\"Service Unavailable\",\"detail\":\"" + WORDS + "\"}");
    }
}
