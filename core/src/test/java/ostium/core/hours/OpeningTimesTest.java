package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The usual week with the days and seasons that differ: what counts, and what a visitor finds. */
class OpeningTimesTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static OpeningTimes times(String week, String... special) {
        return new OpeningTimes(
                WeeklyHours.read(week).value().orElseThrow(),
                Stream.of(special)
                        .map(line ->
                                SpecialHours.read(line, TODAY, "GB").value().orElseThrow())
                        .toList());
    }

    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(LONDON).toInstant();
    }

    @Nested
    class OfTwoThatMeet {
        private final OpeningTimes times = times(
                "Mon-Sun 9-5",
                "May-Sep: Mon-Sun 8-8pm",
                "bank holidays closed",
                "Christmas Day closed",
                "3 Dec 2026 closed",
                "24 Dec 2026 - 2 Jan 2027 10-12",
                "26 Dec 2026 11-1");

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "2026-11-25 | 9–5",
                    "2026-12-03 | closed",
                    "2027-06-10 | 8–8pm",
                    "2027-05-31 | closed",
                    "2026-12-24 | 10–12",
                    "2026-12-25 | 10–12",
                    "2026-12-26 | 11–1",
                    "2027-12-27 | closed",
                    "2028-12-25 | closed",
                })
        void theMoreParticularCounts(LocalDate date, String said) {
            String hours = HoursWords.hours(times.on(date), HoursLanguage.ENGLISH);
            assertThat(hours).isEqualTo(said.replace("8–8pm", "8am–8pm"));
        }
    }

    @Nested
    class AskedAtAnInstant {
        private final OpeningTimes times =
                times("Mon-Fri 8-5:30", "3 Dec 2026 closed", "24 Dec 2026 - 3 Jan 2027 closed");

        @Test
        void aClosureIsClosedAndNamesTheNextOpening() {
            OpenState state = times.at(at("2026-12-03T10:00"), LONDON);
            assertThat(state.open()).isFalse();
            assertThat(state.until()).isEqualTo(at("2026-12-04T08:00"));
            assertThat(times.at(at("2026-12-28T10:00"), LONDON).until()).isEqualTo(at("2027-01-04T08:00"));
        }

        @Test
        void theDayBeforeClosesAsUsual() {
            OpenState state = times.at(at("2026-12-02T10:00"), LONDON);
            assertThat(state.open()).isTrue();
            assertThat(state.until()).isEqualTo(at("2026-12-02T17:30"));
            assertThat(times.at(at("2026-12-02T18:00"), LONDON).until()).isEqualTo(at("2026-12-04T08:00"));
        }

        @Test
        void whatNeverOpensSaysNoTime() {
            assertThat(times("Mon-Sun closed").at(at("2026-12-02T10:00"), LONDON))
                    .isEqualTo(new OpenState(false, null));
            assertThat(times("24/7").at(at("2026-12-02T10:00"), LONDON)).isEqualTo(new OpenState(true, null));
        }

        @Test
        void aWholeSeasonOffEndsWithTheSeason() {
            OpeningTimes seasonal = times("Mon-Sun 9-5", "Nov-Feb closed");
            assertThat(seasonal.at(at("2026-12-02T10:00"), LONDON).until()).isEqualTo(at("2027-03-01T09:00"));
        }
    }

    @Nested
    class OnDaysOfAClockChange {
        private final OpeningTimes nights = times("Sat 22:00-04:00, Sun 00:30-06:00");

        /** 28 March 2027: 01:00 becomes 02:00. */
        @Test
        void aNightInSpringIsAnHourShorter() {
            OpeningTimes night = times("Sat 22:00-04:00");
            OpenState state = night.at(at("2027-03-27T23:00"), LONDON);
            assertThat(state.until()).isEqualTo(Instant.parse("2027-03-28T03:00:00Z"));
            assertThat(night.at(Instant.parse("2027-03-28T02:59:59Z"), LONDON).open())
                    .isTrue();
            assertThat(night.at(Instant.parse("2027-03-28T03:00:00Z"), LONDON).open())
                    .isFalse();
        }

        /** 31 October 2027: 02:00 becomes 01:00 again. */
        @Test
        void aNightInAutumnIsAnHourLonger() {
            OpeningTimes night = times("Sat 22:00-01:30");
            assertThat(night.at(Instant.parse("2027-10-31T00:45:00Z"), LONDON).until())
                    .as("01:30 comes twice; the business closes at the second")
                    .isEqualTo(Instant.parse("2027-10-31T01:30:00Z"));
        }

        @Test
        void spansThatMeetOverMidnightAreOne() {
            assertThat(nights.at(at("2027-06-12T23:00"), LONDON).until()).isEqualTo(at("2027-06-13T06:00"));
        }
    }

    @Test
    void whatComesWithinAWeekIsKnown() {
        OpeningTimes times = times("Mon-Fri 9-5", "3 Dec 2026 closed (guild meeting)", "Christmas Day closed");
        assertThat(times.within(LocalDate.of(2026, 11, 27), 7))
                .extracting(SpecialHours::reason)
                .containsExactly("guild meeting");
        assertThat(times.within(LocalDate.of(2026, 12, 4), 7)).isEmpty();
    }

    @Nested
    class Holidays {
        @ParameterizedTest
        @CsvSource({
            "GB, good-friday, 2027, 2027-03-26",
            "GB, easter-monday, 2026, 2026-04-06",
            "GB, early-may, 2026, 2026-05-04",
            "GB, spring, 2026, 2026-05-25",
            "GB, summer, 2026, 2026-08-31",
            "GB, christmas, 2026, 2026-12-25",
            "GB, boxing-day, 2026, 2026-12-28",
            "GB, christmas, 2027, 2027-12-27",
            "GB, boxing-day, 2027, 2027-12-28",
            "GB, christmas, 2022, 2022-12-27",
            "GB, boxing-day, 2022, 2022-12-26",
            "GB, new-year, 2028, 2028-01-03",
            "IE, october, 2026, 2026-10-26",
            "US, thanksgiving, 2026, 2026-11-26",
            "US, independence, 2026, 2026-07-03",
            "US, memorial, 2026, 2026-05-25",
            "CA, victoria, 2026, 2026-05-18",
            "CA, thanksgiving, 2026, 2026-10-12",
            "NZ, new-year, 2028, 2028-01-03",
            "NZ, new-year-2, 2028, 2028-01-04",
            "DE, whit-monday, 2026, 2026-05-25",
            "FR, ascension, 2026, 2026-05-14",
            "PT, corpus, 2026, 2026-06-04",
        })
        void haveTheirDayOff(String country, String id, int year, LocalDate date) {
            Holiday holiday = Holiday.of(country).stream()
                    .filter(each -> each.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            assertThat(holiday.dayOffInstead(year).orElse(holiday.dayIn(year))).isEqualTo(date);
        }

        @ParameterizedTest
        @CsvSource({
            "Christmas Day closed, 2027-12-25, true",
            "Christmas Day closed, 2027-12-27, false",
            "Boxing Day closed, 2026-12-26, true",
            "Boxing Day closed, 2026-12-28, false",
            "bank holidays closed, 2027-12-25, true",
            "bank holidays closed, 2027-12-27, true",
            "bank holidays closed, 2027-12-28, true",
            "bank holidays closed, 2027-12-29, false",
            "Easter Monday closed, 2027-03-29, true",
        })
        void shutTheDayTheyAreCalledBy(String line, LocalDate day, boolean shut) {
            SpecialHours special = SpecialHours.read(line, TODAY, "GB").value().orElseThrow();
            assertThat(special.when().covers(day)).isEqualTo(shut);
        }

        /** Easter Sundays of the Gregorian calendar, from the tables of the churches. */
        @ParameterizedTest
        @CsvSource({"1961,04-02", "2000,04-23", "2008,03-23", "2011,04-24", "2024,03-31", "2025,04-20", "2038,04-25"})
        void easterIsRight(int year, String day) {
            assertThat(Holiday.easter(year)).isEqualTo(LocalDate.parse(year + "-" + day));
        }

        @Test
        void everyCountryHasSomeAndEachHasADayInEveryYear() {
            for (var country : ostium.core.country.Country.all()) {
                List<Holiday> all = Holiday.of(country.code());
                assertThat(all).as(country.name()).hasSizeGreaterThan(6);
                for (int year = 2020; year < 2040; year++) {
                    for (Holiday holiday : all) {
                        assertThat(holiday.dayIn(year)).as(holiday.name()).isNotNull();
                    }
                }
            }
        }
    }

    /** The spans of a time are what {@code at} says of each of its minutes, over nights, days off and clock changes. */
    @Nested
    class Between {
        private static final List<String> WEEKS =
                List.of("Mon-Fri 9-5, Sat 10-2", "Mon-Sun 18:00-02:00", "Mon-Sun 0-24", "Tue 9-12, 13-17");

        @ParameterizedTest(name = "{0} to {1}")
        @CsvSource({
            "2026-11-27T16:30, 2026-11-30T12:00",
            "2026-12-02T20:00, 2026-12-04T09:15",
            "2027-03-27T20:00, 2027-03-29T03:00",
            "2026-10-24T20:00, 2026-10-26T03:00",
        })
        void agreesWithEveryMinute(String from, String to) {
            for (String week : WEEKS) {
                OpeningTimes times = times(week, "3 Dec 2026 closed");
                List<OpenSpan> spans = times.between(at(from), at(to), LONDON);
                for (Instant t = at(from); t.isBefore(at(to)); t = t.plusSeconds(60)) {
                    Instant minute = t;
                    assertThat(spans.stream()
                                    .anyMatch(span -> !minute.isBefore(span.from()) && minute.isBefore(span.to())))
                            .as("%s at %s", week, minute)
                            .isEqualTo(times.at(minute, LONDON).open());
                }
            }
        }

        @Test
        void isInOrderAndNothingOfNothing() {
            OpeningTimes times = times("Mon-Fri 9-5");
            assertThat(times.between(NOW, NOW, LONDON)).isEmpty();
            List<OpenSpan> spans = times.between(NOW, NOW.plusSeconds(20 * 86_400), LONDON);
            for (int i = 1; i < spans.size(); i++) {
                assertThat(spans.get(i).from()).isAfter(spans.get(i - 1).to());
            }
        }
    }
}
