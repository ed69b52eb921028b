package ostium.app.account;

import jakarta.servlet.http.HttpServletRequest;

/** Somebody has just signed in, or signed up, with this request. Heard in the same thread and transaction. */
public record SignedIn(Account account, HttpServletRequest request) {}
