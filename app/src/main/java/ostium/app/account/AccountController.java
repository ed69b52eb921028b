package ostium.app.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.fact.EmailAddress;

@RestController
class AccountController {
    private final AccountService accounts;
    private final ApplicationEventPublisher events;
    private final SecurityContextRepository contexts;
    private final RateLimits limits;
    private final KnownBrowsers browsers;
    private final AddressConfirmation confirmation;
    private final ForgottenPasswords forgotten;
    private final Guesses guesses;

    AccountController(
            AccountService accounts,
            ApplicationEventPublisher events,
            SecurityContextRepository contexts,
            RateLimits limits,
            KnownBrowsers browsers,
            AddressConfirmation confirmation,
            ForgottenPasswords forgotten,
            Guesses guesses) {
        this.accounts = accounts;
        this.events = events;
        this.contexts = contexts;
        this.limits = limits;
        this.browsers = browsers;
        this.confirmation = confirmation;
        this.forgotten = forgotten;
        this.guesses = guesses;
    }

    record SignUp(String name, String email, String password) {}

    record SignIn(String email, String password) {}

    /**
     * @param name null when nobody is signed in
     * @param confirmed whether the address is known to be theirs
     */
    record Session(
            @Schema(types = {"string", "null"}) String name,
            @Schema(types = {"string", "null"}) String email,
            boolean confirmed) {
        static Session of(Account account) {
            return new Session(account.name(), account.email(), account.confirmed());
        }
    }

    @GetMapping("/api/session")
    Session session() {
        return accounts.current().map(Session::of).orElse(new Session(null, null, false));
    }

    @PostMapping("/api/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    Session signUp(@RequestBody SignUp asked, HttpServletRequest request, HttpServletResponse response) {
        limits.require(RateLimits.Act.SIGN_UP, request.getRemoteAddr());
        Account account = accounts.signUp(asked.name(), asked.email(), asked.password());
        return begin(account, request, response);
    }

    @PostMapping("/api/session")
    Session signIn(@RequestBody SignIn asked, HttpServletRequest request, HttpServletResponse response) {
        guesses.beginOfClient(request.getRemoteAddr());
        String email = AccountService.normal(asked.email());
        String who = browsers.known(request, email)
                .map(browser -> browser + " " + email)
                .orElse(email);
        guesses.begin(who);
        Account account = accounts.check(asked.email(), asked.password())
                .orElseThrow(() -> Problem.at("password", "account.wrong"));
        guesses.right(who);
        guesses.rightOfClient(request.getRemoteAddr());
        return begin(account, request, response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    record Forgotten(String email) {}

    record NewPassword(String password) {}

    record ChangePassword(String current, String password) {}

    record ChangeEmail(String current, String email) {}

    record Delete(String current) {}

    /** Always answers the same, whether there is such an account or not. */
    @PostMapping("/api/password-resets")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void forgotten(@RequestBody Forgotten asked, HttpServletRequest request) {
        if (asked.email() == null || EmailAddress.read(asked.email()).value().isEmpty()) {
            throw Problem.at("email", "account.address");
        }
        limits.require(RateLimits.Act.MAIL, request.getRemoteAddr());
        forgotten.ask(AccountService.normal(asked.email()));
    }

    @PostMapping("/api/password-resets/{token}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void resetPassword(@PathVariable String token, @RequestBody NewPassword asked, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        accounts.resetPassword(token, asked.password());
    }

    @PutMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(@RequestBody ChangePassword asked, HttpServletRequest request, HttpServletResponse response) {
        Account account = requireAccount();
        guesses.begin(account.id());
        accounts.changePassword(
                account, asked.current(), asked.password(), request.getSession().getId());
        browsers.remember(account, request, response);
        guesses.right(account.id());
    }

    @PutMapping("/api/account/email")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void changeEmail(@RequestBody ChangeEmail asked, HttpServletRequest request) {
        Account account = requireAccount();
        guesses.begin(account.id());
        limits.require(RateLimits.Act.MAIL, request.getRemoteAddr());
        accounts.askForEmail(account, asked.current(), asked.email());
        guesses.right(account.id());
    }

    @PostMapping("/api/new-addresses/{token}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void confirmEmail(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        accounts.confirmEmail(requireAccount(), token);
    }

    /** Sends the link that confirms the address once more. */
    @PostMapping("/api/account/confirmation")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void askToConfirm(HttpServletRequest request) {
        Account account = requireAccount();
        limits.require(RateLimits.Act.MAIL, request.getRemoteAddr());
        confirmation.ask(account);
    }

    @PostMapping("/api/confirmed-addresses/{token}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void confirmAddress(@PathVariable String token, HttpServletRequest request) {
        limits.require(RateLimits.Act.LINK, request.getRemoteAddr());
        confirmation.take(requireAccount(), token);
    }

    @PostMapping("/api/account/deletion")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@RequestBody Delete asked, HttpServletRequest request) {
        Account account = requireAccount();
        guesses.begin(account.id());
        accounts.delete(account, asked.current());
        signOut(request);
    }

    private Account requireAccount() {
        return accounts.current().orElseThrow(() -> new Problem(HttpStatus.UNAUTHORIZED, "", "account.signInFirst"));
    }

    /** A new session for an account; sites made before signing in become the account's. */
    private Session begin(Account account, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(account, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        events.publishEvent(new SignedIn(account, request));
        browsers.remember(account, request, response);
        return Session.of(account);
    }
}
