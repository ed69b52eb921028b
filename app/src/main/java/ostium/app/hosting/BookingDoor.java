package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import ostium.app.booking.Booking;
import ostium.app.booking.Bookings;
import ostium.app.booking.CalendarFiles;
import ostium.app.booking.Desk;
import ostium.app.booking.Desks;
import ostium.app.booking.NotFree;
import ostium.app.publishing.LiveSite;
import ostium.app.publishing.LiveSites;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Messages;
import ostium.core.booking.BookingForm;
import ostium.core.booking.BookingState;
import ostium.core.booking.OfferedService;
import ostium.core.booking.Wanted;
import ostium.core.form.Form;
import ostium.render.booking.BookingPage;

/**
 * The booking page of a public site: its pages are read with GET, what changes something is posted and answered with the page it
 * leads to. Works without a script.
 */
@Component
class BookingDoor {
    private static final Logger LOG = LoggerFactory.getLogger(BookingDoor.class);
    private static final Messages WORDS = Messages.of("booking-page");
    private static final String ACTS = "/_ostium/booking/";
    private static final String FILE = "/_ostium/booking.ics";
    private static final String PAGE = "/book";
    /** A field no person sees; what fills it in is no person. */
    private static final String TRAP = "website";

    private final Bookings bookings;
    private final Desks desks;
    private final CalendarFiles calendars;
    private final SiteService sites;
    private final LiveSites live;
    private final RateLimits limits;

    BookingDoor(
            Bookings bookings,
            Desks desks,
            CalendarFiles calendars,
            SiteService sites,
            LiveSites live,
            RateLimits limits) {
        this.bookings = bookings;
        this.desks = desks;
        this.calendars = calendars;
        this.sites = sites;
        this.live = live;
        this.limits = limits;
    }

    /** Whether a path is answered here. */
    static boolean isAt(String path) {
        return path.equals(PAGE) || path.startsWith(ACTS) || path.equals(FILE);
    }

    void answer(LiveSite site, HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setHeader("Referrer-Policy", "same-origin");
        try {
            StoredSite stored = sites.byId(site.site()).orElseThrow(Problem::notFound);
            Optional<Desk> desk = desks.of(stored).filter(open -> isOpen(open, site));
            if (desk.isEmpty()) {
                Wire.plainPage(response, 404, WORDS.say("none.heading"), WORDS.say("none.says"));
                return;
            }
            answer(site, stored, desk.get(), request, response);
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("a booking could not be answered: {}", e.getMessage());
            Wire.refusal(response, Refusal.DIARY_AWAY);
        } catch (Problem e) {
            Wire.plainPage(response, e.status().value(), WORDS.say("lost.heading"), e.getMessage());
        }
    }

    /** The page stands on the site, and the door is not shut. */
    private static boolean isOpen(Desk desk, LiveSite site) {
        return site.files().containsKey("book.html")
                && !desk.state()
                        .doors()
                        .door(ostium.core.door.book.BookDoor.KIND)
                        .shut();
    }

    private void answer(
            LiveSite site, StoredSite stored, Desk desk, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        String privacy = site.files().containsKey("privacy.html") ? "/privacy" : "";
        BookingViews views = new BookingViews(desk, new BookingViews.Place(PAGE, ACTS, privacy));
        String path = request.getRequestURI();
        boolean isPosted = path.startsWith(ACTS);
        if (!isPosted && !List.of("GET", "HEAD").contains(request.getMethod())
                || isPosted && !request.getMethod().equals("POST")) {
            response.setHeader("Allow", isPosted ? "POST" : "GET, HEAD");
            Wire.refusal(response, Refusal.TIME_ONLY);
            return;
        }
        Optional<Map<String, String>> sent =
                isPosted ? BookingVisit.posted(request) : Optional.of(BookingVisit.asked(request));
        if (sent.isEmpty()) {
            Wire.refusal(response, Refusal.BOOKING_TOO_MUCH);
            return;
        }
        BookingVisit visit = new BookingVisit(live, site, stored, desk, views, sent.get(), response);
        if (!isPosted) {
            if (path.equals(FILE)) {
                file(visit);
            } else {
                page(visit);
            }
            return;
        }
        if (SentFrom.elsewhere(request)) {
            Wire.refusal(response, Refusal.BOOKING_ELSEWHERE);
        } else if (!limits.allows(RateLimits.Act.BOOKING, site.site() + request.getRemoteAddr())) {
            visit.show(429, BookingPage.message(views.message("again")));
        } else {
            act(visit, path.substring(ACTS.length()));
        }
    }

    // ---- pages ---------------------------------------------------------------------------------------------------

    private void page(BookingVisit visit) throws IOException {
        if (!visit.sent("booking").isEmpty()) {
            booked(visit, visit.sent("booking"));
        } else if (!visit.sent("held").isEmpty()) {
            details(visit, visit.sent("held"));
        } else if (!visit.sent("move").isEmpty()) {
            moving(visit, visit.sent("move"), "");
        } else {
            times(visit, 200, "");
        }
    }

    /** The services; of a single one, its times at once. */
    private void times(BookingVisit visit, int status, String said) throws IOException {
        Chosen chosen = visit.chosen();
        List<OfferedService> services = visit.desk().terms().services();
        Optional<OfferedService> service = visit.desk().terms().service(chosen.serviceId());
        if (service.isEmpty() && services.size() == 1) {
            service = Optional.of(services.get(0));
            chosen = new Chosen(
                    Chosen.shortId(services.get(0).id()),
                    chosen.who(),
                    chosen.where(),
                    chosen.day(),
                    chosen.hold(),
                    "");
        }
        if (service.isEmpty()) {
            visit.show(200, BookingPage.offers(visit.views().offers()));
            return;
        }
        visit.show(
                status,
                BookingPage.times(visit.views()
                        .times()
                        .of(chosen, service.get(), bookings.find(visit.desk(), chosen.where()), "", said)));
    }

