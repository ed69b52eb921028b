package ostium.core.fact;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.country.Country;

/** Postal codes: whether one has the form of its country, and how it is written there. */
public final class PostalCode {
    private static final int LONGEST = 40;
    private static final Messages WORDS = Messages.of("fact");

    private PostalCode() {}

    /** The code as it is written in its country: capitals, spaces and dashes where they belong. */
    public static Reading<String> read(String words, Country country) {
        Optional<Reading<String>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String plain = words.strip().toUpperCase(Locale.ROOT);
        if (plain.isEmpty()) {
            return Reading.refused(WORDS.say("postalCode.typeAPostalCode"), words);
        }
        Matcher code = Pattern.compile(country.postcode()).matcher(plain);
        return code.matches()
                ? Reading.understood(written(code, country))
                : Reading.refused(WORDS.say("postalCode.looks", named(country), country.example()), words);
    }

    private static String named(Country country) {
        return country.name().startsWith("United") || country.name().startsWith("Nether")
                ? "the " + country.name()
                : country.name();
    }

    static String written(Matcher code, Country country) {
        String written = country.write();
        for (int group = 1; group <= code.groupCount(); group++) {
            String part = code.group(group) == null ? null : code.group(group).toUpperCase(Locale.ROOT);
            written = part == null ? written.replace("-$" + group, "") : written.replace("$" + group, part);
        }
        return written;
    }
}
