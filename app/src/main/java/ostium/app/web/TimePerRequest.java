package ostium.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import ostium.app.OstiumProperties;
import ostium.core.base.TimeBudget;

/** No request keeps a processor busy for longer than is set; what core has begun for it is given up then, and {@link Problems} says so. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class TimePerRequest extends OncePerRequestFilter {
    private final OstiumProperties properties;

    TimePerRequest(OstiumProperties properties) {
        this.properties = properties;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        TimeBudget.begin(properties.timePerRequest());
        try {
            chain.doFilter(request, response);
        } finally {
            TimeBudget.end();
        }
    }
}
