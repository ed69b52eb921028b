package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;

/**
 * Finds who it is: the name of the business (what the mail address or the site is called after, what has a word of a
 * trade or a company in it), the trade, and somebody's name.
 */
final class WhoFinder {
    private static final Pattern COMPANY = Pattern.compile(
            "(?iu).*(?:& (?:sons?|daughters?|co|partners?)|\\b(?:ltd|limited|llc|inc|llp|plc|gmbh|ug|kg|e\\.?k\\.?|sarl|sas"
                    + "|s\\.?l\\.?|bv|lda|services?|care|repairs?"
                    + "|alterations|works?|workshop|studio|salon|pianos?|cleaning|sweeps?|plumbing"
                    + "|heating|electrical|gardens?|landscapes?|roofing|joinery|tailors?|garage"
                    + "|clinic|therapy|school|academy))\\b\\.?.*");
    /** Two names of a person, on one line. */
    static final String PERSON_NAME =
            "(?:(?:Mrs?|Ms|Dr|Herr|Frau|Mme|M)\\.?[ ]+)?\\p{Lu}\\p{Ll}[\\p{L}'’-]*(?:[ ]+\\p{Lu}\\.)?(?:[ ]+"
                    + "(?:de|van|von|la|le))?[ ]+\\p{Lu}\\p{L}[\\p{L}'’-]*";

    private static final Pattern PERSON = Pattern.compile(PERSON_NAME);

    /** Words that each begin with a capital: what a name of a business looks like, and a heading too. */
    private static final Pattern TITLE =
            Pattern.compile("(?:(?:The|La|Le|L['’]|Der|Die|Das|El)\\s*)?\\p{Lu}[\\p{L}'’.-]*"
                    + "(?:\\s+(?:(?:&|and|of|the|de|la|du|des|und|y|et|\\+)\\s+)?\\p{Lu}[\\p{L}'’.-]*){1,4}");

    private static final Pattern GREETING = Pattern.compile(
            "(?iu)^(?:about|welcome to|willkommen bei|bienvenue chez|bienvenidos a|this is|here is|you(?: have|['’]ve)"
                    + " reached|we are|we['’]re|©\\s*(?:[0-9]{4})?)\\s+(?=\\p{L})");
    /** Letters behind a name: "BVSc MRCVS". */
    private static final Pattern LETTERS_BEHIND =
            Pattern.compile("(?:,?\\s+(?=\\p{L}*\\p{Lu}\\p{L}*\\p{Lu})[\\p{L}.]{2,8})+$");

    private static final Pattern SHORTENED =
            Pattern.compile("(?iu)\\b(?:ltd|inc|co|llc|bros|st|e\\.k|s\\.l|\\p{L})\\.$");
    private static final Pattern HELLO =
            Pattern.compile("(?iu)^(?:hello|hi|hiya|dear|hallo|liebe[r]?|bonjour|hola)\\b");
    private static final Pattern FAREWELL =
            Pattern.compile("(?iu)^(?:(?:kind|best|warm) (?:regards|wishes)|regards|cheers|thanks|thank you"
                    + "|yours (?:sincerely|faithfully)|all the best|sincerely|mit freundlichen grüßen"
                    + "|viele grüße|cordialement|saludos|--+|sent from my .*"
                    + "|(?:thx|thanks|ta|cheers|regards|best)[,]?\\s+\\p{L}{2,20})[,.!]*$");
    private static final Pattern LABEL =
            Pattern.compile("(?iu)^(?:name|business|company|firma|trading as|t/a)\\s*:\\s*");

    private static final int MOST_PIECES = 120;
    /** Drawn around a name and no part of it. */
    private static final String MARKS = " *★☆✦✔✓➤►»«~=_#-–—|•·";

    private final TextFinder.Words words;
    private final TypedSheet sheet;

    WhoFinder(TextFinder.Words words, TypedSheet sheet) {
        this.words = words;
        this.sheet = sheet;
    }

    /** Where the greeting at the end of a letter stands; the end of the text where there is none. */
    static int farewell(TextFinder.Words words) {
        return words.fragments().stream()
                .filter(line -> FAREWELL.matcher(words.at(line)).matches())
                .mapToInt(Span::from)
                .min()
                .orElse(words.text().length());
    }

    void find() {
        List<Span> lines = words.fragments().stream().limit(80).toList();
        lines.stream()
                .filter(line -> FAREWELL.matcher(words.at(line)).matches())
                .forEach(words::setAside);
        boolean afterFarewell =
                lines.stream().anyMatch(line -> FAREWELL.matcher(words.at(line)).matches());
        Optional<Span> name = name(lines);
        if (name.isEmpty() && !afterFarewell) {
            // With no other name about, the first words of a card or a page are the name of the business.
            name = first().filter(piece -> isTitle(words.at(piece)));
        }
        name.ifPresent(line -> words.take(Found.line(
                "name",
                LABEL.matcher(words.at(line)).replaceFirst("").replaceFirst("[,;|]+$", ""),
                line,
                Sureness.LIKELY)));
        lines.stream()
                .filter(words::isFree)
                .filter(line -> PERSON.matcher(person(line)).matches() && isSomebody(person(line)))
                .findFirst()
                .ifPresent(line -> {
                    String person = person(line);
                    int from = line.from() + words.at(line).indexOf(person);
                    words.take(Found.line("person", person, new Span(from, from + person.length()), Sureness.LIKELY));
                });
        trade(lines);
    }

