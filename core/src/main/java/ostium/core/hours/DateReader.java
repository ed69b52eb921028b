package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.country.Country;

/** Reads the dates of a line from left to right, in one language: "Mon 24 December", "24.12.2026", "Dec 24", "August". */
final class DateReader {
    private static final Pattern ISO = Pattern.compile("([0-9]{4})-([0-9]{2})-([0-9]{2})");
    private static final Pattern DIGITS =
            Pattern.compile("([0-9]{1,2})[./]([0-9]{1,2})(?:[./]([0-9]{4}|[0-9]{2})?)?(?![0-9])");
    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}'’]*\\.?");
    private static final Pattern DAY = Pattern.compile("([0-9]{1,2})(?:st|nd|rd|th|er|º|\\.)?(?![0-9:])");
    private static final Pattern YEAR =
            Pattern.compile("[\\s,]*(?:(?:of|de|del)\\s+)?((?:19|20)[0-9]{2})(?![0-9]|:[0-9])");
    private static final Pattern SPACE = Pattern.compile(
            "[\\s,]*(?:(?:the|of|on|am|den|dem|le|du|el|de|del|from|vom|von|between)(?![\\p{L}])[\\s,]*)*");

    private final String lower;
    private final HoursLanguage language;
    private final String country;
    /** Where reading goes on. */
    int at;

    /** @param lower the line in lower case, as long as the line itself */
    DateReader(String lower, HoursLanguage language, String country) {
        this.lower = lower;
        this.language = language;
        this.country = country;
    }

    /** A date as written: parts that were not said are null. */
    record Written(DayOfWeek weekday, Integer day, Integer month, Integer year) {}

    /** Goes over spaces, commas and the small words between parts of a date. */
    void skip() {
        Matcher space = SPACE.matcher(lower).region(at, lower.length()).useTransparentBounds(true);
        if (space.lookingAt()) {
            at = space.end();
        }
    }

    /** The date at this place, which is left behind it; at none, the place stays. */
    Optional<Written> date() {
        int start = at;
        skip();
        Matcher iso = ISO.matcher(lower).region(at, lower.length());
        if (iso.lookingAt()) {
            at = iso.end();
            return Optional.of(new Written(null, number(iso, 3), number(iso, 2), number(iso, 1)));
        }
        DayOfWeek weekday = weekday();
        Matcher digits = DIGITS.matcher(lower).region(at, lower.length());
        if (digits.lookingAt() && !lower.substring(digits.end()).matches("\\s*[-–]\\s*[0-9]{1,2}(?![./0-9]).*")) {
            at = digits.end();
            boolean monthFirst =
                    Country.of(country).monthFirst() && digits.group().contains("/");
            Integer year = digits.group(3) == null
                    ? year()
                    : Integer.valueOf(number(digits, 3) + (number(digits, 3) < 100 ? 2000 : 0));
            return Optional.of(
                    new Written(weekday, number(digits, monthFirst ? 2 : 1), number(digits, monthFirst ? 1 : 2), year));
        }
        Integer day = day();
        Integer month = month();
        if (month != null && day == null) {
            day = day();
        }
        if (month == null && day == null) {
            at = start;
            return Optional.empty();
        }
        return Optional.of(new Written(weekday, day, month, day == null && month == null ? null : year()));
    }

    private Integer year() {
        Matcher year = YEAR.matcher(lower).region(at, lower.length());
        if (!year.lookingAt()) {
            return null;
        }
        at = year.end();
        return number(year, 1);
    }

    private static Integer number(Matcher found, int group) {
        return Integer.valueOf(found.group(group));
    }

    private DayOfWeek weekday() {
        Matcher word = WORD.matcher(lower).region(at, lower.length());
        if (word.lookingAt()) {
            Optional<DayOfWeek> day = language.day(word.group().replace(".", ""));
            if (day.isPresent() && lower.substring(word.end()).matches("[\\s,]*[0-9].*")) {
                at = word.end();
                skip();
                return day.get();
            }
        }
        return null;
    }

    private Integer day() {
        skip();
        Matcher day = DAY.matcher(lower).region(at, lower.length());
        boolean isTime = day.lookingAt()
                && lower.substring(day.end())
                        .matches("\\s*(?:[ap]\\.?m\\b.*|[-–](?:\\s*[0-9]{1,2}(?::[0-9]{2}|[ap]m))?.*)")
                && !lower.substring(day.end()).matches("\\s*[-–]\\s*[0-9]{0,2}\\.?\\s*[\\p{L}].*");
        if (!day.lookingAt() || isTime || Integer.parseInt(day.group(1)) > 31) {
            return null;
        }
        at = day.end();
        skip();
        return number(day, 1);
    }

    private Integer month() {
        Matcher word = WORD.matcher(lower).region(at, lower.length());
        if (!word.lookingAt()) {
            return null;
        }
        Optional<Integer> month = language.month(word.group().replace(".", ""));
        month.ifPresent(found -> at = word.end());
        return month.orElse(null);
    }
}
