package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import ostium.app.list.ListLinks;
import ostium.app.list.ListService;
import ostium.app.list.ListService.Place;
import ostium.app.publishing.LiveSite;
import ostium.app.publishing.LiveSite.LiveFile;
import ostium.app.publishing.LiveSites;
import ostium.app.web.RateLimits;
import ostium.core.base.Messages;
import ostium.render.list.ListPage;
import ostium.render.list.ListView;

/**
 * What the mails of a list lead to. Reading a link changes nothing, since programs read the links of mails; what is pressed
 * there is posted. Mail programs post to the link that leaves by themselves (RFC 8058). Answered on every host, so that a link
 * holds whatever becomes of the site's address.
 */
@Component
class ListVisit {
    private static final Messages WORDS = Messages.of("list-page");

    private final ListService list;
    private final LiveSites live;
    private final RateLimits limits;

    ListVisit(ListService list, LiveSites live, RateLimits limits) {
        this.list = list;
        this.live = live;
        this.limits = limits;
    }

    static boolean isAt(String path) {
        return path.startsWith(ListLinks.PATH);
    }

    void answer(Optional<LiveSite> site, HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("X-Robots-Tag", "noindex");
        String asked = request.getRequestURI().substring(ListLinks.PATH.length());
        boolean isPosted = request.getMethod().equals("POST");
        if (!isPosted
                && !request.getMethod().equals("GET")
                && !request.getMethod().equals("HEAD")) {
            response.setHeader("Allow", "GET, HEAD, POST");
            Wire.plainPage(response, 405, WORDS.say("lost.heading"), WORDS.say("lost.says"));
            return;
        }
        if (!limits.allows(RateLimits.Act.LINK, request.getRemoteAddr())) {
            Wire.plainPage(response, 429, WORDS.say("often.heading"), WORDS.say("often.says"));
            return;
        }
        try {
            if (asked.startsWith(ListLinks.CONFIRM)) {
                String token = asked.substring(ListLinks.CONFIRM.length());
                show(
                        isPosted ? list.confirm(token) : list.toConfirm(token),
                        isPosted ? "joined" : "confirm",
                        site,
                        request,
                        response);
            } else if (asked.startsWith(ListLinks.LEAVE)) {
                String token = asked.substring(ListLinks.LEAVE.length());
                show(
                        isPosted ? list.leave(token) : list.toLeave(token),
                        isPosted ? "left" : "leave",
                        site,
                        request,
                        response);
            } else {
                show(Optional.empty(), "lost", site, request, response);
            }
        } catch (DataAccessException | TransactionException e) {
            Wire.plainPage(response, 503, WORDS.say("away.heading"), WORDS.say("away.says"));
        }
    }

    private void show(
            Optional<Place> place,
            String key,
            Optional<LiveSite> site,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        String said = place.isPresent() ? key : "lost";
        boolean asks = said.equals("confirm") || said.equals("leave");
        ListView view = new ListView(
                WORDS.say(said + ".heading"),
                place.map(each -> WORDS.say(said + ".says", each.business(), each.email()))
                        .orElse(WORDS.say("lost.says")),
                asks ? request.getRequestURI() : "",
                asks ? WORDS.say(said + ".button") : "");
        int status = place.isPresent() ? 200 : 404;
        LiveFile page = site.filter(each ->
                        place.filter(own -> !own.site().equals(each.site())).isEmpty())
                .map(each -> each.files().get(ListPage.PAGE + ".html"))
                .orElse(null);
        response.setHeader("Cache-Control", "no-store");
        String html = page == null
                ? ListPage.alone(view)
                : ListPage.in(new String(live.whole(page).plain(), StandardCharsets.UTF_8), view);
        Wire.html(response, status, html);
    }
}
