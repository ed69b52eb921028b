package ostium.app.recipient;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.mail.Mail;
import ostium.app.mail.MailQueue;
import ostium.app.site.FactsOrDoorsChanged;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.edit.State;
import ostium.core.enquiry.Recipients;

/**
 * Which of the addresses an owner has set are told of messages: those that have said yes, the owner and the helpers. The others are
 * asked by mail as soon as they are set. Where nobody is left, the owner is told, so that no message waits unseen.
 */
@Service
public class ConfirmedRecipients {
    private static final Messages WORDS = Messages.of("account-mail");

    /** So that nobody has us write to half the world: mails in a day that ask for one site, and pauses for one address. */
    private static final int MOST_ASKED = 20;

    private static final Duration PAUSE = Duration.ofHours(1);

    private final RecipientMapper recipients;
    private final SiteService sites;
    private final AccountService accounts;
    private final MailQueue mail;
    private final Origins origins;
    private final Clock clock;

    ConfirmedRecipients(
            RecipientMapper recipients,
            SiteService sites,
            AccountService accounts,
            MailQueue mail,
            Origins origins,
            Clock clock) {
        this.recipients = recipients;
        this.sites = sites;
        this.accounts = accounts;
        this.mail = mail;
        this.origins = origins;
        this.clock = clock;
    }

    /** Those of some addresses that are told; the owner where none of them is. */
    public List<String> among(String site, List<String> addresses) {
        if (addresses.isEmpty()) {
            return List.of();
        }
        List<RecipientMapper.Trusted> trusted = recipients.trusted(site);
        List<String> told = addresses.stream()
                .filter(address ->
                        trusted.stream().anyMatch(each -> each.email().equals(address)))
                .toList();
        return told.isEmpty()
                ? trusted.stream()
                        .filter(RecipientMapper.Trusted::owner)
                        .map(RecipientMapper.Trusted::email)
                        .toList()
                : told;
    }

    /** Where the messages of a site go. */
    public List<String> of(String site, State state) {
        return among(site, state.doors().messagesTo());
    }

    /** Where answers to a mail of a site go; null where its messages go nowhere. */
    public String first(String site, State state) {
        return of(site, state).stream().findFirst().orElse(null);
    }

    /**
     * An address that is set and has not said yes.
     *
     * @param askedAt when it was last asked, or null
     */
    public record Waiting(String email, Instant askedAt) {}

    /** Who is set and has not said yes, by address. */
    List<Waiting> waiting(StoredSite site) {
        Map<String, Recipient> asked =
                recipients.ofSite(site.id()).stream().collect(Collectors.toMap(Recipient::email, Function.identity()));
        return untrusted(site.id(), sites.state(site)).stream()
                .map(email -> new Waiting(
                        email,
                        Optional.ofNullable(asked.get(email))
                                .map(Recipient::askedAt)
                                .orElse(null)))
                .toList();
    }

    private Set<String> untrusted(String site, State state) {
        Set<String> set = new TreeSet<>(Recipients.mailsOf(state.doors()));
        recipients.trusted(site).forEach(each -> set.remove(each.email()));
        return set;
    }

    /** Asks whoever is set anew, by mail. */
    @EventListener
    @Transactional
    public void changed(FactsOrDoorsChanged changed) {
        Set<String> set = Recipients.mailsOf(changed.state().doors());
        if (Recipients.mailsOf(changed.before().doors()).containsAll(set)) {
            return;
        }
        Set<String> asked = recipients.ofSite(changed.site()).stream()
                .filter(recipient -> recipient.askedAt() != null)
                .map(Recipient::email)
                .collect(Collectors.toSet());
        untrusted(changed.site(), changed.state()).stream()
                .filter(email -> !asked.contains(email))
                .forEach(email -> ask(changed.site(), changed.state(), email));
    }

    /**
     * Asks an address once more.
     *
     * @throws Problem 404 when it is not one that is waited for, 429 when it was asked a moment ago, or others often today
     */
    @Transactional
    void again(StoredSite site, String email) {
        Waiting waiting = waiting(site).stream()
                .filter(each -> each.email().equals(email))
                .findFirst()
                .orElseThrow(Problem::notFound);
        boolean tooSoon =
                waiting.askedAt() != null && waiting.askedAt().plus(PAUSE).isAfter(clock.instant());
        if (tooSoon || !ask(site.id(), sites.state(site), email)) {
            throw new Problem(HttpStatus.TOO_MANY_REQUESTS, "", "recipient.asked", email);
        }
    }

    private boolean ask(String site, State state, String email) {
        Optional<Account> owner = sites.byId(site).map(StoredSite::owner).flatMap(accounts::byId);
        if (owner.isEmpty() || recipients.countAsked(site, clock.instant().minus(Duration.ofDays(1))) >= MOST_ASKED) {
            return false;
        }
        String token = Tokens.fresh();
        recipients.ask(site, email, Tokens.hash(token), clock.instant());
        String link = origins.editor() + "/recipient/" + token;
        String name = state.sheet().name();
        mail.send(Mail.of(
                        email,
                        WORDS.say("recipient.subject", name),
                        WORDS.say("recipient.body", owner.get().name(), name, link) + "\n")
                .withButton(WORDS.say("recipient.button"), link)
                .of(Mail.About.site(site)));
        return true;
    }

    /** @throws Problem 404 when the link is not good any more */
    Recipient require(String token) {
        return recipients
                .byHash(Tokens.hash(token))
                .orElseThrow(() -> new Problem(HttpStatus.NOT_FOUND, "", "recipient.over"));
    }

    /** Says yes. */
    @Transactional
    void confirm(String token) {
        require(token);
        recipients.confirm(Tokens.hash(token), clock.instant());
    }

    /** Whoever was taken off is asked again, should they be set once more. */
    public void forget(String site, String email) {
        recipients.forget(site, email);
    }
}
