package ostium.core.copy;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Listing;

/** What can be quoted of words that are not ours, and how they stand inside a sentence. They are never rewritten. */
final class Phrases {
    /** Characters of a sentence that is read at a glance. */
    private static final int SHORTEST = 22;

    private static final int LONGEST = 150;
    private static final int LONGEST_OF_CUSTOMER = 110;

    /** A sentence that leans on the one before it cannot stand alone. */
    private static final Pattern LEANS = Pattern.compile(
            "(?i)^(?:it|its|they|their|them|this|that|these|those|he|she|his|her|and|but|so|then|or|because|also|there|which"
                    + "|nobody|here)\\b.*");

    private static final Pattern POINTS_BACK = Pattern.compile("(?i)\\b(?:it|they|them|when ready)\\b");

    private static final Pattern OUTSIDE = Pattern.compile("https?:|www\\.|@|\\d{5,}|[!?<>]");

    private static final Pattern YEARS = Pattern.compile(
            "(?iu)(?<length>(?:\\d+|one|two|three|four|five|six|seven|ten|twelve|fifteen|twenty|thirty)[- ](?:year|month)s?['’]?)"
                    + "\\s+(?<rest>guarantee\\b[^.!?]*)[.]?");

    private static final int LONGEST_PHRASE = 60;

    private static final Pattern SPEAKS = Pattern.compile("\\b(?:I|[Mm]e|[Mm]y|[Ww]e|[Uu]s|[Oo]ur)\\b");

    private Phrases() {}

    static List<String> sentences(String words) {
        return Arrays.stream(words.strip().split("(?<=[.?!…])\\s+|\\s*\\R\\s*"))
                .map(String::strip)
                .filter(sentence -> !sentence.isEmpty())
                .toList();
    }

    /** Whether a sentence speaks of something that was named before it, so that it cannot stand first. */
    static boolean leans(String sentence) {
        return LEANS.matcher(sentence).matches()
                || POINTS_BACK.matcher(sentence).find();
    }

    /** The first sentence of some own words that can lead the page; empty where it is the only one. */
    static Optional<String> leading(String words) {
        List<String> all = sentences(words);
        return all.size() < 2
                ? Optional.empty()
                : all.stream()
                        .filter(sentence -> sentence.length() >= SHORTEST && sentence.length() <= LONGEST)
                        .filter(sentence -> sentence.endsWith(".") && Character.isUpperCase(sentence.charAt(0)))
                        .filter(sentence -> !LEANS.matcher(sentence).matches())
                        .filter(sentence -> !OUTSIDE.matcher(sentence).find())
                        .findFirst();
    }

    /** Whether a customer's words are short enough to be read beside a headline. */
    static boolean isQuotable(String words) {
        return words.length() >= SHORTEST
                && words.length() <= LONGEST_OF_CUSTOMER
                && !words.contains("\n")
                && !words.contains("“")
                && !OUTSIDE.matcher(words).find()
                && sentences(words).size() <= 2;
    }

    /** A guarantee as it stands behind "with": {@code a five-year guarantee on new roofs}; empty where it is a whole sentence. */
    static Optional<String> guarantee(String words) {
        Matcher years = YEARS.matcher(words.strip());
        if (!years.matches() || words.length() > LONGEST_PHRASE) {
            return Optional.empty();
        }
        String length = years.group("length");
        boolean one = length.contains("-") && !length.endsWith("s") && !length.endsWith("'") && !length.endsWith("’");
        String phrase = length.toLowerCase(Locale.ROOT) + " " + years.group("rest");
        return Optional.of(one ? English.one(phrase) : phrase);
    }

    /** Words as a sentence of their own: with a capital and a full stop, and nothing else changed. */
    static String sentence(String words) {
        String capital = Listing.capital(words.strip());
        return capital.matches("(?s).*[.!?…”\"]$") ? capital : capital + ".";
    }

    /** Whether a sentence speaks as somebody of the business. */
    static boolean speaks(String sentence) {
        return SPEAKS.matcher(sentence).find();
    }
}
