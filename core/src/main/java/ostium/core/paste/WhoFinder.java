package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
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
                    + "|clinic|therapy|school|academy|praxis|kanzlei|werkstatt|atelier|cabinet|menuiserie))\\b\\.?.*");
    /** Two names of a person, on one line. */
    static final String PERSON_NAME =
            "(?:(?:Mrs?|Ms|Dr|Herr|Frau|Mme|M)\\.?[ ]+)?\\p{Lu}\\p{Ll}[\\p{L}'’-]*(?:[ ]+\\p{Lu}\\.)?(?:[ ]+"
                    + "(?:de|van|von|la|le))?[ ]+\\p{Lu}\\p{L}[\\p{L}'’-]*";

    private static final Pattern PERSON = Pattern.compile(PERSON_NAME);
    /** A name behind a title: nobody calls a business "Mr". */
    private static final Pattern TITLED = Pattern.compile("(?:Mrs?|Ms|Miss|Dr|Herr|Frau|Mme)\\.?[ ]+" + PERSON_NAME);
    /** A name as it is signed: with initials, or in capitals. */
    private static final Pattern SIGNED =
            Pattern.compile("(?:\\p{Lu}\\.[ ]*){1,3}\\p{Lu}[\\p{L}'’-]+|\\p{Lu}[\\p{Lu}'’-]+[ ]+\\p{Lu}[\\p{Lu}'’-]+");

    private static final Pattern APART = Pattern.compile(",[ ]|[ ][-–—][ ]");
    private static final Pattern ARTICLE = Pattern.compile("(?iu)(?:the|le|la|les|du|des|der|die|das|el|los|las)\\b");
    /** What stands behind it is the name of whoever writes. */
    private static final Pattern WELCOME =
            Pattern.compile("(?iu)\\b(?:welcome to|booking with|choosing|visiting|have reached|['’]ve reached)\\s+$");
    /** Behind the name of a trade these make it no name of a business: "IRONING DONE". */
    private static final Pattern OFFERED = Pattern.compile(
            "(?iu)[\\s:!,.–-]*(?:done|wanted|available|offered|undertaken|for hire|lessons|by appointment)?[\\s:!,.–-]*");

    /** Words that each begin with a capital: what a name of a business looks like, and a heading too. */
    private static final Pattern TITLE =
            Pattern.compile("(?:(?:The|La|Le|L['’]|Der|Die|Das|El)\\s*)?\\p{Lu}[\\p{L}'’.-]*"
                    + "(?:\\s+(?:(?:&|and|of|the|de|la|du|des|und|y|et|\\+)\\s+)?\\p{Lu}[\\p{L}'’.-]*){1,4}");

    private static final Pattern GREETING = Pattern.compile(
            "(?iu)^(?:about|welcome to|willkommen bei|bienvenue chez|bienvenidos a|this is|here is|you(?: have|['’]ve)"
                    + " reached|we are|we['’]re|thank you for (?:booking with|choosing|visiting|contacting|calling)"
                    + "|©\\s*(?:[0-9]{4})?)\\s+(?=\\p{L})");
    /** Letters behind a name: "BVSc MRCVS". */
    private static final Pattern LETTERS_BEHIND =
            Pattern.compile("(?:,?\\s+(?=\\p{L}*\\p{Lu}\\p{L}*\\p{Lu})[\\p{L}.]{2,8})+$");

    private static final Pattern SHORTENED =
            Pattern.compile("(?iu)\\b(?:ltd|inc|co|llc|bros|st|e\\.k|s\\.l|\\p{L})\\.$");
    private static final Pattern HELLO =
            Pattern.compile("(?iu)^(?:hello|hi|hiya|dear|hallo|liebe[r]?|bonjour|hola)\\b");
    private static final Pattern FAREWELL = Pattern.compile(
            "(?iu)^(?:(?:with )?(?:kind|kindest|best|warm|warmest|many) (?:regards|wishes|thanks)|regards|cheers"
                    + "|thanks(?: so much| again| very much)?|thank you|(?:see|speak to) you soon|speak soon|all best|take care|yours"
                    + "|yours (?:sincerely|faithfully)|all the best|sincerely|mit freundlichen grüßen"
                    + "|viele grüße|cordialement|saludos|--+|sent from my .*"
                    + "|(?:thx|thanks|ta|cheers|regards|best)[,]?\\s+\\p{L}{2,20})[,.!]*$");
    private static final Pattern LABEL =
            Pattern.compile("(?iu)^(?:name|business|company|firma|trading as|t/a)\\s*:\\s*");

    private static final int MOST_PIECES = 120;
    private static final int TELLING_DOMAIN = 10;
    private static final int MOST_SMALL = 2;
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
            name = first().filter(piece -> isTitle(words.at(piece)) && !isOffer(words.at(piece)));
        }
        name.ifPresent(line -> words.take(Found.line(
                "name",
                LABEL.matcher(words.at(line)).replaceFirst("").replaceFirst("[,;|]+$", ""),
                line,
                Sureness.LIKELY)));
        person(lines).ifPresent(words::take);
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

    /** Neither the business nor a greeting, and nobody is known yet. */
    private boolean isSomebody(String said) {
        return !HELLO.matcher(said).find()
                && !AddressFinder.isStreet(said)
                && TradeCatalogue.shipped().mentions(said).isEmpty()
                && words.found().stream()
                        .noneMatch(found -> found.what().equals("person")
                                || found.what().equals("name") && found.words().equalsIgnoreCase(said));
    }

    /**
     * Somebody's name: under the greeting, on a line of its own, behind a title before a comma, or at the end of the name of the
     * business behind its trade.
     */
    private Optional<Found> person(List<Span> lines) {
        List<Span> pieces = words.pieces().stream().limit(MOST_PIECES).toList();
        return Stream.<Supplier<Stream<Found>>>of(
                        () -> underGreeting(lines).stream(),
                        () -> lines.stream()
                                .filter(words::isFree)
                                .filter(line -> PERSON.matcher(person(line)).matches())
                                .map(line -> person(line, person(line))),
                        () -> pieces.stream()
                                .filter(piece -> TITLED.matcher(words.at(piece)).matches())
                                .map(piece -> person(piece, words.at(piece))),
                        () -> behindTrade().stream())
                .flatMap(Supplier::get)
                .filter(found -> isSomebody(found.words()))
                .findFirst();
    }

    private static Found person(Span within, String name, int from) {
        int at = within.from() + from;
        return Found.line("person", name, new Span(at, at + name.length()), Sureness.LIKELY);
    }

    private Found person(Span within, String name) {
        return person(within, name, words.at(within).indexOf(name));
    }

    /** "J. TAMARISK" on the line under "Many thanks," is J. Tamarisk. */
    private Optional<Found> underGreeting(List<Span> lines) {
        for (int i = 1; i < lines.size(); i++) {
            Span line = lines.get(i);
            if (FAREWELL.matcher(words.at(lines.get(i - 1))).matches()
                    && words.isFree(line)
                    && SIGNED.matcher(words.at(line)).matches()) {
                String name = Pattern.compile("(?<=\\p{Lu})\\p{Lu}+")
                        .matcher(words.at(line))
                        .replaceAll(rest -> rest.group().toLowerCase(Locale.ROOT));
                return Optional.of(person(line, name, 0));
            }
        }
        return Optional.empty();
    }

    /** "Praxis für Physiotherapie Anke Lorenz". */
    private Optional<Found> behindTrade() {
        return words.found().stream()
                .filter(found -> found.what().equals("name"))
                .flatMap(found -> TradeCatalogue.shipped().mentions(found.words()).stream()
                        .map(trade -> found.words().substring(trade.to()).strip())
                        .filter(rest -> PERSON.matcher(rest).matches()
                                && !ARTICLE.matcher(rest).lookingAt())
                        .map(rest -> Found.line("person", rest, found.at(), Sureness.LIKELY)))
                .findFirst();
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
                        line -> WELCOME.matcher(words.text().substring(Math.max(0, line.from() - 30), line.from()))
                                        .find()
                                && isTitle(words.at(line)),
                        line -> domains.stream().anyMatch(domain -> isCalled(words.at(line), domain)),
                        line -> COMPANY.matcher(words.at(line)).matches()
                                && smallWords(words.at(line)) <= MOST_SMALL
                                && Character.isUpperCase(words.at(line).codePointAt(0))
                                && !words.at(line).matches(".*[.!?:]$"))
                .flatMap(test -> free.stream().filter(test).limit(1))
                .findFirst();
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
        end = stop ? end - 1 : end;
        Matcher apart = APART.matcher(said).region(from, said.length());
        int comma = apart.find() ? apart.start() : -1;
        String rest = comma < 0 ? "" : said.substring(apart.end()).strip();
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
        return plain.startsWith(domain)
                || domain.length() >= TELLING_DOMAIN && plain.contains(domain)
                || plain.length() >= 4 && domain.startsWith(plain);
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
