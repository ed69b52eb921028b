package ostium.core.paste;

import com.google.i18n.phonenumbers.PhoneNumberMatch;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.Leniency;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading;
import ostium.core.base.Reading.Span;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Link;
import ostium.core.fact.Networks;
import ostium.core.fact.Point;
import ostium.core.fact.Telephone;

/** Finds the ways to reach a business: mail addresses, links and handles, telephone numbers, points. */
final class ContactFinder {
    private static final Pattern MAIL = Pattern.compile(
            "(?i)(?:mailto:)?[\\p{L}0-9.!#$%&'*+/=?^_`{|}~-]{1,64}@(?:[\\p{L}0-9-]{1,63}\\.){1,6}[\\p{L}][\\p{L}0-9-]{1,62}");
    private static final Pattern GEO = Pattern.compile(
            "(?i)geo:[-+]?[0-9.]+,[-+]?[0-9.]+[^\\s,]*|(?<![=@/0-9.])[-+]?[0-9]{1,2}\\.[0-9]{4,}°?[ ]?[NS]?,["
                    + " ]*[-+]?[0-9]{1,3}\\.[0-9]{4,}°?(?:[ ]?[EW])?(?![\\p{L}0-9])");
    private static final Pattern URL = Pattern.compile(
            "(?i)\\b(?:https?://|www\\.)[^\\s<>\"“”|]+|(?<![@\\p{L}0-9./-])(?:[\\p{L}0-9](?:[\\p{L}0-9-]{0,61}"
                    + "[\\p{L}0-9])?\\.){1,4}(?:com|co\\.uk|org|net|uk|ie|de|fr|es|it|nl|pt|ca"
                    + "|au|nz|us|biz|info|shop|me|example|app|social)(?:/[^\\s<>\"“”|]*)?(?![\\p{L}0-9@-])");
    private static final Pattern HANDLE =
            Pattern.compile("(?<label>facebook|instagram|insta|youtube|tiktok|linkedin|twitter|threads"
                    + "|pinterest|bluesky|whatsapp|telegram|mastodon|snapchat|fb|ig)\\s*(?:[:–-]\\s*"
                    + "|\\s(?:is\\s+(?=@))?)@?(?<handle>[\\p{L}0-9._-]{2,60})(?![\\p{L}0-9@])"
                    + "|(?<![\\p{L}0-9@.])@(?<bare>[\\p{L}0-9._]{2,40}"
                    + "[\\p{L}0-9_])(?:(?:\\s+on\\s+(?:the\\s+)?|\\s+\\()(?<where>[\\p{L}]+(?: site)?))?");
    private static final List<String> HANDLES = List.of(
            "@",
            "facebook",
            "insta",
            "youtube",
            "tiktok",
            "linkedin",
            "twitter",
            "threads",
            "pinterest",
            "bluesky",
            "whatsapp",
            "telegram",
            "mastodon",
            "snapchat",
            "fb",
            "ig");
    /** What a number is, is said shortly before it. */
    private static final int LONGEST_LABEL = 200;

    private static final Pattern FAX = Pattern.compile("(?i).*\\b(?:(?:tele)?fax|f)\\b\\W*$", Pattern.DOTALL);
    private static final Pattern NOT_A_NUMBER = Pattern.compile(
            "(?iu).*\\b(?:vat|tax|company|reg(?:istration|istered)?|charity|licen[cs]e"
                    + "|member|no|nr|account|iban|sort code|invoice|siret|siren|hrb)\\b\\.?(?:\\s*(?:no"
                    + "|nr|number)\\b\\.?)?[^\\p{L}\\n]{0,4}$",
            Pattern.DOTALL);

    /** Said before it in its sentence, it is a number for another occasion than to ask the business. */
    private static final Pattern ELSE = Pattern.compile(
            "(?iu)\\b(?:emergenc(?:y|ies)|out of hours|outside (?:these|our|of) hours"
                    + "|after hours|when we(?:['’]re| are) closed|notfälle?n?|notdienst|urgences?|urgencias?)\\b[^.!?\\n]*$");

    private static final int SHORTEST_WITHOUT_PREFIX = 9;

    private final TextFinder.Words words;
    private final String region;
    /** Numbers that have been told from other figures already; a page often says one many times. */
    private final Set<String> known = new HashSet<>();

    ContactFinder(TextFinder.Words words, String region) {
        this.words = words;
        this.region = region;
    }

    void find() {
        mails();
        points();
        links();
        telephones();
        handles();
    }

    private void mails() {
        if (words.text().indexOf('@') < 0) {
            return;
        }
        Map<String, Optional<EmailAddress>> known = new HashMap<>();
        words.each(MAIL, words.text(), List.of("@"), mail -> {
            Span at = new Span(mail.start(), mail.end());
            if (!words.isFree(at)) {
                return;
            }
            known.computeIfAbsent(
                            mail.group(), typed -> EmailAddress.read(typed).value())
                    .ifPresent(address -> words.take(Found.line("email", address.value(), at, Sureness.SURE)));
        });
    }

    private void points() {
        words.each(
                GEO, words.text(), List.of("geo:", ".4", ".5", ".6", ".7", ".8", ".9", ".0", ".1", ".2", ".3"), geo -> {
                    Span at = new Span(geo.start(), geo.end());
                    if (words.isFree(at) && Point.read(geo.group()).value().isPresent()) {
                        words.take(Found.line("point", geo.group(), at, Sureness.SURE));
                    }
                });
    }

    /** Whether a line has a full stop with a letter right after it, as every name of a host has. */
    private boolean hasStopInsideWord(Span line) {
        String text = words.text();
        for (int at = text.indexOf('.', line.from()); at >= 0 && at < line.to() - 1; at = text.indexOf('.', at + 1)) {
            if (Character.isLetter(text.charAt(at + 1))) {
                return true;
            }
        }
        return false;
    }