    private void moving(BookingVisit visit, String link, String said) throws IOException {
        Optional<Booking> booking = bookings.byLink(visit.stored(), link);
        if (booking.isEmpty() || !bookings.canChange(visit.desk(), booking.get())) {
            booked(visit, link);
            return;
        }
        Optional<OfferedService> service =
                visit.desk().terms().service(booking.get().service());
        if (service.isEmpty()) {
            booked(visit, link);
            return;
        }
        Chosen asked = visit.chosen();
        Chosen chosen = new Chosen(Chosen.shortId(booking.get().service()), "", "", asked.day(), "", link);
        visit.show(
                said.isEmpty() ? 200 : 409,
                BookingPage.times(visit.views()
                        .times()
                        .of(
                                chosen,
                                service.get(),
                                booking.get().at(),
                                booking.get().id(),
                                said)));
    }

    private void details(BookingVisit visit, String link) throws IOException {
        Optional<Booking> held = bookings.byLink(visit.stored(), link);
        if (held.isEmpty() || held.get().state() != BookingState.HELD) {
            booked(visit, link);
            return;
        }
        visit.show(200, BookingPage.details(visit.views().details(held.get(), Map.of(), Map.of(), List.of(), "")));
    }

    private void booked(BookingVisit visit, String link) throws IOException {
        Optional<Booking> booking = bookings.byLink(visit.stored(), link);
        if (booking.isEmpty()) {
            visit.show(404, BookingPage.message(visit.views().message("lost")));
        } else if (booking.get().state() == BookingState.HELD) {
            details(visit, link);
        } else {
            boolean canChange = bookings.canChange(visit.desk(), booking.get());
            visit.show(200, BookingPage.booked(visit.views().booked(booking.get(), canChange)));
        }
    }

    private void file(BookingVisit visit) throws IOException {
        Optional<Booking> booking = bookings.byLink(visit.stored(), visit.sent("booking"))
                .filter(made -> made.state() != BookingState.HELD);
        if (booking.isEmpty()) {
            visit.show(404, BookingPage.message(visit.views().message("lost")));
            return;
        }
        visit.response().setHeader("Content-Disposition", "attachment; filename=\"appointment.ics\"");
        Wire.bytes(
                visit.response(),
                200,
                "text/calendar;charset=utf-8",
                calendars.ofVisitor(visit.desk(), booking.get()).getBytes(StandardCharsets.UTF_8));
    }

    // ---- acts ----------------------------------------------------------------------------------------------------

    private void act(BookingVisit visit, String act) throws IOException {
        switch (act) {
            case "hold" -> hold(visit);
            case "take" -> take(visit);
            case "move" -> move(visit);
            case "cancel" -> {
                Booking gone = bookings.cancel(visit.stored(), visit.sent("link"));
                visit.seeOther("booking", gone.link());
            }
            default -> Wire.refusal(visit.response(), Refusal.NOTHING_HERE);
        }
    }

    private void hold(BookingVisit visit) throws IOException {
        Chosen chosen = visit.chosen();
        Optional<Instant> start = visit.start();
        if (start.isEmpty()) {
            times(visit, 422, "");
            return;
        }
        Wanted wanted = chosen.wanted(bookings.find(visit.desk(), chosen.where()));
        try {
            Booking held = bookings.hold(visit.stored(), wanted, start.get(), chosen.where(), chosen.hold());
            visit.seeOther("held", held.link());
        } catch (NotFree e) {
            times(visit, 409, visit.refused(e, start.get()));
        }
    }

    private void take(BookingVisit visit) throws IOException {
        String link = visit.sent("link");
        Optional<Booking> held = bookings.byLink(visit.stored(), link);
        if (held.isEmpty() || held.get().state() != BookingState.HELD) {
            if (held.isPresent()) {
                visit.seeOther("booking", link);
            } else {
                booked(visit, link);
            }
            return;
        }
        Form form = BookingForm.of(visit.desk().terms().rules());
        Map<String, List<String>> posted = new LinkedHashMap<>();
        form.fields().forEach(field -> posted.put(field.key(), List.of(visit.sent(field.key()))));
        Form.Checked checked = form.check(posted, visit.desk().brief().facts().region());
        if (!visit.sent(TRAP).isBlank()) {
            visit.show(200, BookingPage.message(visit.views().message("again")));
            return;
        }
        if (!checked.accepted()) {
            visit.show(
                    422,
                    BookingPage.details(visit.views()
                            .details(
                                    held.get(),
                                    visit.sent(),
                                    checked.faults(),
                                    List.of(),
                                    form.notSent(checked.faults().size()))));
            return;
        }
        try {
            Booking taken = bookings.take(visit.stored(), link, visit.start().orElse(null), form, checked.values());
            visit.seeOther("booking", taken.link());
        } catch (NotFree e) {
            visit.show(
                    409,
                    BookingPage.details(visit.views()
                            .details(held.get(), visit.sent(), Map.of(), e.nearest(), WORDS.say("details.gone"))));
        }
    }

    private void move(BookingVisit visit) throws IOException {
        Optional<Instant> start = visit.start();
        String link = visit.sent("move");
        if (start.isEmpty()) {
            moving(visit, link, "");
            return;
        }
        try {
            visit.seeOther(
                    "booking", bookings.move(visit.stored(), link, start.get()).link());
        } catch (NotFree e) {
            moving(visit, link, visit.refused(e, start.get()));
        }
    }
}
