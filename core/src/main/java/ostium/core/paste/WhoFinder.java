package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;

/**
 * Finds who it is: the name of the business (what the mail address or the site is called after, what has a word of a
 * trade or a company in it), the trade, and somebody's name.
 */
final class WhoFinder {
    private static final Pattern COMPANY =
            Pattern.compile("(?iu).*\\b(?:ltd|limited|llc|inc|llp|plc|gmbh|ug|kg|e\\.?k\\.?|sarl|sas"
                    + "|s\\.?l\\.?|bv|lda|& (?:sons?|daughters?|co|partners?)|services?|care|repairs?"
                    + "|alterations|works?|workshop|studio|salon|pianos?|cleaning|sweeps?|plumbing"
                    + "|heating|electrical|gardens?|landscapes?|roofing|joinery|tailors?|garage"
                    + "|clinic|therapy|school|academy)\\b\\.?.*");
    private static final Pattern PERSON = Pattern.compile(
            "(?u)(?:(?:Mrs?|Ms|Dr|Herr|Frau|Mme|M)\\.?\\s+)?\\p{Lu}\\p{Ll}[\\p{L}'’-]*(?:\\s+\\p{Lu}\\.)?(?:\\s+"
                    + "(?:de|van|von|la|le))?\\s+\\p{Lu}\\p{L}[\\p{L}'’-]*");
    private static final Pattern FAREWELL =
            Pattern.compile("(?iu)^(?:(?:kind|best|warm) (?:regards|wishes)|regards|cheers|thanks|thank you"
                    + "|yours (?:sincerely|faithfully)|all the best|sincerely|mit freundlichen grüßen"
                    + "|viele grüße|cordialement|saludos|--+|sent from my .*)[,.!]*$");
    private static final Pattern LABEL =
            Pattern.compile("(?iu)^(?:name|business|company|firma|trading as|t/a)\\s*:\\s*");

    private final TextFinder.Words words;
    private final TypedSheet sheet;

    WhoFinder(TextFinder.Words words, TypedSheet sheet) {
        this.words = words;
        this.sheet = sheet;
    }

    void find() {
        List<Span> lines = words.fragments().stream().limit(80).toList();
        lines.stream()
                .filter(line -> FAREWELL.matcher(words.at(line)).matches())
                .forEach(words::setAside);
        Optional<Span> name = name(lines);
        name.ifPresent(line -> words.take(Found.line(
                "name",
                LABEL.matcher(words.at(line)).replaceFirst("").replaceFirst("[,;|]+$", ""),
                line,
                Sureness.LIKELY)));
        boolean afterFarewell = !words.aside().isEmpty();
        Optional<Span> first = lines.stream().filter(words::isFree).findFirst();
        if (name.isEmpty()
                && !afterFarewell
                && first.filter(line -> PERSON.matcher(words.at(line)).matches())
                        .isPresent()) {
            // With no other name about, the first line of a card or a page is the name of the business.
            words.take(Found.line("name", words.at(first.get()), first.get(), Sureness.LIKELY));
        }
        lines.stream()
                .filter(words::isFree)
                .filter(line -> PERSON.matcher(person(line)).matches())
                .findFirst()
                .ifPresent(line -> {
                    String person = person(line);
                    int from = line.from() + words.at(line).indexOf(person);
                    words.take(Found.line("person", person, new Span(from, from + person.length()), Sureness.LIKELY));
                });
        trade(lines);
    }

    /** The part of a line that can be a name: before "owner", a comma or a bar. */
    private String person(Span line) {
        return words.at(line).split("\\s*[,|–(]|\\s+-\\s+", 2)[0].strip();
    }

    private Optional<Span> name(List<Span> lines) {
        String present = sheet.line(Line.NAME).strip();
        List<String> domains = domains();
        List<Span> free = lines.stream()
                .filter(words::isFree)
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
        Trades.in(words.text()).ifPresent(trade -> {
            Span at = Finder.place(words.text().toLowerCase(Locale.ROOT), trade, 0);
            boolean alone = lines.stream()
                    .anyMatch(line -> line.from() <= at.from() && at.to() <= line.to() && words.isFree(line));
            Found found = Found.line("trade", trade, at, Sureness.LIKELY);
            if (alone) {
                lines.stream()
                        .filter(line -> line.from() <= at.from() && at.to() <= line.to())
                        .findFirst()
                        .ifPresent(words::setAside);
            }
            words.take(found);
        });
    }
}
