package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.Point;
import ostium.core.place.MeasuredTravel;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;

/** A small business that takes bookings, for tests: a sweep of 45 minutes, a survey of 60, hours on weekdays from 9 to 5. */
final class BookingSamples {
    static final ZoneId LONDON = ZoneId.of("Europe/London");
    /** Wednesday noon. */
    static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");

    static final String SWEEP = "service/sweep";
    static final String SURVEY = "service/survey";
    static final Point TOLVER = new Point(49.70, -7.40, Point.Accuracy.TOWN);
    static final Point MARL = new Point(49.78, -7.40, Point.Accuracy.TOWN);

    private BookingSamples() {}

    static TypedSheet sheet() {
        return TypedSheet.empty("GB", 1)
                .with(Line.NAME, "Ashlatch Chimney Care")
                .with(Line.HOURS, "Mon-Fri 9-5")
                .with(Line.EXCEPTIONS, "3 Dec 2026 closed, guild meeting")
                .withServices(List.of(
                        new TypedSheet.TypedService("sweep", "", "Chimney sweep", "", "65", "45"),
                        new TypedSheet.TypedService("survey", "", "Camera survey", "", "from 95", "60"),
                        new TypedSheet.TypedService("advice", "", "Advice", "", "", "")));
    }

    /** Both services, at once, an hour of notice, sixty days ahead, every quarter of an hour. */
    static BookingRules rules() {
        return new BookingRules(
                true,
                60,
                60,
                15,
                0,
                24 * 60,
                false,
                20,
                "",
                List.of(BookableService.usual(SWEEP), BookableService.usual(SURVEY)),
                List.of(),
                List.of(),
                "",
                TextRules.NONE);
    }

    static BookingTerms terms(BookingRules rules) {
        return terms(rules, sheet());
    }

    static BookingTerms terms(BookingRules rules, TypedSheet sheet) {
        return BookingTerms.of(rules, SheetReader.read(sheet, NOW).brief().facts(), new MeasuredTravel());
    }

    /** @param local of London, as {@code 2026-12-01T10:00} */
    static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(LONDON).toInstant();
    }

    static Appointment sweep(String local) {
        return appointment("Dunnock", SWEEP, "", local, 45);
    }

    static Appointment appointment(String who, String service, String resource, String local, int minutes) {
        Instant start = at(local);
        return new Appointment(
                who + start, who, service, resource, start, start.plusSeconds(minutes * 60L), 0, 0, Optional.empty());
    }
}
