package ostium.core.paste;

import java.util.regex.Pattern;
import ostium.core.base.Reading.Span;

/** The words a letter begins and ends with: after the second, whoever wrote it signs. */
final class Greetings {
    private static final Pattern HELLO = Pattern.compile(
            "(?iu)^(?:(?:morning|afternoon|evening)(?=[,.!]|$)|hello|hi|hiya|dear|hallo|liebe[r]?|guten (?:tag"
                    + "|morgen|abend)|sehr geehrte[r]?|good (?:morning|afternoon|evening)|buen[oa]s (?:días|tardes)|bonjour|hola)\\b");
    private static final Pattern FAREWELL = Pattern.compile(
            "(?iu)^(?:(?:with )?(?:kind|kindest|best|warm|warmest|many) (?:regards|wishes|thanks)|regards|cheers"
                    + "|thanks(?: so much| again| very much)?|thank you|(?:see|speak to) you soon|speak soon|all best|take care|yours"
                    + "|yours (?:sincerely|faithfully)|all the best|sincerely|mit freundlichen grüßen"
                    + "|viele grüße|cordialement|saludos|--+|sent from my .*"
                    + "|(?:thx|thanks|ta|cheers|regards|best)[,]?\\s+\\p{L}{2,20})[,.!]*$");

    private Greetings() {}

    /** Whether words greet somebody: "Hi all". */
    static boolean isHello(String said) {
        return HELLO.matcher(said).find();
    }

    /** Whether words, all of them, end a letter: "Kind regards,". */
    static boolean isFarewell(String said) {
        return FAREWELL.matcher(said).matches();
    }

    /** Where the greeting at the end of a letter stands; the end of the text where there is none. */
    static int end(TextFinder.Words words) {
        return words.fragments().stream()
                .filter(line -> isFarewell(words.at(line)))
                .mapToInt(Span::from)
                .min()
                .orElse(words.text().length());
    }
}
