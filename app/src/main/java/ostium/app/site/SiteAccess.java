package ostium.app.site;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.web.Problem;

/** The one place that decides whether a request may touch a site. */
@Component
public class SiteAccess {
    private final SiteService sites;
    private final AccountService accounts;

    SiteAccess(SiteService sites, AccountService accounts) {
        this.sites = sites;
        this.accounts = accounts;
    }

    /**
     * The site, if it belongs to whoever asks.
     *
     * @throws Problem 404 if it does not exist or belongs to somebody else; one cannot be told from the other
     */
    public StoredSite require(String id, HttpServletRequest request) {
        return sites.byId(id).filter(site -> isOf(site, request)).orElseThrow(Problem::notFound);
    }

    /** @throws Problem 401 if nobody is signed in */
    public Account requireAccount() {
        return accounts.current()
                .orElseThrow(() -> new Problem(HttpStatus.UNAUTHORIZED, "", "Sign in, or make an account first."));
    }

    private boolean isOf(StoredSite site, HttpServletRequest request) {
        boolean owned = accounts.current()
                .map(account -> account.id().equals(site.owner()))
                .orElse(false);
        boolean keyed = site.keyHash() != null
                && SiteKey.hash(request).map(site.keyHash()::equals).orElse(false);
        return owned || keyed;
    }
}
