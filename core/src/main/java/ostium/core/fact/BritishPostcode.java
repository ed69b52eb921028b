package ostium.core.fact;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * Slips in British postcodes: letters for figures and the other way round. Which letters can stand where is said by the Royal
 * Mail's Programmer's Guide to the Postcode Address File (BS 7666).
 */
final class BritishPostcode {
    private static final Messages WORDS = Messages.of("fact");
    private static final Pattern NEARLY =
            Pattern.compile("(?i)(?:^|.*\\s)((?=\\S*[0-9])[a-z0-9]{2,4}\\s(?=\\S*[a-z])[0-9oil][a-z0-9]{2})");
    private static final Pattern FIGURE_IN_FRONT = Pattern.compile("([A-Z]{1,2}[0-9])O( .*)");

    private BritishPostcode() {}

    /**
     * A question or a fault where a code is not quite one; empty where it is, or where there is none.
     *
     * @param code what was found, or empty
     * @param lines what is left of the address
     * @param rest the address on one line
     */
    static Optional<Reading<Place>> doubt(String code, List<String> lines, String rest, String words) {
        Matcher front = FIGURE_IN_FRONT.matcher(code);
        if (front.matches()) {
            String meant = front.group(1) + "0" + front.group(2);
            String with = rest.toUpperCase(Locale.ROOT).endsWith(code)
                    ? rest.substring(0, rest.length() - code.length()) + meant
                    : rest + ", " + meant;
            return Optional.of(new Reading.Unclear<>(
                    WORDS.say("placeReader.isThePostcode", meant), Reading.Span.all(words), List.of(with)));
        }
        if (!code.isEmpty() || lines.isEmpty()) {
            return Optional.empty();
        }
        Matcher nearly = NEARLY.matcher(lines.get(lines.size() - 1));
        return nearly.matches()
                ? Optional.of(Reading.refused(WORDS.say("placeReader.notQuiteAPostcode", nearly.group(1)), words))
                : Optional.empty();
    }
}
