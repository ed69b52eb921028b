package ostium.core.fact;

import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.PhoneNumberFormat;
import com.google.i18n.phonenumbers.PhoneNumberUtil.ValidationResult;
import com.google.i18n.phonenumbers.Phonenumber.PhoneNumber;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * A telephone number.
 *
 * <p>Facets: {@code ""} and {@code national} as dialled in its own country, {@code international} as dialled from
 * abroad.
 *
 * @param e164 international form by ITU-T E.164, such as {@code +441174960123}
 * @param extension digits dialled after the connection, or empty
 * @param abroad whether callers from abroad are expected, so that it is shown as they dial it
 */
public record Telephone(String e164, String extension, boolean abroad) implements FactValue {

    /** Most characters that are read. */
    public static final int LONGEST = 250;

    private static final Messages WORDS = Messages.of("fact");

    /** What stands between two numbers on one line. */
    private static final Pattern SEVERAL = Pattern.compile("\\s*(?:[/,;|&\\n]|\\bor\\b|\\band\\b)\\s*");

    /** Words behind a number, which must not be dialled by the letters on its keys. */
    private static final Pattern BEHIND =
            Pattern.compile("(?<number>[^\\p{L}]*[0-9][^\\p{L}(]*?)[\\s,–-]*(?<words>\\((?=[^0-9]*\\)$)[^0-9]*"
                    + "|(?!(?i:ext|extn|x|durchwahl|poste)\\b)\\p{L}[^0-9]*)");

    private static final int NORTH_AMERICA = 1;

    /** Shorter than this a number that has words behind it has lost its end to them. */
    private static final int SHORT_E164 = 11;

    /** A plus and fifteen digits (ITU-T E.164). */
    private static final int LONGEST_E164 = 16;

    private static final PhoneNumberUtil NUMBERS = PhoneNumberUtil.getInstance();

    public Telephone {
        Objects.requireNonNull(e164, "e164");
        Objects.requireNonNull(extension, "extension");
        if (!e164.matches("\\+[1-9][0-9]{4,14}")) {
            throw new IllegalArgumentException("e164 is not a number by E.164: " + e164);
        }
    }

    public Telephone(String e164, String extension) {
        this(e164, extension, false);
    }

    /** The same number, shown as it is dialled from abroad. */
    public Telephone fromAbroad() {
        return new Telephone(e164, extension, true);
    }

    /** As it stands on a page: in national form, or international where callers from abroad are expected. */
    public String shown() {
        return abroad ? international() : national();
    }

    /**
     * Reads a number in any form people type.
     *
     * @param words what was typed
     * @param region ISO 3166 country whose dialling habits apply when no country code is given
     */
    public static Reading<Telephone> read(String words, String region) {
        Optional<Reading<Telephone>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String trimmed = words.strip();
        if (trimmed.isEmpty()) {
            return Reading.refused(WORDS.say("telephone.typeATelephoneNumber"), words);
        }
        Reading<Telephone> one = readOne(trimmed, words, region);
        List<String> several = SEVERAL.splitAsStream(trimmed).toList();
        boolean each = several.size() > 1
                && several.stream()
                        .allMatch(part -> readOne(part, part, region).value().isPresent());
        return one instanceof Reading.Refused && each
                ? new Reading.Unclear<>(WORDS.say("telephone.several"), Reading.Span.all(words), several)
                : one;
    }

    /** A capital or small o typed for the figure 0. */
    private static final Pattern LETTER_O = Pattern.compile("(?<![\\p{L}])[oO](?=[0-9])|(?<=[0-9])[oO](?=[0-9 ])");

    private static Reading<Telephone> readOne(String typed, String words, String region) {
        Matcher behind = BEHIND.matcher(typed);
        boolean spelled = NUMBERS.getCountryCodeForRegion(region) == NORTH_AMERICA;
        if (!spelled && behind.matches() && !typed.startsWith("+1")) {
            Reading<Telephone> alone = readOne(behind.group("number").strip(), words, region);
            boolean note = behind.group("words").startsWith("(");
            boolean half = alone.value()
                    .filter(number -> number.e164().length() < SHORT_E164)
                    .isPresent();
            if (half) {
                return Reading.refused(WORDS.say("telephone.thisNumberIsTooShort"), words);
            }
            return note || !(alone instanceof Reading.Understood<Telephone> understood)
                    ? alone
                    : Reading.understood(
                            understood.meaning(),
                            WORDS.say("telephone.withoutTheWords", behind.group("words")),
                            understood.meaning().national());
        }
        return digits(spelled ? typed : LETTER_O.matcher(typed).replaceAll("0"), words, region);
    }

