package ostium.core.fact;

import java.net.IDN;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.text.EditDistance;

/**
 * A mail address.
 *
 * @param value the address with its domain in lower case Unicode, such as {@code ada@ashlatch.example}
 */
public record EmailAddress(String value) implements FactValue {
    private static final Messages WORDS = Messages.of("fact");

    /** RFC 5321, 4.5.3.1. */
    public static final int LONGEST = 254;

    private static final Pattern SHAPE = Pattern.compile("([^\\s@<>\",;:()\\[\\]\\\\]{1,64})@([^\\s@/]+)");
    private static final Pattern DOMAIN =
            Pattern.compile("(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\\.)+[a-z][a-z0-9-]*[a-z0-9]");
    /** Domains that many people have their mail with; a slip in one of these is pointed out. */
    private static final List<String> COMMON_DOMAINS = List.of(
            "gmail.com",
            "googlemail.com",
            "outlook.com",
            "hotmail.com",
            "hotmail.co.uk",
            "live.com",
            "yahoo.com",
            "yahoo.co.uk",
            "icloud.com",
            "btinternet.com",
            "aol.com",
            "gmx.net",
            "proton.me");

    /** Reads an address as typed or pasted: with {@code mailto:}, angle brackets, a trailing dot. */
    public static Reading<EmailAddress> read(String words) {
        Optional<Reading<EmailAddress>> tooLong = Reading.tooLong(words, 2 * LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String trimmed = words.strip()
                .replaceFirst("(?i)^mailto:", "")
                .replaceFirst("^<", "")
                .replaceFirst("\\?.*$", "")
                .replaceFirst("[>.,;]+$", "")
                .strip();
        if (trimmed.isEmpty()) {
            return Reading.refused(WORDS.say("emailAddress.typeAMailAddress"), words);
        }
        Matcher shape = SHAPE.matcher(trimmed);
        if (!shape.matches() || trimmed.length() > LONGEST) {
            return Reading.refused(
                    trimmed.contains("@") ? WORDS.say("emailAddress.thisIsNotAMail") : WORDS.say("emailAddress.noAt"),
                    words);
        }
        String local = shape.group(1);
        String domain = shape.group(2).toLowerCase(Locale.ROOT);
        if (local.startsWith(".") || local.endsWith(".") || local.contains("..") || !isDomain(domain)) {
            int at = words.indexOf('@');
            return Reading.refused(WORDS.say("emailAddress.noMail", shape.group(2)), at + 1, words.length());
        }
        EmailAddress address = new EmailAddress(local + "@" + domain);
        return COMMON_DOMAINS.stream()
                .filter(common -> EditDistance.between(common, domain) == 1 && !COMMON_DOMAINS.contains(domain))
                .findFirst()
                .map(common ->
                        Reading.understood(address, WORDS.say("emailAddress.near", common), local + "@" + common))
                .orElseGet(() -> Reading.understood(address));
    }

    private static boolean isDomain(String domain) {
        try {
            return DOMAIN.matcher(IDN.toASCII(domain, IDN.USE_STD3_ASCII_RULES)).matches();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** The address as a mail header carries it, its domain in Punycode (RFC 3492). */
    public String ascii() {
        int at = value.lastIndexOf('@');
        return value.substring(0, at + 1) + IDN.toASCII(value.substring(at + 1));
    }

    @Override
    public Optional<String> say(String facet) {
        return facet.isEmpty() ? Optional.of(value) : Optional.empty();
    }
}
