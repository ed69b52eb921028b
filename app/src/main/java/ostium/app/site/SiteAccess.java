package ostium.app.site;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.account.AddressConfirmation;
import ostium.app.web.Problem;

/** The one place that decides whether a request may touch a site. */
@Component
public class SiteAccess {
    private final SiteService sites;
    private final SiteMapper mapper;
    private final AccountService accounts;

    SiteAccess(SiteService sites, SiteMapper mapper, AccountService accounts) {
        this.sites = sites;
        this.mapper = mapper;
        this.accounts = accounts;
    }

    /**
     * The site, if it belongs to whoever asks, or they help with it.
     *
     * @throws Problem 404 if it does not exist or is none of theirs, 401 if that could be because nobody is signed in; one
     *     cannot be told from the other
     */
    public StoredSite require(String id, HttpServletRequest request) {
        return sites.byId(id).filter(site -> mayEdit(site, request)).orElseThrow(this::closed);
    }

    private Problem closed() {
        return accounts.current().isPresent()
                ? Problem.notFound()
                : new Problem(HttpStatus.UNAUTHORIZED, "", "account.signInToSee");
    }

    /**
     * The site, if whoever asks is signed in and owns it.
     *
     * @throws Problem 404 if it is none of theirs, 401 if nobody is signed in, 403 if they only help with it
     */
    public StoredSite requireOwner(String id, HttpServletRequest request) {
        StoredSite site = require(id, request);
        if (!requireAccount().id().equals(site.owner())) {
            throw new Problem(HttpStatus.FORBIDDEN, "", "site.onlyOwner");
        }
        return site;
    }

    /** @throws Problem 401 if nobody is signed in */
    public Account requireAccount() {
        return accounts.current().orElseThrow(() -> new Problem(HttpStatus.UNAUTHORIZED, "", "account.signInOrUp"));
    }

    /** @throws Problem 401 if nobody is signed in, 403 while it is not known that their address is theirs */
    public Account requireConfirmedAccount() {
        return AddressConfirmation.require(requireAccount());
    }

    /** Who edits, as the log names them: the account, or the hash of the browser's key before there is one. */
    public String author(HttpServletRequest request) {
        return accounts.current()
                .map(Account::id)
                .or(() -> SiteKey.OF.hash(request))
                .orElseThrow(this::closed);
    }

    private boolean mayEdit(StoredSite site, HttpServletRequest request) {
        boolean keyed = site.keyHash() != null
                && SiteKey.OF.hash(request).map(site.keyHash()::equals).orElse(false);
        return keyed
                || accounts.current()
                        .map(account ->
                                account.id().equals(site.owner()) || mapper.countHelper(site.id(), account.id()) > 0)
                        .orElse(false);
    }
}
