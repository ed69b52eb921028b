package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.CaseTable;
import ostium.core.base.Reading;

/** The tables of hours as people type them, in four languages and the open standard. */
class HoursTablesTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    static Stream<Arguments> weeks() {
        return CaseTable.arguments(HoursTables.WEEKS, 3);
    }

    static Stream<Arguments> special() {
        return CaseTable.arguments(HoursTables.SPECIAL, 3);
    }

    static Stream<Arguments> openingHours() {
        return CaseTable.arguments(HoursTables.OPENING_HOURS, 2);
    }

    private static void check(Reading<?> reading, String typed, String expected) {
        if (expected.startsWith("!")) {
            assertThat(reading).isInstanceOf(Reading.Refused.class);
            Reading.Refused<?> refused = (Reading.Refused<?>) reading;
            assertThat(refused.reason()).contains(expected.substring(1).strip());
            assertThat(refused.at().to()).isBetween(1, typed.length());
        } else {
            assertThat(reading).isInstanceOf(Reading.Unclear.class);
            assertThat(((Reading.Unclear<?>) reading).question())
                    .contains(expected.substring(1).strip());
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource
    void weeks(String language, String typed, String expected) {
        String words = typed.replace("\\n", "\n");
        Reading<WeeklyHours> reading = WeeklyHours.read(words, HoursLanguage.of(language));
        if (expected.matches("[!?].*")) {
            check(reading, words, expected);
            if (reading instanceof Reading.Unclear<WeeklyHours> unclear) {
                assertThat(unclear.choices())
                        .hasSizeGreaterThan(1)
                        .allSatisfy(choice -> assertThat(WeeklyHours.read(choice, HoursLanguage.of(language))
                                        .value())
                                .isPresent());
            }
        } else {
            assertThat(reading.value()).map(WeeklyHours::openingHours).contains(expected);
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource
    void special(String country, String typed, String expected) {
        Reading<SpecialHours> reading = SpecialHours.read(typed, TODAY, country);
        if (expected.matches("[!?].*")) {
            check(reading, typed, expected);
            if (reading instanceof Reading.Unclear<SpecialHours> unclear) {
                assertThat(unclear.choices())
                        .hasSize(2)
                        .allSatisfy(choice -> assertThat(SpecialHours.read(choice, TODAY, country))
                                .as(choice)
                                .isNotInstanceOf(Reading.Refused.class));
            }
        } else {
            assertThat(reading.value()).map(SpecialHours::say).contains(expected);
            assertThat(SpecialHours.read(expected, TODAY, country).value())
                    .as("read again")
                    .isEqualTo(reading.value());
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource
    void openingHours(String value, String expected) {
        Reading<OpeningTimes> reading = OpeningHoursSyntax.read(value, "GB");
        if (expected.startsWith("!")) {
            check(reading, value, expected);
        } else {
            assertThat(reading.value()).map(OpeningHoursSyntax::write).contains(expected);
            assertThat(OpeningHoursSyntax.read(expected, "GB").value())
                    .as("read again")
                    .isEqualTo(reading.value());
        }
    }

    /** For all weeks and languages: what is said reads back as the same week. */
    @RepeatedTest(400)
    void whatIsSaidIsReadBack(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        WeeklyHours week = week(random);
        for (HoursLanguage language : HoursLanguage.all()) {
            String said = week.say(language);
            assertThat(WeeklyHours.read(said, language).value()).as(said).contains(week);
        }
        assertThat(OpeningHoursSyntax.read(week.openingHours(), "GB").value())
                .map(OpeningTimes::usual)
                .as(week.openingHours())
                .contains(week);
    }

    private static WeeklyHours week(Random random) {
        List<DayHours> kinds = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            kinds.add(day(random));
        }
        Map<DayOfWeek, DayHours> days = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            days.put(day, kinds.get(random.nextInt(3)));
        }
        return WeeklyHours.of(days);
    }

    private static DayHours day(Random random) {
        int kind = random.nextInt(10);
        if (kind == 0) {
            return DayHours.CLOSED;
        }
        if (kind == 1) {
            return DayHours.BY_APPOINTMENT;
        }
        if (kind == 2) {
            return DayHours.open(TimeSpan.WHOLE_DAY);
        }
        int step = random.nextInt(4) == 0 ? 1 : 15;
        int from = random.nextInt(1440 / step) * step;
        int to = Math.max(from + step, Math.min(from + 1440, from + (1 + random.nextInt(1200 / step)) * step));
        TimeSpan first = new TimeSpan(from, to);
        int next = to + (1 + random.nextInt(180 / step)) * step;
        if (random.nextBoolean() && next < 1430) {
            return DayHours.open(first, new TimeSpan(next, Math.min(next + 120, 1440 + from)));
        }
        return DayHours.open(first);
    }
}
