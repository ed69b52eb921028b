package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import ostium.app.enquiry.AskedWordsService;
import ostium.app.web.RateLimits;
import ostium.core.base.Messages;
import ostium.core.form.Form;
import ostium.render.WordsPage;

/** Where the link of a customer leads who is asked for a few words; answered on every host, with no script. */
@Component
class WordsVisit {
    private static final Messages WORDS = Messages.of("testimonial");

    private final AskedWordsService words;
    private final RateLimits limits;

    WordsVisit(AskedWordsService words, RateLimits limits) {
        this.words = words;
        this.limits = limits;
    }

    static boolean isAt(String path) {
        return path.startsWith(AskedWordsService.PATH);
    }

    void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("X-Robots-Tag", "noindex");
        response.setHeader("Cache-Control", "no-store");
        boolean isPosted = request.getMethod().equals("POST");
        if (!isPosted && !List.of("GET", "HEAD").contains(request.getMethod())) {
            response.setHeader("Allow", "GET, HEAD, POST");
            say(response, 405, "lost", "");
            return;
        }
        if (!limits.allows(RateLimits.Act.LINK, request.getRemoteAddr())) {
            say(response, 429, "often", "");
            return;
        }
        try {
            String token = request.getRequestURI().substring(AskedWordsService.PATH.length());
            Optional<AskedWordsService.Visit> visit = words.visit(token);
            if (visit.isEmpty()) {
                say(response, 404, "lost", "");
            } else if (visit.get().isTaken()) {
                say(response, 200, "taken", visit.get().business());
            } else if (isPosted) {
                take(token, visit.get(), request, response);
            } else {
                Wire.html(response, 200, page(request, visit.get(), visit.get().values(), Map.of()));
            }
        } catch (DataAccessException | TransactionException e) {
            say(response, 503, "away", "");
        }
    }

    private void take(
            String token, AskedWordsService.Visit visit, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        Optional<PostedParts> posted =
                PostedParts.isTooHeavy(request) ? Optional.empty() : PostedParts.read(request, false);
        if (posted.isEmpty()) {
            say(response, 413, "tooMuch", "");
            return;
        }
        Map<String, List<String>> fields = new LinkedHashMap<>();
        visit.form()
                .fields()
                .forEach(field -> fields.put(field.key(), posted.get().fields().getOrDefault(field.key(), List.of())));
        Form.Checked checked = visit.form().check(fields, "GB");
        if (!checked.accepted()) {
            Map<String, String> typed = new LinkedHashMap<>();
            checked.typed().forEach((key, values) -> typed.put(key, values.isEmpty() ? "" : values.get(0)));
            Wire.html(response, 422, page(request, visit, typed, checked.faults()));
        } else if (words.say(token, checked.values())) {
            say(response, 200, "said", visit.business());
        } else {
            say(response, 404, "lost", "");
        }
    }

    private static String page(
            HttpServletRequest request,
            AskedWordsService.Visit visit,
            Map<String, String> values,
            Map<String, String> faults) {
        return WordsPage.of(
                new WordsPage.View(visit.business(), request.getRequestURI(), visit.form(), values, faults));
    }

    private static void say(HttpServletResponse response, int status, String key, String business) throws IOException {
        Wire.plainPage(response, status, WORDS.say(key + ".heading"), WORDS.say(key + ".says", business));
    }
}
