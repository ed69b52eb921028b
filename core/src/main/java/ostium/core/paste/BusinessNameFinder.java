package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;

/**
 * Finds the name of the business: what is labelled as it, what the mail address or the site is called after, what has a word of a
 * trade or a company in it, or the first words of a card.
 */
final class BusinessNameFinder {
    private static final Pattern COMPANY = Pattern.compile(
            "(?iu).*(?:& (?:sons?|daughters?|co|partners?)|\\b(?:ltd|limited|llc|inc|llp|plc|gmbh|ug|kg|e\\.?k\\.?|sarl|sas"
                    + "|s\\.?l\\.?|bv|lda|services?|care|repairs?"
                    + "|alterations|works?|workshop|studio|salon|pianos?|cleaning|sweeps?|plumbing"
                    + "|heating|electrical|gardens?|landscapes?|roofing|joinery|tailors?|garage"
                    + "|clinic|clinique|clínica|therapy|school|academy|praxis|kanzlei|werkstatt|atelier|cabinet|menuiserie))\\b\\.?.*");
    private static final Pattern APART = Pattern.compile(",[ ]|[ ][-–—][ ]");
    /** Behind a name, what becomes of it: "Crumb & Co is moving!". */
    private static final Pattern NEWS =
            Pattern.compile("(?iu)(?:\\s+\\([^()]{2,30}\\))?\\s+(?:is|are|has|have|will)\\s+(?:now |be |re)?[\\p{L}]");
    /** Behind a name, who it is: "Sea Room Yoga with Aoife Brennan". */
    private static final Pattern WITH = Pattern.compile("\\s+with\\s+" + PersonFinder.NAME + "$");
    /** Behind a name, whose it is: "Physiotherapie am Deich – Inh. Jonas Petersen". */
    private static final Pattern OWNED = Pattern.compile(
            "(?iu)(?:inh\\.|inhaber(?:in)?|owner|prop\\.|proprietor|gérante?|propietari[oa])(?![\\p{L}]).*");

    /** What stands behind it is the name of whoever writes. */
    private static final Pattern WELCOME =
            Pattern.compile("(?iu)\\b(?:welcome to|booking with|choosing|visiting|have reached|['’]ve reached)\\s+$");
    /** Behind the name of a trade these make it no name of a business: "IRONING DONE". */
    private static final Pattern OFFERED = Pattern.compile(
            "(?iu)[\\s:!,.–-]*(?:done|wanted|available|offered|undertaken|for hire|(?:and|&) (?:repairs?"
                    + "|maintenance|servicing|installations?|fitting|tuition)|lessons|by appointment)?[\\s:!,.–-]*");

    /** Words that each begin with a capital: what a name of a business looks like, and a heading too. */
    private static final Pattern TITLE = Pattern.compile(
            "(?:(?:The|La|Le|L['’]|Der|Die|Das|El)\\s*)?\\p{Lu}[\\p{L}'’.-]*"
                    + "(?:\\s+(?:(?:&|and|of|with|by|the|de|la|du|des|am|im|an der|und|y|et|\\+)\\s+)?\\p{Lu}[\\p{L}'’.-]*){1,4}");

    private static final Pattern GREETING = Pattern.compile(
            "(?iu)^(?:about|welcome to|willkommen bei|bienvenue chez|bienvenidos a|this is|here is|you(?: have|['’]ve)"
                    + " reached|we are|we['’]re|thank you for (?:booking with|choosing|visiting|contacting|calling)"
                    + "|©\\s*(?:[0-9]{4})?)\\s+(?=\\p{L})");
    private static final Pattern SHORTENED =
            Pattern.compile("(?iu)\\b(?:ltd|inc|co|llc|bros|st|e\\.k|s\\.l|\\p{L})\\.$");
    private static final Pattern LABEL =
            Pattern.compile("(?iu)^(?:name|business|company|firma|trading as|t/a)\\s*:\\s*");

    private static final int MOST_PIECES = 120;
    private static final int TELLING_DOMAIN = 10;
    private static final int MOST_SMALL = 2;
    /** Drawn around a name and no part of it. */
    private static final String MARKS = " *★☆✦✔✓➤►»«~=_#-–—|•·";

    private final TextFinder.Words words;
    private final TypedSheet sheet;

    BusinessNameFinder(TextFinder.Words words, TypedSheet sheet) {
        this.words = words;
        this.sheet = sheet;
    }

