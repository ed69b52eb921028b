package ostium.core.base;

import java.util.List;
import java.util.Locale;

/** Lists and small numbers said as a person would. */
public final class Listing {
    private static final String[] NUMBERS = {
        "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };

    private Listing() {}

    /** "a", "a and b", "a, b and c". */
    public static String and(List<String> parts) {
        if (parts.size() < 2) {
            return String.join("", parts);
        }
        return String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.get(parts.size() - 1);
    }

    /** In letters up to twelve, in figures above. */
    public static String number(int n) {
        return n >= 0 && n < NUMBERS.length ? NUMBERS[n] : String.valueOf(n);
    }

    /** With a capital at its beginning. */
    public static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
