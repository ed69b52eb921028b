package ostium.core.trade;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.trade.TradeCatalogue.Match;

/**
 * Finds trades by the words people use for them. Each word of what is asked is held against each different word of all
 * names once; names are then weighed by how much of them is asked for, and how much of what is asked they cover.
 */
final class TradeSearch {
    /** Words that say nothing of a trade, in the four languages. */
    private static final Set<String> SMALL = Set.copyOf(
            Arrays.asList(("a an the and or of for with in at to on my our your i am im is we do does it its service"
                            + " services business company shop local near me who what someone somebody that some"
                            + " der die das und oder von fur mit ein eine einen wir ich im am zum zur bei dienst firma"
                            + " le la les l de des du d et ou un une pour avec chez mon notre je nous au aux en sur"
                            + " el los las y o del con una por para mi nuestro yo al se que es servicio servicios empresa")
                    .split(" ")));

    private static final int LONGEST_LOOK = 20_000;
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** Most words of a question that are looked at; people type a line, not a page. */
    private static final int MOST_WORDS = 12;

    /** How far each further name of a trade stands back, and how far the last of them. */
    private static final double RANK = 0.002;

    private static final double FURTHEST_BACK = 0.02;

    /** The first names of a language are those of the trade; later single words can be about anything. */
    private static final int USUAL_NAMES = 3;

    /** Shorter words mean many things, but for the usual name of a trade: "vet", "taxi". */
    private static final int SHORTEST = 5;

    private static final int SHORTEST_USUAL = 3;
    private static final int SHORTEST_CALLING = 4;

    private static final double SAME = 1;
    private static final double SAME_BUT_SMALL_WORDS = 0.98;
    private static final double BEGUN = 0.92;
    private static final double MOST_OTHERWISE = 0.89;

    /**
     * A name, made ready for comparing.
     *
     * @param back how far it stands back
     * @param whole all of its words
     * @param meant those that say something
     * @param words the same, by their number in the list of all words
     */
    private record Known(Trade trade, String name, double back, String whole, String meant, int[] words) {}

    private final List<Known> names = new ArrayList<>();
    private final List<String> words = new ArrayList<>();

    /** Names that mean a trade wherever they stand, and not only when one is asked for, by their first word. */
    private final Map<String, List<Known>> telling = new HashMap<>();

    /** All names of words long enough, by their first word: what they say where a business is called so. */
    private final Map<String, List<Known>> calling = new HashMap<>();

    /** Which letters each word has, a bit a letter: words that differ in many need not be compared. */
    private final int[] letters;

    /** What each word says of a trade: the more, the longer it is and the fewer trades have it. */
    private final double[] weights;

