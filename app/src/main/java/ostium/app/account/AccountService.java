package ostium.app.account;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import ostium.app.web.Problem;
import ostium.core.base.Reading;
import ostium.core.fact.EmailAddress;

/** Makes, changes and deletes accounts, and checks passwords. */
@Service
public class AccountService {
    private static final int SHORTEST_PASSWORD = 8;
    /** BCrypt reads no more bytes than this. */
    private static final int LONGEST_PASSWORD = 72;

    private static final int LONGEST_NAME = 120;

    private final AccountMapper accounts;
    private final KnownBrowsers browsers;
    private final PasswordEncoder passwords;
    private final AccountLinks links;
    private final AddressConfirmation confirmation;
    private final ApplicationEventPublisher events;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final String nobodysHash;

    AccountService(
            AccountMapper accounts,
            KnownBrowsers browsers,
            PasswordEncoder passwords,
            AccountLinks links,
            AddressConfirmation confirmation,
            ApplicationEventPublisher events,
            FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.accounts = accounts;
        this.browsers = browsers;
        this.passwords = passwords;
        this.links = links;
        this.confirmation = confirmation;
        this.events = events;
        this.sessions = sessions;
        this.nobodysHash = passwords.encode(UUID.randomUUID().toString());
    }

    /**
     * Makes an account, and sends a link that confirms its address.
     *
     * @throws Problem at {@code name}, {@code email} or {@code password}, when one cannot be taken
     */
    @Transactional
    public Account signUp(String name, String email, String password) {
        Account account = insert(name, email, password);
        confirmation.ask(account);
        return account;
    }

    /** An account whose address is its owner's without a question, as those of the demo data. */
    @Transactional
    public Account signUpConfirmed(String name, String email, String password) {
        Account account = insert(name, email, password);
        confirmation.confirmed(account.id());
        return account;
    }

    private Account insert(String name, String email, String password) {
        Problem.checkAll(() -> requireName(name), () -> address(email), () -> requirePassword(password));
        Account account = new Account(UUID.randomUUID().toString(), address(email), name.strip(), false);
        try {
            accounts.insert(account, passwords.encode(password));
        } catch (DuplicateKeyException e) {
            throw Problem.at("email", "account.signInInstead");
        }
        return account;
    }

    /** The account, if the password is right. Takes as long for an address that has none. */
    public Optional<Account> check(String email, String password) {
        String address = normal(email);
        String hash = accounts.passwordHash(address).orElse(nobodysHash);
        boolean right = password != null && passwords.matches(password, hash);
        return right ? accounts.byEmail(address) : Optional.empty();
    }

    public Optional<Account> byEmail(String email) {
        return accounts.byEmail(normal(email));
    }

    public Optional<Account> byId(String id) {
        return accounts.byId(id);
    }

    /** Who is signed in on this request. */
    public Optional<Account> current() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Account account
                ? askedOnce(account.id())
                : Optional.empty();
    }

    /** The account as it is stored now; a request asks for it several times, the database only once. */
    private Optional<Account> askedOnce(String id) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return accounts.byId(id);
        }
        String name = AccountService.class.getName() + "/" + id;
        if (!(request.getAttribute(name, RequestAttributes.SCOPE_REQUEST) instanceof Account known)) {
            Optional<Account> stored = accounts.byId(id);
            stored.ifPresent(account -> request.setAttribute(name, account, RequestAttributes.SCOPE_REQUEST));
            return stored;
        }
        return Optional.of(known);
    }

    /**
     * Takes a new password with the link from the mail. All sessions of the account end, and no other link is good any more.
     *
     * @throws Problem when the link is not good any more, or at {@code password}
     */
    @Transactional
    public void resetPassword(String token, String password) {
        AccountToken found = links.require(token, AccountToken.Purpose.PASSWORD);
        requirePassword(password);
        setPassword(found.account(), password);
        confirmation.confirmed(found.account());
        endSessions(found.account(), null);
    }

    /**
     * Takes a new password for the old one. All other sessions of the account end.
     *
     * @param session the one that stays
     * @throws Problem at {@code current} or {@code password}
     */
    @Transactional
    public void changePassword(Account account, String current, String password, String session) {
        requireRight(account, current);
        requirePassword(password);
        setPassword(account.id(), password);
        endSessions(account.id(), session);
    }

    private void setPassword(String account, String password) {
        accounts.setPassword(account, passwords.encode(password));
        accounts.deleteTokens(account);
        browsers.forget(account);
    }

    /**
     * Sends a link to a new address; once it is opened, the account signs in with that.
     *
     * @throws Problem at {@code current} or {@code email}
     */
    @Transactional
    public void askForEmail(Account account, String current, String email) {
        requireRight(account, current);
        String address = address(email);
        if (address.equals(account.email())) {
            throw Problem.at("email", "account.sameAddress");
        }
        if (accounts.byEmail(address).isPresent()) {
            throw Problem.at("email", "account.taken");
        }
        links.send(account, AccountToken.Purpose.EMAIL, address);
    }

    /**
     * Signs an account in with another address from now on.
     *
     * @param before who opened the link
     * @throws Problem when the link is not good any more, when another account asked for it, or the address was taken meanwhile
     */
    @Transactional
    public void confirmEmail(Account before, String token) {
        AccountToken found = links.require(token, AccountToken.Purpose.EMAIL);
        if (!found.account().equals(before.id())) {
            throw new Problem(HttpStatus.FORBIDDEN, "", "account.otherLink");
        }
        try {
            accounts.setEmail(found.account(), found.email());
        } catch (DuplicateKeyException e) {
            throw Problem.at("", "account.takenMeanwhile");
        }
        accounts.deleteTokens(found.account());
        links.tell(before.email(), "moved", before.name(), found.email());
    }

    /**
     * Deletes an account with its sites, what is public of them, and the messages they have received.
     *
     * @throws Problem at {@code current}
     */
    @Transactional
    public void delete(Account account, String current) {
        requireRight(account, current);
        events.publishEvent(new AccountLeaving(account.id(), account.email()));
        accounts.delete(account.id());
        links.forget(account.email());
        endSessions(account.id(), null);
    }

    private void requireRight(Account account, String password) {
        if (check(account.email(), password).isEmpty()) {
            throw Problem.at("current", "account.notYourPassword");
        }
    }

    private static void requireName(String name) {
        if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
            throw Problem.at("name", "account.name");
        }
    }

    private static void requirePassword(String password) {
        if (password == null || password.length() < SHORTEST_PASSWORD) {
            throw Problem.at("password", "account.passwordShort", SHORTEST_PASSWORD);
        }
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_PASSWORD) {
            throw Problem.at("password", "account.passwordLong", LONGEST_PASSWORD);
        }
    }

    private void endSessions(String account, String butFor) {
        sessions.findByPrincipalName(account).keySet().stream()
                .filter(session -> !session.equals(butFor))
                .forEach(sessions::deleteById);
    }

    /** A mail address as accounts are known by. */
    static String normal(String email) {
        return email == null ? "" : email.strip().toLowerCase(Locale.ROOT);
    }

    private static String address(String email) {
        Reading<EmailAddress> reading = EmailAddress.read(email == null ? "" : email);
        if (reading instanceof Reading.Refused<EmailAddress> refused) {
            throw Problem.worded("email", refused.reason());
        }
        return reading.value().orElseThrow().value().toLowerCase(Locale.ROOT);
    }
}
