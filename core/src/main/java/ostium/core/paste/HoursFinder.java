package ostium.core.paste;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading;
import ostium.core.base.Reading.Span;
import ostium.core.country.Country;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.HoursLanguage;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;

/** Finds the usual week, which may go over several lines, and days with other hours. */
final class HoursFinder {
    /** A place where hours can begin: a day, a word for several, or a time before a day. */
    private static final Pattern BEGIN = Pattern.compile("(?<![\\p{L}0-9])(?:(?:"
            + "mon(?:days?|s)?|tues?(?:days?)?|wed(?:nesdays?|s)?|thu(?:rs?)?(?:days?)?|fri(?:days?|s)?|sat(?:urdays?"
            + "|s)?|sun(?:days?|s)?"
            + "|daily|every ?day|week ?days?|weekends?|24 ?/ ?7|24 (?:hours|hrs)|closed|geschlossen|fermée?s?"
            + "|cerrado|7 days|seven days|by appointment"
            + "|m ?[-–] ?(?:f|th?|sa?|su)|24 ?h ?/ ?24"
            + "|mo|di|mi|do|fr|sa|so|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?|täglich|werktags"
            + "|lun(?:di)?|mar(?:di)?|mer(?:credi)?|jeu(?:di)?|ven(?:dredi)?|sam(?:edi)?|dim(?:anche)?|du lundi|tous les jours"
            + "|l|lunes|martes|miércoles|jueves|viernes|sábado|domingo|todos los días|de lunes"
            + ")(?![\\p{L}])|[0-9]{1,2}(?:[:.][0-9]{2})?\\s*(?:am|pm)?\\s*[-–])");

    private static final Pattern CUT =
            Pattern.compile("\\s*(?:[|•;(]|\\bor (?:till?|until)\\b|\\s{2,}|\\.\\s|,\\s|\\s[-–]\\s|$)");
    private static final Pattern HAS_TIME = Pattern.compile(
            "[0-9]|(?i)\\b(?:half|halb|seven|eight|nine|ten)\\b|24/7|appointment|vereinbarung|rendez|cita");
    private static final Pattern LEADING =
            Pattern.compile("(?iu)^(?:please note:?|note:?|we are|we['’]?re|i am|i['’]?m|hinweis:?)\\s*");
    /** Speaks of a place from a day on, and not of hours. */
    private static final Pattern MOVES = Pattern.compile(
            "\\b(?:find us|mov(?:e|es|ed|ing) to|new (?:address|home|premises|shop)|umzug|wir ziehen)\\b");

    private static final Pattern HAS_DATE =
            Pattern.compile("\\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|januar|märz|mai|juni"
                    + "|juli|okt|dez|janv|févr?|avr|juin|juil|août|déc|ene|abr|ago|dic|christmas|noël|navidad|weihnacht|oster"
                    + "|easter|boxing|bank holidays?|public holidays?|feiertag)"
                    + "|[0-9]{4}-[0-9]{2}-[0-9]{2}|[0-9]{1,2}[./][0-9]{1,2}[./][0-9]{2,4}");
    /** A line with none of these has no date in words: asked first, since it costs less. */
    private static final List<String> DATE_WORDS = List.of(
            "jan",
            "feb",
            "mar",
            "märz",
            "apr",
            "may",
            "mai",
            "jun",
            "jul",
            "aug",
            "sep",
            "oct",
            "okt",
            "nov",
            "dec",
            "dez",
            "fév",
            "avr",
            "août",
            "déc",
            "ene",
            "abr",
            "ago",
            "dic",
            "noël",
            "navidad",
            "weihnacht",
            "oster",
            "christmas",
            "easter",
            "boxing",
            "holiday",
            "feiertag");

    private static final String MONTHS =
            "january|february|march|april|june|july|august|september|october|november|december|januar"
                    + "|februar|märz|juni|juli|oktober|dezember|janvier|février|mars|avril|juin|juillet|août|septembre|octobre|novembre"
                    + "|décembre|enero|febrero|marzo|abril|mayo|junio|julio|agosto|septiembre|octubre|noviembre|diciembre";

    /** Says something of days or hours, whatever it is. */
    private static final Pattern MORE_HOURS =
            Pattern.compile("(?<![\\p{L}0-9])(?:mon|tue|wed|thu|fri|sat|sun)[a-z]{0,6}(?![\\p{L}])"
                    + "|(?<![\\p{L}])(?:closed|except|sold out|stocks last|term|season|summer|winter|" + MONTHS
                    + "|lunch|appointment|mornings?|afternoons?"
                    + "|evenings?|weekends?|alternate|every other|late"
                    + "|geschlossen|außer|vereinbarung|vormittags?|nachmittags?|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?"
                    + "|fermé|sauf|rendez-vous|matins?|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche"
                    + "|cerrado|excepto|salvo|cita previa|lunes|martes|miércoles|jueves|viernes|sábados?|domingos?)(?![\\p{L}])"
                    + "|(?<![0-9])[0-9]{1,2}(?:[:.][0-9]{2})?\\s*(?:am|pm|uhr)(?![\\p{L}])");

