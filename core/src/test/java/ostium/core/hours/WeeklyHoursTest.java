package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Reading;

class WeeklyHoursTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static WeeklyHours week(String words) {
        Reading<WeeklyHours> reading = WeeklyHours.read(words);
        return reading.value().orElseThrow(() -> new AssertionError(words + " → " + reading));
    }

    @Nested
    class Reads {
        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                Mon-Fri 9-5:30, Sat 10–2, closed Sun     | Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off
                weekdays 8am to 6pm                      | Mo-Fr 08:00-18:00; Sa,Su off
                Tue & Thu 9-12 and 13-17                 | Mo off; Tu 09:00-12:00,13:00-17:00; We off; Th 09:00-12:00,13:00-17:00; Fr-Su off
                daily 7-22                               | Mo-Su 07:00-22:00
                24/7                                     | 24/7
                Fri 18:00-01:00                          | Mo-Th off; Fr 18:00-01:00; Sa,Su off
                Sat by appointment                       | Mo-Fr off; Sa "by appointment"; Su off
                tue-fri 10-6, sat 10-2                   | Mo off; Tu-Fr 10:00-18:00; Sa 10:00-14:00; Su off
                Mon-Fri 8-12                             | Mo-Fr 08:00-12:00; Sa,Su off
                9-5 Mon-Fri                              | Mo-Fr 09:00-17:00; Sa,Su off
                9-5 Mon, Tue, Wed                        | Mo-We 09:00-17:00; Th-Su off
                closed Sat, Sun; Mon-Fri 9-5             | Mo-Fr 09:00-17:00; Sa,Su off
                Mon-Fri nine to five                     | Mo-Fr 09:00-17:00; Sa,Su off
                Mon-Fri half eight to six                | Mo-Fr 08:30-18:00; Sa,Su off
                Tue half past 9 to half past four        | Mo off; Tu 09:30-16:30; We-Su off
                Sat ten am till two pm                   | Mo-Fr off; Sa 10:00-14:00; Su off
                Mon-Fri 9-12, 1-5                        | Mo-Fr 09:00-12:00,13:00-17:00; Sa,Su off
                Mon-Fri 9-5, Fri 9-3                     | Mo-Th 09:00-17:00; Fr 09:00-15:00; Sa,Su off
                Mo-Fr 08:00-17:30                        | Mo-Fr 08:00-17:30; Sa,Su off
                Mondays 0900-1730                        | Mo 09:00-17:30; Tu-Su off
                Sat-Mon 10-4                             | Mo 10:00-16:00; Tu-Fr off; Sa,Su 10:00-16:00
                Monday to Friday: 9.30 am – 5 p.m.       | Mo-Fr 09:30-17:00; Sa,Su off
                Mon noon-6                               | Mo 12:00-18:00; Tu-Su off
                Mon 6pm-midnight                         | Mo 18:00-24:00; Tu-Su off
                Fri 10pm-2am                             | Mo-Th off; Fr 22:00-02:00; Sa,Su off
                Mon 11-3pm                               | Mo 11:00-15:00; Tu-Su off
                Mon 1-5pm                                | Mo 13:00-17:00; Tu-Su off
                Mon 8am-8                                | Mo 08:00-20:00; Tu-Su off
                every day 24 hours                       | 24/7
                We're open Mon-Fri from 9 to 5           | Mo-Fr 09:00-17:00; Sa,Su off
                weekends 10-4                            | Mo-Fr off; Sa,Su 10:00-16:00
                Mon 9-5 Tue 10-6                         | Mo 09:00-17:00; Tu 10:00-18:00; We-Su off
                """)
        void hoursAsPeopleWriteThem(String typed, String meaning) {
            assertThat(week(typed).openingHours()).isEqualTo(meaning);
        }

        @Test
        void severalLines() {
            assertThat(week("Mon 9-5\nTue 10-6\r\nWed closed").openingHours())
                    .isEqualTo("Mo 09:00-17:00; Tu 10:00-18:00; We-Su off");
        }

        @ParameterizedTest(name = "{0}: “{1}”, {2}")
        @CsvSource(delimiter = '|', textBlock = """
                Mon-Fri 9-25          | 25        | “25” is not a time of day.
                7 to late             | late      | “late” is not something we can read as hours.
                Mon-Fri 9             | 9         | Until when? Give a start and an end, like 9-5.
                Mon-Fri 9-5, Sat      | Sat       | What are the hours on Saturday?
                Mon-Mon 8-8           | Mon-Mon   | This goes from Monday to Monday. Name the last day, or say “daily”.
                Mon 9-5 and 4-6       | 4-6       | The hours on Monday overlap.
                Mon 14pm-5            | 14pm      | “14pm” mixes the 12 and the 24 hour clock.
                Mon 9:75-5            | 9:75      | “9:75” is not a time of day.
                """)
        void pointingAtTheWordsItCannotRead(String typed, String words, String reason) {
            assertThat(WeeklyHours.read(typed)).isInstanceOfSatisfying(Reading.Refused.class, refused -> {
                assertThat(refused.reason()).isEqualTo(reason);
                assertThat(typed.substring(refused.at().from(), refused.at().to()))
                        .isEqualTo(words);
            });
        }

        @ParameterizedTest(name = "{0} asks: {1}")
        @CsvSource(delimiter = '|', textBlock = """
                Mon 8-8       | Do you mean 8am–8pm or 8pm–8am? | Mon 8am–8pm
                Sat 1-5       | Do you mean 1pm–5pm or 1am–5am? | Sat 1pm–5pm
                9-5           | On which days?                  | Mon–Fri 9-5
                """)
        void askingWhatCanMeanTwoThings(String typed, String question, String firstChoice) {
            assertThat(WeeklyHours.read(typed)).isInstanceOfSatisfying(Reading.Unclear.class, unclear -> {
                assertThat(unclear.question()).isEqualTo(question);
                assertThat(unclear.choices().get(0)).isEqualTo(firstChoice);
                assertThat(WeeklyHours.read(firstChoice).value()).isPresent();
            });
        }

        /** Whatever is typed, a reader answers: with hours, a question or a fault inside the words. */
        @Test
        void anythingAtAllWithoutFailing() {
            String[] pieces = {
                "Mon",
                "-",
                "9",
                "to",
                "25",
                ",",
                ";",
                "closed",
                "8am",
                "\n",
                "…",
                "ß",
                "İ",
                "24/7",
                "and",
                "noon",
                " ",
                "Sat",
                "by appointment",
                "17:30",
                "🙂",
                "0",
                "daily"
            };
            Random random = new Random(20261125);
            for (int i = 0; i < 5_000; i++) {
                StringBuilder words = new StringBuilder();
                for (int n = random.nextInt(9); n >= 0; n--) {
                    words.append(pieces[random.nextInt(pieces.length)]).append(random.nextBoolean() ? " " : "");
                }
                Reading<WeeklyHours> reading = WeeklyHours.read(words.toString());
                if (reading instanceof Reading.Refused<WeeklyHours> refused) {
                    assertThat(refused.at().to()).as(words.toString()).isLessThanOrEqualTo(words.length());
                }
            }
        }
    }

    @Nested
    class Says {
        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                Mon-Fri 9-5:30, Sat 10-2          | Mon–Fri 9–5:30 · Sat 10–2 · Sun closed
                tue-fri 10-6, sat 10-2            | Tue–Fri 10–6 · Sat 10–2 · Sun, Mon closed
                daily 7-22                        | Mon–Sun 7am–10pm
                Mon 8am-8pm                       | Mon 8am–8pm · Tue–Sun closed
                Fri 18:00-01:00                   | Fri 6pm–1am · Sat–Thu closed
                Mon-Fri 9-12 and 1-5              | Mon–Fri 9–12 and 1–5 · Sat, Sun closed
                24/7                              | 24/7
                Sat by appointment                | Sat by appointment · Sun–Fri closed
                """)
        void theWeekGroupedAndShort(String typed, String said) {
            assertThat(week(typed).say()).isEqualTo(said);
        }

        @ParameterizedTest(name = "{0}: {1}")
        @CsvSource({
            "Tue-Sat 9-5,Tuesday to Saturday",
            "daily 9-5,every day",
            "Mon 9-5,Monday",
            "Mon 9-5; Wed 9-5; Fri 9-5,'Monday, Wednesday and Friday'"
        })
        void theOpenDaysInFullWords(String typed, String said) {
            assertThat(week(typed).sayDays()).contains(said);
        }

        /** read(say(h)) = h, over generated weeks. */
        @Test
        void soThatItReadsBackTheSame() {
            long seed = 7;
            Random random = new Random(seed);
            for (int i = 0; i < 5_000; i++) {
                WeeklyHours generated = generate(random);
                assertThat(WeeklyHours.read(generated.say()).value())
                        .as("seed %d, week %d: %s", seed, i, generated.say())
                        .contains(generated);
                assertThat(week(generated.openingHours())).isEqualTo(generated);
            }
        }

        private WeeklyHours generate(Random random) {
            Map<DayOfWeek, DayHours> days = new EnumMap<>(DayOfWeek.class);
            DayHours usual = day(random);
            for (DayOfWeek day : DayOfWeek.values()) {
                days.put(day, random.nextInt(3) == 0 ? day(random) : usual);
            }
            // A week that is closed or by appointment throughout has no days to read them from.
            days.put(DayOfWeek.WEDNESDAY, DayHours.open(TimeSpan.of(9, 0, 17, 0)));
            return WeeklyHours.of(days);
        }

        private DayHours day(Random random) {
            return switch (random.nextInt(6)) {
                case 0 -> DayHours.CLOSED;
                case 1 -> DayHours.BY_APPOINTMENT;
                case 2 -> DayHours.open(TimeSpan.WHOLE_DAY);
                default -> {
                    List<TimeSpan> spans = new ArrayList<>();
                    int at = random.nextInt(40) * 15;
                    for (int n = random.nextInt(3); n >= 0 && at < 1380; n--) {
                        int to = Math.min(at + 15 + random.nextInt(40) * 15, n == 0 ? at + 1425 : 1440);
                        spans.add(new TimeSpan(at, to));
                        at = to + 15 + random.nextInt(8) * 15;
                    }
                    yield new DayHours(DayHours.Kind.OPEN, spans);
                }
            };
        }
    }

    @Nested
    class Answers {
        private OpenState at(String hours, String local) {
            return week(hours).at(LocalDateTime.parse(local).atZone(LONDON).toInstant(), LONDON);
        }

        @Test
        void whetherItIsOpenAndUntilWhen() {
            OpenState open = at("Mon-Fri 9-5:30, Sat 10-2", "2026-11-25T10:40");
            assertThat(open.open()).isTrue();
            assertThat(open.until()).isEqualTo(Instant.parse("2026-11-25T17:30:00Z"));
        }

        @Test
        void whenItOpensNext() {
            OpenState shut = at("Mon-Fri 9-5:30, Sat 10-2", "2026-11-28T14:00");
            assertThat(shut.open()).isFalse();
            assertThat(shut.until()).isEqualTo(Instant.parse("2026-11-30T09:00:00Z"));
        }

        @Test
        void pastMidnightFromTheDayBefore() {
            assertThat(at("Fri 18:00-01:00", "2026-11-28T00:30").open()).isTrue();
            assertThat(at("Fri 18:00-01:00", "2026-11-28T01:00").open()).isFalse();
        }

        @Test
        void neverForAPlaceThatNeverOpensAndAlwaysForOneThatNeverCloses() {
            assertThat(at("Sat by appointment", "2026-11-28T12:00")).isEqualTo(new OpenState(false, null));
            assertThat(at("24/7", "2026-11-28T12:00")).isEqualTo(new OpenState(true, null));
        }

        /** On 29 March 2026 London's clock goes from 01:00 to 02:00, on 25 October from 02:00 back to 01:00. */
        @Test
        void onBothDaysOfAClockChange() {
            WeeklyHours nights = week("Sun 00:30-01:30");
            assertThat(nights.at(Instant.parse("2026-03-29T00:45:00Z"), LONDON).until())
                    .as("01:30 does not exist: it ends at the change")
                    .isEqualTo(Instant.parse("2026-03-29T01:00:00Z"));
            assertThat(nights.at(Instant.parse("2026-10-24T23:45:00Z"), LONDON).until())
                    .as("01:30 comes twice: it ends at the second")
                    .isEqualTo(Instant.parse("2026-10-25T01:30:00Z"));
        }
    }
}
