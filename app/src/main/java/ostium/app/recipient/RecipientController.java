package ostium.app.recipient;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;

@RestController
class RecipientController {
    private final ConfirmedRecipients recipients;
    private final SiteService sites;
    private final AccountService accounts;
    private final SiteAccess access;
    private final RateLimits limits;

    RecipientController(
            ConfirmedRecipients recipients,
            SiteService sites,
            AccountService accounts,
            SiteAccess access,
            RateLimits limits) {
        this.recipients = recipients;
        this.sites = sites;
        this.accounts = accounts;
        this.access = access;
        this.limits = limits;
    }

    record Ask(String email) {}

    /**
     * @param site name of the business whose messages come
     * @param from who asked for it
     */
    record RecipientView(String site, String from, String email) {}

    /** Addresses that are set, and have not said yes so far. */
    @GetMapping("/api/sites/{id}/recipients/waiting")
    List<ConfirmedRecipients.Waiting> waiting(@PathVariable String id, HttpServletRequest request) {
        return recipients.waiting(access.require(id, request));
    }

    @PostMapping("/api/sites/{id}/recipients/asked")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void ask(@PathVariable String id, @RequestBody Ask asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        access.requireConfirmedAccount();
        limits.require(RateLimits.Act.MAIL, request.getRemoteAddr());
        recipients.again(site, asked.email());
    }

    @GetMapping("/api/recipients/{token}")
    RecipientView show(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        Recipient recipient = recipients.require(token);
        StoredSite site = sites.byId(recipient.site()).orElseThrow(Problem::notFound);
        return new RecipientView(
                sites.state(site).sheet().name(),
                accounts.byId(site.owner()).map(Account::name).orElse(""),
                recipient.email());
    }

    @PostMapping("/api/recipients/{token}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void confirm(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        recipients.confirm(token);
    }
}
