package ostium.app.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Locale;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;

@RestController
class AccountController {
    private final AccountService accounts;
    private final ApplicationEventPublisher events;
    private final SecurityContextRepository contexts;
    private final RateLimits limits;

    AccountController(
            AccountService accounts,
            ApplicationEventPublisher events,
            SecurityContextRepository contexts,
            RateLimits limits) {
        this.accounts = accounts;
        this.events = events;
        this.contexts = contexts;
        this.limits = limits;
    }

    record SignUp(String name, String email, String password) {}

    record SignIn(String email, String password) {}

    /** @param name null when nobody is signed in */
    record Session(
            @Schema(types = {"string", "null"}) String name,
            @Schema(types = {"string", "null"}) String email) {}

    @GetMapping("/api/session")
    Session session() {
        return accounts.current()
                .map(account -> new Session(account.name(), account.email()))
                .orElse(new Session(null, null));
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
        String who = asked.email() == null ? "" : asked.email().strip().toLowerCase(Locale.ROOT);
        limits.require(RateLimits.Act.SIGN_IN, who);
        Account account = accounts.check(asked.email(), asked.password())
                .orElseThrow(() -> Problem.at("password", "The address and the password do not go together."));
        limits.forget(RateLimits.Act.SIGN_IN, who);
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
        return new Session(account.name(), account.email());
    }
}
