package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Calendar files, read back by another library. */
class CalendarFileTest {
    private static final CalendarEvent EVENT = new CalendarEvent(
            "1@ostium.example",
            2,
            Instant.parse("2026-12-01T11:00:00Z"),
            Instant.parse("2026-12-01T12:00:00Z"),
            "Camera survey; Quayle, Oona",
            "Never swept.\nBack door is best.\u0007",
            "Marl End, Upper Marl",
            CalendarEvent.Status.CONFIRMED,
            Instant.parse("2026-11-25T12:00:00Z"));

    private static ICalendar read(String file) {
        return Biweekly.parse(file).first();
    }

    @Test
    void sayWhatWhenAndWhere() {
        ICalendar calendar = read(CalendarFile.write("Ashlatch", List.of(EVENT)));
        VEvent event = calendar.getEvents().get(0);
        assertThat(event.getUid().getValue()).isEqualTo("1@ostium.example");
        assertThat(event.getSequence().getValue()).isEqualTo(2);
        assertThat(event.getDateStart().getValue().toInstant()).isEqualTo(EVENT.start());
        assertThat(event.getDateEnd().getValue().toInstant()).isEqualTo(EVENT.end());
        assertThat(event.getSummary().getValue()).isEqualTo(EVENT.summary());
        assertThat(event.getDescription().getValue()).startsWith("Never swept.\nBack door is best.");
        assertThat(event.getLocation().getValue()).isEqualTo(EVENT.location());
        assertThat(event.getStatus().isConfirmed()).isTrue();
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
    }

    @Test
    void linesAreFoldedAndEndAsTheStandardSays() {
        String file = CalendarFile.write("Ashlatch", List.of(EVENT));
        assertThat(file.split("\r\n"))
                .allMatch(line -> line.getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= 75);
        assertThat(file).doesNotContain("\u0007");
    }

    @Test
    void anEmptyDiaryIsAFileToo() {
        assertThat(read(CalendarFile.write("Ashlatch", List.of())).getEvents()).isEmpty();
    }
}
