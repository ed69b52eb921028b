package ostium.core.hours;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.DataFile;

/**
 * A public holiday of a country. Offered to the owner, never assumed. All of them are data ({@code holidays.yaml}).
 *
 * @param id stable name within the country
 * @param name what it is called there
 * @param on the rule of its date
 * @param moved which working day is a day off instead when it falls on a weekend, or null
 * @param only regions that keep it, or null for all
 */
public record Holiday(String id, String name, String on, String moved, List<String> only) {
    record File(Map<String, List<Holiday>> holidays) {}

    private static final Map<String, List<Holiday>> ALL =
            DataFile.read("/ostium/holidays.yaml", File.class).holidays();
    private static final Pattern EASTER = Pattern.compile("easter([+-][0-9]+)");
    private static final Pattern WEEKDAY = Pattern.compile("(last|[1-4]) ([a-z]{3}) ([a-z]{3})");
    private static final Pattern BEFORE = Pattern.compile("([a-z]{3}) before ([0-9]{2}-[0-9]{2})");

    /** The holidays of a country, in the order of the year; none where there are no data. */
    public static List<Holiday> of(String country) {
        return ALL.getOrDefault(country, List.of());
    }

    /** The days all of a country keeps in a year, and the days off instead of those on a weekend. */
    static Set<LocalDate> days(String country, int year) {
        return DAYS.computeIfAbsent(
                country + year,
                key -> of(country).stream()
                        .filter(holiday -> holiday.only() == null)
                        .flatMap(holiday ->
                                Stream.concat(Stream.of(holiday.dayIn(year)), holiday.dayOffInstead(year).stream()))
                        .collect(Collectors.toUnmodifiableSet()));
    }

    /** Asked for again and again while a week is drawn; a few years of a dozen countries at most. */
    private static final Map<String, Set<LocalDate>> DAYS = new ConcurrentHashMap<>();

    /** The working day that is a day off in a year because the holiday falls on a weekend; empty when it does not. */
    public Optional<LocalDate> dayOffInstead(int year) {
        LocalDate date = dayIn(year);
        boolean onSaturday = date.getDayOfWeek() == DayOfWeek.SATURDAY;
        if (moved == null || date.getDayOfWeek().getValue() <= 5 || (onSaturday && moved.equals("saturday"))) {
            return Optional.empty();
        }
        return Optional.of(
                switch (moved) {
                    case "nearest" -> date.getDayOfWeek() == DayOfWeek.SATURDAY ? date.minusDays(1) : date.plusDays(1);
                    case "two days on" -> date.plusDays(2);
                    default -> date.with(TemporalAdjusters.next(DayOfWeek.MONDAY));
                });
    }

    /** Its own day in a year: 25 December is Christmas Day, whatever day of the week that is. */
    public LocalDate dayIn(int year) {
        Matcher easter = EASTER.matcher(on);
        if (easter.matches()) {
            return easter(year).plusDays(Integer.parseInt(easter.group(1)));
        }
        Matcher weekday = WEEKDAY.matcher(on);
        if (weekday.matches()) {
            DayOfWeek day = HoursLanguage.ENGLISH.day(weekday.group(2)).orElseThrow();
            LocalDate first = LocalDate.of(
                    year, HoursLanguage.ENGLISH.month(weekday.group(3)).orElseThrow(), 1);
            return weekday.group(1).equals("last")
                    ? first.with(TemporalAdjusters.lastInMonth(day))
                    : first.with(TemporalAdjusters.dayOfWeekInMonth(Integer.parseInt(weekday.group(1)), day));
        }
        Matcher before = BEFORE.matcher(on);
        if (before.matches()) {
            return MonthDay.parse("--" + before.group(2))
                    .atYear(year)
                    .with(TemporalAdjusters.previous(
                            HoursLanguage.ENGLISH.day(before.group(1)).orElseThrow()));
        }
        return MonthDay.parse("--" + on).atYear(year);
    }

    /** Easter Sunday of the Gregorian calendar, by the anonymous algorithm (Meeus, Astronomical Algorithms, 1991, ch. 8). */
    static LocalDate easter(int year) {
        int a = year % 19;
        int b = year / 100;
        int c = year % 100;
        int d = (19 * a + b - b / 4 - (b - (b + 8) / 25 + 1) / 3 + 15) % 30;
        int e = (32 + 2 * (b % 4) + 2 * (c / 4) - d - c % 4) % 7;
        int f = d + e - 7 * ((a + 11 * d + 22 * e) / 451) + 114;
        return LocalDate.of(year, f / 31, f % 31 + 1);
    }
}
