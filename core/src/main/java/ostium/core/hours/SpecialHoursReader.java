package ostium.core.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * Reads a line that says when the hours differ: dates, then hours, then perhaps a reason. "Closed" may stand first.
 *
 * <p>A day of the week beside a date has to be the right one, and then says which year is meant. A date without a year is
 * asked about: once, or every year. Months alone are a season, of every year; so are public holidays by name.
 */
final class SpecialHoursReader {
    private static final Messages WORDS = Messages.of("hours");

    private static final Pattern LABEL = Pattern.compile("(?<label>\\p{L}[\\p{L}'’ -]{2,40}):\\s+(?<rest>.+)");
    private static final Pattern UNTIL = Pattern.compile(
            "\\s*(?:[-–—]|to\\b|until\\b|till\\b|through\\b|bis\\b(?: zum)?|au\\b|à\\b|al\\b|hasta\\b)\\s*");

    /** Joins two days, unless "between" stands before them. */
    private static final Pattern AND = Pattern.compile("\\s*(?:&|\\+|,|and\\b|und\\b|et\\b|y\\b)\\s*");

    /** Before a first day: another has to follow. */
    private static final Pattern FROM =
            Pattern.compile("\\b(?:from|ab|vom|à partir d[ue]|a partir del?|desde(?: el)?)\\s*$");

    private static final Pattern YEAR_BEHIND = Pattern.compile("[^0-9]{0,20}(?:19|20)[0-9]{2}(?![0-9])");
    private static final Pattern BETWEEN = Pattern.compile("\\b(?:between|zwischen|entre)\\b");

    /** Behind a number that is an hour, not a day: "- 9 to 12". */
    private static final Pattern MORE_TIME = Pattern.compile(
            "\\s*(?:[-–—]|to\\b|until\\b|till\\b|bis\\b|à\\b|a\\b|hasta\\b|[ap]\\.?m\\b|uhr\\b|h\\b|:).*");

    private final String words;
    private final BusinessDay today;
    private final String country;
    private HoursLanguage language = HoursLanguage.ENGLISH;
    private String lower;
    private DateReader dates;

    SpecialHoursReader(String words, BusinessDay today, String country) {
        this.words = words;
        this.today = today;
        this.country = country;
    }

    Reading<SpecialHours> read() {
        if (words.isBlank()) {
            return Reading.refused(WORDS.say("specialHoursReader.typeADateAndIts"), words);
        }
        if (words.length() > SpecialHours.LONGEST) {
            return Reading.refused(
                    WORDS.say("special.long", SpecialHours.LONGEST), SpecialHours.LONGEST, words.length());
        }
        Reading<SpecialHours> question = null;
        Reading<SpecialHours> refusal = null;
        for (HoursLanguage each : HoursLanguage.ENGLISH.andOthers()) {
            language = each;
            lower = words.toLowerCase(Locale.ROOT);
            dates = new DateReader(lower, language, country);
            Reading<SpecialHours> reading = line();
            if (reading instanceof Reading.Understood) {
                return reading;
            }
            boolean asks = reading instanceof Reading.Unclear;
            question = asks && question == null ? reading : question;
            refusal = refusal == null ? reading : refusal;
        }
        return question == null ? labelled().orElse(refusal) : question;
    }

    /** "Half term: closed 15-19 Feb": what stands before a colon is the reason. */
    private Optional<Reading<SpecialHours>> labelled() {
        Matcher label = LABEL.matcher(words);
        if (!label.matches()) {
            return Optional.empty();
        }
        String reason = label.group("label").strip();
        Reading<SpecialHours> rest = new SpecialHoursReader(label.group("rest"), today, country).read();
        if (rest instanceof Reading.Unclear<SpecialHours> unclear) {
            int before = label.start("rest");
            return Optional.of(new Reading.Unclear<>(
                    unclear.question(),
                    new Reading.Span(unclear.at().from() + before, unclear.at().to() + before),
                    unclear.choices().stream()
                            .map(choice -> words.substring(0, before) + choice)
                            .toList()));
        }
        return rest.value()
                .filter(hours -> hours.reason().isEmpty())
                .map(hours -> Reading.understood(new SpecialHours(hours.when(), hours.week(), reason)));
    }

