package ostium.core.trade;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;
import ostium.core.base.Listing;
import ostium.core.trade.Trade.Speech;
import ostium.core.trade.Trade.UsualField;
import ostium.core.trade.Trade.UsualPractice;
import ostium.core.trade.Trade.UsualService;

/** The words of a trade as they are said in the United States; the catalogue is written in British English. */
final class AmericanEnglish {
    /** The country whose words these are, ISO 3166. */
    static final String COUNTRY = "US";

    private record Words(Map<String, String> words) {}

    private static final Map<String, String> WORDS =
            DataFile.read("/ostium/words/en/american.yaml", Words.class).words();

    private static final Pattern ANY = Pattern.compile("(?iu)(?<![\\p{L}’'])(?:"
            + WORDS.keySet().stream()
                    .sorted(Comparator.comparingInt(String::length).reversed())
                    .map(Pattern::quote)
                    .collect(Collectors.joining("|"))
            + ")(?![\\p{L}])");

    /** A trade is turned once, and is then the same object for all who ask. */
    private static final Map<String, Trade> TURNED = new ConcurrentHashMap<>();

    private AmericanEnglish() {}

    static Trade of(Trade trade) {
        return TURNED.computeIfAbsent(trade.id(), id -> turned(trade));
    }

    /** Words with every British one replaced; the capital of each stays. */
    static String say(String words) {
        return ANY.matcher(words).replaceAll(match -> {
            String said = WORDS.get(match.group().toLowerCase(Locale.ROOT));
            return Character.isUpperCase(match.group().charAt(0)) ? Listing.capital(said) : said;
        });
    }

    private static Trade turned(Trade trade) {
        Speech speech = trade.speech();
        return new Trade(
                trade.id(),
                trade.family(),
                trade.names(),
                trade.schemaType(),
                say(trade.doing()),
                new Speech(
                        speech.customer(),
                        say(speech.job()),
                        say(speech.does()),
                        say(speech.list()),
                        each(speech.tell())),
                trade.coming(),
                trade.urgency(),
                trade.goal(),
                trade.motif(),
                trade.moods(),
                trade.houses(),
                trade.services().stream()
                        .map(usual -> new UsualService(
                                usual.key(), say(usual.name()), usual.minutes(), usual.price(), say(usual.say())))
                        .toList(),
                trade.practices().stream()
                        .map(usual -> new UsualPractice(
                                usual.key(),
                                say(usual.ask()),
                                say(usual.says()),
                                say(usual.brief()),
                                usual.apart() == null ? null : say(usual.apart())))
                        .toList(),
                trade.form().stream()
                        .map(field ->
                                new UsualField(field.key(), say(field.label()), field.kind(), each(field.options())))
                        .toList(),
                each(trade.questions()),
                each(trade.proof()),
                trade.regulated(),
                trade.inherited());
    }

    private static List<String> each(List<String> words) {
        return words.stream().map(AmericanEnglish::say).toList();
    }
}
