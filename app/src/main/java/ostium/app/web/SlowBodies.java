package ostium.app.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;

/**
 * The one place that says how long the body of a request may take, and how many a client may send at once: whoever sends slowly
 * holds a thread for a while only, and never many. What nobody asked for is read to its end here as well, since the server would
 * wait for it without a limit.
 */
@Component
@Order(TrustedProxies.FIRST + 1)
class SlowBodies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /**
     * Bodies of one client that have not come whole yet: of the threads there are, less than a third. A browser sends six, a school
     * behind one address some dozens.
     */
    private static final int MOST_AT_ONCE = 128;

    /**
     * Bodies of all clients together that have not come whole yet. The threads beyond these are for whoever only reads: public pages
     * are answered while many machines send slowly.
     */
    private static final int MOST_OF_ALL = 256;

    /** What all clients together are counted under. */
    private static final String ALL = "";

    private final OstiumProperties properties;

    SlowBodies(OstiumProperties properties) {
        this.properties = properties;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new Gate(properties.patienceWithBodies()));
    }

    private static final class Gate extends ValveBase {
        private final Duration patience;
        private final ConcurrentHashMap<String, Integer> sending = new ConcurrentHashMap<>();

        Gate(Duration patience) {
            super(true);
            this.patience = patience;
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            if (request.getContentLengthLong() == 0
                    || request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null) {
                getNext().invoke(request, response);
                return;
            }
            String client = request.getRemoteAddr();
            if (!enters(client)) {
                request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
                response.setHeader("Retry-After", "10");
                response.setStatus(429);
                return;
            }
            org.apache.coyote.Request below = request.getCoyoteRequest();
            InputBuffer buffer = below.getInputBuffer();
            BodyInTime inTime = new BodyInTime(buffer, below, patience, () -> leave(client));
            below.setInputBuffer(inTime);
            try {
                getNext().invoke(request, response);
                // Whoever asked first whether to send at all, and was not told to, sends nothing.
                if (!request.isAsync() && !below.hasExpectation()) {
                    inTime.drain();
                }
            } finally {
                below.setInputBuffer(buffer);
                inTime.end();
            }
        }

        /** Whether one more may be sent; counts it if so. */
        private boolean enters(String client) {
            boolean room = sending.merge(client, 1, Integer::sum) <= MOST_AT_ONCE
                    & sending.merge(ALL, 1, Integer::sum) <= MOST_OF_ALL;
            if (!room) {
                leave(client);
            }
            return room;
        }

        private void leave(String client) {
            sending.computeIfPresent(client, (who, count) -> count > 1 ? count - 1 : null);
            sending.computeIfPresent(ALL, (who, count) -> count > 1 ? count - 1 : null);
        }
    }
}
