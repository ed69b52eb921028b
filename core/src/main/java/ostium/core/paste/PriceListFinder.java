package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.fact.Minutes;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** Finds rows of a price list: a name, perhaps how long it takes, and a price at the end of the line. */
final class PriceListFinder {
    private static final String MONEY =
            "(?:(?:from|ab|dès|desde|à partir de|a partir de|starting at)\\s+)?(?:[£$€]\\s?[0-9][0-9.,]*|[0-9][0-9.,]*-*\\s?(?:[£$€]"
                    + "|eur|gbp|usd)(?![\\p{L}]))(?:\\s*(?:-|–|to)\\s*[£$€]?\\s?[0-9][0-9.,]*\\s?[£$€]?)?\\+?(?:\\s*(?:/"
                    + "|per|an?|each|pro|par|por)\\s*[\\p{L}]{1,20}|\\s*each(?![\\p{L}]))?";
    private static final Pattern ROW = Pattern.compile("(?iu)^(?<name>[\\p{L}0-9].*?)[\\s.·…:–—|_-]+(?<price>" + MONEY
            + "|(?:from|ab|desde)\\s+[0-9]{1,5}(?:[.,][0-9]{2})?|on request|price on request"
            + "|poa|free(?: of charge)?|auf anfrage|sur devis)(?<after>\\s*[\\s,(–-]\\s*.{0,40})?$");
    private static final List<String> MONEY_WORDS = List.of(
            "£", "$", "€", "eur", "gbp", "usd", "from ", "ab ", "desde ", "request", "poa", "free", "anfrage", "devis");
    private static final Pattern TIME = Pattern.compile(
            "(?iu)[(,–-]?\\s*(?:approx\\.?\\s*|about\\s*|ca\\.?\\s*)?(?<time>[0-9]{1,3}(?:[.,][0-9])?\\s*(?:min"
                    + "(?:ute)?n?s?|mins|h(?:ou)?rs?|h|std\\.?|stunden?)(?:\\s*[0-9]{1,2}\\s*(?:min(?:ute)?s?)?)?)\\.?\\s*\\)?"
                    + "(?![\\p{L}])");
    /** What a price does not hold yet: it must not be lost. */
    private static final Pattern TAX = Pattern.compile("(?iu)\\b(?:vat|mwst|ust|tva|iva|tax|ht)\\b");

    /** Begins a line that names no service. */
    private static final Pattern NO_SERVICE = Pattern.compile(
            "(?iu)^(?:[0-9]+ ?[x×]\\s|an?\\b|i\\b|it\\b|my\\b|we\\b|costs?\\b|save|spend|only|just|now only|was|total"
                    + "|sub-?total|amount due|balance|invoice|paid|spare[nz]?)\\b");

    /** Stands before a price and names nothing: "From £55". */
    private static final Pattern NO_NAME = Pattern.compile(
            "(?iu)(?:all |our )?(?:prices?|costs?|rates?|charges?|jobs?|from|only|just|starting|ab|preise?|dès"
                    + "|à partir de|prix|tarifs?|desde|precios?)"
                    + "(?: (?:from|start(?:ing)?(?: (?:from|at))?|ab|dès|desde))?");

    /** Behind a price, it is the least of several. */
    private static final Pattern UPWARDS =
            Pattern.compile("(?iu)(?:and |& )?(?:up|upwards|above|onwards)|et plus|y más");

    /** A figure and a comma in a name: another price, perhaps, with its own name before it. */
    private static final Pattern FIGURE_BEFORE_COMMA = Pattern.compile("[0-9]\\s*,");

    private static final Pattern COMMA = Pattern.compile(",\\s+(?=\\p{L})");
    private static final Pattern PRICE_FIRST = Pattern.compile("[£$€]?\\s?[0-9.,]+\\s?[£$€]|[£$€]");
    private static final Pattern SECOND_FIGURE = Pattern.compile("[0-9£$€]");

    /** Between a price and the name of the next service. */
    private static final Pattern NEXT_ROW = Pattern.compile(
            "(?iu)(?<=[0-9€£$)]|free|each)\\s*(?:[,;/]|\\band\\b|\\bund\\b|\\bet\\b|\\by\\b)\\s+(?=[\\p{L}0-9]{2})");

    private static final Pattern BULLET = Pattern.compile("^[\\s•*·▪◦‣>–-]+");

    private final TextFinder.Words words;
    private final TypedSheet sheet;

    PriceListFinder(TextFinder.Words words, TypedSheet sheet) {
        this.words = words;
        this.sheet = sheet;
    }

    void find() {
        Trade trade = trade();
        for (Span line : words.fragments().stream().flatMap(this::priced).toList()) {
            String said = words.at(line);
            if (said.length() < 200 && words.has(line, MONEY_WORDS) && words.isFree(line)) {
                Matcher bullet = BULLET.matcher(said);
                int from = bullet.find() ? bullet.end() : 0;
                row(said.substring(from), trade).ifPresent(row -> {
                    Found found = Found.service(row.service(), new Span(line.from() + from, line.to()), Sureness.SURE);
                    words.take(row.left().isEmpty() ? found : found.beside(row.left()));
                });
            }
        }
    }

