package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import ostium.app.publishing.LiveSite;
import ostium.app.publishing.LiveSite.LiveFile;
import ostium.app.publishing.LiveSites;

/** Public sites: files from memory, the form, and booking. */
@Component
class SitePages {
    private final LiveSites live;
    private final EnquiryDoor enquiries;
    private final BookingDoor bookings;
    private final ListVisit list;
    private final WordsVisit words;

    SitePages(LiveSites live, EnquiryDoor enquiries, BookingDoor bookings, ListVisit list, WordsVisit words) {
        this.live = live;
        this.enquiries = enquiries;
        this.bookings = bookings;
        this.list = list;
        this.words = words;
    }

    void answer(String host, HttpServletRequest request, HttpServletResponse response) throws IOException {
        Wire.security(response, "'none'");
        String path = request.getRequestURI();
        if (path.startsWith("/_ostium/") && Wire.own(path, response)) {
            return;
        }
        Optional<LiveSite> site;
        try {
            site = live.at(host);
        } catch (DataAccessException e) {
            Wire.refusal(response, Refusal.SITE_AWAY);
            return;
        }
        if (WordsVisit.isAt(path)) {
            words.answer(request, response);
            return;
        }
        if (ListVisit.isAt(path)) {
            list.answer(site, request, response);
            return;
        }
        if (site.isEmpty()) {
            Wire.refusal(response, Refusal.NO_SITE);
            return;
        }
        if (path.equals("/_ostium/enquiry")) {
            enquiries.answer(site.get(), request, response);
            return;
        }
        if (BookingDoor.isAt(path)) {
            bookings.answer(site.get(), request, response);
            return;
        }
        if (path.equals("/_ostium/opening.json")) {
            Wire.changing(
                    request, response, "application/json", site.get().opening().changes());
            return;
        }
        if (!request.getMethod().equals("GET") && !request.getMethod().equals("HEAD")) {
            response.setHeader("Allow", "GET, HEAD");
            Wire.refusal(response, Refusal.READ_ONLY);
            return;
        }
        LiveFile file = file(site.get(), path);
        if (file == null) {
            Wire.refusal(response, Refusal.NO_PAGE);
            return;
        }
        try {
            Wire.file(request, response, live.whole(file));
        } catch (DataAccessException e) {
            Wire.refusal(response, Refusal.FILE_AWAY);
        }
    }

    /** A file by its path; a page is asked for without its ending. */
    private static LiveFile file(LiveSite site, String path) {
        String name = path.equals("/") ? "index" : path.substring(1);
        LiveFile page = name.contains(".") ? null : site.files().get(name + ".html");
        return page == null ? site.files().get(name) : page;
    }
}
