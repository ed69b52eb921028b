package ostium.core.copy;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What can be made of the names of services and businesses inside a sentence. */
final class ServiceNames {
    private static final int LONGEST = 26;

    /** A name with figures, marks or a place in time is no thing one could list in a headline. */
    private static final Pattern ODD = Pattern.compile("(?i).*[\\d,.:()/&+].*|.* and .*|"
            + "(?:for|in|at|by|after|before|from|to|with|on|old|own|other|single|whole|further"
            + "|first|next|extra|one|two|your|our|my)\\b.*");

    private static final Pattern THING = Pattern.compile("(?i).*(?:[^s]s|ing|work|care)");

    private static final int TELLING = 4;

    private ServiceNames() {}

    /** Whether a name is that of things or of an activity, as it stands in "…, … and … in Tolver". */
    static boolean isThing(String name) {
        return name.length() <= LONGEST
                && !ODD.matcher(name).matches()
                && THING.matcher(name).matches();
    }

    /** Whether two names share a word or the beginning of one, as "Tolver Plumbing" and "plumber". */
    static boolean shareAWord(String one, String other) {
        Set<String> beginnings = beginnings(one);
        return beginnings(other).stream().anyMatch(beginnings::contains);
    }

    private static Set<String> beginnings(String words) {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() >= TELLING)
                .map(word -> word.substring(0, TELLING))
                .collect(Collectors.toSet());
    }
}
