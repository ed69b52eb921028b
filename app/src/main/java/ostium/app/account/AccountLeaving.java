package ostium.app.account;

/** An account is about to be deleted; heard in the same transaction. */
public record AccountLeaving(String id) {}
