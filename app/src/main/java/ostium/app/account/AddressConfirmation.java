package ostium.app.account;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.web.Problem;

/**
 * Whether an account's address is its owner's: shown by opening a link that was sent there. Until then nothing goes on the web in
 * its name, and nobody is invited.
 */
@Service
public class AddressConfirmation {
    private final AccountMapper accounts;
    private final AccountLinks links;

    AddressConfirmation(AccountMapper accounts, AccountLinks links) {
        this.accounts = accounts;
        this.links = links;
    }

    /** Sends the link; does nothing for an address that is confirmed. */
    @Transactional
    public void ask(Account account) {
        if (!account.confirmed()) {
            accounts.deleteTokensOf(account.id(), AccountToken.Purpose.CONFIRM);
            links.send(account, AccountToken.Purpose.CONFIRM, account.email());
        }
    }

    /**
     * Takes the link. One that was opened before, here or in another window, is good enough for an address that is confirmed.
     *
     * @param account who opened it
     * @throws Problem when the link is not good any more, or another account asked for it
     */
    @Transactional
    public void take(Account account, String token) {
        if (account.confirmed()
                && links.find(token, AccountToken.Purpose.CONFIRM).isEmpty()) {
            return;
        }
        AccountToken found = links.require(token, AccountToken.Purpose.CONFIRM);
        if (!found.account().equals(account.id())) {
            throw new Problem(HttpStatus.FORBIDDEN, "", "account.otherLink");
        }
        if (!found.email().equals(account.email())) {
            throw Problem.at("", "account.linkOver");
        }
        confirmed(account.id());
    }

    /** What was sent to the address of an account has come to its owner. */
    public void confirmed(String account) {
        accounts.confirm(account);
        accounts.deleteTokensOf(account, AccountToken.Purpose.CONFIRM);
    }

    /** @throws Problem 403 while the address of an account is not confirmed */
    public static Account require(Account account) {
        if (!account.confirmed()) {
            throw new Problem(HttpStatus.FORBIDDEN, "confirmed", "account.confirmFirst", account.email());
        }
        return account;
    }
}
