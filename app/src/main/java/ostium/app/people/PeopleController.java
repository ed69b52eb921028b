package ostium.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.AccountService;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.edit.State;
import ostium.core.enquiry.Recipients;

@RestController
class PeopleController {
    private final PeopleService people;
    private final SiteService sites;
    private final SiteAccess access;
    private final AccountService accounts;
    private final RateLimits limits;

    PeopleController(
            PeopleService people, SiteService sites, SiteAccess access, AccountService accounts, RateLimits limits) {
        this.people = people;
        this.sites = sites;
        this.access = access;
        this.accounts = accounts;
        this.limits = limits;
    }

    /**
     * @param owner name of whom it belongs to, empty before sign-up
     * @param told addresses that messages go to
     * @param texted telephones that are texted of messages
     */
    record PeopleView(
            String owner, List<PeopleMapper.Helper> helpers, List<Asked> asked, Set<String> told, Set<String> texted) {}

    record Asked(String email, Invitation.Kind kind) {}

    record Invite(String email, Invitation.Kind kind) {}

    record InvitationView(String site, String from, String email, Invitation.Kind kind) {}

    record Accepted(String site) {}

    @GetMapping("/api/sites/{id}/people")
    PeopleView show(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String owner = site.owner() == null
                ? ""
                : accounts.byId(site.owner()).map(account -> account.name()).orElse("");
        State state = sites.state(site);
        return new PeopleView(
                owner,
                people.helpers(id),
                people.invitations(id).stream()
                        .map(invitation -> new Asked(invitation.email(), invitation.kind()))
                        .toList(),
                Recipients.mailsOf(state.doors()),
                Recipients.numbersOf(state.doors(), state.sheet().region()));
    }

    @PostMapping("/api/sites/{id}/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    void invite(@PathVariable String id, @RequestBody Invite asked, HttpServletRequest request) {
        StoredSite site = access.requireOwner(id, request);
        if (asked.kind() == null) {
            throw Problem.at("kind", "people.kind");
        }
        limits.require(RateLimits.Act.MAIL, request.getRemoteAddr());
        people.invite(site, access.requireConfirmedAccount(), asked.kind(), asked.email());
    }

    @DeleteMapping("/api/sites/{id}/invitations/{kind}/{email}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(
            @PathVariable String id,
            @PathVariable Invitation.Kind kind,
            @PathVariable String email,
            HttpServletRequest request) {
        people.takeBack(access.requireOwner(id, request).id(), email, kind);
    }

    /** An owner takes a helper off, or a helper leaves. */
    @DeleteMapping("/api/sites/{id}/helpers/{account}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeHelper(@PathVariable String id, @PathVariable String account, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.requireAccount().id();
        if (!author.equals(account)) {
            access.requireOwner(id, request);
        }
        people.removeHelper(site, account, author);
    }

    @GetMapping("/api/invitations/{token}")
    InvitationView invitation(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        Invitation invitation = people.require(token);
        StoredSite site = sites.byId(invitation.site()).orElseThrow(Problem::notFound);
        return new InvitationView(
                sites.state(site).sheet().name(),
                accounts.byId(invitation.invitedBy())
                        .map(account -> account.name())
                        .orElse(""),
                invitation.email(),
                invitation.kind());
    }

    @PostMapping("/api/invitations/{token}")
    Accepted accept(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        return new Accepted(people.accept(token, access.requireAccount()));
    }

    @DeleteMapping("/api/sites/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, HttpServletRequest request) {
        sites.delete(access.requireOwner(id, request).id());
    }
}
