package ostium.app;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of an installation.
 *
 * @param editorHost host name owners work at
 * @param sitesDomain domain under which public sites get their names; another registrable domain than the editor's
 * @param scheme {@code http} or {@code https}, as visitors see it
 * @param publicPort port as visitors see it, 0 for the port the server listens on
 * @param sitesPerHour sites one address may begin in an hour
 * @param signUpsPerHour accounts one address may make in an hour
 * @param wrongSignIns wrong passwords, to whatever accounts, that may come from one address before each next one has to wait
 * @param mailsPerHour mails one address may have us send in an hour: forgotten passwords, invitations, replies
 * @param enquiriesPerTenMinutes messages one address may send to one site in ten minutes
 * @param bookingsPerTenMinutes times one address may hold, take, move or call off at one site in ten minutes
 * @param patienceWithBodies how long a body may take before it is asked to come at a pace
 * @param timePerRequest how long one request may keep a processor busy
 * @param mailFrom address that mail from Ostium comes from
 * @param trustedProxies network addresses of proxies that stand before this, with commas between; what they say of a client is
 *     believed
 * @param askThisMachine whether files may be asked of this machine itself, where the stand-ins are; the demo may
 * @param demo whether demo data are loaded at the start
 * @param devOrigin origin of an interface that is being worked on, which may show previews too; empty in production
 */
@ConfigurationProperties("ostium")
public record OstiumProperties(
        @DefaultValue("localhost") String editorHost,
        @DefaultValue("localhost") String sitesDomain,
        @DefaultValue("http") String scheme,
        @DefaultValue("0") int publicPort,
        @DefaultValue("30") int sitesPerHour,
        @DefaultValue("10") int signUpsPerHour,
        @DefaultValue("50") int wrongSignIns,
        @DefaultValue("20") int mailsPerHour,
        @DefaultValue("20") int enquiriesPerTenMinutes,
        @DefaultValue("40") int bookingsPerTenMinutes,
        @DefaultValue("20s") Duration patienceWithBodies,
        @DefaultValue("10s") Duration timePerRequest,
        @DefaultValue("no-reply@ostium.example") String mailFrom,
        @DefaultValue("") String trustedProxies,
        @DefaultValue("false") boolean askThisMachine,
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String devOrigin) {

    /** @throws IllegalStateException if public sites could read what belongs to the editor */
    public OstiumProperties {
        boolean together = editorHost.equals(sitesDomain)
                || editorHost.endsWith("." + sitesDomain)
                || sitesDomain.endsWith("." + editorHost);
        if (together && !sitesDomain.equals("localhost")) {
            throw new IllegalStateException("ostium.sites-domain (" + sitesDomain
                    + ") must be another domain than ostium.editor-host (" + editorHost + ")");
        }
    }
}
