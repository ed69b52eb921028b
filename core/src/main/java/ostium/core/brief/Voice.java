package ostium.core.brief;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;

/**
 * Who speaks on a page: one person, or several. One choice for the whole site; what the owner has not chosen follows from
 * the facts. Sentences are written as several would say them, and {@link #say} puts them into the mouth of one.
 */
public enum Voice {
    I("I", Map.of("we", "I", "us", "me", "our", "my", "ours", "mine", "ourselves", "myself", "we are", "I am")),
    WE("We", Map.of());

    /** @param signs words in the name of a business that more than one person stands behind */
    private record Firms(List<String> signs) {}

    private static final Pattern FIRM = Pattern.compile("(?iu)(?<!\\p{L})(?:"
            + DataFile.read("/ostium/words/en/firms.yaml", Firms.class).signs().stream()
                    .map(Pattern::quote)
                    .collect(Collectors.joining("|"))
            + ")(?!\\p{L})");

    private static final Pattern SEVERAL = Pattern.compile("(?i)\\b(we are|we|us|our|ours|ourselves)\\b");
    private static final Pattern ONE = Pattern.compile("\\b(I|I['’]\\p{L}+|[Mm]e|[Mm]y|[Mm]ine|[Mm]yself)\\b");

    private final String words;
    private final Map<String, String> spoken;

    Voice(String words, Map<String, String> spoken) {
        this.words = words;
        this.spoken = spoken;
    }

    /** What an owner calls it. */
    public String words() {
        return words;
    }

    /** Its name on the sheet and in commands: {@code we}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Voice> named(String id) {
        return Arrays.stream(values()).filter(voice -> voice.id().equals(id)).findFirst();
    }

    /**
     * The voice the facts speak for: one person who is named, no sign of a firm in the name, and no <em>we</em> in the
     * owner's own words is an <em>I</em>. Everything else is a <em>we</em>.
     */
    public static Voice of(Facts facts) {
        List<Fact<FactValue.Person>> people = facts.all(FactValue.Person.class);
        if (people.size() != 1) {
            return WE;
        }
        String own = facts.all(FactValue.OwnWords.class).stream()
                .map(fact -> fact.value().words())
                .collect(Collectors.joining(" "));
        boolean saysWe = SEVERAL.matcher(own).find() && !ONE.matcher(own).find();
        return isFirm(facts) || saysWe ? WE : I;
    }

    /** Whether more than one person is known to stand behind a business: several are named, or its name says so. */
    public static boolean areSeveral(Facts facts) {
        return facts.all(FactValue.Person.class).size() > 1 || isFirm(facts);
    }

    private static boolean isFirm(Facts facts) {
        return facts.one(FactValue.Name.class)
                .filter(name -> FIRM.matcher(name.value()).find())
                .isPresent();
    }

    /** A sentence that is written as several would say it, in this voice. */
    public String say(String sentence) {
        if (spoken.isEmpty()) {
            return sentence;
        }
        Matcher matcher = SEVERAL.matcher(sentence);
        return matcher.replaceAll(match -> spoken(match.group()));
    }

    private String spoken(String word) {
        String said = spoken.get(word.toLowerCase(Locale.ROOT));
        boolean capital = Character.isUpperCase(word.charAt(0));
        return capital ? said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) : said;
    }

    /** Whether some words speak as somebody of the business: <em>I</em>, <em>my</em>, <em>we</em>, <em>our</em>. */
    public static Optional<Voice> heardIn(String words) {
        if (ONE.matcher(words).find()) {
            return Optional.of(I);
        }
        return SEVERAL.matcher(words).find() ? Optional.of(WE) : Optional.empty();
    }
}
