package ostium.app.mail;

/** A mail server that ships with Ostium and delivers to nobody: what it has caught can be looked at. */
public interface MailStandIn {
    /** Port on loopback at which it speaks SMTP; it stays the same when the stand-in is stopped and started. */
    int port();
}
