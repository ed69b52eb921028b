package ostium.app.site;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.web.BrowserKey;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.edit.State;

@RestController
class SiteController {
    private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    private final SiteService sites;
    private final SiteAccess access;
    private final AccountService accounts;
    private final SiteViews views;
    private final RateLimits limits;

    SiteController(SiteService sites, SiteAccess access, AccountService accounts, SiteViews views, RateLimits limits) {
        this.sites = sites;
        this.access = access;
        this.accounts = accounts;
        this.views = views;
        this.limits = limits;
    }

    /** How far a site has come. */
    enum Stage {
        /** Facts are still missing for a first page. */
        FACTS,
        /** Drafts can be looked at; none is kept. */
        DRAFTS,
        KEPT,
        PUBLIC
    }

    /**
     * A line of the list of sites.
     *
     * @param preview address of its preview
     * @param addressName free name it has or could have
     * @param blocking how many things have to be put right before it can be public
     * @param waitingSince when the first message that nobody has answered came, or null
     * @param bookingsAsked bookings that wait for the owner's answer
     */
    record SiteLine(
            String id,
            String name,
            Stage stage,
            String preview,
            String addressName,
            int pendingChanges,
            int blocking,
            int newEnquiries,
            @Schema(nullable = true) Instant waitingSince,
            int bookingsAsked,
            @Schema(types = {"string", "null"}) String publicAddress,
            boolean owner) {}

    /** @param id name of the new site, a UUID made in the browser: the same one asked for twice is one site */
    record Begin(String id) {}

    @GetMapping("/api/sites")
    List<SiteLine> list(HttpServletRequest request) {
        List<StoredSite> mine = accounts.current()
                .map(account -> sites.ofAccount(account.id()))
                .orElseGet(() -> SiteKey.OF.hash(request).map(sites::ofKey).orElse(List.of()));
        return mine.stream().map(this::line).toList();
    }

    @PostMapping("/api/sites")
    @ResponseStatus(HttpStatus.CREATED)
    SiteView create(@RequestBody Begin asked, HttpServletRequest request, HttpServletResponse response) {
        if (asked.id() == null || !UUID.matcher(asked.id()).matches()) {
            throw new Problem(HttpStatus.BAD_REQUEST, "id", "site.id");
        }
        if (sites.byId(asked.id()).isPresent()) {
            return views.view(access.require(asked.id(), request));
        }
        limits.require(RateLimits.Act.NEW_SITE, request.getRemoteAddr());
        try {
            return views.view(begun(asked.id(), request, response));
        } catch (DuplicateKeyException e) {
            // Asked for twice at once: the other has made it.
            return views.view(access.require(asked.id(), request));
        }
    }

    private StoredSite begun(String id, HttpServletRequest request, HttpServletResponse response) {
        Optional<Account> account = accounts.current();
        if (account.isPresent()) {
            return sites.create(id, account.get().id(), null);
        }
        BrowserKey.Offered key = SiteKey.OF.offered(request);
        StoredSite site = sites.create(id, null, key.hash());
        key.giveWith(response);
        return site;
    }

    @GetMapping("/api/sites/{id}")
    SiteView show(@PathVariable String id, HttpServletRequest request) {
        return views.view(access.require(id, request));
    }

    private SiteLine line(StoredSite site) {
        SiteOutlook.Outlook outlook = views.outlook(site);
        State state = sites.state(site);
        return new SiteLine(
                site.id(),
                state.sheet().name(),
                stage(state, outlook),
                views.preview(site),
                outlook.addressName(),
                outlook.pendingChanges(),
                outlook.blocking(),
                outlook.newEnquiries(),
                outlook.waitingSince(),
                outlook.bookingsAsked(),
                outlook.publicAddress(),
                views.isOwner(site));
    }

    private Stage stage(State state, SiteOutlook.Outlook outlook) {
        if (outlook.publicAddress() != null) {
            return Stage.PUBLIC;
        }
        if (state.isKept()) {
            return Stage.KEPT;
        }
        return sites.read(state).missing().isEmpty() ? Stage.DRAFTS : Stage.FACTS;
    }
}
