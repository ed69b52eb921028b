package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import ch.poole.openinghoursparser.OpeningHoursParser;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.HolidayType;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Year;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What well-kept libraries say of the same: days off of a country, and hours as OpenStreetMap writes them. */
class SecondOpinionTest {
    private static IntStream years() {
        return IntStream.rangeClosed(2026, 2032);
    }

    /** Days off of a whole country; Sundays are none, whatever else they are. */
    private static Map<LocalDate, String> theirs(String country, int year) {
        return HolidayManager.getInstance(ManagerParameters.create(country.toLowerCase(Locale.ROOT)))
                .getHolidays(Year.of(year))
                .stream()
                .filter(holiday -> holiday.getType() == HolidayType.PUBLIC_HOLIDAY)
                .filter(holiday -> holiday.getActualDate().getDayOfWeek() != DayOfWeek.SUNDAY)
                .collect(Collectors.toMap(
                        holiday -> holiday.getObservedDate().orElse(holiday.getActualDate()),
                        holiday -> holiday.getPropertiesKey().toLowerCase(Locale.ROOT),
                        (one, other) -> one));
    }

    private static List<LocalDate> days(Holiday holiday, int year) {
        return Stream.concat(Stream.of(holiday.dayIn(year)), holiday.dayOffInstead(year).stream())
                .toList();
    }

    /** What they have and we do not, over the years. */
    private static Set<String> unknownToUs(String country) {
        Set<String> unknown = new TreeSet<>();
        years().forEach(year -> theirs(country, year).forEach((date, name) -> {
            if (Holiday.of(country).stream().noneMatch(ours -> days(ours, year).contains(date))) {
                unknown.add(name);
            }
        }));
        return unknown;
    }

    /** What we have as a whole country's and they do not. */
    private static Set<String> unknownToThem(String country) {
        Set<String> unknown = new TreeSet<>();
        for (Holiday ours : Holiday.of(country)) {
            if (ours.only() == null
                    && years().filter(year -> days(ours, year).stream()
                                            .noneMatch(date ->
                                                    theirs(country, year).containsKey(date)))
                                    .count()
                            > 2) {
                unknown.add(ours.id());
            }
        }
        return unknown;
    }

    /** Where we differ, and why, stands in docs/decisions/2026-11-27-libraries.md. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GB |  | easter-monday summer",
                "IE | st_brigid | brigid",
                "US |  | columbus",
                "CA |  | remembrance thanksgiving truth victoria",
                "AU | christian.easter_saturday | ",
                "NZ | matariki | ",
                "DE | | ",
                "FR | | ",
                "ES | | ",
                "IT | | ",
                "NL | liberation | ",
                "PT | | ",
            })
    void daysOffAreTheSameButFor(String country, String unknownToUs, String unknownToThem) {
        assertThat(String.join(" ", unknownToUs(country))).isEqualTo(unknownToUs == null ? "" : unknownToUs);
        assertThat(String.join(" ", unknownToThem(country))).isEqualTo(unknownToThem == null ? "" : unknownToThem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Mon-Fri 9-5",
                "Mon-Fri 8-12:30, 13:30-17; Sat 10-2",
                "every day 24 hours",
                "Mon-Sat 9-6, Sun closed",
                "Fri-Sat 18:00-02:00"
            })
    void whatWeWriteOfAWeekIsRead(String typed) throws Exception {
        WeeklyHours week = WeeklyHours.read(typed).value().orElseThrow();
        String written = OpeningHoursSyntax.write(new OpeningTimes(week, List.of()));
        assertThat(new OpeningHoursParser(new ByteArrayInputStream(written.getBytes(StandardCharsets.UTF_8)))
                        .rules(false))
                .as(written)
                .isNotEmpty();
    }
}
