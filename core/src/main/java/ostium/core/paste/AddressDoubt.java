package ostium.core.paste;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What in an address may be none of it: the words of a sentence, its full stop, somebody's name before the street. An address with
 * any of these is asked about, since it goes onto a map.
 */
final class AddressDoubt {
    /** Small words of addresses, in the languages that are read. */
    private static final Set<String> SMALL = Set.copyOf(List.of(
            ("of the and at on in by near nr opposite opp next to rear behind above upon under over le la les de du des d sur sous en"
                            + " et aux au bis ter rue avenue av impasse allée chemin place cours quai boulevard bd cedex calle"
                            + " plaza paseo avenida avda camino carretera ctra número del los las el y n s bajo izq dcha local"
                            + " puerta piso via viale piazza corso strada vicolo di della dello dei degli delle da dal al sul"
                            + " rua travessa largo do dos das e a am an der dem den im in auf bei beim zur zum ob vor hinter"
                            + " und von vom str straße strasse weg van het ter te op aan unit flat suite floor first ground second"
                            + " third upper lower st nd rd th")
                    .split("\\s+")));

    private static final Pattern WORD = Pattern.compile("(?<![\\p{L}0-9'’.-])\\p{Ll}[\\p{Ll}]*+");
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
        boolean more = MOVED.matcher(typed).find();
        while (capitals && !more && word.find()) {
            more = !SMALL.contains(word.group()) && !AddressFinder.isStreet("X " + word.group());
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