    /** The first words of the text, if they stand on its first line and are not taken for something else. */
    private Optional<Span> first() {
        return words.lines().stream()
                .findFirst()
                .flatMap(line -> words.pieces().stream()
                        .filter(piece -> !HELLO.matcher(words.at(piece)).find())
                        .findFirst()
                        .filter(piece -> piece.to() <= line.to())
                        .map(this::withoutRest));
    }

    /** "The Tidy Nail", "Loaf and Ladle bakery": words with capitals, the trade behind them in small letters or not. */
    private static boolean isTitle(String said) {
        List<TradeCatalogue.Mention> trades = TradeCatalogue.shipped().mentions(said);
        TradeCatalogue.Mention last = trades.isEmpty() ? null : trades.get(trades.size() - 1);
        String called = last != null && last.to() == said.length() && last.from() > 2
                ? said.substring(0, last.from()).strip()
                : said;
        boolean capitals = PERSON.matcher(said).matches()
                || TITLE.matcher(called).matches()
                || !called.equals(said) && called.matches("\\p{Lu}[\\p{L}'’-]+");
        return capitals && !LeftOver.isHarmless(said);
    }

    /** Neither the business nor a greeting, and nobody is known yet. */
    private boolean isSomebody(String said) {
        return !HELLO.matcher(said).find()
                && !AddressFinder.isStreet(said)
                && TradeCatalogue.shipped().mentions(said).isEmpty()
                && words.found().stream()
                        .noneMatch(found -> found.what().equals("person")
                                || found.what().equals("name") && found.words().equalsIgnoreCase(said));
    }

    /** The part of a line that can be a name: before "owner", a comma or a bar. */
    private String person(Span line) {
        String before = words.at(line).split("\\s*[,|–(]|\\s+-\\s+", 2)[0].strip();
        return LETTERS_BEHIND.matcher(before).replaceFirst("");
    }

    private Optional<Span> name(List<Span> lines) {
        String present = sheet.line(Line.NAME).strip();
        List<String> domains = domains();
        List<Span> free = Stream.concat(
                        lines.stream().filter(words::isFree).map(this::withoutRest),
                        words.pieces().stream().limit(MOST_PIECES).map(this::withoutRest))
                .filter(line -> line.to() - line.from() <= 80 && words.at(line).matches("(?u).*\\p{L}{2}.*"))
                .filter(line -> words.at(line).split("\\s+").length <= 8)
                .toList();
        return Stream.<java.util.function.Predicate<Span>>of(
                        line -> LABEL.matcher(words.at(line)).find(),
                        line -> !present.isEmpty() && words.at(line).equalsIgnoreCase(present),
                        line -> domains.stream().anyMatch(domain -> isCalled(words.at(line), domain)),
                        line -> COMPANY.matcher(words.at(line)).matches()
                                && Character.isUpperCase(words.at(line).codePointAt(0))
                                && !words.at(line).matches(".*[.!?:]$"))
                .flatMap(test -> free.stream().filter(test).limit(1))
                .findFirst();
    }

    /** Without "About" before it, and without what it does behind it: "Spoke and Teasel, mobile bike repairs". */
    private Span withoutRest(Span line) {
        String said = words.at(line);
        Matcher greeting = GREETING.matcher(said);
        int from = greeting.find() ? greeting.end() : 0;
        int end = said.length();
        while (from < end && MARKS.indexOf(said.charAt(from)) >= 0) {
            from++;
        }
        while (end > from && MARKS.indexOf(said.charAt(end - 1)) >= 0) {
            end--;
        }
        boolean stop = end > from + 1
                && said.charAt(end - 1) == '.'
                && !SHORTENED.matcher(said.substring(from, end)).find();
        end = stop ? end - 1 : end;
        int comma = said.indexOf(", ", from);
        String rest = comma < 0 ? "" : said.substring(comma + 2).strip();
        boolean does = !rest.isEmpty()
                && (Character.isLowerCase(rest.codePointAt(0))
                        || TradeCatalogue.shipped().find(rest).near());
        return new Span(line.from() + from, does ? line.from() + comma : line.from() + end);
    }

    /** What comes before the ending of the domains of mail addresses and links, such as {@code ashlatch}. */
    private List<String> domains() {
        return words.found().stream()
                .filter(found -> found.what().equals("email") || found.what().equals(Found.LINK))
                .map(found -> found.words()
                        .replaceFirst("^.*@", "")
                        .replaceFirst("(?i)^https?://", "")
                        .replaceFirst("(?i)^www\\.", ""))
                .map(host -> host.split("[./]", 2)[0].toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}0-9]", ""))
                .filter(stem -> stem.length() >= 4
                        && !stem.matches(
                                "gmail|outlook|hotmail|yahoo|icloud|facebook|instagram|btinternet|twitter|youtube"))
                .distinct()
                .toList();
    }

    private static boolean isCalled(String line, String domain) {
        String plain = line.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}0-9]", "");
        return plain.startsWith(domain) || plain.length() >= 4 && domain.startsWith(plain);
    }

    private void trade(List<Span> lines) {
        List<TradeCatalogue.Mention> ranked = TradeEvidence.ranked(words);
        if (ranked.isEmpty()) {
            return;
        }
        List<String> said = ranked.stream()
                .map(each -> words.at(new Span(each.from(), each.to())).toLowerCase(Locale.ROOT))
                .toList();
        Span at = new Span(ranked.get(0).from(), ranked.get(0).to());
        // A line that says the trade and nothing else is understood by it.
        lines.stream()
                .filter(line -> line.from() <= at.from() && at.to() <= line.to() && words.isFree(line))
                .findFirst()
                .ifPresent(words::setAside);
        words.take(new Found("trade", said.get(0), at, Sureness.LIKELY, said.subList(1, said.size()), null, null));
    }
}
