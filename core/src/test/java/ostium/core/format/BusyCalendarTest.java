package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** When somebody is busy, read from a calendar of theirs. */
class BusyCalendarTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final Instant FROM = Instant.parse("2026-11-25T00:00:00Z");
    private static final Instant TO = Instant.parse("2027-06-01T00:00:00Z");

    private static BusyCalendar.Found read(String... events) {
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\n" + String.join("\r\n", events)
                + "\r\nEND:VCALENDAR\r\n";
        return BusyCalendar.read(file, LONDON, FROM, TO).orElseThrow();
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Dentist\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT";
    }

    private static String said(BusyCalendar.Found found) {
        return found.times().stream()
                .map(busy ->
                        LocalDateTime.ofInstant(busy.from(), LONDON) + "/" + LocalDateTime.ofInstant(busy.to(), LONDON))
                .collect(Collectors.joining(" "));
    }

    @Test
    void aTimeInUtcInAZoneAndInNone() {
        assertThat(said(read(event("DTSTART:20261201T100000Z", "DTEND:20261201T110000Z"))))
                .isEqualTo("2026-12-01T10:00/2026-12-01T11:00");
        assertThat(said(read(event("DTSTART;TZID=America/New_York:20261201T100000", "DURATION:PT30M"))))
                .isEqualTo("2026-12-01T15:00/2026-12-01T15:30");
        assertThat(said(read(event("DTSTART:20270501T100000", "DTEND:20270501T110000"))))
                .as("by the clock of the business")
                .isEqualTo("2027-05-01T10:00/2027-05-01T11:00");
    }

    @Test
    void aWholeDayAndSeveral() {
        assertThat(said(read(event("DTSTART;VALUE=DATE:20261224")))).isEqualTo("2026-12-24T00:00/2026-12-25T00:00");
        assertThat(said(read(event("DTSTART;VALUE=DATE:20261224", "DTEND;VALUE=DATE:20261227"))))
                .isEqualTo("2026-12-24T00:00/2026-12-27T00:00");
    }

    @Test
    void repeatsKeepTheirHourOverAClockChange() {
        assertThat(said(read(event(
                        "DTSTART;TZID=Europe/London:20270322T090000",
                        "DTEND;TZID=Europe/London:20270322T100000",
                        "RRULE:FREQ=WEEKLY;COUNT=3",
                        "EXDATE;TZID=Europe/London:20270405T090000"))))
                .isEqualTo("2027-03-22T09:00/2027-03-22T10:00 2027-03-29T09:00/2027-03-29T10:00");
    }

    @Test
    void anEndlessRepeatOfLongAgoGoesOnInTheRangeOnly() {
        BusyCalendar.Found found = read(event("DTSTART:20010101T080000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY"));
        assertThat(found.times())
                .hasSize(188)
                .allMatch(busy -> busy.to().isAfter(FROM) && busy.from().isBefore(TO));
    }

    @Test
    void oneOfARepeatThatWasMovedIsNotTwice() {
        BusyCalendar.Found found = read(
                event("DTSTART:20261201T100000Z", "DURATION:PT1H", "RRULE:FREQ=DAILY;COUNT=2"),
                event("RECURRENCE-ID:20261202T100000Z", "DTSTART:20261202T150000Z", "DURATION:PT1H"));
        assertThat(said(found)).isEqualTo("2026-12-01T10:00/2026-12-01T11:00 2026-12-02T15:00/2026-12-02T16:00");
    }

    @Test
    void whatIsFreeOrCalledOffIsNotBusy() {
        assertThat(read(event("DTSTART:20261201T100000Z", "TRANSP:TRANSPARENT")).times())
                .isEmpty();
        assertThat(read(event("DTSTART:20261201T100000Z", "STATUS:CANCELLED")).times())
                .isEmpty();
    }

    @Test
    void brokenLinesLeaveTheOthers() {
        BusyCalendar.Found found = read(
                event("DTSTART:when it suits", "RRULE:FREQ=NEVER"),
                "this is no line of a calendar",
                event("DTSTART:20261201T100000Z", "RRULE:FREQ=SECONDLY"),
                event("DTSTART:20261203T100000Z", "DTEND:20261203T110000Z"));
        assertThat(said(found)).isEqualTo("2026-12-03T10:00/2026-12-03T11:00");
        assertThat(found.leftOut()).isEqualTo(2);
    }

    @Test
    void tenThousandEventsAreRead() {
        String many = IntStream.range(0, 10_000)
                .mapToObj(i ->
                        event("DTSTART:20261201T" + String.format("%02d%02d00Z", i / 60 % 24, i % 60), "DURATION:PT5M"))
                .collect(Collectors.joining("\r\n"));
        assertThat(read(many).times()).hasSize(10_000);
    }

    @Test
    void whatIsNoCalendarIsNone() {
        assertThat(BusyCalendar.read("", LONDON, FROM, TO)).isEmpty();
        assertThat(BusyCalendar.read("PK\u0003\u0004 a picture", LONDON, FROM, TO))
                .isEmpty();
    }

    /** Damaged in a few places, a calendar is read as far as it goes. */
    @Test
    void nothingInAFileMakesItThrow() {
        String good = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n"
                + event("DTSTART;TZID=Europe/London:20261201T100000", "DURATION:PT1H", "RRULE:FREQ=WEEKLY;BYDAY=MO,TU")
                + "\r\nEND:VCALENDAR\r\n";
        Random random = new Random(7);
        for (int i = 0; i < 2_000; i++) {
            StringBuilder bad = new StringBuilder(good);
            for (int j = 0; j < 4; j++) {
                bad.setCharAt(random.nextInt(bad.length()), (char) (32 + random.nextInt(95)));
            }
            assertThat(BusyCalendar.read(bad.toString(), LONDON, FROM, TO)).isNotNull();
        }
    }
}