    private void links() {
        words.each(URL, words.text(), this::hasStopInsideWord, url -> {
            String typed = url.group().replaceFirst("[.,;:!?)\\]'’]+$", "");
            Span at = new Span(url.start(), url.start() + typed.length());
            if (!words.isFree(at)) {
                return;
            }
            if (Point.read(typed).value().isPresent() && typed.startsWith("http")) {
                words.take(Found.line("point", typed, at, Sureness.SURE));
                return;
            }
            Reading<Link> reading = Networks.shipped().read(typed);
            if (reading.value().isPresent()) {
                words.take(new Found(Found.LINK, typed, at, Sureness.SURE, List.of(), null, null));
            }
        });
    }

    private void handles() {
        words.each(HANDLE, words.lower(), HANDLES, handle -> {
            Span at = new Span(handle.start(), handle.end());
            if (!words.isFree(at)) {
                return;
            }
            String typed = handle.group("label") != null
                    ? handle.group("label") + " @" + said(handle, "handle")
                    : handle.group("where") != null
                            ? handle.group("where") + " @" + said(handle, "bare")
                            : "@" + said(handle, "bare");
            Reading<Link> reading = Networks.shipped().read(typed);
            if (reading.value().isPresent()) {
                words.take(new Found(Found.LINK, typed, at, Sureness.SURE, List.of(), null, null));
            } else if (handle.group("bare") != null
                    && Networks.shipped().read("@" + said(handle, "bare")) instanceof Reading.Unclear<Link> unclear) {
                words.take(new Found(
                        Found.LINK, "@" + said(handle, "bare"), at, Sureness.ASK, unclear.choices(), null, null));
            }
        });
    }

    /** A part of a match in the letters it was written with. */
    private String said(Matcher matcher, String group) {
        return words.text().substring(matcher.start(group), matcher.end(group));
    }

    /** Whether six digits stand so near to one another that they could be a number. */
    private static boolean canHoldNumber(String said) {
        int digits = 0;
        int between = 0;
        for (int i = 0; i < said.length() && digits < 6; i++) {
            char letter = said.charAt(i);
            if (Character.isDigit(letter)) {
                digits++;
                between = 0;
            } else if (Character.isLetter(letter) || ++between > 4) {
                digits = 0;
            }
        }
        return digits >= 6;
    }

    /** A number with a label or a form of its own; those with a label that says they are none are left. */
    private void telephones() {
        List<Found> numbers = new ArrayList<>();
        for (Span line : words.lines()) {
            String said = words.at(line);
            if (!canHoldNumber(said)) {
                continue;
            }
            for (PhoneNumberMatch match :
                    PhoneNumberUtil.getInstance().findNumbers(said, region, Leniency.POSSIBLE, 20)) {
                Span at = new Span(line.from() + match.start(), line.from() + match.end());
                String before = said.substring(Math.max(0, match.start() - LONGEST_LABEL), match.start());
                if (words.isFree(at) && isNumber(match, before)) {
                    if (FAX.matcher(before).matches()) {
                        words.setAside(at);
                    } else {
                        Found number = Found.line("telephone", match.rawString(), at, sureness(match, before));
                        numbers.add(ELSE.matcher(before).find() ? number.asked() : number);
                        words.claim(at);
                    }
                }
            }
        }
        numbers.forEach(words::take);
    }

    private boolean isNumber(PhoneNumberMatch match, String before) {
        String raw = match.rawString();
        if (known.contains(raw)) {
            return true;
        }
        boolean valid = PhoneNumberUtil.getInstance().isValidNumber(match.number());
        boolean labelled = before.toLowerCase(Locale.ROOT)
                .matches("(?s).*(?:\\b(?:t|tel|telephone|phone|ph|call|mob|mobile|m|cell|ring|text"
                        + "|sms|whatsapp|office|tél|téléphone|portable|telefon|teléfono"
                        + "|móvil|tfno|tlf|mobil|handy|fax)\\b|☎|📞)[^\\p{L}0-9]*$");
        boolean date = raw.matches("[0-9]{1,2}[./-][0-9]{1,2}[./-][0-9]{2,4}|[0-9]{4}[./-][0-9]{1,2}[./-][0-9]{1,2}");
        boolean times = raw.matches("[0-9]{1,2}[:.][0-9]{2}.*|[0-9]{4}\\s*-\\s*[0-9]{4}");
        if (date || times || NOT_A_NUMBER.matcher(before).matches() && !labelled) {
            return false;
        }
        boolean formed = raw.matches("[+(0].*")
                || valid && isWithoutPrefix() && raw.replaceAll("[^0-9]", "").length() >= SHORTEST_WITHOUT_PREFIX
                || raw.matches("[0-9]{3}[-. ][0-9]{3}[-. ][0-9]{4}.*");
        boolean is =
                Telephone.read(raw, region).value().isPresent() && (labelled || formed && (valid || raw.length() > 9));
        if (is) {
            known.add(raw);
        }
        return is;
    }

    /** Whether numbers of the country are dialled as they are, with no 0 before them. */
    private boolean isWithoutPrefix() {
        String prefix = PhoneNumberUtil.getInstance().getNddPrefixForRegion(region, true);
        return prefix == null || prefix.isEmpty();
    }

    private static Sureness sureness(PhoneNumberMatch match, String before) {
        return PhoneNumberUtil.getInstance().isValidNumber(match.number()) || before.matches("(?i).*tel.*")
                ? Sureness.SURE
                : Sureness.LIKELY;
    }
}
