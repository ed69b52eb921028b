package ostium.app.publishing;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;

@RestController
class PublishingController {
    private final PublishingService publishing;
    private final SiteAccess access;

    PublishingController(PublishingService publishing, SiteAccess access) {
        this.publishing = publishing;
        this.access = access;
    }

    /** @param address free name for a first publication */
    record Publish(String address) {}

    record Published(String publicAddress) {}

    @GetMapping("/api/sites/{id}/publications")
    PublicationsView list(@PathVariable String id, HttpServletRequest request) {
        return publishing.view(access.require(id, request));
    }

    @PostMapping("/api/sites/{id}/publications")
    @ResponseStatus(HttpStatus.CREATED)
    Published publish(@PathVariable String id, @RequestBody Publish asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        access.requireConfirmedAccount();
        return new Published(publishing.publish(site, asked.address()));
    }

    /** Makes an earlier version public again, and the manuscript with it. */
    @PostMapping("/api/sites/{id}/publications/{publication}/put-back")
    Published putBack(@PathVariable String id, @PathVariable long publication, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        access.requireConfirmedAccount();
        return new Published(publishing.putBack(site, access.author(request), publication));
    }

    @DeleteMapping("/api/sites/{id}/publications/live")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unpublish(@PathVariable String id, HttpServletRequest request) {
        publishing.unpublish(access.requireOwner(id, request).id());
    }
}
