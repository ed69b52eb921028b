package ostium.core.sheet;

import java.time.YearMonth;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.FactValue.Membership;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.HoursLanguage;

/** Reads a membership or qualification: who issued it, its number, and the month until which it is valid. */
final class Credentials {
    private static final Messages WORDS = Messages.of("sheet");

    private static final Pattern ISO = Pattern.compile("([0-9]{4})-([0-9]{1,2})(?:-[0-9]{1,2})?");
    private static final Pattern FIGURES = Pattern.compile("(?:[0-9]{1,2}[./])?([0-9]{1,2})[./]([0-9]{4})");
    private static final Pattern MONTH_IN_WORDS =
            Pattern.compile("(?:[0-9]{1,2}\\.?\\s+)?(\\p{L}+)\\.?,?\\s+([0-9]{4})");

    private Credentials() {}

    static Reading<Membership> read(String body, String number, String until, BusinessDay today) {
        if (body.strip().length() > Line.MEMBERSHIP_BODY.longest()
                || number.strip().length() > Line.MEMBERSHIP_NUMBER.longest()) {
            return Reading.refused(WORDS.say("credentials.atMost120CharactersPlease"), body);
        }
        if (until.isBlank()) {
            return Reading.understood(new Membership(body.strip(), number.strip(), ""));
        }
        Optional<YearMonth> month = month(until.strip().toLowerCase(Locale.ROOT).replaceFirst("^until\\s+", ""));
        if (month.isEmpty()) {
            return Reading.refused(WORDS.say("credentials.giveTheMonthLikeJune"), until);
        }
        Membership membership =
                new Membership(body.strip(), number.strip(), month.get().toString());
        return month.get().isBefore(YearMonth.from(today.date()))
                ? Reading.understood(membership, WORDS.say("credentials.thisHasRunOutSo"), null)
                : Reading.understood(membership);
    }

    private static Optional<YearMonth> month(String words) {
        Matcher iso = ISO.matcher(words);
        Matcher figures = FIGURES.matcher(words);
        Matcher named = MONTH_IN_WORDS.matcher(words);
        int year;
        int month;
        if (iso.matches()) {
            year = Integer.parseInt(iso.group(1));
            month = Integer.parseInt(iso.group(2));
        } else if (figures.matches()) {
            year = Integer.parseInt(figures.group(2));
            month = Integer.parseInt(figures.group(1));
        } else if (named.matches()) {
            year = Integer.parseInt(named.group(2));
            month = HoursLanguage.all().stream()
                    .flatMap(language -> language.month(named.group(1)).stream())
                    .findFirst()
                    .orElse(0);
        } else {
            return Optional.empty();
        }
        return month < 1 || month > 12 ? Optional.empty() : Optional.of(YearMonth.of(year, month));
    }

    /** "until June 2027": only what needs saying back. */
    static String say(Membership membership) {
        if (membership.until().isBlank()) {
            return "";
        }
        YearMonth until = YearMonth.parse(membership.until());
        return WORDS.say(
                "credentials.until",
                until.getMonth().getDisplayName(java.time.format.TextStyle.FULL, Locale.ENGLISH),
                until.getYear());
    }
}
