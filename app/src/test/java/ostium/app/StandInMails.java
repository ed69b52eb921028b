package ostium.app;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.app.standin.CaughtMail;

/** What the mail stand-in of the application under test has caught. */
public final class StandInMails {
    private static final Pattern LINK = Pattern.compile("https?://[^/\\s]+(/\\S+)");

    private StandInMails() {}

    private static final Pattern ASKS = Pattern.compile("Is this your address\\?|Messages from the page of .*");

    /** All but those that ask whether an address is somebody's, or takes messages. */
    public static List<CaughtMail.Caught> to(String email) {
        return all(email).filter(mail -> !asks(mail)).toList();
    }

    /** The mails that ask whether an address is somebody's, or takes messages; the newest first. */
    public static List<CaughtMail.Caught> asking(String email) {
        return all(email).filter(StandInMails::asks).toList();
    }

    private static boolean asks(CaughtMail.Caught mail) {
        return ASKS.matcher(mail.subject()).matches();
    }

    private static Stream<CaughtMail.Caught> all(String email) {
        return RunningOstium.get().bean(CaughtMail.class).caught().stream()
                .filter(mail -> mail.to().equals(email));
    }

    /** The newest mail to an address, waited for. */
    public static CaughtMail.Caught next(String email) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (System.nanoTime() < end) {
            List<CaughtMail.Caught> mails = to(email);
            if (!mails.isEmpty()) {
                return mails.get(0);
            }
            pause();
        }
        throw new AssertionError("no mail to " + email);
    }

    /** Waits until so many mails to an address were caught. */
    public static void waitFor(String email, int number) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (to(email).size() < number) {
            if (System.nanoTime() > end) {
                throw new AssertionError("fewer than " + number + " mails to " + email);
            }
            pause();
        }
    }

    /** The path of the link in the newest mail to an address. */
    public static String linkTo(String email) {
        return link(next(email));
    }

    public static String link(CaughtMail.Caught mail) {
        Matcher link = LINK.matcher(mail.text());
        if (!link.find()) {
            throw new AssertionError("no link in " + mail.text());
        }
        return link.group(1);
    }

    /** Waits for so many mails that ask something of an address; the token of the newest. */
    public static String askedToken(String email, int number) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (asking(email).size() < number) {
            if (System.nanoTime() > end) {
                throw new AssertionError("nobody asked " + email);
            }
            pause();
        }
        String link = link(asking(email).get(0));
        return link.substring(link.lastIndexOf('/') + 1);
    }

    static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
