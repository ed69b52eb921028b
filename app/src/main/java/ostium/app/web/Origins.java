package ostium.app.web;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;

/** The addresses of this installation: the editor's, the preview's, and those of public sites. */
@Component
public class Origins {
    /** Name under the sites' domain where previews stand; no site can have it. */
    public static final String PREVIEW = "preview";

    private final OstiumProperties properties;
    private final Environment environment;

    Origins(OstiumProperties properties, Environment environment) {
        this.properties = properties;
        this.environment = environment;
    }

    public String editor() {
        return properties.scheme() + "://" + properties.editorHost() + port();
    }

    /** Origins that may show a preview: the editor's, and that of an interface being worked on. */
    public String editors() {
        return (editor() + " " + properties.devOrigin()).strip();
    }

    public String preview() {
        return site(host(PREVIEW));
    }

    /** Origin of a public host, such as {@code http://ashlatch.localhost:8080}. */
    public String site(String host) {
        return properties.scheme() + "://" + host + port();
    }

    /** Host of a free name: {@code ashlatch} is at {@code ashlatch.localhost}. */
    public String host(String name) {
        return name + "." + properties.sitesDomain();
    }

    public String sitesDomain() {
        return properties.sitesDomain();
    }

    public boolean isEditor(String host) {
        return host.equals(properties.editorHost()) || host.equals("127.0.0.1") || host.equals("[::1]");
    }

    private String port() {
        int port = properties.publicPort();
        if (port == 0) {
            port = environment.getProperty("local.server.port", Integer.class, 0);
        }
        boolean usual = properties.scheme().equals("https") ? port == 443 : port == 80;
        return usual || port == 0 ? "" : ":" + port;
    }
}
