package ostium.core.paste;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What in an address may be none of it: the words of a sentence, its full stop, somebody's name before the street. An address with
 * any of these is asked about, since it goes onto a map.
 */
final class AddressDoubt {
    private static final Pattern WORD = Pattern.compile("(?<![\\p{L}0-9'’.-])\\p{Ll}[\\p{Ll}]*+");
    /** "From 8 Mercer Row to 15 Mercer Row". */
    private static final Pattern MOVED = Pattern.compile("(?iu)(?<!\\bnext) to\\s");

    private static final Pattern SENTENCE = Pattern.compile("[!?:]|\\p{L}{4,}(?<!(?i:str))\\.(?=\\s)");
    /** A house number without its street: something before it was not taken for the address. */
    private static final Pattern NUMBER_ALONE = Pattern.compile("[0-9]{1,4}\\p{L}?,");

    private static final Pattern BUILDING = Pattern.compile(
            "(?iu).*(?:[0-9]|^the\\s|\\b(?:street|road|lane|avenue|unit|house|court|yard|loft|mill|farm|cottage|barn|lodge|hall|works"
                    + "|centre|center|building|buildings|arcade|mews|wharf|chambers|studios?|workshop|office"
                    + "|suite|floor|flat|quay|row|square|place|park"
                    + "|estate|market|station|church|school|gate|green|bank|view|villa|forge|stables|end|corner)\\b).*");

    private AddressDoubt() {}

    /** Whether a person would look again before taking these words, all of them, for an address. */
    static boolean of(String typed) {
        return SENTENCE.matcher(typed).find()
                || MOVED.matcher(typed).find()
                || NUMBER_ALONE.matcher(typed).lookingAt()
                || saysMore(typed)
                || startsWithName(typed);
    }

    /** Words in small letters that addresses do not have; where all is in small letters it says nothing. */
    private static boolean saysMore(String typed) {
        String rest = typed.replaceFirst("^\\p{Ll}", "");
        boolean capitals = Stream.of(rest.split("[^\\p{L}]+"))
                .anyMatch(word -> word.length() > 2 && Character.isUpperCase(word.codePointAt(0)));
        Matcher word = WORD.matcher(typed);
        boolean more = false;
        while (capitals && !more && word.find()) {
            more = !PasteWords.SHIPPED.ofAddresses().contains(word.group())
                    && !AddressFinder.isStreet("X " + word.group());
        }
        return more;
    }

    private static boolean startsWithName(String typed) {
        String first = typed.split(",", 2)[0];
        return typed.contains(",")
                && PersonFinder.isName(first)
                && !AddressFinder.isStreet(first)
                && !BUILDING.matcher(first).matches();
    }
}