    /** The rows of a list on one line, each with its price: "Half leg £16, full leg £24". */
    private Stream<Span> priced(Span fragment) {
        return priced(fragment, NEXT_ROW).flatMap(row -> priced(row, COMMA));
    }

    /** The parts between ends, where each of them is a row with a price of its own; else the whole. */
    private Stream<Span> priced(Span fragment, Pattern between) {
        List<Span> rows = new ArrayList<>();
        Matcher end = between.matcher(words.at(fragment));
        int from = 0;
        while (end.find()) {
            rows.add(new Span(fragment.from() + from, fragment.from() + end.start()));
            from = end.end();
        }
        rows.add(new Span(fragment.from() + from, fragment.to()));
        boolean eachHas = rows.stream()
                .allMatch(row -> words.has(row, MONEY_WORDS)
                        && !PRICE_FIRST.matcher(words.at(row)).lookingAt());
        return eachHas ? rows.stream() : Stream.of(fragment);
    }

    private Trade trade() {
        return sheet.trade().isBlank()
                ? TradeEvidence.in(words)
                        .map(TradeCatalogue.Mention::trade)
                        .orElse(TradeCatalogue.shipped().find("").trade())
                : TradeCatalogue.shipped().find(sheet.trade()).trade();
    }

    /** @param left words behind the price that could change it, or empty */
    private record Row(TypedService service, String left) {}

    private Optional<Row> row(String said, Trade trade) {
        Matcher row = ROW.matcher(said.replaceAll("\\t", "   "));
        if (!row.matches()) {
            return Optional.empty();
        }
        String price = price(row.group("price"));
        if (Price.read(price, sheet.region()).value().isEmpty()) {
            return Optional.empty();
        }
        String name = row.group("name");
        String after = row.group("after") == null ? "" : row.group("after");
        if (TAX.matcher(after).find() || NO_SERVICE.matcher(name).find()) {
            return Optional.empty();
        }
        String rest = plain(TIME.matcher(after).replaceFirst(""));
        if (UPWARDS.matcher(rest).matches()) {
            price = price.startsWith("from ") ? price : "from " + price;
            rest = "";
        }
        String minutes = "";
        for (String part : List.of(after, name)) {
            Matcher time = TIME.matcher(part);
            if (minutes.isEmpty() && time.find()) {
                minutes = time.group("time").strip();
                // "30 minute walk" is called so.
                if (part.equals(name) && time.start() > 0) {
                    name = name.substring(0, time.start()) + name.substring(time.end());
                }
            }
        }
        List<String> halves = new ArrayList<>(List.of(name.split("\\s*[(:–—]\\s*|\\s+-\\s+", 2)));
        String summary = halves.size() < 2 ? "" : plain(halves.get(1));
        boolean changes = FIGURE_BEFORE_COMMA.matcher(name).find()
                || SECOND_FIGURE.matcher(rest).find()
                || !summary.isEmpty() && !rest.isEmpty();
        String left = !changes ? "" : rest.isEmpty() ? plain(name) : rest;
        return service(plain(halves.get(0)), summary.isEmpty() && !changes ? rest : summary, price, minutes, trade)
                .map(service -> new Row(service, left));
    }

    /** Without the marks around it. */
    private static String plain(String said) {
        return said.replaceAll("^[(\\s.·…:–—|_,/-]+|[\\s.·…:–—|_,/-]+$", "")
                .replaceAll("^([^(]*)\\)$", "$1")
                .strip();
    }

    /** A row of services, with the key of the trade's usual one where it is that. */
    static Optional<TypedService> service(String name, String summary, String price, String minutes, Trade trade) {
        if (NO_NAME.matcher(name).matches()
                || name.length() < 2
                || name.length() > Service.LONGEST_NAME
                || !name.matches(".*\\p{L}{2}.*")) {
            return Optional.empty();
        }
        String usual = trade.services().stream()
                .filter(service -> service.name().equalsIgnoreCase(name))
                .map(Trade.UsualService::key)
                .findFirst()
                .orElse("");
        String time = Minutes.read(minutes.replaceAll("(?i)stunden?|std\\.?", "h"))
                .value()
                .map(String::valueOf)
                .orElse("");
        return Optional.of(new TypedService("", usual, name, summary, price, time));
    }

    /** The price as an owner would type it. */
    static String price(String found) {
        String plain = found.strip()
                .replaceFirst("(?iu)^(?:ab|dès|desde|à partir de|a partir de|starting at)\\s+", "from ")
                .replaceFirst("(?iu)^(?:auf anfrage|sur devis|price on request)$", "on request")
                .replaceFirst("(?iu)\\s*(?:pro|par|por)\\s+", " per ")
                .replaceFirst("([0-9]),([0-9]{2})(?![0-9])", "$1.$2")
                .replaceFirst("[.,]-+(?=\\s|$)|\\.$", "");
        return plain.replaceAll("([£$€])\\s+", "$1");
    }
}