    private Reading<SpecialHours> line() {
        dates.skip();
        boolean closedFirst = false;
        for (HoursLanguage.Phrase phrase : language.phrases()) {
            Matcher matcher = phrase.pattern().matcher(lower).region(dates.at, lower.length());
            if (phrase.hours() == DayHours.CLOSED && matcher.lookingAt()) {
                closedFirst = true;
                dates.at = matcher.end();
                dates.skip();
            }
        }
        Matcher opens = language.opens.matcher(lower).region(dates.at, lower.length());
        if (!closedFirst && opens.lookingAt()) {
            dates.at = opens.end();
            dates.skip();
        }
        Matcher away = language.away.matcher(lower).region(dates.at, lower.length());
        if (away.lookingAt()
                && !language.publicHolidays
                        .matcher(lower)
                        .region(dates.at, lower.length())
                        .lookingAt()) {
            closedFirst = true;
            dates.at = away.end();
            dates.skip();
        }
        Optional<When> holiday = holiday();
        int startOfDate = dates.at;
        if (holiday.isPresent()) {
            return hours(holiday.get(), closedFirst);
        }
        Optional<DateReader.Written> first = dates.date();
        if (first.isEmpty()) {
            return Reading.refused(WORDS.say("specialHoursReader.whichDayStartWithA"), words);
        }
        Optional<DateReader.Written> last = Optional.empty();
        int afterFirst = dates.at;
        Matcher until = UNTIL.matcher(lower).region(dates.at, lower.length());
        Matcher and = AND.matcher(lower).region(dates.at, lower.length());
        boolean joined = and.lookingAt();
        if (until.lookingAt() || joined) {
            dates.at = joined ? and.end() : until.end();
            last = dates.date().filter(date -> follows(first.get(), date));
            boolean twoDays =
                    last.isPresent() && joined && !BETWEEN.matcher(lower).find();
            if (twoDays) {
                return Reading.refused(WORDS.say("specialHoursReader.twoDays"), startOfDate, dates.at);
            }
            if (last.isEmpty()) {
                dates.at = afterFirst;
            }
        }
        if (last.isEmpty()
                && FROM.matcher(lower.substring(0, startOfDate)).find()
                && !UNTIL.matcher(lower).region(dates.at, lower.length()).lookingAt()) {
            return Reading.refused(WORDS.say("specialHoursReader.untilWhichDay"), startOfDate, dates.at);
        }
        boolean yearly = false;
        int endOfDate = dates.at;
        if (saysAnotherDay()) {
            return Reading.refused(WORDS.say("specialHoursReader.twoDays"), words);
        }
        dates.skip();
        Matcher everyYear = language.yearly.matcher(lower).region(dates.at, lower.length());
        if (everyYear.lookingAt()) {
            yearly = true;
            dates.at = everyYear.end();
            endOfDate = dates.at;
        }
        try {
            return whole(first.get(), last.orElse(first.get()), yearly, startOfDate, endOfDate, closedFirst);
        } catch (DateTimeException e) {
            return Reading.refused(WORDS.say("specialHoursReader.thereIsNoSuchDay"), startOfDate, endOfDate);
        }
    }

    /** A day without a month is a day only behind one without, or later in the month before it; else it is an hour. */
    private boolean follows(DateReader.Written first, DateReader.Written last) {
        boolean whole = last.month() != null || first.month() == null;
        boolean isTime = last.month() == null
                && last.weekday() == null
                && MORE_TIME.matcher(lower.substring(dates.at)).matches();
        return whole && !isTime || !isTime && first.day() != null && last.day() != null && last.day() > first.day();
    }

    private Reading<SpecialHours> whole(
            DateReader.Written first, DateReader.Written until, boolean yearly, int from, int to, boolean closedFirst) {
        DateReader.Written last = until.month() != null || first.month() == null
                ? until
                : new DateReader.Written(
                        until.weekday(),
                        until.day(),
                        first.month(),
                        until.year() == null ? first.year() : until.year());
        if (first.month() == null && last.month() == null) {
            return Reading.refused(WORDS.say("specialHoursReader.whichMonth"), from, to);
        }
        DateReader.Written start = new DateReader.Written(
                first.weekday(), first.day(), first.month() == null ? last.month() : first.month(), first.year());
        boolean saysYearly =
                yearly || language.yearly.matcher(lower).results().findAny().isPresent();
        if (start.day() == null && last.day() == null && last.year() == null) {
            When season = new When.Yearly(
                    MonthDay.of(start.month(), 1),
                    MonthDay.of(last.month(), java.time.Month.of(last.month()).maxLength()));
            return hours(season, closedFirst);
        }
        int firstDay = start.day() == null ? 1 : start.day();
        if (saysYearly) {
            int lastDay = last.day() == null ? java.time.Month.of(last.month()).maxLength() : last.day();
            return hours(
                    new When.Yearly(MonthDay.of(start.month(), firstDay), MonthDay.of(last.month(), lastDay)),
                    closedFirst);
        }
        Integer year = start.year() != null ? start.year() : last.year();
        if (year == null && start.weekday() == null) {
            return ask(start, firstDay, from, to);
        }
        int began = year != null ? yearOfStart(start, last, year) : yearWithWeekday(start, firstDay);
        LocalDate begin = LocalDate.of(began, start.month(), firstDay);
        LocalDate end = end(last, began, begin);
        if (start.weekday() != null && begin.getDayOfWeek() != start.weekday()) {
            return Reading.refused(
                    WORDS.say(
                            "special.weekday",
                            begin.getDayOfMonth(),
                            HoursLanguage.ENGLISH.sayMonth(begin.getMonthValue()),
                            begin.getYear(),
                            HoursLanguage.ENGLISH.sayFull(begin.getDayOfWeek())),
                    from,
                    to);
        }
        if (end.isBefore(begin)) {
            return Reading.refused(WORDS.say("specialHoursReader.theLastDayIsBefore"), from, to);
        }
        return hours(new When.Once(begin, end), closedFirst);
    }

