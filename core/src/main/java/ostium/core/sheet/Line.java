package ostium.core.sheet;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The lines of the facts sheet that stand by themselves. What there can be several of stands in rows. */
public enum Line {
    TRADE("trade", 80),
    NAME("name", 200),
    SHORT_NAME("short-name", 24),
    FOUNDED("founded", 20),
    TELEPHONE("telephone", 80),
    /** Where text messages go: a number, or "the same number". */
    TEXTS("texts", 80),
    /** "yes" where people call from abroad. */
    CALLERS_ABROAD("callers-abroad", 3),
    EMAIL("email", 300),
    HOURS("hours", 500),
    HOURS_TELEPHONE("hours/telephone", 500),
    HOURS_WORKING("hours/working", 500),
    /** One exception or season a line. */
    EXCEPTIONS("exceptions", 4000),
    ZONE("zone", 60),
    PLACE("place", 300),
    /** How much of the place is shown: empty for all of it, {@code town} or {@code hidden}. */
    PLACE_SHOWN("place/shown", 10),
    POINT("point", 200),
    AREA("area", 2000),
    PERSON("person", 80),
    PROMISE("promise", 80),
    /** What they do, in a sentence. */
    WORDS_DOES("words/does", 5000),
    WORDS_CUSTOMERS("words/customers", 5000),
    /** What sets them apart. */
    WORDS("words", 5000),
    WORDS_BEGAN("words/began", 5000),
    WORDS_FINDING("words/finding", 5000),
    MEMBERSHIP_BODY("membership/body", 120),
    MEMBERSHIP_NUMBER("membership/number", 40),
    MEMBERSHIP_UNTIL("membership/until", 40),
    LEGAL_NAME("legal/name", 200),
    LEGAL_NUMBER("legal/number", 60),
    LEGAL_TAX("legal/tax", 60),
    LEGAL_LINES("legal/lines", 1000),
    GOAL("goal", 20),
    /** How the page speaks: the name of a tone, or empty. */
    TONE("tone", 10),
    /** Who speaks on the page: {@code i} or {@code we}, or empty. */
    VOICE("voice", 10),
    /** Keys of the questions the owner has put off, with blanks between. */
    PUT_OFF("put-off", 1000),
    /** Words a dictionary has not, and that are right here: one a line. */
    LEFT_AS_IS("left-as-is", 4000),
    /** {@code one} or {@code few} pages, or empty. */
    PAGES("pages", 10);

    private static final Map<String, Line> BY_ID =
            Arrays.stream(values()).collect(Collectors.toMap(Line::id, Function.identity()));

    private final String id;
    private final int longest;

    Line(String id, int longest) {
        this.id = id;
        this.longest = longest;
    }

    /** Its name in edits and answers. */
    public String id() {
        return id;
    }

    /** Most characters a fact on this line can have. */
    public int longest() {
        return longest;
    }

    public static Optional<Line> named(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }
}
