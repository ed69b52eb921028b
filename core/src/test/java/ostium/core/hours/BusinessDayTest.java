package ostium.core.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;

/** Today is the day where the business is, whatever the server's clock says. */
class BusinessDayTest {
    @ParameterizedTest
    @CsvSource({
        "2026-11-27T03:00:00Z, America/New_York, 2026-11-26",
        "2026-11-27T05:00:00Z, America/New_York, 2026-11-27",
        "2026-11-27T23:30:00Z, Europe/Berlin, 2026-11-28",
        "2026-06-01T23:30:00Z, Europe/London, 2026-06-02",
    })
    void isTheDateThere(Instant now, ZoneId zone, LocalDate date) {
        assertThat(BusinessDay.at(now, zone).date()).isEqualTo(date);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-10-25T12:00:00Z, Europe/London, 2026-10-26T00:00:00Z",
        "2027-03-28T12:00:00Z, Europe/London, 2027-03-28T23:00:00Z",
    })
    void endsAtMidnightOnDaysOfAClockChangeToo(Instant now, ZoneId zone, Instant end) {
        assertThat(BusinessDay.at(now, zone).end()).isEqualTo(end);
    }

    @Test
    void aSheetIsReadOnTheDayOfItsBusiness() {
        TypedSheet sheet =
                TypedSheet.empty("US", 1).with(Line.ZONE, "America/New_York").with(Line.HOURS, "Mon-Fri 9am-5pm");
        Instant lateThere = Instant.parse("2026-11-27T03:00:00Z");
        assertThat(SheetReader.read(sheet, lateThere).brief().today().date()).isEqualTo(LocalDate.of(2026, 11, 26));
    }
}
