package ostium.app.account;

/**
 * An account is about to go; heard in the same transaction.
 *
 * @param id of the account
 * @param email what it signs in with
 */
public record AccountLeaving(String id, String email) {}
