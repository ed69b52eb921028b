package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.WeeklyHours;

/** An owner is reminded once of who waits, while the promise can still be kept. */
class WaitReminderTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d HH:mm", Locale.ENGLISH);
    private static final List<String> PROMISES = List.of(
            "",
            "as soon as we can",
            "within two hours",
            "the same day",
            "by the next working morning",
            "within 3 working days");

    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }

    private static Facts facts(String promise) {
        WeeklyHours week = WeeklyHours.read("Mon-Fri 8-17:30, Sat 9-13").value().orElseThrow();
        Facts open = Facts.none("GB").with(Fact.typed("hours", new FactValue.Hours(week)));
        return promise.isEmpty() ? open : open.with(Fact.typed("promise", new FactValue.AnswerPromise(promise)));
    }

    @ParameterizedTest(name = "“{0}”, written {1}: {2}")
    @CsvSource({
        // 27 November 2026 is a Friday.
        "the same day,                2026-11-27T10:00, Fri 27 16:30",
        "the same day,                2026-11-27T16:30, Fri 27 17:00",
        "by the next working morning, 2026-11-27T20:00, Sat 28 11:00",
        "by the next working morning, 2026-11-28T14:00, Mon 30 11:00",
        "within two hours,            2026-11-27T10:00, Fri 27 11:00",
        "within two hours,            2026-11-27T22:00, Fri 27 23:00",
        "as soon as we can,           2026-11-27T10:00, Sat 28 12:00",
        "'',                          2026-11-28T10:00, Mon 30 16:30",
    })
    void comesWithAnHourOfWorkLeft(String promise, String received, String reminded) {
        assertThat(WaitReminder.of(facts(promise)).at(at(received)))
                .map(instant -> SAID.format(instant.atZone(ZONE)))
                .contains(reminded);
    }

    @Test
    void isNeverBeforeTheMessageNorAfterItIsDue() {
        for (String promise : PROMISES) {
            Facts facts = facts(promise);
            for (int hour = 0; hour < 24 * 14; hour++) {
                Instant received = at("2026-03-20T00:10").plus(Duration.ofHours(hour));
                Instant reminded = WaitReminder.of(facts).at(received).orElseThrow();
                assertThat(reminded).as("%s, %s", promise, received).isAfter(received);
                PromisedAnswer.of(facts)
                        .flatMap(promised -> promised.due(received))
                        .ifPresent(due -> assertThat(reminded)
                                .as("%s, %s", promise, received)
                                .isBefore(due));
            }
        }
    }

    @Test
    void saysWhenItCameAndWhatIsPromised() {
        WaitReminder sameDay = WaitReminder.of(facts("the same day"));
        assertThat(sameDay.say(at("2026-11-27T10:00"), at("2026-11-27T16:30")))
                .isEqualTo(
                        "This came on Friday 27 November at 10:00. You promise an answer by Friday 27 November, 17:30.");
        assertThat(sameDay.say(at("2026-11-27T10:00"), at("2026-11-28T08:00")))
                .endsWith("You promised an answer by Friday 27 November, 17:30.");
        assertThat(WaitReminder.of(facts("")).say(at("2026-11-27T10:00"), at("2026-11-28T08:00")))
                .isEqualTo("This came on Friday 27 November at 10:00. Nobody has answered yet.");
    }
}
