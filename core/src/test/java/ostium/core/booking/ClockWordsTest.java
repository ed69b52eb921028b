package ostium.core.booking;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Days, times and spans, as people say them where the business is. */
class ClockWordsTest {
    private static final ClockWords BRITISH = ClockWords.of(ZoneId.of("Europe/London"), "GB");
    private static final ClockWords AMERICAN = ClockWords.of(ZoneId.of("America/New_York"), "US");
    private static final Instant NOON = Instant.parse("2026-12-01T17:30:00Z");

    @Test
    void areSaidAsTheyAreThere() {
        assertThat(BRITISH.say(NOON, NOON.plusSeconds(2700))).isEqualTo("Tuesday 1 December, 17:30 to 18:15");
        assertThat(AMERICAN.say(NOON, NOON.plusSeconds(2700))).isEqualTo("Tuesday, December 1, 12:30 pm to 1:15 pm");
        assertThat(BRITISH.day(LocalDate.parse("2026-12-01"))).isEqualTo("Tue 1 Dec");
        assertThat(AMERICAN.day(LocalDate.parse("2026-12-01"))).isEqualTo("Tue, Dec 1");
    }

    @Test
    void aTimeThatComesTwiceNamesItsZone() {
        assertThat(AMERICAN.time(Instant.parse("2026-11-01T05:30:00Z"))).isEqualTo("1:30 am EDT");
        assertThat(AMERICAN.time(Instant.parse("2026-11-01T06:30:00Z"))).isEqualTo("1:30 am EST");
        assertThat(AMERICAN.time(Instant.parse("2026-11-01T07:30:00Z"))).isEqualTo("2:30 am");
    }

    @ParameterizedTest
    @CsvSource({
        "1, a minute",
        "45, 45 minutes",
        "60, an hour",
        "90, 90 minutes",
        "120, 2 hours",
        "1440, 24 hours",
        "2880, 2 days",
        "10080, 7 days",
        "1500, 25 hours"
    })
    void spansAreSaidInTheLargestUnitThatFits(int minutes, String words) {
        assertThat(Spans.say(minutes)).isEqualTo(words);
    }
}
