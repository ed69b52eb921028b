package ostium.app.facts;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SentEdit;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.SiteView;
import ostium.app.site.SiteViews;
import ostium.app.site.StoredSite;
import ostium.app.web.RateLimits;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Keeps what is typed on the facts sheet. */
@RestController
class SheetController {
    private final SiteService sites;
    private final SiteAccess access;
    private final SiteLog log;
    private final SiteViews views;
    private final RateLimits limits;

    SheetController(SiteService sites, SiteAccess access, SiteLog log, SiteViews views, RateLimits limits) {
        this.sites = sites;
        this.access = access;
        this.log = log;
        this.views = views;
        this.limits = limits;
    }

    /** All that the facts sheet shows after an edit, so that nothing of it has to be asked for anew. */
    record KeptSheet(SiteView site, FactsView facts) {}

    /** Takes one edit of the facts sheet and answers the sheet with what was understood of it. */
    @PostMapping("/api/sites/{id}/sheet/edits")
    KeptSheet edit(@PathVariable String id, @RequestBody SentEdit asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        limits.require(RateLimits.Act.EDIT, author);
        log.edit(site, author, asked.revision(), asked.key(), asked.read(request));
        StoredSite now = access.require(id, request);
        State state = sites.state(now);
        SheetReading reading = sites.read(state);
        return new KeptSheet(views.view(now, state, reading), FactsView.of(now.revision(), state, reading));
    }
}
