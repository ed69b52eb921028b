package ostium.app.account;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.web.Problem;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Reading;

/** Makes accounts and checks passwords. */
@Service
public class AccountService {
    private static final int SHORTEST_PASSWORD = 8;
    /** BCrypt reads no more bytes than this. */
    private static final int LONGEST_PASSWORD = 72;

    private final AccountMapper accounts;
    private final PasswordEncoder passwords;
    private final String nobodysHash;

    AccountService(AccountMapper accounts, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.nobodysHash = passwords.encode(UUID.randomUUID().toString());
    }

    /** @throws Problem at {@code name}, {@code email} or {@code password}, when one cannot be taken */
    @Transactional
    public Account signUp(String name, String email, String password) {
        if (name == null || name.isBlank() || name.length() > 120) {
            throw Problem.at("name", "Write your name, at most 120 characters.");
        }
        String address = address(email);
        if (password == null || password.length() < SHORTEST_PASSWORD) {
            throw Problem.at("password", "A password has at least " + SHORTEST_PASSWORD + " characters.");
        }
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_PASSWORD) {
            throw Problem.at("password", "A password has at most " + LONGEST_PASSWORD + " characters.");
        }
        Account account = new Account(UUID.randomUUID().toString(), address, name.strip());
        try {
            accounts.insert(account, passwords.encode(password));
        } catch (DuplicateKeyException e) {
            throw Problem.at("email", "There is an account with this address. Sign in instead.");
        }
        return account;
    }

    /** The account, if the password is right. Takes as long for an address that has none. */
    public Optional<Account> check(String email, String password) {
        String address = email == null ? "" : email.strip().toLowerCase(Locale.ROOT);
        String hash = accounts.passwordHash(address).orElse(nobodysHash);
        boolean right = password != null && passwords.matches(password, hash);
        return right ? accounts.byEmail(address) : Optional.empty();
    }

    public Optional<Account> byEmail(String email) {
        return accounts.byEmail(email);
    }

    /** Who is signed in on this request. */
    public Optional<Account> current() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Account account
                ? Optional.of(account)
                : Optional.empty();
    }

    private static String address(String email) {
        Reading<EmailAddress> reading = EmailAddress.read(email == null ? "" : email);
        if (reading instanceof Reading.Refused<EmailAddress> refused) {
            throw Problem.at("email", refused.reason());
        }
        return reading.value().orElseThrow().value().toLowerCase(Locale.ROOT);
    }
}
