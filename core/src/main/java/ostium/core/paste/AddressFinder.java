package ostium.core.paste;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.country.Country;
import ostium.core.fact.Place;

/** Finds an address by its postal code: the line it stands in, and the lines of the street above it. */
final class AddressFinder {
    private static final Pattern STREET =
            Pattern.compile("(?iu).*(?:[0-9]+[a-z]?\\b|\\b(?:street|road|lane|avenue|unit|house|court"
                    + "|yard|loft|mill|farm|cottage|quay|row|square|place|drive|way|close|straße"
                    + "|strasse|str\\.|weg|platz|rue|calle|via|rua|straat|suite|floor)\\b).*");
    private static final Pattern LABEL = Pattern.compile(
            "(?iu)^(?:address|(?:our|my|the)(?: new)? address(?: is)?|find us at|find us|pick ?up (?:from|at)"
                    + "|collect(?:ion)? (?:from|at)|based at"
                    + "|workshop|visit us at|visit us"
                    + "|adresse|anschrift|dirección|indirizzo|where|based at|we(?: are|['’]re) (?:at|in)"
                    + "|(?:(?:our|my|the) )?(?:office|shop|studio|salon|workshop|garage|yard|showroom|practice|branch)(?:"
                    + " [0-9]{1,2})?(?:\\s*:| is(?: at)?| at)|a)"
                    + "\\s*[:–-]?\\s+");

    /** "From 1 December find us at 88 Wattle St". */
    private static final Pattern WHERE =
            Pattern.compile("(?iu)\\b(?:(?:find|visit|see|join) us|based|located|we['’]?(?: a)?re"
                    + "|moving|moved|move)\\s+(?:from [^.]{3,60}? to|at|in|to)\\s+(?:our new \\p{L}+,? (?:at )?)?");

    private static final int LONGEST_LINE = 300;

    /** Before the street, on one line with it: the name of the business, and not of the house. */
    private static final Pattern NAME_BEFORE =
            Pattern.compile("(?u)^(?<name>(?:[\\p{Lu}&][\\p{L}'’&.-]*\\s+)*\\p{Lu}[\\p{L}'’&.-]*),\\s+(?=[0-9])");

    /** Words of a sentence before a comma, and no part of an address: "Walk-ins only, 9 Saltmarket". */
    private static final Pattern SAID_BEFORE = Pattern.compile(
            "(?s)(?:.*\\s)?(?!(?:of|the|and|rear|near|opposite|next|behind|above)\\b)\\p{Ll}[\\p{L}'’-]{2,},\\s*");

    /** A full stop behind a word of three letters or more: what comes before is none of the address. */
    private static final Pattern SENTENCE_END =
            Pattern.compile("(?<=\\p{L}{3}|[-–][0-9]{1,2})(?<!(?iu:str|avda|blvd|bldg|apt|ste))[.!?]\\s+");

    /** Before the name of a house that cannot be taken for somebody's: "Barnaby Thrush, The Old Forge". */
    private static final Pattern PERSON_BEFORE = Pattern.compile(PersonFinder.NAME + ",\\s+(?=The\\s)");

    private final TextFinder.Words words;
    private final Country country;

    private static final Pattern STREET_NAME = Pattern.compile(
            "(?iu).*\\b(?:street|road|lane|avenue|square|place|drive|close|row|quay|hill|gardens|terrace|court"
                    + "|grove|rise|crescent|parade|esplanade|walk|way|mews"
                    + "|passage|alley|embankment)$");

    /** Whether words are called as streets are: "Main Street". */
    static boolean isStreet(String said) {
        return STREET_NAME.matcher(said).matches();
    }

    AddressFinder(TextFinder.Words words, String region) {
        this.words = words;
        this.country = Country.of(region);
    }

    void find() {
        Pattern code = switch (country.code()) {
            // Four or five figures alone are no sign of an address; a region or a town beside them is.
            case "US" -> Pattern.compile("(?:" + regions() + ")[ ,]+[0-9]{5}(?:-[0-9]{4})?\\b");
            case "AU" -> Pattern.compile("(?:" + regions() + ")[ ,]+[0-9]{4}\\b");
            case "DE", "FR", "ES", "IT" -> Pattern.compile("(?<![0-9+])[0-9]{5}\\s+\\p{Lu}[\\p{L}-]+");
            case "NZ" -> Pattern.compile("\\p{Lu}[\\p{L}]+\\s+[0-9]{4}(?![0-9])");
            case "PT" -> Pattern.compile("[1-9][0-9]{3}-[0-9]{3}\\s+\\p{Lu}");
            default -> Pattern.compile("(?i)(?<![A-Z0-9])" + country.postcode() + "(?![A-Z0-9])");
        };
        List<Span> lines = words.lines().stream()
                .flatMap(line -> line.to() - line.from() < LONGEST_LINE
                        ? Stream.of(line)
                        : words.fragments().stream()
                                .filter(each -> line.from() <= each.from() && each.to() <= line.to()))
                .toList();
        for (int i = 0; i < lines.size(); i++) {
            String said = words.at(lines.get(i));
            Matcher found = said.length() < LONGEST_LINE ? code.matcher(said) : null;
            if (found != null && found.find() && words.isFree(at(lines.get(i), found.start(), found.end()))) {
                address(lines, i, found.end()).ifPresent(words::take);
            }
        }
    }

    private String regions() {
        return String.join("|", country.regions().keySet()) + "|"
                + String.join("|", country.regions().values());
    }

