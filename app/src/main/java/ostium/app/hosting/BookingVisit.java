package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.app.booking.Desk;
import ostium.app.booking.NotFree;
import ostium.app.publishing.LiveSite;
import ostium.app.publishing.LiveSites;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.booking.Reason;
import ostium.render.booking.BookingPage;

/**
 * One request to the booking page of a site: what was sent, and the answer to it.
 *
 * @param desk the rules and the diary as they are
 * @param sent the first value of each field
 */
record BookingVisit(
        LiveSites live,
        LiveSite site,
        StoredSite stored,
        Desk desk,
        BookingViews views,
        Map<String, String> sent,
        HttpServletResponse response) {
    private static final Messages WORDS = Messages.of("booking-page");
    private static final Set<Reason> GONE = Set.of(Reason.TAKEN, Reason.FULL, Reason.TRAVEL, Reason.DAILY_LIMIT);

    String sent(String name) {
        return sent.getOrDefault(name, "");
    }

    /** What was chosen so far; what is none of ours is as if nothing had been. */
    Chosen chosen() {
        return new Chosen(
                cut(sent("service"), 120),
                cut(sent("who"), 40),
                cut(sent("where").strip(), 200),
                day(sent("day")),
                cut(sent("hold"), 64),
                cut(sent("move"), 64));
    }

    private static String cut(String words, int most) {
        return words.length() > most ? words.substring(0, most) : words;
    }

    private static LocalDate day(String words) {
        try {
            return words.isEmpty() ? null : LocalDate.parse(words);
        } catch (DateTimeException e) {
            return null;
        }
    }

    /** The time that was pressed. */
    Optional<Instant> start() {
        try {
            return sent("start").isEmpty() ? Optional.empty() : Optional.of(Instant.parse(sent("start")));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** What is said of a time that could not be had. */
    String refused(NotFree refused, Instant start) {
        return WORDS.say(
                GONE.contains(refused.refusal().reason()) ? "times.gone" : "times.refused",
                desk.terms().clock().time(start));
    }

    /** Answers with the page of the publication, and something drawn in it. */
    void show(int status, String drawn) throws IOException {
        byte[] page = live.whole(site.files().get("book.html")).plain();
        Wire.html(response, status, BookingPage.in(new String(page, StandardCharsets.UTF_8), drawn));
    }

    /** Sends the visitor on to a page of a booking. */
    void seeOther(String field, String link) {
        response.setStatus(HttpServletResponse.SC_SEE_OTHER);
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Location", "/book?" + field + "=" + link);
    }

    static Map<String, String> asked(HttpServletRequest request) {
        return first(PostedForm.read(request.getQueryString()).orElse(Map.of()));
    }

    /** Empty when it is more, or of another kind, than a form of ours sends. */
    static Optional<Map<String, String>> posted(HttpServletRequest request) throws IOException {
        return PostedForm.read(request).map(BookingVisit::first);
    }

    private static Map<String, String> first(Map<String, List<String>> fields) {
        Map<String, String> first = new LinkedHashMap<>();
        fields.forEach((name, values) -> first.put(name, values.get(0)));
        return first;
    }
}
