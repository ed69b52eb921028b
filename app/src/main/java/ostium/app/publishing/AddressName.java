package ostium.app.publishing;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.text.Slug;

/** Names a site can have under the installation's domain: one DNS label, not one of ours. */
final class AddressName {
    private static final Messages WORDS = Messages.of("problem");

    static final int SHORTEST = 3;
    static final int LONGEST = 40;

    private static final Set<String> RESERVED = Set.of(
            "preview",
            "www",
            "mail",
            "smtp",
            "imap",
            "api",
            "app",
            "admin",
            "ostium",
            "static",
            "assets",
            "own",
            "code",
            "help",
            "support",
            "status",
            "account",
            "accounts",
            "login",
            "signin",
            "billing",
            "ns1",
            "ns2",
            "localhost");

    private AddressName() {}

    /** A name from the name of the business; a short one gets its trade's or town's word by the owner. */
    static String suggest(String businessName, String siteId) {
        String slug = Slug.of(businessName, LONGEST);
        boolean usable = fault(slug).isEmpty();
        return usable ? slug : Slug.of("site-" + siteId.substring(0, 8), LONGEST);
    }

    static String normal(String typed) {
        return typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
    }

    /** Names that look alike have the same: hyphens left out, and what is drawn like another letter as that letter. */
    static String likeness(String name) {
        return name.replace("-", "")
                .replace('0', 'o')
                .replace('1', 'l')
                .replace("rn", "m")
                .replace("vv", "w");
    }

    /** What is wrong with a name, in words. */
    static Optional<String> fault(String name) {
        if (name.length() < SHORTEST || name.length() > LONGEST) {
            return Optional.of(WORDS.say("address.length", SHORTEST, LONGEST));
        }
        if (!name.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
            return Optional.of(WORDS.say("address.letters"));
        }
        return RESERVED.contains(name) ? Optional.of(WORDS.say("address.reserved")) : Optional.empty();
    }
}
