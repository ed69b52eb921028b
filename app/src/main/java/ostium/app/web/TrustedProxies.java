package ostium.app.web;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;

/**
 * The one place that says who a client is. Behind a proxy of ours it is who the proxy says (X-Forwarded-For), asked in the way
 * the proxy was asked (X-Forwarded-Proto): limits, cookies and HSTS follow. From anybody else these headers say nothing.
 */
@Component
@Order(TrustedProxies.FIRST)
class TrustedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** Before whatever counts by client. On a class, since customizers are not ordered by the methods that make them. */
    static final int FIRST = 1;

    private final OstiumProperties properties;

    TrustedProxies(OstiumProperties properties) {
        this.properties = properties;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!properties.trustedProxies().isBlank()) {
            factory.addEngineValves(valve(properties.trustedProxies()));
        }
    }

    private static RemoteIpValve valve(String addresses) {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(Arrays.stream(addresses.split(","))
                .map(TrustedProxies::asTomcatSaysIt)
                .map(Pattern::quote)
                .collect(Collectors.joining("|")));
        valve.setTrustedProxies(null);
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        return valve;
    }

    /** @throws IllegalStateException if it is no address */
    private static String asTomcatSaysIt(String address) {
        if (!address.strip().matches("[0-9a-fA-F.:]+")) {
            throw new IllegalStateException("ostium.trusted-proxies: " + address.strip() + " is no address");
        }
        try {
            return InetAddress.getByName(address.strip()).getHostAddress();
        } catch (UnknownHostException e) {
            throw new IllegalStateException("ostium.trusted-proxies: " + address.strip() + " is no address", e);
        }
    }
}