    private static Span at(Span line, int from, int to) {
        return new Span(line.from() + from, line.from() + to);
    }

    private Optional<Found> address(List<Span> lines, int i, int end) {
        Span line = lines.get(i);
        int from = line.from() + start(words.at(line), end);
        int to = country.order() == Country.Order.CODE_TOWN
                ? line.from() + endOfTown(words.at(line), end)
                : line.from() + end;
        while (from < to && !words.isFree(new Span(from, to))) {
            from = afterTaken(from, to);
        }
        from += labelled(words.at(new Span(from, to)));
        List<Span> parts = new ArrayList<>(List.of(new Span(from, to)));
        boolean whole = STREET.matcher(words.at(new Span(from, to)).replaceAll(country.postcode(), ""))
                        .matches()
                && words.at(new Span(from, to)).contains(",");
        for (int above = i - 1; above >= 0 && !whole && parts.size() < 4; above--) {
            Span before = lines.get(above);
            String said = words.at(before);
            boolean near = words.text()
                            .substring(before.to(), lines.get(above + 1).from())
                            .chars()
                            .filter(c -> c == '\n')
                            .count()
                    == 1;
            boolean isStreet = STREET.matcher(said).matches() && said.matches(".*[0-9].*|.*,.*");
            boolean isTown = parts.size() == 1
                    && said.matches("[\\p{Lu}][\\p{L}'’ -]{2,40}")
                    && above > 0
                    && STREET.matcher(words.at(lines.get(above - 1))).matches();
            if (!near || said.length() > 80 || !words.isFree(before) || !(isStreet || isTown)) {
                break;
            }
            parts.add(0, new Span(before.from() + labelled(said), before.to()));
        }
        Span all = new Span(parts.get(0).from(), to);
        String typed = words.at(all)
                .replaceAll("\\s*\\n\\s*", ", ")
                .replaceAll("\\s*[|•·]\\s*", ", ")
                .strip();
        return Place.read(typed, country.code())
                .value()
                .filter(place -> !place.postcode().isEmpty()
                        && (!place.town().isBlank() || !place.street().isBlank()))
                .map(place -> Found.line("place", typed, all, Sureness.SURE))
                .map(found -> AddressDoubt.of(typed) ? found.asked() : found);
    }

    /** Where an address begins in its line: after a label, a bar, or the words of a sentence before the house number. */
    private int start(String said, int end) {
        int start = IntStream.of(labelled(said), behindLast(SENTENCE_END, said, end), behindLast(WHERE, said, end))
                .max()
                .orElseThrow();
        Matcher bar = Pattern.compile("\\s+[|•·]\\s+").matcher(said).region(start, end);
        List<Integer> starts = new ArrayList<>(List.of(start));
        while (bar.find()) {
            starts.add(bar.end());
        }
        for (int i = starts.size() - 1; i >= 0; i--) {
            String rest = withoutTown(said.substring(starts.get(i), end));
            if (STREET.matcher(rest).matches()) {
                start = starts.get(i);
                break;
            }
        }
        Matcher house = Pattern.compile("(?iu)(?:\\b(?:unit|flat|suite)\\s+)?\\b[0-9]{1,5}[a-z]?\\s+\\p{L}")
                .matcher(said)
                .region(start, end);
        Matcher person = PERSON_BEFORE.matcher(said).region(start, end);
        if (person.lookingAt()) {
            return person.end();
        }
        Matcher name = NAME_BEFORE.matcher(said).region(start, end);
        if (name.find() && !STREET.matcher(name.group("name")).matches()) {
            return name.end();
        }
        boolean found = house.find();
        if (found && SAID_BEFORE.matcher(said.substring(start, house.start())).matches()) {
            return house.start();
        }
        String before = found ? said.substring(start, house.start()) : "";
        return found && !before.matches(".*[0-9].*") && before.strip().split("\\s+").length > 3 ? house.start() : start;
    }

    /** Where the last of what a pattern finds before the code ends; the beginning where it finds nothing. */
    private static int behindLast(Pattern pattern, String said, int end) {
        return pattern.matcher(said)
                .region(0, end)
                .results()
                .mapToInt(MatchResult::end)
                .max()
                .orElse(0);
    }

    /** Without the postal code at its end, or the code and the first letters of the town. */
    private String withoutTown(String said) {
        return country.order() == Country.Order.CODE_TOWN
                ? said.replaceFirst("(?:[A-Z]-?)?[0-9]{4,5}(?:[- ]?[A-Z0-9]{2,3})?\\s+\\p{Lu}[\\p{L}-]*$", "")
                : said.replaceAll("[A-Z0-9]+\\s*[A-Z0-9]*$", "");
    }

    private int afterTaken(int from, int to) {
        int at = from;
        for (int i = from; i < to; i++) {
            if (!words.isFree(new Span(i, i + 1))) {
                at = i + 1;
            }
        }
        while (at < to && " \t.,;|/•·–-".indexOf(words.text().charAt(at)) >= 0) {
            at++;
        }
        return Math.max(at, from + 1);
    }

    private static int labelled(String said) {
        Matcher label = LABEL.matcher(said);
        return label.find() ? label.end() : 0;
    }

    /** The town after the code goes on to the next comma, bar or double space. */
    private static int endOfTown(String said, int from) {
        Matcher end = Pattern.compile("\\s*(?:[,|•·;]|\\s{2,}|$)").matcher(said);
        return end.find(Math.min(from, said.length())) ? end.start() : said.length();
    }
}
