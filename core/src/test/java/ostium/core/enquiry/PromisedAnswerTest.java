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
import ostium.core.hours.BusinessDay;
import ostium.core.hours.OpenSpan;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;

/** By when a message is to be answered, as the owner promises. */
class PromisedAnswerTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d HH:mm", Locale.ENGLISH);

    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }

    private static Facts facts(String promise) {
        return Facts.none("GB").with(Fact.typed("promise", new FactValue.AnswerPromise(promise)));
    }

    private static Facts withHours(String promise) {
        WeeklyHours week = WeeklyHours.read("Mon-Fri 8-17:30, Sat 9-13").value().orElseThrow();
        SpecialHours closed = SpecialHours.read("2026-12-03 closed", BusinessDay.at(at("2026-11-27T10:00"), ZONE), "GB")
                .value()
                .orElseThrow();
        return facts(promise)
                .with(Fact.typed("hours", new FactValue.Hours(week)))
                .with(Fact.typed("exceptions", new FactValue.Special(List.of(closed))));
    }

    @ParameterizedTest(name = "{0}, written {1}: {2}")
    @CsvSource({
        // 27 November 2026 is a Friday, 3 December a day off.
        "by the next working morning,      2026-11-27T10:00, Sat 28 12:00",
        "by the next working morning,      2026-11-27T06:30, Fri 27 12:00",
        "by the next working morning,      2026-11-28T14:00, Mon 30 12:00",
        "by the next working morning,      2026-12-02T18:00, Fri 4 12:00",
        "the same day,                     2026-11-27T10:00, Fri 27 17:30",
        "the same working day,             2026-11-27T20:00, Sat 28 13:00",
        "by the next day,                  2026-11-28T10:00, Mon 30 17:30",
        "tomorrow,                         2026-11-27T10:00, Sat 28 13:00",
        "within two hours,                 2026-11-27T23:00, Sat 28 01:00",
        "within half an hour,              2026-11-27T10:00, Fri 27 10:30",
        "within 24 hours,                  2026-11-27T10:00, Sat 28 10:00",
        "within a day,                     2026-11-27T10:00, Sat 28 10:00",
        "within two working hours,         2026-11-27T16:30, Sat 28 10:00",
        "within 2 working days,            2026-11-27T10:00, Mon 30 17:30",
        "within one working day,           2026-12-02T10:00, Fri 4 17:30",
        "in a week,                        2026-11-27T10:00, Fri 4 10:00",
    })
    void isReadFromItsWords(String promise, String received, String due) {
        assertThat(PromisedAnswer.of(withHours(promise)).orElseThrow().due(at(received)))
                .map(instant -> SAID.format(instant.atZone(ZONE)))
                .contains(due);
    }

    @Test
    void withoutHoursIsHeldAgainstWeekdays() {
        assertThat(PromisedAnswer.of(facts("by the next working morning"))
                        .orElseThrow()
                        .due(at("2026-11-27T10:00")))
                .contains(at("2026-11-30T12:00"));
    }

    @Test
    void thatSaysNoTimeHasNoEnd() {
        assertThat(PromisedAnswer.of(facts("as soon as we can")).orElseThrow().due(at("2026-11-27T10:00")))
                .isEmpty();
        assertThat(PromisedAnswer.of(Facts.none("GB"))).isEmpty();
    }

    @Test
    void runsThroughTheHoursOfWork() {
        PromisedAnswer promised =
                PromisedAnswer.of(withHours("by the next working morning")).orElseThrow();
        Instant received = at("2026-11-27T16:30");
        List<OpenSpan> work = promised.work(received, promised.due(received).orElseThrow());
        assertThat(work)
                .containsExactly(
                        new OpenSpan(received, at("2026-11-27T17:30")),
                        new OpenSpan(at("2026-11-28T09:00"), at("2026-11-28T12:00")));
        assertThat(work).extracting(OpenSpan::length).containsExactly(Duration.ofHours(1), Duration.ofHours(3));
    }

    @Test
    void isNeverBeforeTheMessage() {
        for (String promise :
                List.of("the same day", "by the next working morning", "tomorrow", "within a working hour")) {
            PromisedAnswer promised = PromisedAnswer.of(withHours(promise)).orElseThrow();
            for (int hour = 0; hour < 24 * 14; hour++) {
                Instant received = at("2026-11-25T00:17").plus(Duration.ofHours(hour));
                assertThat(promised.due(received))
                        .hasValueSatisfying(due -> assertThat(due).isAfter(received));
            }
        }
    }
}
