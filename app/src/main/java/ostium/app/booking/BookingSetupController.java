package ostium.app.booking;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.booking.BookingRules;
import ostium.core.booking.StartingRules;
import ostium.core.brief.Brief;
import ostium.core.edit.State;
import ostium.core.fact.Minutes;

/** How bookings are taken, to be set up. The rules themselves are kept by edits like everything else. */
@RestController
class BookingSetupController {
    private static final Messages WORDS = Messages.of("diary");

    private final SiteAccess access;
    private final SiteService sites;
    private final Desks desks;
    private final DiaryDrawn diary;

    BookingSetupController(SiteAccess access, SiteService sites, Desks desks, DiaryDrawn diary) {
        this.access = access;
        this.sites = sites;
        this.desks = desks;
        this.diary = diary;
    }

    /**
     * @param set whether bookings are taken; else the rules are those a business of this trade would begin with
     * @param hours the hours of the business, in short; empty where none are known
     * @param grids minutes of the hour at which appointments can begin
     * @param outside coming appointments that lie outside the hours as they are now, in words
     */
    record BookingSetup(
            boolean set,
            BookingRules rules,
            String hours,
            List<BookingChoice> services,
            List<Integer> grids,
            List<String> outside) {}

    /**
     * A service of the facts.
     *
     * @param takes how long it takes as the facts say, in words; empty where they do not
     */
    record BookingChoice(String id, String name, String takes) {}

    @GetMapping("/api/sites/{id}/booking")
    BookingSetup show(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        State state = sites.state(site);
        Brief brief = sites.read(state).brief();
        return new BookingSetup(
                state.doors().bookingRules().isPresent(),
                state.doors().bookingRules().orElseGet(() -> StartingRules.of(brief)),
                brief.facts().say("hours", "").orElse(""),
                brief.services().stream()
                        .map(fact -> new BookingChoice(
                                fact.id(),
                                fact.value().name(),
                                fact.value().minutes() == null
                                        ? ""
                                        : Minutes.say(fact.value().minutes())))
                        .toList(),
                BookingRules.GRIDS,
                desks.of(site)
                        .map(desk -> diary.outside(desk).stream()
                                .map(booking -> WORDS.say(
                                        "outside",
                                        desk.terms().clock().say(booking.start(), booking.end()),
                                        booking.customer().name()))
                                .toList())
                        .orElse(List.of()));
    }
}
