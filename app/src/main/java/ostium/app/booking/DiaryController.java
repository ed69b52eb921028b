package ostium.app.booking;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.booking.BookingState;

/** The diary of a site, for whoever may see it. Acts at once and stands outside undo. */
@RestController
class DiaryController {
    private static final int WEEK = 7;
    private static final int MOST_DAYS = 62;

    private final Desks desks;
    private final DiaryDrawn drawn;
    private final DiaryWork work;
    private final SiteAccess access;
    private final SiteService sites;

    DiaryController(Desks desks, DiaryDrawn drawn, DiaryWork work, SiteAccess access, SiteService sites) {
        this.desks = desks;
        this.drawn = drawn;
        this.work = work;
        this.access = access;
        this.sites = sites;
    }

    /**
     * When something is, by the clocks of the business.
     *
     * @param minute minutes after midnight
     */
    record DiaryTime(LocalDate date, Integer minute) {}

    /** Somebody who is written in. */
    record WriteIn(
            String service,
            DiaryTime time,
            @Schema(nullable = true) Integer minutes,
            String resource,
            String name,
            String email,
            String telephone,
            String place,
            String note,
            Boolean tells) {}

    /** Another time, length, or somebody else who carries it out. */
    record MoveBooking(DiaryTime time, Integer minutes, String resource, String words, Boolean tells) {}

    /** A word to whoever booked, and whether they are told at all. */
    record WordToVisitor(String words, Boolean tells) {}

    record MarkBooking(BookingState state) {}

    record BlockTime(DiaryTime from, DiaryTime to, String resource, String words) {}

    /** @param id of the block */
    record MadeBlock(String id) {}

    @GetMapping("/api/sites/{id}/diary")
    DiaryView show(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "7") int days,
            HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Desk desk = desks.of(site).orElse(null);
        if (desk == null) {
            return DiaryDrawn.closed(
                    sites.read(sites.state(site)).brief().today().date());
        }
        LocalDate asked = day.isBlank() ? desk.today() : date(day);
        LocalDate first = days == WEEK ? asked.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)) : asked;
        return drawn.view(desk, first, Math.max(1, Math.min(MOST_DAYS, days)));
    }

    /** Why nothing is offered at a time. */
    @GetMapping("/api/sites/{id}/diary/why")
    List<DiaryView.WhyNot> why(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "-1") int minute,
            HttpServletRequest request) {
        Desk desk = desk(id, request);
        return DiaryDrawn.why(desk, instant(desk, new DiaryTime(date(day), minute)));
    }

    @PostMapping("/api/sites/{id}/diary/bookings")
    @ResponseStatus(HttpStatus.CREATED)
    DiaryView.Ticket writeIn(@PathVariable String id, @RequestBody WriteIn asked, HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(
                desk,
                work.writeIn(
                        desk.site(),
                        new DiaryWork.WrittenIn(
                                text(asked.service()),
                                instant(desk, asked.time()),
                                asked.minutes(),
                                text(asked.resource()),
                                new Booking.Customer(text(asked.name()), text(asked.email()), text(asked.telephone())),
                                text(asked.place()),
                                asked.note(),
                                isSet(asked.tells()))));
    }

    @GetMapping("/api/sites/{id}/diary/bookings/{booking}")
    DiaryView.Ticket one(@PathVariable String id, @PathVariable String booking, HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(desk, work.one(desk.site(), booking));
    }

    @PutMapping("/api/sites/{id}/diary/bookings/{booking}")
    DiaryView.Ticket move(
            @PathVariable String id,
            @PathVariable String booking,
            @RequestBody MoveBooking asked,
            HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(
                desk,
                work.change(
                        desk.site(),
                        booking,
                        instant(desk, asked.time()),
                        asked.minutes() == null ? 0 : asked.minutes(),
                        text(asked.resource()),
                        asked.words(),
                        isSet(asked.tells())));
    }

    @PostMapping("/api/sites/{id}/diary/bookings/{booking}/agree")
    DiaryView.Ticket agree(
            @PathVariable String id,
            @PathVariable String booking,
            @RequestBody WordToVisitor asked,
            HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(desk, work.agree(desk.site(), booking, asked.words()));
    }

    @PostMapping("/api/sites/{id}/diary/bookings/{booking}/cancel")
    DiaryView.Ticket cancel(
            @PathVariable String id,
            @PathVariable String booking,
            @RequestBody WordToVisitor asked,
            HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(desk, work.cancel(desk.site(), booking, asked.words(), isSet(asked.tells())));
    }

    @PostMapping("/api/sites/{id}/diary/bookings/{booking}/restore")
    DiaryView.Ticket restore(@PathVariable String id, @PathVariable String booking, HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(desk, work.restore(desk.site(), booking));
    }

    @PutMapping("/api/sites/{id}/diary/bookings/{booking}/state")
    DiaryView.Ticket mark(
            @PathVariable String id,
            @PathVariable String booking,
            @RequestBody MarkBooking asked,
            HttpServletRequest request) {
        Desk desk = desk(id, request);
        return ticket(desk, work.mark(desk.site(), booking, asked.state()));
    }

    @PostMapping("/api/sites/{id}/diary/blocks")
    @ResponseStatus(HttpStatus.CREATED)
    MadeBlock block(@PathVariable String id, @RequestBody BlockTime asked, HttpServletRequest request) {
        Desk desk = desk(id, request);
        return new MadeBlock(work.block(
                        desk.site(),
                        text(asked.resource()),
                        instant(desk, asked.from()),
                        instant(desk, asked.to()),
                        asked.words())
                .id());
    }

    @DeleteMapping("/api/sites/{id}/diary/blocks/{block}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unblock(@PathVariable String id, @PathVariable String block, HttpServletRequest request) {
        work.unblock(access.require(id, request), block);
    }

    private Desk desk(String id, HttpServletRequest request) {
        return desks.of(access.require(id, request)).orElseThrow(() -> Problem.at("", "booking.none"));
    }

    private DiaryView.Ticket ticket(Desk desk, Booking booking) {
        return drawn.ticket(desk, booking, "");
    }

    private static Instant instant(Desk desk, DiaryTime time) {
        boolean isWhole = time != null && time.date() != null && time.minute() != null;
        if (!isWhole || time.minute() < 0 || time.minute() > 24 * 60) {
            throw Problem.at("start", "booking.day");
        }
        return time.date()
                .atStartOfDay()
                .plusMinutes(time.minute())
                .atZone(desk.terms().zone())
                .toInstant();
    }

    private static LocalDate date(String day) {
        try {
            LocalDate date = LocalDate.parse(day);
            if (date.getYear() < 2000 || date.getYear() > 2200) {
                throw Problem.at("day", "booking.day");
            }
            return date;
        } catch (DateTimeException e) {
            throw Problem.at("day", "booking.day");
        }
    }

    private static boolean isSet(Boolean said) {
        return said != null && said;
    }

    private static String text(String words) {
        return words == null ? "" : words.strip();
    }
}
