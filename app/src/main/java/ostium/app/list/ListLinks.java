package ostium.app.list;

import org.springframework.stereotype.Component;
import ostium.app.publishing.PublishedVersions;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;

/** Where the mails of a list lead: to the site, and to us as long as it is not public. */
@Component
public class ListLinks {
    /** What the paths begin with, on every host. */
    public static final String PATH = "/_ostium/list/";

    public static final String CONFIRM = "confirm/";
    public static final String LEAVE = "leave/";

    private final PublishedVersions versions;
    private final Origins origins;

    ListLinks(PublishedVersions versions, Origins origins) {
        this.versions = versions;
        this.origins = origins;
    }

    String confirm(StoredSite site, String token) {
        return base(site) + CONFIRM + token;
    }

    String leave(StoredSite site, ListMember member) {
        return base(site) + LEAVE + member.leaveToken();
    }

    private String base(StoredSite site) {
        return versions.liveAddress(site.id()).orElse(origins.editor()) + PATH;
    }
}
