package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.booking.Bookings;
import ostium.app.booking.Desk;
import ostium.app.booking.Desks;
import ostium.app.site.StoredSite;
import ostium.core.booking.OfferedService;
import ostium.core.edit.State;
import ostium.render.RenderedFile;
import ostium.render.booking.BookingPage;

/** The booking page beside the manuscript: the services and times are those of the diary, and nothing is booked there. */
@Component
class PreviewBooking {
    private static final String PAGE = "book.html";

    private final Desks desks;
    private final Bookings bookings;

    PreviewBooking(Desks desks, Bookings bookings) {
        this.desks = desks;
        this.bookings = bookings;
    }

    String page(StoredSite site, State state, RenderedFile file, HttpServletRequest request) {
        String page = new String(file.bytes(), StandardCharsets.UTF_8);
        return desks.of(site, state)
                .map(desk -> BookingPage.in(page, drawn(desk, request)))
                .orElse(page);
    }

    private String drawn(Desk desk, HttpServletRequest request) {
        BookingViews views = new BookingViews(desk, new BookingViews.Place(PAGE, "", ""));
        if (request.getMethod().equals("POST")) {
            return BookingPage.message(views.message("preview"));
        }
        Map<String, String> asked = BookingVisit.asked(request);
        List<OfferedService> services = desk.terms().services();
        Chosen chosen = new Chosen(
                asked.getOrDefault(
                        "service",
                        services.size() == 1 ? Chosen.shortId(services.get(0).id()) : ""),
                asked.getOrDefault("who", ""),
                asked.getOrDefault("where", ""),
                null,
                "",
                "");
        Optional<OfferedService> service = desk.terms().service(chosen.serviceId());
        return service.map(offered -> BookingPage.times(
                        views.times().of(chosen, offered, bookings.find(desk, chosen.where()), "", "")))
                .orElseGet(() -> BookingPage.offers(views.offers()));
    }
}
