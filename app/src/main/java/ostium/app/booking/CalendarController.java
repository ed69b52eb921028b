package ostium.app.booking;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;

/** The diary as a calendar: a file, and a private feed that calendar programs ask for by its address alone. */
@RestController
class CalendarController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarFiles files;
    private final BusyCalendars calendars;
    private final FollowedCalendars followed;
    private final Desks desks;
    private final SiteAccess access;
    private final RateLimits limits;

    CalendarController(
            CalendarFiles files,
            BusyCalendars calendars,
            FollowedCalendars followed,
            Desks desks,
            SiteAccess access,
            RateLimits limits) {
        this.files = files;
        this.calendars = calendars;
        this.followed = followed;
        this.desks = desks;
        this.access = access;
        this.limits = limits;
    }

    @GetMapping(path = "/api/sites/{id}/diary.ics", produces = "text/calendar")
    ResponseEntity<String> file(@PathVariable String id, HttpServletRequest request) {
        Desk desk = desks.of(access.require(id, request)).orElseThrow(() -> Problem.at("", "booking.none"));
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Content-Disposition", "attachment; filename=\"diary.ics\"")
                .body(files.ofOwner(desk));
    }

    /** Whoever has the address reads the diary; wrong ones are counted. */
    @GetMapping(path = "/api/diary/{key}.ics", produces = "text/calendar")
    ResponseEntity<String> feed(@PathVariable String key, HttpServletRequest request) {
        limits.require(RateLimits.Act.FEED, request.getRemoteAddr());
        String feed = files.feed(key).orElseThrow(Problem::notFound);
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Cache-Control", "private, max-age=300")
                .body(feed);
    }

    /** Makes the private feed, or another in place of the one there is. */
    @PostMapping("/api/sites/{id}/diary/feed")
    ResponseEntity<Void> open(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        desks.of(site).orElseThrow(() -> Problem.at("", "booking.none"));
        files.openFeed(site);
        return ResponseEntity.noContent().build();
    }

    /** Brings in the busy times of another calendar; the same name again brings them anew. */
    @PostMapping("/api/sites/{id}/diary/calendars")
    BusyCalendars.BroughtIn bringIn(
            @PathVariable String id, @RequestParam(required = false) MultipartFile file, HttpServletRequest request)
            throws IOException {
        StoredSite site = access.require(id, request);
        limits.require(RateLimits.Act.FILE, access.author(request));
        if (file == null) {
            throw Problem.at("file", "booking.calendar");
        }
        if (file.getSize() > BusyCalendars.MOST_BYTES) {
            throw Problem.at("file", "booking.calendar.large");
        }
        String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        return calendars.bringIn(
                site, name.isBlank() ? "calendar.ics" : name, new String(file.getBytes(), StandardCharsets.UTF_8));
    }

    /** @param address where a calendar is to be had */
    record FollowCalendar(String address) {}

    /** Follows a calendar at its address. */
    @PostMapping("/api/sites/{id}/diary/calendars/followed")
    BusyCalendars.BroughtIn follow(
            @PathVariable String id, @RequestBody FollowCalendar asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        desks.of(site).orElseThrow(() -> Problem.at("", "booking.none"));
        limits.require(RateLimits.Act.FETCH, access.author(request));
        return followed.follow(site, asked.address());
    }

    @DeleteMapping("/api/sites/{id}/diary/calendars")
    ResponseEntity<Void> takeOut(
            @PathVariable String id, @RequestParam(defaultValue = "") String name, HttpServletRequest request) {
        calendars.takeOut(access.require(id, request), name);
        return ResponseEntity.noContent().build();
    }

    /** Withdraws it. */
    @DeleteMapping("/api/sites/{id}/diary/feed")
    ResponseEntity<Void> close(@PathVariable String id, HttpServletRequest request) {
        files.closeFeed(access.require(id, request));
        return ResponseEntity.noContent().build();
    }
}
