package ostium.core.paste;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading.Span;
import ostium.core.fact.Area;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Finds what a few words before it give away: since when, where to, member of what, numbers of registers, praise. */
final class LabelledFinder {
    private record Rule(String path, Pattern pattern, Sureness sureness, List<String> needles) {
        static Rule of(String path, String pattern, Sureness sureness, String... needles) {
            return new Rule(path, Pattern.compile(pattern), sureness, List.of(needles));
        }
    }

    private static final List<Rule> RULES = List.of(
            Rule.of(
                    "founded",
                    "\\b(?:since|established(?: in)?|est\\.?|founded(?: in)?|trading since|seit"
                            + "|gegründet|depuis|desde|dal|sinds)\\s*[:]?\\s*(?<value>(?:1[5-9]|20)[0-9]{2})\\b",
                    Sureness.SURE,
                    "since",
                    "est",
                    "founded",
                    "trading",
                    "seit",
                    "gegr",
                    "depuis",
                    "desde",
                    "dal ",
                    "sinds"),
            Rule.of(
                    "membership/number",
                    "\\b(?:member(?:ship)?|registration|reg\\.?|licen[cs]e)\\s*(?:no|nr|number"
                            + "|#)?\\.?\\s*[:#]?\\s*(?<value>[a-z]{0,4}[0-9]{2,10}(?:/[a-z0-9]{1,6})?)\\b(?<!(?:19|20)[0-9]{2})",
                    Sureness.LIKELY,
                    "member",
                    "reg",
                    "licen"),
            Rule.of(
                    "legal/number",
                    "\\b(?:company(?: registration)?|registered in [\\p{L} &]{3,30}?|co\\.? reg\\.?"
                            + "|handelsregister|siren|siret|krs|kvk)\\s*(?:no|nr|number|n°)?\\.?\\s*[:#]?\\s*(?<value>(?:hrb\\s*"
                            + "|sc|ni)?[0-9][0-9 ]{5,16}[0-9])",
                    Sureness.SURE,
                    "company",
                    "registered",
                    "co reg",
                    "co. reg",
                    "handelsregister",
                    "siren",
                    "siret",
                    "krs",
                    "kvk"),
            Rule.of(
                    "legal/number",
                    "(?:amtsgericht\\s+[\\p{L}]+[ ,]*)?\\b(?<value>hr[ab]\\s?[0-9]{2,7})\\b",
                    Sureness.SURE,
                    "hra",
                    "hrb"),
            Rule.of(
                    "legal/tax",
                    "\\b(?:vat|tax|ust-?id(?:nr)?|tva|nif|cif|partita iva|p\\.? ?iva|btw|abn"
                            + "|gst)\\b\\.?\\s*(?:reg(?:istration)?\\.?\\s*)?(?:no|nr|number|n°|-nr)?\\.?\\s*[:#]?\\s*(?<value>"
                            + "[a-z]{0,3}\\s?[0-9][a-z0-9 .]{5,18}[0-9a-z])",
                    Sureness.SURE,
                    "vat",
                    "tax",
                    "ust",
                    "tva",
                    "nif",
                    "cif",
                    "iva",
                    "btw",
                    "abn",
                    "gst"),
            Rule.of(
                    "promise",
                    "\\b(?:we|i) (?:aim to )?(?:answer|reply|respond|get back to you)(?:\\s+(?:to\\s+)?(?:all\\s+)?(?:your\\s+)?"
                            + "(?:messages|enquiries|e-?mails))? (?<value>(?:by|within|the) [^.\\n]{4,60})",
                    Sureness.LIKELY,
                    "we ",
                    "i "));
    private static final Pattern AREA =
            Pattern.compile("\\b(?:covering|(?:we|i) cover|serving|areas? covered|areas? served|areas?(?=\\s*:)"
                    + "|(?:we|i) (?:come|travel|drive)(?: out)? to(?: you(?: in| at|:))?|coverage|einzugsgebiet|zone"
                    + " d['’]intervention)\\s*:?\\s*(?<value>[^.\\n]{3,300})");
    private static final Pattern MEMBER =
            Pattern.compile("(?u)\\b(?:[Mm]embers? of|[Rr]egistered with|[Cc]ertified by|[Aa]ccredited by"
                    + "|[Mm]itglied (?:der|des|im))\\s+(?:the\\s+)?(?<value>[\\p{Lu}][\\p{L}&'’ -]{2,80}?)(?=\\s*(?:[,."
                    + "(;\\n]|no\\b|nr\\b|number|membership|$))");
    private static final Pattern NUMBER_BEHIND =
            Pattern.compile("(?i)\\s*[(,]?\\s*(?:membership |member |licen[cs]e )?(?:no|nr"
                    + "|number)\\b\\.?\\s*[:#]?\\s*(?<value>[a-z]{0,4}[0-9]{2,10})\\)?");
    private static final Pattern PRAISE = Pattern.compile(
            "(?u)[“\"«](?<value>[^”\"»\\n]{12,600})[”\"»]\\s*[,–—-]*\\s*(?<who>[\\p{Lu}][\\p{L}.'’-]*(?:\\s+[\\p{Lu}&]"
                    + "[\\p{L}.'’-]*){0,3})?(?:,\\s*(?<where>[\\p{Lu}][\\p{L}'’ -]{2,40}))?");

