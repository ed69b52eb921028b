package ostium.app.site;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

@RestController
class SiteController {
    private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    private final SiteService sites;
    private final SiteLog log;
    private final SiteAccess access;
    private final AccountService accounts;
    private final PreviewTokens tokens;
    private final Origins origins;
    private final List<SiteOutlook> outlooks;
    private final RateLimits limits;

    SiteController(
            SiteService sites,
            SiteLog log,
            SiteAccess access,
            AccountService accounts,
            PreviewTokens tokens,
            Origins origins,
            List<SiteOutlook> outlooks,
            RateLimits limits) {
        this.sites = sites;
        this.log = log;
        this.access = access;
        this.accounts = accounts;
        this.tokens = tokens;
        this.origins = origins;
        this.outlooks = outlooks;
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
            return view(access.require(asked.id(), request));
        }
        limits.require(RateLimits.Act.NEW_SITE, request.getRemoteAddr());
        Optional<Account> account = accounts.current();
        StoredSite site = account.isPresent()
                ? sites.create(asked.id(), account.get().id(), null)
                : sites.create(asked.id(), null, SiteKey.OF.hashOrNew(request, response));
        return view(site);
    }

    @GetMapping("/api/sites/{id}")
    SiteView show(@PathVariable String id, HttpServletRequest request) {
        return view(access.require(id, request));
    }

    /** Takes one edit of the facts sheet and answers the sheet with what was understood of it. */
    @PostMapping("/api/sites/{id}/sheet/edits")
    SiteView edit(@PathVariable String id, @RequestBody SentEdit asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        limits.require(RateLimits.Act.EDIT, author);
        log.edit(site, author, asked.revision(), asked.key(), asked.read(request));
        return view(access.require(id, request));
    }

    private SiteLine line(StoredSite site) {
        SiteOutlook.Outlook outlook = outlook(site);
        State state = sites.state(site);
        return new SiteLine(
                site.id(),
                state.sheet().name(),
                stage(state, outlook),
                preview(site),
                outlook.addressName(),
                outlook.pendingChanges(),
                outlook.blocking(),
                outlook.newEnquiries(),
                outlook.waitingSince(),
                outlook.bookingsAsked(),
                outlook.publicAddress(),
                isOwner(site));
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

    private String preview(StoredSite site) {
        return origins.preview() + "/" + tokens.give(site.id()) + "/";
    }

    private boolean isOwner(StoredSite site) {
        return site.owner() == null
                || accounts.current()
                        .map(account -> account.id().equals(site.owner()))
                        .orElse(false);
    }

    private SiteOutlook.Outlook outlook(StoredSite site) {
        SiteOutlook.Outlook state = SiteOutlook.Outlook.NOTHING;
        for (SiteOutlook outlook : outlooks) {
            state = outlook.add(site, state);
        }
        return state;
    }

    private SiteView view(StoredSite site) {
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        SiteOutlook.Outlook outlook = outlook(site);
        return new SiteView(
                site.id(),
                site.revision(),
                accounts.current().isPresent(),
                state.sheet().name(),
                state.sheet(),
                reading.answers(),
                reading.missing(),
                SiteView.trade(reading),
                SiteView.head(reading.brief()),
                preview(site),
                outlook.publicAddress(),
                outlook.addressName(),
                outlook.pendingChanges(),
                state.isKept(),
                isOwner(site),
                outlook.newEnquiries(),
                outlook.bookingsAsked());
    }
}
