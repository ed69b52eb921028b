package ostium.app.account;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ostium.app.mail.Mail;
import ostium.app.mail.MailQueue;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;

/** Links to accounts that are sent by mail: each is good for one purpose, a while and once. */
@Component
class AccountLinks {
    private static final Messages WORDS = Messages.of("account-mail");

    private final AccountMapper accounts;
    private final MailQueue mail;
    private final Origins origins;
    private final Clock clock;

    AccountLinks(AccountMapper accounts, MailQueue mail, Origins origins, Clock clock) {
        this.accounts = accounts;
        this.mail = mail;
        this.origins = origins;
        this.clock = clock;
    }

    /** @param to whom the link is sent; what it is good for is done with that address, where it is done with any */
    void send(Account account, AccountToken.Purpose purpose, String to) {
        String token = Tokens.fresh();
        Duration valid = purpose.valid();
        accounts.insertToken(
                Tokens.hash(token), account.id(), purpose, to, clock.instant().plus(valid));
        String kind = purpose.mail();
        String link = origins.editor() + purpose.path() + token;
        mail.send(Mail.of(to, WORDS.say(kind + ".subject"), WORDS.say(kind + ".body", account.name(), link) + "\n")
                .withButton(WORDS.say(kind + ".button"), link));
    }

    /** A word of Ostium's own, without a link. */
    void tell(String to, String kind, Object... gaps) {
        mail.send(Mail.of(to, WORDS.say(kind + ".subject"), WORDS.say(kind + ".body", gaps) + "\n"));
    }

    /** Mails to an address that is about to be nobody's. */
    void forget(String address) {
        mail.forget(address);
    }

    /** Empty when it is not good any more. */
    Optional<AccountToken> find(String token, AccountToken.Purpose purpose) {
        return accounts.token(Tokens.hash(token))
                .filter(found -> found.purpose() == purpose && found.expiresAt().isAfter(clock.instant()));
    }

    /** @throws Problem when it is not good any more */
    AccountToken require(String token, AccountToken.Purpose purpose) {
        return find(token, purpose).orElseThrow(() -> Problem.at("", "account.linkOver"));
    }

    @Scheduled(initialDelay = 90_000, fixedDelay = 3_600_000)
    void sweep() {
        accounts.sweepTokens();
        accounts.sweepUnconfirmed();
    }
}