    private static final Pattern DAY =
            Pattern.compile("(?<![\\p{L}0-9])(?:(?:mon|tue|wed|thu|fri|sat|sun)(?:[a-z]{0,5}days?|s|rs|nes)?"
                    + "|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche"
                    + "|lunes|martes|miércoles|jueves|viernes|sábados?|domingos?)(?![\\p{L}])");

    private static final Pattern WHEN = Pattern.compile(
            DAY.pattern() + "|(?<![\\p{L}])(?:closed|geschlossen|fermée?s?|cerrado|chiuso)(?![\\p{L}])");
    private static final Pattern BACKWARDS = Pattern.compile(
            "[0-9][^\\p{L}]*(?:am|pm|uhr|h|to|till?|until|bis|à|a|noon|-|–)\\b.*" + DAY.pattern() + ".*");
    private static final int LONGEST_BACKWARDS = 100;
    private static final int MOST_TRIES = 60;

    private final TextFinder.Words words;
    private final String region;
    private final BusinessDay today;
    private final HoursLanguage language;
    /** What has been read already; pages repeat themselves. */
    private final Map<String, Reading<WeeklyHours>> readings = new HashMap<>();

    HoursFinder(TextFinder.Words words, String region, BusinessDay today) {
        this.words = words;
        this.region = region;
        this.today = today;
        this.language = HoursLanguage.of(Country.of(region).languages().get(0));
    }

    /** A stretch that reads as hours. */
    private record Piece(Span at, Reading<WeeklyHours> reading) {}

    void find() {
        List<Span> lines = words.lines();
        for (int i = 0; i < lines.size(); i++) {
            if (isSpecial(lines.get(i))) {
                continue;
            }
            sentences(lines.get(i));
            Piece piece = in(lines.get(i));
            if (piece == null) {
                continue;
            }
            Span block = withLineAbove(lines, i, piece.at());
            int last = i;
            while (last + 1 < lines.size() && piece.at().to() >= lines.get(i).to() - 1) {
                Span next = lines.get(last + 1);
                Span longer = new Span(block.from(), next.to());
                boolean goesOn = BEGIN.matcher(words.lower().substring(next.from(), next.to()))
                                .lookingAt()
                        && !(read(words.at(longer)) instanceof Reading.Refused);
                if (!goesOn) {
                    break;
                }
                block = longer;
                last++;
            }
            take(block);
            i = last;
        }
    }

    private void take(Span block) {
        Reading<WeeklyHours> reading = read(words.at(block));
        String left = leftBeside(block);
        String said = words.at(block).replaceAll("\\s*\\n\\s*", "; ");
        Found found = reading instanceof Reading.Unclear<WeeklyHours> unclear
                ? Found.choice(
                        "hours",
                        said,
                        block,
                        unclear.choices().stream()
                                .map(choice -> choice.replaceAll("\\s*\\n\\s*", "; "))
                                .toList())
                : Found.line("hours", said, block, reading.remarks().isEmpty() ? Sureness.SURE : Sureness.LIKELY);
        words.take(left.isEmpty() ? found : found.beside(left));
    }

    /** Words on the lines of the hours, and on those above and below, that say more of hours but could not be read. */
    private String leftBeside(Span block) {
        List<String> left = new ArrayList<>();
        List<Span> lines = words.lines();
        for (int i = 0; i < lines.size(); i++) {
            Span line = lines.get(i);
            boolean own = line.from() < block.to() && block.from() < line.to();
            boolean above = !own
                    && i + 1 < lines.size()
                    && lines.get(i + 1).from() <= block.from()
                    && block.from() <= lines.get(i + 1).to();
            boolean below = !own
                    && i > 0
                    && lines.get(i - 1).from() < block.to()
                    && block.to() <= lines.get(i - 1).to();
            if (own) {
                unread(new Span(line.from(), Math.max(line.from(), block.from())))
                        .ifPresent(left::add);
                unread(freeBehind(line, block)).ifPresent(left::add);
            } else if ((above || below) && saysWhen(line)) {
                unread(line).ifPresent(left::add);
            }
        }
        return String.join(" … ", left);
    }

    /** What follows a stretch on its line, up to where words begin that mean something else. */
    private Span freeBehind(Span line, Span block) {
        int from = Math.min(line.to(), block.to());
        int end = from;
        while (end < line.to() && words.isFree(new Span(end, end + 1))) {
            end++;
        }
        return new Span(from, end);
    }

    /** "Mon closed" above "Tue 10-6" has no time in it, and begins the week all the same. */
    private Span withLineAbove(List<Span> lines, int i, Span block) {
        if (i == 0 || block.from() != lines.get(i).from()) {
            return block;
        }
        Span above = lines.get(i - 1);
        boolean begins = words.isFree(above)
                && saysWhen(above)
                && BEGIN.matcher(words.lower().substring(above.from(), above.to()))
                        .lookingAt();
        Span longer = new Span(above.from(), block.to());
        return begins && read(words.at(longer)) instanceof Reading.Understood ? longer : block;
    }