    private static final Pattern INTRODUCED =
            Pattern.compile("(?iu:\\b(?:run by|owned by|founded by|owner|proprietor|ask for|my name is|i am|i['’]m"
                    + "|inh\\.|inhaber(?:in)?|geschäftsführer(?:in)?|geführt von|gérante?|tenu par|propietari[oa])\\b)[:,]?[ ]+(?<who>"
                    + PersonFinder.NAME + ")");
    /** "Educator: Narelle Simms". */
    private static final Pattern ROLE = Pattern.compile(
            "(?iu:\\b(?:contact|educator|teacher|tutor|instructor|therapist|stylist|manager"
                    + "|director|chef|head|ansprechpartner(?:in)?|leitung|responsable|contacto))[ ]*:[ ]*(?<who>"
                    + PersonFinder.NAME + ")(?=[ ]*(?:[,|(;]|$))",
            Pattern.MULTILINE);

    private static final Pattern WITH =
            Pattern.compile("(?iu:\\bwith)[ ]+(?<who>" + PersonFinder.NAME + ")(?=,[ ]+\\p{Ll})");
    private static final Pattern TAUGHT =
            Pattern.compile("(?iu:\\b(?:class(?:es)?|lessons?|sessions?|treatments?|tuition|training|tours?|walks?"
                    + "|workshops?|courses?|days?|evenings?)[ ]+with)[ ]+(?<who>"
                    + PersonFinder.NAME + ")(?=[ ]+(?:above|at|in|from|near|opposite|since)\\b|[.,]|$)");
    private static final String FIRST_NAME = "\\p{Lu}\\p{Ll}{1,14}";

    /** "Ring Dot on 0117 …": one name is enough where somebody is rung. */
    private static final Pattern RUNG = Pattern.compile("(?iu:\\b(?:ring|call|phone|text|contact|ask for))[ ]+(?<who>"
            + FIRST_NAME + ")(?=[ ]+(?:on|at|after)\\b)");

    private static final Pattern TEXTED = Pattern.compile("(?iu:\\btext)[ ]+(?<who>" + FIRST_NAME + ")(?=[ ]+[+0])");

    /** "Phone Tobias Fennimore, 01632 …". */
    private static final Pattern RUNG_AT = Pattern.compile("(?iu:\\b(?:ring|call|phone|text|contact|ask for"
            + "|(?:queries|enquiries|questions|bookings|orders) to))[ ]+(?<who>" + PersonFinder.NAME
            + ")(?=[,:]?[ ]+(?:on[ ]+)?[(+]?[0-9])");
    /** "It's Bex from Muddy Paws": somebody who writes as one talks. */
    private static final Pattern TALKING = Pattern.compile(
            "(?iu:\\b(?:it['’]?s|this is|i['’]?m|i am))[ ]+(?<who>\\p{Lu}\\p{Ll}{1,14})(?=[ ]+(?:from|of|at)[ ]+(?:The[ ]+)?\\p{Lu})");

    private static final Pattern FIRM =
            Pattern.compile("[ ]+(?:of|from|at)[ ]+(?<firm>(?:The[ ]+)?\\p{Lu}[\\p{L}'’-]*(?:[ ]+(?:(?:&"
                    + "|and)[ ]+)?\\p{Lu}[\\p{L}'’-]*){1,5})(?=[.,!\\n]|[ ]+(?:in|at|on|here)\\b|$)");

    /** Said behind it, it may be asked for as well as not. */
    private static final Pattern POSSIBLE = Pattern.compile(
            "\\s*(?:are |sind |auch |also )*(?:available|possible|on request|by arrangement|möglich|nach vereinbarung|possibles?)");

    private static final Pattern COMES = Pattern.compile(
            "\\b(?:(?:we|i) (?:will |can |also |always )?(?:come|travel|drive)(?: out)? to (?:you\\b|your (?:home|door"
                    + "|house|place|work))"
                    + "|at your (?:home|door|house|place)\\b|in your own home|home visits|we visit you|wir kommen zu ihnen|hausbesuche"
                    + "|à domicile|a domicilio|(?:fully )?mobile(?= (?!phones?\\b|numbers?\\b|no\\b|tel|app\\b|friendly)\\p{Ll}{3,}))");
    private static final Pattern RECEIVES = Pattern.compile(
            "\\b(?:(?:visit|come and see|come to) us|our (?:shop|salon|studio|workshop|showroom|clinic)|(?:pop|drop"
                    + "|call) in|walk-?ins?)\\b");

