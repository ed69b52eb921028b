package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Reading.Span;
import ostium.core.hours.ClockTime.Half;

class SpansTest {
    @Nested
    class ASpan {
        @ParameterizedTest(name = "{0} to {1}")
        @CsvSource({"-1,60", "1440,1500", "60,60", "60,30", "60,1501"})
        void neverEndsBeforeItBeginsNorADayLater(int from, int to) {
            assertThatIllegalArgumentException().isThrownBy(() -> new TimeSpan(from, to));
        }

        @ParameterizedTest(name = "{0} is {1}")
        @CsvSource({"0,00:00", "570,09:30", "1440,24:00", "1500,01:00", "1439,23:59"})
        void isWrittenOnTheTwentyFourHourClock(int minutes, String clock) {
            assertThat(TimeSpan.clock(minutes)).isEqualTo(clock);
        }

        @Test
        void thatEndsWhereAnotherBeginsDoesNotOverlapIt() {
            assertThat(new TimeSpan(0, 60).overlaps(new TimeSpan(60, 120))).isFalse();
            assertThat(new TimeSpan(0, 61).overlaps(new TimeSpan(60, 120))).isTrue();
        }
    }

    @Nested
    class ADay {
        @Test
        void keepsItsSpansInOrder() {
            assertThat(DayHours.open(new TimeSpan(780, 1020), new TimeSpan(540, 720))
                            .spans())
                    .containsExactly(new TimeSpan(540, 720), new TimeSpan(780, 1020));
        }

        @Test
        void isNeverOpenWithoutHoursNorClosedWithSome() {
            assertThatIllegalArgumentException().isThrownBy(() -> new DayHours(DayHours.Kind.OPEN, List.of()));
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new DayHours(DayHours.Kind.CLOSED, List.of(TimeSpan.WHOLE_DAY)));
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> DayHours.open(new TimeSpan(0, 100), new TimeSpan(50, 150)));
        }
    }

    @Nested
    class AWeek {
        @Test
        void isClosedOnDaysThatAreNotNamed() {
            WeeklyHours week = WeeklyHours.of(Map.of(DayOfWeek.MONDAY, DayHours.open(TimeSpan.of(9, 0, 17, 0))));
            assertThat(week.on(DayOfWeek.SUNDAY)).isEqualTo(DayHours.CLOSED);
            assertThat(week.days()).hasSize(7);
        }

        @Test
        void groupsDaysOfTheSameHours() {
            WeeklyHours week =
                    WeeklyHours.read("Mon 9-5; Tue 10-4; Wed 9-5").value().orElseThrow();
            assertThat(week.groups().get(0).days()).containsExactly(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY);
        }

        @Test
        void thatIsNeverOpenHasNoDaysToName() {
            WeeklyHours week = WeeklyHours.of(Map.of());
            assertThat(week.sayDays()).isEmpty();
            assertThat(week.say()).isEqualTo("Mon–Sun closed");
        }
    }

    /** The rule for two written times, apart from the words around them. */
    @Nested
    class TwoTimes {
        private ClockTime time(String words) {
            Half half = words.endsWith("am")
                    ? Half.AM
                    : words.endsWith("pm")
                            ? Half.PM
                            : words.startsWith("0") || words.length() > 2 ? Half.EXACT : Half.BARE;
            String hour = words.replaceAll("[apm]|:.*", "");
            return new ClockTime(Integer.parseInt(hour), 0, half, new Span(0, 0));
        }

        @ParameterizedTest(name = "{0}-{1} after {2} is {3}–{4}")
        @CsvSource({
            "9, 5, -1, 9, 17",
            "10, 2, -1, 10, 14",
            "8, 12, -1, 8, 12",
            "12, 5, -1, 12, 17",
            "9am, 12, -1, 9, 12",
            "10, 6pm, -1, 10, 18",
            "10pm, 2, -1, 22, 26",
            "11pm, 12, -1, 23, 24",
            "1, 5, 720, 13, 17",
            "2, 6, 780, 14, 18",
            "08:00, 20:00, -1, 8, 20"
        })
        void meanTheNearestSensibleSpan(String from, String to, int previousEnd, int start, int end) {
            assertThat(SpanReading.of(time(from), time(to), new SpanReading.Manner(previousEnd, false, false)))
                    .isEqualTo(new SpanReading.Clear(new TimeSpan(start * 60, end * 60)));
        }

        @Test
        void oneThatCanBeBreakfastOrSupperIsAsked() {
            SpanReading.Manner bare = new SpanReading.Manner(-1, false, false);
            assertThat(SpanReading.of(time("7"), time("10"), bare))
                    .isEqualTo(new SpanReading.Either(
                            List.of(TimeSpan.of(7, 0, 10, 0), TimeSpan.of(7, 0, 22, 0), TimeSpan.of(19, 0, 22, 0))));
            assertThat(SpanReading.of(time("7"), time("10"), new SpanReading.Manner(-1, true, false)))
                    .isEqualTo(new SpanReading.Clear(TimeSpan.of(7, 0, 10, 0)));
        }

        @Test
        void oneThatLastsThroughTheNightIsAskedUntilTheNextDayIsSaid() {
            assertThat(SpanReading.of(time("9am"), time("5am"), new SpanReading.Manner(-1, false, false)))
                    .isEqualTo(new SpanReading.Either(List.of(TimeSpan.of(9, 0, 17, 0), TimeSpan.of(9, 0, 29, 0))));
            assertThat(SpanReading.of(time("9am"), time("5am"), new SpanReading.Manner(-1, false, true)))
                    .isEqualTo(new SpanReading.Clear(TimeSpan.of(9, 0, 29, 0)));
        }

        @ParameterizedTest(name = "{0}-{1} may be {2} or {3}")
        @CsvSource({"8,8,480,1200", "12,12,0,720", "1,5,780,60", "3,4,900,180"})
        void areAskedAboutWhereDayAndNightAreAsLikely(String from, String to, int first, int second) {
            assertThat(SpanReading.of(time(from), time(to), new SpanReading.Manner(-1, false, false)))
                    .isInstanceOfSatisfying(
                            SpanReading.Either.class,
                            either -> assertThat(either.spans())
                                    .extracting(TimeSpan::from)
                                    .containsExactly(first, second));
        }
    }
}
