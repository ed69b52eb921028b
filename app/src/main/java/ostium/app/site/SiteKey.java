package ostium.app.site;

import java.time.Duration;
import ostium.app.web.BrowserKey;

/** The key of a browser that has made a site before signing up. */
final class SiteKey {
    static final BrowserKey OF = new BrowserKey("ostium_key", Duration.ofDays(60));

    private SiteKey() {}
}
