package ostium.app.standin;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.core.format.CalendarEvent;
import ostium.core.format.CalendarFile;

/** Somebody's calendar, as a calendar service would share it by a private address, for a diary to follow. */
@Hidden
@RestController
@ConditionalOnExpression("${ostium.demo:false} or ${ostium.ask-this-machine:false}")
class StandInCalendar {
    private static final int NOON = 12;
    private static final int AFTERNOON = 15;

    private final Clock clock;

    StandInCalendar(Clock clock) {
        this.clock = clock;
    }

    @GetMapping(path = "/api/stand-in/calendar.ics", produces = "text/calendar")
    ResponseEntity<String> calendar() {
        Instant today = clock.instant().truncatedTo(ChronoUnit.DAYS);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(CalendarFile.write(
                        "Private",
                        List.of(
                                event(today, "Dentist", 1, NOON, 1),
                                event(today, "School play", 4, AFTERNOON, 2),
                                event(today, "Van to the garage", 8, NOON, 4))));
    }

    private static CalendarEvent event(Instant today, String what, int days, int hour, int hours) {
        Instant start = today.plus(Duration.ofDays(days)).plus(Duration.ofHours(hour));
        return new CalendarEvent(
                what.toLowerCase(java.util.Locale.ROOT).replace(' ', '-') + "@private.example",
                0,
                start,
                start.plus(Duration.ofHours(hours)),
                what,
                "",
                "",
                CalendarEvent.Status.CONFIRMED,
                today);
    }
}
