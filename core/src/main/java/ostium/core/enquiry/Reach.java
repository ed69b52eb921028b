package ostium.core.enquiry;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Telephone;
import ostium.core.form.FieldKind;

/**
 * A way to reach somebody, as they left it: a mail address or a telephone number.
 *
 * @param key the same for everyone who leaves the same way to be reached, however it is written; names the person
 * @param shown as people write it
 * @param uri what a press opens: {@code mailto:} or {@code tel:}
 * @param mail the address for a mail, or empty where there is only a number
 */
public record Reach(String key, String shown, String uri, Optional<EmailAddress> mail) {
    /** Keys of the answers that say how somebody is reached, the first of which is the one that counts. */
    public static final List<String> KEYS = Arrays.stream(FieldKind.values())
            .filter(FieldKind::reaches)
            .flatMap(kind -> kind.key().stream())
            .toList();

    /**
     * Reads what somebody left.
     *
     * @param region ISO 3166 country of the business, for numbers
     * @return empty if it is neither
     */
    public static Optional<Reach> read(String words, String region) {
        return EmailAddress.read(words)
                .value()
                .map(Reach::of)
                .or(() -> Telephone.read(words, region).value().map(Reach::of));
    }

    private static Reach of(EmailAddress address) {
        String ascii = address.ascii();
        return new Reach(ascii.toLowerCase(Locale.ROOT), address.value(), "mailto:" + ascii, Optional.of(address));
    }

    private static Reach of(Telephone number) {
        return new Reach(number.uri(), number.national(), number.uri(), Optional.empty());
    }
}
