package ostium.core.copy;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.DataFile;
import ostium.core.base.Listing;
import ostium.core.trade.Trade;

/**
 * What a business calls what it does, in the forms a sentence can use. The owner's word stands; a word of the catalogue
 * stands in for it only where it is the same word in another form, never where it is broader or narrower.
 *
 * @param said the owner's words, as they stand inside a sentence
 * @param usual whether it is the usual word of the catalogue, in whatever form
 * @param activity the work, as it stands before "in Quillhaven"; empty where only a person or a place is known
 * @param person one who does it, or empty
 * @param place where it is done, such as {@code bakery}, or empty
 */
record TradeName(
        String said, boolean usual, Optional<String> activity, Optional<String> person, Optional<String> place) {
    private record Ends(List<String> endings, List<String> words, List<String> not) {
        boolean hold(String word) {
            return (not == null || !not.contains(word))
                    && (words.contains(word)
                            || endings != null
                                    && endings.stream()
                                            .anyMatch(end -> word.length() > end.length() + 1 && word.endsWith(end)));
        }
    }

    private record Words(
            Ends people,
            Ends places,
            Ends activities,
            Map<String, String> taught,
            Set<String> aside,
            List<List<String>> same,
            Set<String> askedFor) {}

    private static final Words WORDS = DataFile.read("/ostium/words/en/trade-words.yaml", Words.class);

    /** Endings that turn one form of a word into another, the longest first. */
    private static final List<String> FORMS =
            List.of("ancy", "ers", "ing", "ery", "ist", "ant", "er", "or", "ry", "al", "s", "y", "e");

    static TradeName of(String owners, Trade trade) {
        String said = inside(owners.strip());
        boolean same = isSame(said, trade.name()) || !trade.doing().isBlank() && isSame(said, trade.doing());
        String usual = trade.doing();
        Optional<String> place = Optional.of(said).filter(TradeName::isPlace);
        Optional<String> activity = place.isPresent()
                ? Optional.empty()
                : Optional.of(said)
                        .filter(TradeName::isActivity)
                        .or(() -> taught(said))
                        .or(() -> Optional.of(usual).filter(doing -> same && isActivity(doing)));
        Optional<String> person = Optional.of(said)
                .filter(TradeName::isPerson)
                .or(() -> Optional.of(trade.name()).filter(name -> same && isPerson(name)));
        return new TradeName(said, same || taught(said).isPresent(), activity, person, place);
    }

    /** What a teacher of something gives: "piano lessons" is "piano teacher" in another form. */
    private static Optional<String> taught(String name) {
        return WORDS.taught().entrySet().stream()
                .filter(entry -> name.endsWith(" " + entry.getKey()))
                .map(entry -> name.substring(0, name.length() - entry.getKey().length()) + entry.getValue())
                .findFirst();
    }

    /**
     * What stands before "in Quillhaven": the activity where there is one, else the owner's words.
     *
     * @param several whether more than one person is meant by the name of one
     */
    String before(boolean several) {
        return activity.orElseGet(
                () -> several && person.filter(said::equals).isPresent() ? English.plural(said) : said);
    }

    private static boolean isPerson(String name) {
        return !isPlace(name) && WORDS.people().hold(last(name)) && !name.contains(" with ");
    }

    private static boolean isPlace(String name) {
        return WORDS.places().hold(last(name));
    }

    private static boolean isActivity(String name) {
        String last = last(name);
        return !WORDS.places().hold(last) && (WORDS.activities().hold(last) || isListed(name));
    }

    /** "locks and keys", "painting and decorating": things that are dealt with are an activity too. */
    private static boolean isListed(String name) {
        return name.contains(" and ")
                && last(name).endsWith("s")
                && !WORDS.people().hold(last(name));
    }

    private static String last(String name) {
        return name.substring(name.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
    }

    private static boolean isSame(String one, String other) {
        return one.equalsIgnoreCase(other)
                || stems(one).equals(stems(other)) && !stems(one).isEmpty();
    }

    private static Set<String> stems(String name) {
        Set<String> stems = new HashSet<>();
        for (String word : name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")) {
            if (!word.isEmpty() && !WORDS.aside().contains(word)) {
                stems.add(stem(word));
            }
        }
        return stems;
    }

    private static String stem(String word) {
        String stem = FORMS.stream()
                .filter(end -> word.endsWith(end) && word.length() > end.length() + 2)
                .findFirst()
                .map(end -> word.substring(0, word.length() - end.length()))
                .orElse(word);
        return WORDS.same().stream()
                .filter(group -> group.contains(word) || group.contains(stem))
                .findFirst()
                .map(group -> group.get(0))
                .orElse(stem);
    }

    /** As it stands inside a sentence; abbreviations ("MOT testing") and proper names keep their capitals. */
    private static String inside(String words) {
        boolean sentence = words.length() > 1
                && Character.isUpperCase(words.charAt(0))
                && Character.isLowerCase(words.charAt(1))
                && Arrays.stream(words.split(" "))
                        .skip(1)
                        .noneMatch(word -> !word.isEmpty() && Character.isUpperCase(word.charAt(0)));
        return sentence ? words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1) : words;
    }

    /** Whether a heading is a phrase ("From the oven") that nothing can be joined to. */
    static boolean isPhrase(String heading) {
        return heading.matches("(?:From|At|For|To|What|How|In) .*");
    }

    /** Whether one asks for a job of this name ("an appointment"), or about it ("a class"). */
    static boolean isAskedFor(String job) {
        return WORDS.askedFor().contains(job);
    }

    /** With a capital at its beginning. */
    static String upper(String words) {
        return Listing.capital(words);
    }
}