    Optional<Found> find(List<Span> lines) {
        boolean signed = lines.stream().anyMatch(line -> Greetings.isFarewell(words.at(line)));
        // With no other name about, the first words of a card or a page are the name of the business.
        return called(lines)
                .or(() -> signed
                        ? Optional.empty()
                        : first().filter(piece -> isTitle(words.at(piece)) && !isOffer(words.at(piece))))
                .map(line -> Found.line(
                        "name",
                        LABEL.matcher(words.at(line)).replaceFirst("").replaceFirst("[,;|]+$", ""),
                        line,
                        Sureness.LIKELY));
    }

    /** The first words of the text, if they stand on its first line and are not taken for something else. */
    private Optional<Span> first() {
        return words.lines().stream()
                .filter(line -> !LeftOver.isHarmless(words.at(line)))
                .findFirst()
                .flatMap(line -> words.pieces().stream()
                        .filter(piece -> !Greetings.isHello(words.at(piece)))
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
        boolean capitals = PersonFinder.isName(said)
                || TITLE.matcher(called).matches()
                || TITLE.matcher(said).matches()
                || !called.equals(said) && called.matches("\\p{Lu}[\\p{L}'’-]+");
        return capitals && !LeftOver.isHarmless(said);
    }

    /** A trade that is offered, by nobody in particular. */
    private static boolean isOffer(String said) {
        List<TradeCatalogue.Mention> trades = TradeCatalogue.shipped().mentionsInName(said);
        return trades.size() == 1
                && trades.get(0).from() == 0
                && OFFERED.matcher(said.substring(trades.get(0).to())).matches();
    }

    private Optional<Span> called(List<Span> lines) {
        String present = sheet.line(Line.NAME).strip();
        List<String> domains = domains();
        List<Span> free = Stream.concat(
                        lines.stream().filter(words::isFree).map(this::withoutRest),
                        words.pieces().stream().limit(MOST_PIECES).map(this::withoutRest))
                .filter(line -> line.to() - line.from() <= 80 && words.at(line).matches("(?u).*\\p{L}{2}.*"))
                .filter(line -> words.at(line).split("\\s+").length <= 8)
                .filter(line -> words.at(line).contains(" ") || !isSignature(lines, line))
                .toList();
        return Stream.<Predicate<Span>>of(
                        line -> LABEL.matcher(words.at(line)).find(),
                        line -> !present.isEmpty() && words.at(line).equalsIgnoreCase(present),
                        line -> WELCOME.matcher(words.text().substring(Math.max(0, line.from() - 30), line.from()))
                                        .find()
                                && isTitle(words.at(line)),
                        line -> domains.stream().anyMatch(domain -> isCalled(words.at(line), domain)),
                        line -> COMPANY.matcher(words.at(line)).matches()
                                && !isOffer(words.at(line))
                                && smallWords(words.at(line)) <= MOST_SMALL
                                && Character.isUpperCase(words.at(line).codePointAt(0))
                                && !words.at(line).matches(".*[.!?:]$"))
                .flatMap(test -> free.stream().filter(test).limit(1))
                .findFirst();
    }

    /** On the line under the greeting at the end: one word there is somebody's first name. */
    private boolean isSignature(List<Span> lines, Span line) {
        return IntStream.range(1, lines.size())
                .anyMatch(i -> lines.get(i).from() == line.from() && Greetings.isFarewell(words.at(lines.get(i - 1))));
    }

    /** Words in small letters that a name seldom has: a sentence has many. */
    private static long smallWords(String said) {
        return Stream.of(said.split("\\s+"))
                .filter(word -> word.matches("\\p{Ll}.*")
                        && !word.matches("of|and|the|for|at|by|in|de|du|des|la|le|et|und|für|y"))
                .count();
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
        String title = titleIn(said.substring(from, stop ? end - 1 : end));
        Matcher apart = APART.matcher(said).region(from, said.length());
        boolean does = apart.find() && isDoing(said.substring(apart.end()).strip());
        return new Span(line.from() + from, line.from() + (does ? apart.start() : from + title.length()));
    }

    /** The name at the beginning of words that go on with who is behind it, or what becomes of it; else the words. */
    private static String titleIn(String said) {
        for (Pattern goesOn : List.of(WITH, NEWS)) {
            Matcher rest = goesOn.matcher(said);
            if (rest.find() && TITLE.matcher(said.substring(0, rest.start())).matches()) {
                return said.substring(0, rest.start());
            }
        }
        return said;
    }

    /** Whether words behind a name say what it does, or whose it is. */
    private static boolean isDoing(String rest) {
        return !rest.isEmpty()
                && (Character.isLowerCase(rest.codePointAt(0))
                        || OWNED.matcher(rest).matches()
                        || TradeCatalogue.shipped().find(rest).near());
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
        return plain.startsWith(domain)
                || domain.length() >= TELLING_DOMAIN && plain.contains(domain)
                || plain.length() >= 4 && domain.startsWith(plain);
    }
}
