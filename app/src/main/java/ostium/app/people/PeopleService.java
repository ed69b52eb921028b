package ostium.app.people;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.account.AddressConfirmation;
import ostium.app.mail.Mail;
import ostium.app.mail.MailQueue;
import ostium.app.recipient.ConfirmedRecipients;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.door.Doors;
import ostium.core.edit.Edit;
import ostium.core.edit.WholeEdit;
import ostium.core.fact.EmailAddress;

/** Invites helpers, hands sites over. A helper does all that an owner does, but for this and deleting the site. */
@Service
public class PeopleService {
    private static final Messages WORDS = Messages.of("account-mail");
    private static final Duration VALID = Duration.ofDays(14);

    private final PeopleMapper people;
    private final AccountService accounts;
    private final AddressConfirmation confirmation;
    private final SiteService sites;
    private final SiteLog log;
    private final ConfirmedRecipients recipients;
    private final MailQueue mail;
    private final Origins origins;
    private final Clock clock;

    PeopleService(
            PeopleMapper people,
            AccountService accounts,
            AddressConfirmation confirmation,
            SiteService sites,
            SiteLog log,
            ConfirmedRecipients recipients,
            MailQueue mail,
            Origins origins,
            Clock clock) {
        this.people = people;
        this.accounts = accounts;
        this.confirmation = confirmation;
        this.sites = sites;
        this.log = log;
        this.recipients = recipients;
        this.mail = mail;
        this.origins = origins;
        this.clock = clock;
    }

    List<PeopleMapper.Helper> helpers(String site) {
        return people.helpers(site);
    }

    List<Invitation> invitations(String site) {
        return people.invitations(site);
    }

    /**
     * Asks somebody by mail; asked again, the older mail is void.
     *
     * @throws Problem at {@code email}
     */
    @Transactional
    void invite(StoredSite site, Account owner, Invitation.Kind kind, String email) {
        Reading<EmailAddress> reading = EmailAddress.read(email == null ? "" : email);
        if (reading instanceof Reading.Refused<EmailAddress> refused) {
            throw Problem.worded("email", refused.reason());
        }
        String address = reading.value().orElseThrow().value().toLowerCase(Locale.ROOT);
        if (address.equals(owner.email())) {
            throw Problem.at("email", "people.yourself");
        }
        boolean helps = people.helpers(site.id()).stream()
                .anyMatch(helper -> helper.email().equals(address));
        if (kind == Invitation.Kind.HELP && helps) {
            throw Problem.at("email", "people.already");
        }
        people.deleteInvitation(site.id(), address, kind);
        String token = Tokens.fresh();
        people.insertInvitation(
                Tokens.hash(token),
                site.id(),
                kind,
                address,
                owner.id(),
                clock.instant().plus(VALID));
        String name = sites.state(site).sheet().name();
        String link = origins.editor() + "/invitation/" + token;
        String words = kind == Invitation.Kind.HELP ? "help" : "hand-over";
        mail.send(Mail.of(
                        address,
                        WORDS.say(words + ".subject", owner.name(), name),
                        WORDS.say(words + ".body", owner.name(), name, link) + "\n")
                .withButton(WORDS.say(words + ".button"), link)
                .of(Mail.About.site(site.id())));
    }

    /** Takes an invitation back. */
    @Transactional
    void takeBack(String site, String email, Invitation.Kind kind) {
        if (people.deleteInvitation(site, email, kind) == 0) {
            throw Problem.notFound();
        }
    }

    /**
     * Who helps no longer is told of no more messages either. Where nobody else is, the owner is from now on.
     *
     * @param author account that takes the helper off
     */
    @Transactional
    void removeHelper(StoredSite site, String account, String author) {
        if (people.deleteHelper(site.id(), account) == 0) {
            throw Problem.notFound();
        }
        String email = accounts.byId(account).map(Account::email).orElse("");
        String instead = accounts.byId(site.owner()).map(Account::email).orElse(email);
        tell(site, author, doors -> doors.toldWithout(email, instead));
        recipients.forget(site.id(), email);
        sites.endPreviews(site.id());
    }

    /** @throws Problem 404 when it is not good any more */
    Invitation require(String token) {
        return people.invitation(Tokens.hash(token))
                .filter(invitation -> invitation.expiresAt().isAfter(clock.instant()))
                .orElseThrow(PeopleService::over);
    }

    private static Problem over() {
        return new Problem(HttpStatus.NOT_FOUND, "", "people.invitationOver");
    }

    /**
     * Says yes.
     *
     * @return the site
     * @throws Problem 404 when it is not good any more, 403 when it was sent to somebody else
     */
    @Transactional
    String accept(String token, Account account) {
        Invitation invitation = require(token);
        if (!invitation.email().equals(account.email())) {
            throw new Problem(HttpStatus.FORBIDDEN, "", "people.otherAddress", invitation.email());
        }
        StoredSite site = sites.byId(invitation.site())
                .filter(found -> invitation.invitedBy().equals(found.owner()))
                .orElseThrow(Problem::notFound);
        // Whoever takes it out of the table has it: pressed twice at once, it is taken once.
        if (people.deleteInvitation(site.id(), invitation.email(), invitation.kind()) == 0) {
            throw over();
        }
        confirmation.confirmed(account.id());
        if (invitation.kind() == Invitation.Kind.HELP) {
            people.insertHelper(site.id(), account.id());
        } else {
            handOver(site, account);
        }
        return site.id();
    }

    /** Lets an account help with a site, as one whose invitation was taken. */
    public void lets(String site, String account) {
        people.insertHelper(site, account);
    }

    private void handOver(StoredSite site, Account account) {
        Account before = accounts.byId(site.owner()).orElseThrow(Problem::notFound);
        sites.give(site.id(), account.id());
        people.deleteHelper(site.id(), account.id());
        people.insertHelper(site.id(), before.id());
        tell(site, account.id(), doors -> doors.toldInstead(before.email(), account.email()));
    }

    private void tell(StoredSite site, String author, UnaryOperator<Doors> change) {
        Doors before = sites.state(site).doors();
        Doors after = change.apply(before);
        List<Edit> edits = new ArrayList<>();
        if (!after.messagesTo().equals(before.messagesTo())) {
            edits.add(new WholeEdit.SendMessagesTo(after.messagesTo()));
        }
        before.routes().keySet().stream()
                .filter(section -> !after.routes(section).equals(before.routes(section)))
                .map(section -> new WholeEdit.SetRoutes(section, after.routes(section)))
                .forEach(edits::add);
        if (!edits.isEmpty()) {
            log.edit(site, author, site.revision(), UUID.randomUUID().toString(), new WholeEdit.Several(edits));
        }
    }

    @Scheduled(initialDelay = 120_000, fixedDelay = 3_600_000)
    void sweep() {
        people.sweep();
    }
}