    private static Reading<Telephone> digits(String trimmed, String words, String region) {
        PhoneNumber number;
        try {
            number = NUMBERS.parse(withCountryPrefix(trimmed), region);
        } catch (NumberParseException e) {
            return Reading.refused(reason(e.getErrorType(), trimmed), words);
        }
        ValidationResult length = NUMBERS.isPossibleNumberWithReason(number);
        String fault = switch (length) {
            case TOO_SHORT -> WORDS.say("telephone.thisNumberIsTooShort");
            case TOO_LONG -> WORDS.say("telephone.thisNumberIsTooLong");
            case INVALID_COUNTRY_CODE -> WORDS.say("telephone.thereIsNoCountryWith");
            case INVALID_LENGTH -> WORDS.say("telephone.thisNumberHasTooFew");
            case IS_POSSIBLE_LOCAL_ONLY ->
                WORDS.say(trimmed.matches("[0+(].*") ? "telephone.thisNumberIsTooShort" : "telephone.noAreaCode");
            case IS_POSSIBLE -> null;
        };
        if (fault != null) {
            return Reading.refused(fault, words);
        }
        if (!NUMBERS.isValidNumber(number) && lacksAreaCode(trimmed, number, region)) {
            return Reading.refused(WORDS.say("telephone.theAreaCodeIsMissing"), words);
        }
        String e164 = NUMBERS.format(number, PhoneNumberFormat.E164);
        if (e164.length() > LONGEST_E164) {
            return Reading.refused(WORDS.say("telephone.thisNumberIsTooLong"), words);
        }
        Telephone telephone = new Telephone(e164, number.getExtension());
        if (!NUMBERS.isValidNumber(number)) {
            return Reading.understood(telephone, WORDS.say("telephone.noNumberLikeThisHas"), null);
        }
        return NUMBERS.getNumberType(number) == PhoneNumberUtil.PhoneNumberType.PREMIUM_RATE
                ? Reading.understood(telephone, WORDS.say("telephone.callersPayMore"), null)
                : Reading.understood(telephone);
    }

    /** Where an area code begins with a 0, a short number that begins with neither 0 nor + is only its end. */
    private static boolean lacksAreaCode(String words, PhoneNumber number, String region) {
        return "0".equals(NUMBERS.getNddPrefixForRegion(region, true))
                && words.matches("[^0-9+]*[1-9].*")
                && !words.contains("+")
                && String.valueOf(number.getNationalNumber()).length() < 9;
    }

    /** {@code 0044…} is dialled for {@code +44…} from most countries, also where the region uses another prefix. */
    private static String withCountryPrefix(String words) {
        return words.matches("00[1-9].*") ? "+" + words.substring(2) : words;
    }

    private static String reason(NumberParseException.ErrorType type, String words) {
        return switch (type) {
            case INVALID_COUNTRY_CODE -> WORDS.say("telephone.thereIsNoCountryWith");
            case TOO_SHORT_AFTER_IDD, TOO_SHORT_NSN -> WORDS.say("telephone.thisNumberIsTooShort");
            case TOO_LONG -> WORDS.say("telephone.thisNumberIsTooLong");
            case NOT_A_NUMBER ->
                words.chars().anyMatch(Character::isDigit)
                        ? WORDS.say("telephone.thisIsNotATelephone")
                        : WORDS.say("telephone.thereAreNoDigitsHere");
        };
    }

    @Override
    public List<String> facets() {
        return List.of("", "international");
    }

    @Override
    public Optional<String> say(String facet) {
        return switch (facet) {
            case "" -> Optional.of(shown());
            case "national" -> Optional.of(national());
            case "international" -> Optional.of(international());
            default -> Optional.empty();
        };
    }

    /** Whether it is of a range for mobile telephones; never where a country does not tell them apart. */
    public boolean isMobile() {
        PhoneNumber number = parsed();
        PhoneNumberUtil.PhoneNumberType type = NUMBERS.getNumberType(number);
        if (type != PhoneNumberUtil.PhoneNumberType.UNKNOWN) {
            return type == PhoneNumberUtil.PhoneNumberType.MOBILE;
        }
        // A range that is not given out: it begins as the mobile numbers of its country do, and no landline does.
        PhoneNumber mobile = example(number, PhoneNumberUtil.PhoneNumberType.MOBILE);
        PhoneNumber fixed = example(number, PhoneNumberUtil.PhoneNumberType.FIXED_LINE);
        return mobile != null && fixed != null && first(number) == first(mobile) && first(mobile) != first(fixed);
    }

    /** Whether it may take texts: it is mobile, or of a country that does not tell mobile numbers from others. */
    public boolean takesTexts() {
        PhoneNumber mobile = example(parsed(), PhoneNumberUtil.PhoneNumberType.MOBILE);
        return isMobile()
                || mobile != null
                        && NUMBERS.getNumberType(mobile) == PhoneNumberUtil.PhoneNumberType.FIXED_LINE_OR_MOBILE;
    }

    /** A number of the same country; null where it has none of the kind. */
    private static PhoneNumber example(PhoneNumber number, PhoneNumberUtil.PhoneNumberType type) {
        return NUMBERS.getExampleNumberForType(NUMBERS.getRegionCodeForCountryCode(number.getCountryCode()), type);
    }

    private static char first(PhoneNumber number) {
        return String.valueOf(number.getNationalNumber()).charAt(0);
    }

    /** As dialled in its own country: {@code 0117 496 0123}. */
    public String national() {
        return NUMBERS.format(parsed(), PhoneNumberFormat.NATIONAL);
    }

    /** As dialled from abroad: {@code +44 117 496 0123}. */
    public String international() {
        return NUMBERS.format(parsed(), PhoneNumberFormat.INTERNATIONAL);
    }

    /** The address that dials it, by RFC 3966: {@code tel:+441174960123;ext=4}. */
    public String uri() {
        return "tel:" + e164 + (extension.isEmpty() ? "" : ";ext=" + extension);
    }

    private PhoneNumber parsed() {
        try {
            PhoneNumber number = NUMBERS.parse(e164, null);
            if (!extension.isEmpty()) {
                number.setExtension(extension);
            }
            return number;
        } catch (NumberParseException e) {
            throw new IllegalStateException("a kept number can always be read: " + e164, e);
        }
    }
}