    /** Names a day, or says that something is closed. */
    private boolean saysWhen(Span line) {
        return WHEN.matcher(words.lower().substring(line.from(), line.to())).find();
    }

    private Optional<String> unread(Span span) {
        boolean speaksOfHours = span.to() > span.from()
                && words.isFree(span)
                && MORE_HOURS
                        .matcher(words.lower().substring(span.from(), span.to()))
                        .find();
        return speaksOfHours
                ? Optional.of(words.at(span).replaceAll("^[\\s,;.:|•·–-]+|[\\s,;.:|•·–-]+$", ""))
                : Optional.empty();
    }

    private Reading<WeeklyHours> read(String said) {
        return readings.computeIfAbsent(
                said, words -> WeeklyHours.read(words.replaceAll("\\s*\\n\\s*", "; "), language));
    }

    /** The longest stretch of a line that reads as hours and has days in it. */
    private Piece in(Span line) {
        String said = words.at(line);
        if (said.length() > 600 || !HAS_TIME.matcher(said).find()) {
            return null;
        }
        Optional<Piece> backwards = timesBeforeDays(line);
        if (backwards.isPresent()) {
            return backwards.get();
        }
        Matcher begin = BEGIN.matcher(words.lower().substring(line.from(), line.to()));
        int tries = 0;
        while (begin.find()) {
            List<Integer> ends = new ArrayList<>();
            Matcher cut = CUT.matcher(said).region(begin.start(), said.length());
            while (cut.find()) {
                ends.add(0, cut.start());
                if (cut.hitEnd() && cut.start() == said.length()) {
                    break;
                }
            }
            for (int end : ends) {
                Span at = new Span(line.from() + begin.start(), line.from() + end);
                if (end - begin.start() < 4 || !words.isFree(at) || ++tries > MOST_TRIES) {
                    continue;
                }
                String part = said.substring(begin.start(), end);
                Reading<WeeklyHours> reading = read(part);
                boolean withDays =
                        !(reading instanceof Reading.Unclear<WeeklyHours> unclear) || !WeeklyHours.asksForDays(unclear);
                boolean saysSomething = HAS_TIME.matcher(part).find() && !part.matches("[0-9 ]+");
                if (!(reading instanceof Reading.Refused) && withDays && saysSomething) {
                    return new Piece(at, reading);
                }
            }
        }
        return null;
    }

    /** "10am to noon and 3pm to 5pm, Monday to Saturday." */
    private Optional<Piece> timesBeforeDays(Span line) {
        return words.fragments().stream()
                .filter(each -> line.from() <= each.from() && each.to() <= line.to())
                .map(each -> words.at(each).endsWith(".") ? new Span(each.from(), each.to() - 1) : each)
                .filter(each -> each.to() - each.from() <= LONGEST_BACKWARDS && words.isFree(each))
                .filter(each -> BACKWARDS
                        .matcher(words.lower().substring(each.from(), each.to()))
                        .matches())
                .map(each -> new Piece(each, read(words.at(each))))
                .filter(piece -> piece.reading() instanceof Reading.Understood)
                .findFirst();
    }

    /** Days that differ in one sentence of several on a line. */
    private void sentences(Span line) {
        List<Span> all = words.fragments().stream()
                .filter(each -> line.from() <= each.from() && each.to() <= line.to())
                .toList();
        if (all.size() > 1) {
            all.forEach(this::isSpecial);
        }
    }

    /** Whether a digit stands before a mark that dates in figures have. */
    private boolean hasDigitAndMark(Span line) {
        String text = words.text();
        for (int i = line.from() + 1; i < line.to(); i++) {
            if ("./-".indexOf(text.charAt(i)) >= 0 && Character.isDigit(text.charAt(i - 1))) {
                return true;
            }
        }
        return false;
    }

    /** "Closed 24 Dec 2026 – 2 Jan 2027": a line with a date that reads as other hours. */
    private boolean isSpecial(Span line) {
        boolean canBe = line.to() - line.from() <= SpecialHours.LONGEST
                && !MOVES.matcher(words.lower()).region(line.from(), line.to()).find()
                && (words.has(line, DATE_WORDS) || hasDigitAndMark(line))
                && words.isFree(line)
                && HAS_DATE.matcher(words.lower())
                        .region(line.from(), line.to())
                        .find();
        if (!canBe) {
            return false;
        }
        String said = LEADING.matcher(words.at(line)).replaceFirst("");
        Reading<SpecialHours> reading = SpecialHours.read(said.replaceFirst("[.!]$", ""), today, region);
        if (reading instanceof Reading.Unclear<SpecialHours> unclear) {
            words.take(Found.choice("exceptions", said, line, unclear.choices()));
            return true;
        }
        reading.value()
                .ifPresent(hours ->
                        words.take(Found.line("exceptions", said.replaceFirst("[.!]$", ""), line, Sureness.LIKELY)));
        return reading.value().isPresent();
    }
}
