package ostium.app.editing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.edit.Edit;
import ostium.core.edit.EditRefused;

/** Applies edits that are made here, and answers every edit with the manuscript and what the shopfront has to change. */
@Component
class EditAnswers {
    private final SiteService sites;
    private final SiteAccess access;
    private final SiteLog log;
    private final ManuscriptService manuscripts;
    private final Drawing drawing;
    private final RateLimits limits;

    EditAnswers(
            SiteService sites,
            SiteAccess access,
            SiteLog log,
            ManuscriptService manuscripts,
            Drawing drawing,
            RateLimits limits) {
        this.sites = sites;
        this.access = access;
        this.log = log;
        this.manuscripts = manuscripts;
        this.drawing = drawing;
        this.limits = limits;
    }

    /** Makes an edit, or refuses to. */
    interface Making {
        Edit edit();
    }

    /**
     * Makes and applies an edit.
     *
     * @param shown revision the shopfront shows
     * @throws Problem 422 with the reason when it is refused
     */
    EditAnswer apply(StoredSite site, long shown, HttpServletRequest request, Making making) {
        String author = access.author(request);
        limits.require(RateLimits.Act.EDIT, author);
        try {
            SiteLog.Done done =
                    log.edit(site, author, site.revision(), UUID.randomUUID().toString(), making.edit());
            return answer(site, author, shown, done);
        } catch (EditRefused refused) {
            throw Problem.worded("", refused.getMessage());
        }
    }

    EditAnswer answer(StoredSite site, String author, long shown, SiteLog.Done done) {
        StoredSite now = again(site);
        return new EditAnswer(
                manuscripts.view(now, author),
                drawing.between(site.id(), Math.min(Math.max(1, shown), now.revision()), now.revision()),
                done.aside(),
                done.told());
    }

    StoredSite again(StoredSite site) {
        return sites.byId(site.id()).orElseThrow(Problem::notFound);
    }
}