    TradeSearch(List<Trade> trades) {
        Map<String, Integer> numbers = new HashMap<>();
        List<Set<String>> tradesOf = new ArrayList<>();
        for (Trade trade : trades) {
            double back = 0;
            Map<String, Integer> ofLanguage = new HashMap<>();
            for (Trade.Name name : trade.names()) {
                int place = ofLanguage.merge(name.language(), 1, Integer::sum);
                String whole = normal(name.words());
                List<String> meant = meant(whole);
                int[] own = new int[meant.size()];
                for (int i = 0; i < own.length; i++) {
                    own[i] = numbers.computeIfAbsent(meant.get(i), fresh -> {
                        words.add(fresh);
                        tradesOf.add(new HashSet<>());
                        return words.size() - 1;
                    });
                    tradesOf.get(own[i]).add(trade.id());
                }
                Known known = new Known(trade, name.words(), back, whole, String.join(" ", meant), own);
                names.add(known);
                boolean tells = name.words().contains(" ") || place <= USUAL_NAMES;
                String first = BETWEEN_WORDS.split(name.words().toLowerCase(Locale.ROOT), 2)[0];
                if (tells && name.words().length() >= (place == 1 ? SHORTEST_USUAL : SHORTEST)) {
                    telling.computeIfAbsent(first, fresh -> new ArrayList<>()).add(known);
                }
                if (name.words().length() >= SHORTEST_CALLING) {
                    calling.computeIfAbsent(first, fresh -> new ArrayList<>()).add(known);
                }
                back = Math.min(FURTHEST_BACK, back + RANK);
            }
        }
        letters = words.stream().mapToInt(WordLikeness::letters).toArray();
        weights = new double[words.size()];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = words.get(i).length() / Math.sqrt(tradesOf.get(i).size());
        }
    }

    /** All trades that have something of the words, the best first. */
    List<Match> ranked(String words) {
        Asked asked = new Asked(normal(words));
        if (asked.words.isEmpty()) {
            return List.of();
        }
        Map<String, Match> found = new LinkedHashMap<>();
        for (Known known : names) {
            double score = asked.score(known) - known.back();
            if (score > 0.2) {
                found.merge(
                        known.trade().id(),
                        new Match(known.trade(), known.name(), score),
                        (one, other) -> other.score() > one.score() ? other : one);
            }
        }
        return found.values().stream()
                .sorted(Comparator.comparingDouble(Match::score)
                        .reversed()
                        .thenComparing(match -> match.trade().name()))
                .toList();
    }

    /** What is asked, with how like each of its words is to every word of a name. */
    private final class Asked {
        private final String whole;
        private final String meant;
        private final List<String> words;
        private final double[][] likeness;
        private final double[] weight;
        private double weightOfAll;

        Asked(String whole) {
            this.whole = whole;
            this.words = meant(whole).stream().limit(MOST_WORDS).toList();
            this.meant = String.join(" ", words);
            this.likeness = new double[words.size()][];
            this.weight = new double[words.size()];
            for (int i = 0; i < likeness.length; i++) {
                String word = words.get(i);
                likeness[i] = likeness(word);
                double heaviest = 0;
                for (int j = 0; j < weights.length; j++) {
                    heaviest = likeness[i][j] > 0.8 ? Math.max(heaviest, weights[j]) : heaviest;
                }
                // A word that no name has takes away from how much is covered.
                weight[i] = heaviest > 0 ? heaviest : word.length() * 0.6;
                weightOfAll += weight[i];
            }
        }

        private double[] likeness(String word) {
            int own = WordLikeness.letters(word);
            double[] likeness = new double[TradeSearch.this.words.size()];
            for (int j = 0; j < likeness.length; j++) {
                likeness[j] = WordLikeness.of(word, own, TradeSearch.this.words.get(j), letters[j]);
            }
            return likeness;
        }

        double score(Known known) {
            if (whole.equals(known.whole())) {
                return SAME;
            }
            if (meant.equals(known.meant())) {
                return SAME_BUT_SMALL_WORDS;
            }
            double covered = 0.5 * ofName(known) + 0.5 * ofAsked(known);
            // A name that is begun is being typed: the shorter the rest, the likelier.
            double begun = known.whole().startsWith(whole)
                    ? BEGUN
                            - 0.05
                                    * (1
                                            - (double) whole.length()
                                                    / known.whole().length())
                    : 0;
            return Math.max(begun, MOST_OTHERWISE * covered);
        }

        /** How much of a name is asked for, {@code [0, 1]}. */
        private double ofName(Known known) {
            double covered = 0;
            double all = 0;
            for (int word : known.words()) {
                double most = 0;
                for (double[] each : likeness) {
                    most = Math.max(most, each[word]);
                }
                covered += most * weights[word];
                all += weights[word];
            }
            return all == 0 ? 0 : covered / all;
        }

        /** How much of what is asked a name covers, {@code [0, 1]}. */
        private double ofAsked(Known known) {
            double covered = 0;
            for (int i = 0; i < likeness.length; i++) {
                double most = 0;
                for (int word : known.words()) {
                    most = Math.max(most, likeness[i][word]);
                }
                covered += most * weight[i];
            }
            return covered / weightOfAll;
        }
    }

    /** The longest name of a trade that stands in a text, in its own words. */
    Optional<String> namedIn(String text) {
        return mentions(text).stream()
                .max(Comparator.comparingInt(
                                (TradeCatalogue.Mention each) -> each.name().length())
                        .thenComparing(each -> -each.from()))
                .map(TradeCatalogue.Mention::name);
    }

    /** Names of trades where they stand in a text as words of their own, in its order; none within a longer one. */
    List<TradeCatalogue.Mention> mentions(String text) {
        return mentions(text, telling);
    }

    /** The same in what a business is called, where single words say more than in a sentence: "stillwater yoga". */
    List<TradeCatalogue.Mention> mentionsInName(String name) {
        return mentions(name, calling);
    }

    private static List<TradeCatalogue.Mention> mentions(String text, Map<String, List<Known>> names) {
        String lower = text.substring(0, Math.min(text.length(), LONGEST_LOOK)).toLowerCase(Locale.ROOT);
        List<TradeCatalogue.Mention> all = new ArrayList<>();
        Matcher word = WORD.matcher(lower);
        int free = 0;
        while (word.find()) {
            if (word.start() < free) {
                continue;
            }
            int at = word.start();
            Optional<Known> longest = begunBy(word.group(), names)
                    .filter(known -> standsAt(known.name().toLowerCase(Locale.ROOT), lower, at))
                    .max(Comparator.comparingInt((Known known) -> known.name().length())
                            .thenComparing(Known::back, Comparator.reverseOrder())
                            .thenComparing(Known::name));
            if (longest.isPresent()) {
                Known known = longest.get();
                free = end(known.name(), lower, at);
                all.add(new TradeCatalogue.Mention(known.trade(), known.name(), at, free));
            }
        }
        return all;
    }

    /** Names whose first word is this one, or this one without the letter of several. */
    private static Stream<Known> begunBy(String word, Map<String, List<Known>> names) {
        Stream<Known> same = names.getOrDefault(word, List.of()).stream();
        return word.endsWith("s")
                ? Stream.concat(same, names.getOrDefault(word.substring(0, word.length() - 1), List.of()).stream())
                : same;
    }

    /** Whether a name stands at a place in a text, and ends there where a word does; several of it do as well. */
    private static boolean standsAt(String name, String text, int at) {
        int end = end(name, text, at);
        return text.startsWith(name, at) && (end == text.length() || !Character.isLetter(text.charAt(end)));
    }

    /** Where a name that begins at a place is over: "plumber" in "plumbers" with the word. */
    private static int end(String name, String text, int at) {
        int end = at + name.length();
        return end < text.length() && text.charAt(end) == 's' ? end + 1 : end;
    }

    private static List<String> meant(String normal) {
        List<String> all =
                Arrays.stream(normal.split(" ")).filter(word -> !word.isEmpty()).toList();
        List<String> meant = all.stream().filter(word -> !SMALL.contains(word)).toList();
        return meant.isEmpty() ? all : meant;
    }

    private static String normal(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replace("ß", "ss")
                .replace("œ", "oe")
                .replaceAll("['’]s\\b", "s")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
