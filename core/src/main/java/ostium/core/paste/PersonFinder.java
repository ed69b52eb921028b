package ostium.core.paste;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.Reading.Span;
import ostium.core.trade.TradeCatalogue;

/** Finds the name of somebody of the business: whom people meet. */
final class PersonFinder {
    /** Two names of a person, on one line. */
    static final String NAME =
            "(?:(?:Mrs?|Ms|Dr|Herr|Frau|Mme|M)\\.?[ ])?\\p{Lu}\\p{Ll}[\\p{L}'’-]*(?:[ ]\\p{Lu}\\.)?(?:[ ]"
                    + "(?:de|van|von|la|le))?[ ]\\p{Lu}\\p{L}[\\p{L}'’-]*";

    private static final Pattern PERSON = Pattern.compile(NAME);
    /** A name behind a title: nobody calls a business "Mr". */
    private static final Pattern TITLED = Pattern.compile(
            "(?:Mrs?|Ms|Miss|Dra?|Prof|Herr|Frau|Mme)\\.?[ ]+" + NAME + "(?:[ ]+\\p{Lu}\\p{L}[\\p{L}'’-]*)?");
    /** A name as it is signed: with initials, or in capitals. */
    private static final Pattern SIGNED =
            Pattern.compile("(?:\\p{Lu}\\.[ ]*){1,3}\\p{Lu}[\\p{L}'’-]+|\\p{Lu}[\\p{Lu}'’-]+[ ]+\\p{Lu}[\\p{Lu}'’-]+");

    private static final Pattern WITH = Pattern.compile("\\swith\\s+(?<who>" + NAME + ")$");
    private static final Pattern ARTICLE = Pattern.compile("(?iu)(?:the|le|la|les|du|des|der|die|das|el|los|las)\\b");
    /** Letters behind a name: "BVSc MRCVS". */
    private static final Pattern LETTERS_BEHIND =
            Pattern.compile("(?:,?\\s+(?=\\p{L}*\\p{Lu}\\p{L}*\\p{Lu})[\\p{L}.]{2,8})+$");

    private static final int MOST_PIECES = 120;

    private final TextFinder.Words words;

    PersonFinder(TextFinder.Words words) {
        this.words = words;
    }

    /** Whether words have the form of a person's name, which names of businesses can have too. */
    static boolean isName(String said) {
        return PERSON.matcher(said).matches();
    }

    /** Neither the business nor a greeting, and nobody is known yet. */
    private boolean isSomebody(String said) {
        return !Greetings.isHello(said)
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
    Optional<Found> find(List<Span> lines) {
        List<Span> pieces = words.pieces().stream().limit(MOST_PIECES).toList();
        return Stream.<Supplier<Stream<Found>>>of(
                        () -> underGreeting(lines).stream(),
                        () -> lines.stream()
                                .filter(words::isFree)
                                .filter(line -> PERSON.matcher(person(line)).matches())
                                .map(line -> person(line, person(line))),
                        () -> lines.stream().flatMap(line -> withSomebody(line).stream()),
                        () -> pieces.stream()
                                .filter(piece -> TITLED.matcher(words.at(piece)).matches())
                                .map(piece -> person(piece, words.at(piece))),
                        () -> pieces.stream()
                                .filter(piece -> PERSON.matcher(words.at(piece)).matches() && isBeforeContact(piece))
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

    /** Begins a line that goes on with a number or a mail address: "Bruno Kermadec – 06 39 98 00 14". */
    private boolean isBeforeContact(Span piece) {
        boolean begins = words.lines().stream().anyMatch(line -> line.from() == piece.from());
        return begins
                && words.found().stream()
                        .filter(found ->
                                found.what().equals("telephone") || found.what().equals("email"))
                        .anyMatch(found -> found.at().from() > piece.to()
                                && words.text()
                                        .substring(piece.to(), found.at().from())
                                        .matches("[\\s,:|•·–—-]{1,6}"));
    }

    /** "Sea Room Yoga with Aoife Brennan". */
    private Optional<Found> withSomebody(Span line) {
        Matcher with = WITH.matcher(words.text()).region(line.from(), line.to());
        return Optional.of(with)
                .filter(Matcher::find)
                .map(somebody -> new Span(somebody.start("who"), somebody.end("who")))
                .filter(words::isFree)
                .map(who -> Found.line("person", words.at(who), who, Sureness.LIKELY));
    }

    /** "J. TAMARISK" on the line under "Many thanks," is J. Tamarisk. */
    private Optional<Found> underGreeting(List<Span> lines) {
        for (int i = 1; i < lines.size(); i++) {
            Span line = lines.get(i);
            if (Greetings.isFarewell(words.at(lines.get(i - 1)))
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
}