    private int yearOfStart(DateReader.Written start, DateReader.Written last, int year) {
        boolean endsInNextYear = start.year() == null && last.year() != null && start.month() > last.month();
        return endsInNextYear ? year - 1 : year;
    }

    private LocalDate end(DateReader.Written last, int began, LocalDate begin) {
        int year = last.year() != null ? last.year() : began;
        int day = last.day() == null ? YearMonth.of(year, last.month()).lengthOfMonth() : last.day();
        LocalDate end = LocalDate.of(year, last.month(), day);
        return end.isBefore(begin) && last.year() == null ? end.plusYears(1) : end;
    }

    /** The year, from this one on, in which the date is that day of the week; this or the next one where none is. */
    private int yearWithWeekday(DateReader.Written start, int day) {
        LocalDate date = LocalDate.of(today.date().getYear(), start.month(), day);
        return date.isBefore(today.date())
                ? today.date().getYear() + 1
                : today.date().getYear();
    }

    private Reading<SpecialHours> ask(DateReader.Written start, int day, int from, int to) {
        LocalDate next = LocalDate.of(today.date().getYear(), start.month(), day);
        int year = next.isBefore(today.date()) ? next.getYear() + 1 : next.getYear();
        String before = words.substring(0, to).stripTrailing();
        String after = words.substring(to);
        if (YEAR_BEHIND.matcher(after).lookingAt()) {
            // A year stands there already, behind something that keeps it from being one: to add another would not end.
            return Reading.refused(WORDS.say("specialHoursReader.whichDayStartWithA"), from, words.length());
        }
        String gap =
                after.isEmpty() || after.startsWith(" ") || after.startsWith(",") || after.startsWith(":") ? "" : " ";
        return new Reading.Unclear<>(
                WORDS.say("special.yearly", year),
                new Reading.Span(from, to),
                List.of(before + " " + year + gap + after, before + " " + language.word("yearly") + gap + after));
    }

    private Optional<When> holiday() {
        Matcher all = language.publicHolidays.matcher(lower).region(dates.at, lower.length());
        if (all.lookingAt()) {
            dates.at = all.end();
            return Optional.of(new When.PublicHolidays(country));
        }
        String rest = lower.substring(dates.at).replace('’', '\'');
        for (Holiday holiday : Holiday.of(country)) {
            String name = holiday.name().toLowerCase(Locale.ROOT);
            if (rest.startsWith(name) && !rest.substring(name.length()).matches("[\\p{L}].*")) {
                dates.at += name.length();
                return Optional.of(new When.OnHoliday(country, holiday.id()));
            }
        }
        return Optional.empty();
    }

    /** Hours and a reason, in what is left of the line. */
    private Reading<SpecialHours> hours(When when, boolean closedFirst) {
        return saysAnotherDay()
                ? Reading.refused(WORDS.say("specialHoursReader.twoDays"), words)
                : new HoursOfDay(words, dates.at, language).read(when, closedFirst);
    }

    /** "Good Friday and Easter Monday": no reason begins with "and", and none with another day. */
    private boolean saysAnotherDay() {
        int from = dates.at;
        Matcher and = AND.matcher(lower).region(from, lower.length());
        boolean joined = and.lookingAt();
        boolean another = joined && !and.group().contains(",");
        Matcher word = Pattern.compile("(?<![\\p{L}0-9./:-])(?=[\\p{L}0-9])")
                .matcher(lower)
                .region(from, lower.length())
                .useTransparentBounds(true);
        while (!another && word.find()) {
            dates.at = word.start();
            another = holiday().isPresent()
                    || dates.date()
                            .filter(date -> date.month() != null && date.day() != null)
                            .isPresent();
        }
        dates.at = from;
        return another;
    }
}