    private final TextFinder.Words words;

    LabelledFinder(TextFinder.Words words) {
        this.words = words;
    }

    void find() {
        for (Rule rule : RULES) {
            words.each(rule.pattern(), words.lower(), rule.needles(), matcher -> {
                String value = words.text().substring(matcher.start("value"), matcher.end("value"));
                take(rule.path(), value.strip(), matcher, rule.sureness());
            });
        }
        words.each(
                MEMBER,
                words.text(),
                List.of("member", "registered", "certified", "accredited", "mitglied"),
                this::member);
        words.each(
                AREA, words.lower(), List.of("cover", "serv", "come to", "travel", "einzugs", "zone", "area"), area -> {
                    String value = words.text()
                            .substring(area.start("value"), area.end("value"))
                            .strip()
                            .replaceFirst("(?i)^(?:the|all of)\\s+(?=\\p{Lu})", "");
                    boolean names = !value.isEmpty()
                            && (Character.isUpperCase(value.codePointAt(0))
                                    || value.matches("(?i)(?:within|up to)?\\s*[0-9].*"));
                    if (names && Area.read(value).value().isPresent()) {
                        take("area", value, area, Sureness.LIKELY);
                    }
                });
        praise();
        introduced();
        comes();
    }

    /** "Run by Fern Osier", "with Bryony Larch, instructor since 2009". */
    private void introduced() {
        for (Pattern pattern : List.of(INTRODUCED, ROLE, WITH, TAUGHT, RUNG, TEXTED, RUNG_AT, TALKING)) {
            words.each(pattern, words.text(), List.of(), who -> {
                Span at = new Span(who.start("who"), who.end("who"));
                if (words.isFree(at)
                        && words.found().stream()
                                .noneMatch(found -> found.what().equals("person"))) {
                    words.take(Found.line("person", who.group("who"), at, Sureness.LIKELY));
                    firm(at.to());
                }
            });
        }
    }

    /** "I'm June Alvarez of Happy Tails Dog Walking." */
    private void firm(int from) {
        Matcher firm = FIRM.matcher(words.text()).region(from, words.text().length());
        if (firm.lookingAt()) {
            Span at = new Span(firm.start("firm"), firm.end("firm"));
            if (words.isFree(at)) {
                words.take(Found.line("name", firm.group("firm"), at, Sureness.LIKELY));
            }
        }
    }

    /** Who comes to whom, where the text says one of the two and not the other as well. Nothing is taken out for it. */
    private void comes() {
        Matcher comes = COMES.matcher(words.lower());
        if (comes.find()
                && !RECEIVES.matcher(words.lower()).find()
                && !POSSIBLE.matcher(words.lower())
                        .region(comes.end(), words.lower().length())
                        .lookingAt()) {
            words.found().add(Found.line(Found.COMES, "yes", new Span(comes.start(), comes.end()), Sureness.LIKELY));
        }
    }

    /** The body, and the number in brackets behind it. */
    private void member(Matcher member) {
        take("membership/body", member.group("value").strip(), member, Sureness.SURE);
        Matcher number = NUMBER_BEHIND
                .matcher(words.text())
                .region(member.end(), words.text().length());
        if (number.lookingAt()) {
            take("membership/number", number.group("value"), number, Sureness.LIKELY);
        }
    }

    private void take(String path, String value, Matcher matcher, Sureness sureness) {
        Span at = new Span(matcher.start(), matcher.end());
        if (words.isFree(at)) {
            words.take(Found.line(path, value, at, sureness));
        }
    }

    /** Words in quotation marks with a name after them. Whether they may be shown, only the owner knows. */
    private void praise() {
        Matcher praise = PRAISE.matcher(words.text());
        int number = 0;
        while (praise.find()) {
            Span at = new Span(praise.start(), praise.end());
            if (praise.group("who") != null && words.isFree(at)) {
                TypedRow row = new TypedRow(
                        "testimonial",
                        "testimonial-" + ++number,
                        java.util.Map.of(
                                "words", praise.group("value").strip(),
                                "who", praise.group("who").strip(),
                                "where",
                                        praise.group("where") == null
                                                ? ""
                                                : praise.group("where").strip()));
                words.take(Found.row(row, "“" + row.line("words") + "” " + row.line("who"), at, Sureness.LIKELY));
            }
        }
    }
}
