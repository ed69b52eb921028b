package ostium.core.naming;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.FactValue;
import ostium.core.text.EditDistance;
import ostium.core.text.Slug;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * Names for a business without one.
 *
 * <pre>{@code
 * Names.propose(brief, new Seed(7), 6);   // "Ashlatch Chimney Sweeping", "Brush & Ladder", …
 * }</pre>
 */
public final class Names {
    /** Characters a sign, a title and an address hold well. */
    private static final int LONGEST = 28;

    private static final int SHORTEST = 4;
    private static final Pattern GAP = Pattern.compile("\\{(\\w+)}");

    private record Family(List<String> after, List<List<String>> pairs) {}

    private record Written(Map<String, Family> families, List<String> patterns, String practitioners) {}

    private static final Written WRITTEN = DataFile.read("/ostium/words/en/names.yaml", Written.class);

    /** What trades are called, in lower case: a name must not be one of these, nor nearly. */
    private static final Set<String> TRADE_NAMES = TradeCatalogue.shipped().all().stream()
            .flatMap(trade -> trade.names().stream())
            .filter(name -> name.language().equals("en"))
            .map(name -> plain(name.words()))
            .collect(Collectors.toCollection(TreeSet::new));

    private final Map<String, String> tokens = new LinkedHashMap<>();

    private Names(Brief brief, Seed seed, int turn) {
        Trade trade = brief.trade();
        Family family = WRITTEN.families().get(trade.family());
        brief.facts().one(FactValue.Person.class).ifPresent(person -> {
            String[] parts = person.name().strip().split("\\s+");
            tokens.put("first", parts[0]);
            if (parts.length > 1) {
                tokens.put("last", parts[parts.length - 1]);
            }
        });
        brief.facts()
                .town()
                .or(() -> brief.facts()
                        .one(Area.class)
                        .flatMap(area -> area.places().stream().findFirst()))
                .ifPresent(town -> tokens.put("town", town));
        if (!trade.doing().isBlank()) {
            tokens.put("Doing", capitals(trade.doing()));
        }
        if (trade.name().matches(".*" + WRITTEN.practitioners())) {
            tokens.put("Practitioner", capitals(trade.name()));
        }
        List<String> pair =
                family.pairs().get(at(seed, "pair", turn, family.pairs().size()));
        tokens.put("pair", pair.get(0) + " & " + pair.get(1));
        tokens.put("pairOne", pair.get(1));
        tokens.put(
                "after",
                family.after().get(at(seed, "after", turn, family.after().size())));
    }

    private static int at(Seed seed, String path, int turn, int size) {
        return ((int) (seed.fraction("name/" + path) * size) + turn) % size;
    }

    /**
     * A name.
     *
     * @param name as it would stand on a sign
     * @param address the free address it would give, without the domain
     */
    public record Name(String name, String address) {}

    /**
     * Some names, each made in another way as far as the facts allow; another seed gives others. None is longer than
     * {@value #LONGEST} characters, hard to say, or nearly what a trade itself is called.
     */
    public static List<Name> propose(Brief brief, Seed seed, int most) {
        List<Name> names = new ArrayList<>();
        Set<String> addresses = new TreeSet<>();
        int patterns = WRITTEN.patterns().size();
        int first = (int) (seed.fraction("name/first") * patterns);
        for (int turn = 0; turn < 4 && names.size() < most; turn++) {
            Names made = new Names(brief, seed, turn);
            for (int i = 0; i < patterns && names.size() < most; i++) {
                String name = made.fill(WRITTEN.patterns().get((first + i * 4) % patterns));
                String address = Slug.of(name, 40);
                if (isGood(name) && addresses.add(address)) {
                    names.add(new Name(name, address));
                }
            }
        }
        return names;
    }

    /** How many lists back a name is remembered. */
    private static final int REMEMBERED = 4;

    /**
     * Names of a further list: none that one of the lists before it has shown.
     *
     * @param turn 0 for the first list, 1 for the next, and so on
     */
    public static List<Name> others(Brief brief, Seed seed, int turn, int most) {
        Set<String> shown = new TreeSet<>();
        List<Name> list = List.of();
        for (int at = Math.max(0, turn - REMEMBERED); at <= turn; at++) {
            list = propose(brief, new Seed(seed.value() + at), most * (REMEMBERED + 1)).stream()
                    .filter(name -> !shown.contains(name.address()))
                    .limit(most)
                    .toList();
            list.forEach(name -> shown.add(name.address()));
        }
        return list.isEmpty() ? propose(brief, new Seed(seed.value() + turn), most) : list;
    }

    /** The name, or nothing when it speaks of something that is not known. */
    private String fill(String pattern) {
        Matcher gap = GAP.matcher(pattern);
        StringBuilder out = new StringBuilder();
        while (gap.find()) {
            String said = tokens.get(gap.group(1));
            if (said == null) {
                return "";
            }
            gap.appendReplacement(out, Matcher.quoteReplacement(said));
        }
        return gap.appendTail(out).toString();
    }

    static boolean isGood(String name) {
        return name.length() >= SHORTEST && name.length() <= LONGEST && Sayable.is(name) && !isATrade(name);
    }

    private static boolean isATrade(String name) {
        String said = plain(name);
        return TRADE_NAMES.stream()
                .anyMatch(trade -> trade.equals(said)
                        || Math.abs(trade.length() - said.length()) <= 2
                                && said.length() > 5
                                && EditDistance.between(trade, said) <= 2);
    }

    private static String plain(String words) {
        return words.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L} ]", "")
                .replaceFirst("^the ", "")
                .strip();
    }

    private static String capitals(String words) {
        return Arrays.stream(words.split(" "))
                .map(word -> Set.of("and", "of", "in", "on", "at", "for", "the").contains(word)
                        ? word
                        : word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1))
                .collect(Collectors.joining(" "));
    }
}
