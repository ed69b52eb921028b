package ostium.core.paste;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;

/**
 * Whose a text is. What stands in a bill or a circular may be facts of whoever wrote it, so each is asked about; two addresses in
 * one text are asked about as well. Who made a page or its pictures is nobody's fact and is set aside.
 */
enum Whose {
    OWN,
    /** A bill, an order or a delivery note. */
    BILL,
    /** A letter to many. */
    CIRCULAR,
    /** A letter to somebody: what stands in it may be the writer's or the reader's; what stands under it is the writer's. */
    LETTER;

    private static final Messages WORDS = Messages.of("paste");

    private static final List<Pattern> OF_BILLS = patterns(
            "^\\s*(?:tax )?(?:invoice|rechnung|facture|factura|quotation|quote|delivery note|statement|receipt|purchase order)\\b",
            "\\b(?:sub-?total|total (?:due|amount)|amount due|balance due|gesamtbetrag|total ttc|grand total)\\b",
            "\\b(?:invoice|bill(?:ed)?|deliver(?:y|ed)?|ship(?:ped)?|sold) to\\b",
            "\\b(?:due date|payment (?:due|terms)|please pay|pay(?:able)? (?:by|within)|due:)",
            "\\b(?:sort code|iban|bic|account (?:no|number)|bank details)\\b",
            "\\b(?:invoice|order|customer|your) (?:no|nr|number|ref(?:erence)?)\\b");
    private static final List<Pattern> OF_CIRCULARS = patterns(
            "\\bunsubscribe\\b",
            "\\bview (?:this |it )?(?:e-?mail |newsletter )?(?:in|on) (?:your |the )?(?:browser|web)",
            "\\byou (?:are receiving|received|get) this (?:e-?mail|newsletter|message) because\\b",
            "\\babbestellen\\b|\\bse désinscrire\\b|\\bdarse de baja\\b");
    private static final Pattern MAKER = Pattern.compile(
            "(?im)(?:^|[|•·©.]\\s*|\\s{2,})(?:(?:this |our )?(?:web ?site|web ?page|site|page|web ?design|design|theme"
                    + "|hosting|photos?|photography)"
                    + "(?:\\s+(?:design|designed|built|made|created|maintained|hosted|powered))?|(?:designed|built|created"
                    + "|maintained|hosted|powered))"
                    + "\\s+(?:and \\w+\\s+)?(?:by|von|par|por)\\s+[^\\n|]{2,160}");
    private static final Pattern RIGHTS =
            Pattern.compile("(?i)(?:©|\\(c\\)|copyright)\\s*(?:©\\s*)?(?:[0-9]{4}(?:\\s*[-–]\\s*[0-9]{4})?)?"
                    + "|\\ball rights reserved\\b\\.?");
    private static final Pattern SALUTATION = Pattern.compile(
            "(?u)(?:[Dd]ear|[Hh]i|[Hh]ello|[Hh]allo|[Ll]iebe[r]?|[Ss]ehr geehrte[r]?|[Bb]onjour|[Cc]h[eè]re?|[Hh]ola"
                    + "|[Ee]stimad[oa])\\s+\\p{Lu}[\\p{L}.'’-]*(?:\\s+(?:(?:&|and|und|et|y)\\s+)?\\p{Lu}[\\p{L}'’-]*){0,3}\\s*[,!\\n–-]");
    private static final int SIGNS_OF_A_BILL = 2;

    /** Nobody's page names more makers and rights; what comes behind is left as it is. */
    private static final int MOST_MAKERS = 500;

    private static List<Pattern> patterns(String... all) {
        return Arrays.stream(all)
                .map(each -> Pattern.compile(each, Pattern.CASE_INSENSITIVE | Pattern.MULTILINE))
                .toList();
    }

    /** Whose a text is; whoever made the page is set aside. */
    static Whose of(TextFinder.Words words) {
        for (Pattern aside : List.of(MAKER, RIGHTS)) {
            Matcher found = aside.matcher(words.text());
            for (int said = 0; said < MOST_MAKERS && found.find(); said++) {
                words.setAside(new Span(found.start(), found.end()));
            }
        }
        if (signs(OF_CIRCULARS, words) > 0) {
            return CIRCULAR;
        }
        if (signs(OF_BILLS, words) >= SIGNS_OF_A_BILL) {
            return BILL;
        }
        return SALUTATION.matcher(words.text().stripLeading()).lookingAt() ? LETTER : OWN;
    }

    private static long signs(List<Pattern> patterns, TextFinder.Words words) {
        return patterns.stream()
                .filter(each -> each.matcher(words.text()).find())
                .count();
    }

    /** What the owner is told of the whole text, or nothing. */
    String note() {
        return switch (this) {
            case OWN -> "";
            case BILL -> WORDS.say("whose.bill");
            case CIRCULAR -> WORDS.say("whose.circular");
            case LETTER -> WORDS.say("whose.letter");
        };
    }

    /**
     * What was found, asked about where it may be somebody else's.
     *
     * @param farewell where the greeting at the end of a letter stands, or the end of the text
     */
    List<Found> asked(List<Found> found, int farewell) {
        if (this == LETTER) {
            return found.stream()
                    .map(each -> each.at().from() < farewell ? each.asked() : each)
                    .toList();
        }
        if (this != OWN) {
            return found.stream().map(Found::asked).toList();
        }
        List<Found> all = found;
        for (String what : List.of("place", "hours")) {
            all = oneOf(what, all);
        }
        return all;
    }

    /** Of what there is one of, two that differ are asked about. */
    private static List<Found> oneOf(String what, List<Found> found) {
        List<String> values = found.stream()
                .filter(each -> each.what().equals(what))
                .map(Found::words)
                .distinct()
                .toList();
        Set<String> different = values.stream()
                .map(each -> each.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", ""))
                .collect(Collectors.toSet());
        if (different.size() < 2) {
            return found;
        }
        return found.stream()
                .map(each -> each.what().equals(what) ? each.asked() : each)
                .toList();
    }
}
