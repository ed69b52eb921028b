package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import ostium.app.enquiry.EnquiryFiles;
import ostium.app.enquiry.EnquiryService;
import ostium.app.list.ListService;
import ostium.app.publishing.LiveSite;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.form.PublishedForm;
import ostium.core.form.SentFiles;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes what visitors send. The form that is checked is the one of the published version, whatever the owner is
 * changing. Works without script: then the answer is a page.
 */
@Component
class EnquiryDoor {
    /** A field no person sees; what fills it in is no person. */
    private static final String TRAP = "website";

    private static final String SUBMISSION = "submission";
    private static final String FORM = "form";
    /** Milliseconds from opening the page to sending, as the page's script tells them. */
    private static final String TAKEN = "taken";

    private static final Pattern MILLISECONDS = Pattern.compile("\\d{1,9}");

    private final EnquiryService enquiries;
    private final EnquiryFiles files;
    private final ListService list;
    private final SiteService sites;
    private final RateLimits limits;
    private final JsonMapper json;

    EnquiryDoor(
            EnquiryService enquiries,
            EnquiryFiles files,
            ListService list,
            SiteService sites,
            RateLimits limits,
            JsonMapper json) {
        this.enquiries = enquiries;
        this.files = files;
        this.list = list;
        this.sites = sites;
        this.limits = limits;
        this.json = json;
    }

    void answer(LiveSite site, HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (!request.getMethod().equals("POST")) {
            response.setHeader("Allow", "POST");
            Wire.refusal(response, Refusal.FORM_ONLY);
            return;
        }
        if (site.forms().isEmpty()) {
            refuse(request, response, Refusal.NO_FORM);
            return;
        }
        if (SentFrom.elsewhere(request)) {
            refuse(request, response, Refusal.FORM_ELSEWHERE);
            return;
        }
        if (!limits.allows(RateLimits.Act.ENQUIRY, site.site() + request.getRemoteAddr())
                || !limits.allows(RateLimits.Act.ENQUIRY_OF_SITE, site.site())) {
            refuse(request, response, Refusal.TOO_OFTEN);
            return;
        }
        if (PostedParts.isTooHeavy(request)) {
            refuse(request, response, Refusal.FILES_TOO_HEAVY);
            return;
        }
        Optional<PostedParts> read = PostedParts.read(request, takesFiles(site));
        if (read.isEmpty()) {
            refuse(request, response, Refusal.FORM_TOO_MUCH);
            return;
        }
        Map<String, List<String>> posted = new LinkedHashMap<>(read.get().fields());
        String submission = first(posted.remove(SUBMISSION));
        boolean trapped = !first(posted.remove(TRAP)).isBlank();
        Optional<Duration> taken = taken(first(posted.remove(TAKEN)));
        PublishedForm published = form(site, first(posted.remove(FORM)));
        Form form = published.form();
        FilledForm filled = FilledForm.of(published, posted, take(site, form, read.get()));
        Form.Checked checked = filled.checked();
        if (!checked.unknown().isEmpty()) {
            refuse(
                    request,
                    response,
                    400,
                    Refusal.NOT_KEPT.heading(),
                    form.say("unknownField", checked.unknown().iterator().next()));
            return;
        }
        if (!checked.accepted()) {
            faults(request, response, filled);
            return;
        }
        try {
            StoredSite stored = sites.byId(site.site()).orElseThrow(Problem::notFound);
            if (form.purpose() == FormPurpose.LIST) {
                join(stored, form, checked.values(), trapped);
            } else {
                enquiries.keep(
                        stored,
                        site.publication(),
                        filled.message(
                                cut(submission),
                                new EnquiryService.Arrival(
                                        trapped, taken, request.getRemoteAddr(), published.region())));
            }
        } catch (DataAccessException | TransactionException | Problem e) {
            refuse(request, response, Refusal.NOT_KEPT);
            return;
        }
        if (wantsJson(request)) {
            Wire.json(response, 200, "{\"sent\":true}");
        } else {
            response.setStatus(HttpServletResponse.SC_SEE_OTHER);
            response.setHeader("Location", "/" + published.thanksPage());
        }
    }

    private static Optional<Duration> taken(String milliseconds) {
        return MILLISECONDS.matcher(milliseconds).matches()
                ? Optional.of(Duration.ofMillis(Long.parseLong(milliseconds)))
                : Optional.empty();
    }

    private static boolean takesFiles(LiveSite site) {
        return site.forms().stream().anyMatch(each -> each.form().filesField().isPresent());
    }

    private SentFiles take(LiveSite site, Form form, PostedParts posted) throws IOException {
        return posted.files().isEmpty() ? SentFiles.none() : files.take(site.site(), form, posted::read);
    }

    /** Whatever fills in what no person sees is answered like anybody, and no mail goes anywhere. */
    private void join(StoredSite site, Form form, Map<String, String> values, boolean trapped) {
        if (!trapped) {
            list.join(site, form, values);
        }
    }

    /** The form that was filled in; a page of before there could be several does not say which. */
    private static PublishedForm form(LiveSite site, String name) {
        return site.forms().stream()
                .filter(form -> name.equals(form.name()))
                .findFirst()
                .orElse(site.forms().get(0));
    }

    private void faults(HttpServletRequest request, HttpServletResponse response, FilledForm filled)
            throws IOException {
        if (wantsJson(request)) {
            Wire.json(
                    response,
                    422,
                    json.writeValueAsString(Map.of("faults", filled.checked().faults())));
        } else {
            Wire.html(response, 422, filled.shownAgain());
        }
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, Refusal refusal) throws IOException {
        refuse(request, response, refusal.status(), refusal.heading(), refusal.says());
    }

    private void refuse(
            HttpServletRequest request, HttpServletResponse response, int status, String heading, String words)
            throws IOException {
        if (wantsJson(request)) {
            Wire.json(response, status, json.writeValueAsString(Map.of("detail", words)));
        } else {
            Wire.plainPage(response, status, heading, words);
        }
    }

    private static boolean wantsJson(HttpServletRequest request) {
        String accept = request.getHeader("Accept");
        return accept != null && accept.contains("application/json");
    }

    private static String first(List<String> values) {
        return values == null || values.isEmpty() ? "" : values.get(0);
    }

    private static String cut(String submission) {
        return submission.length() > 64 ? submission.substring(0, 64) : submission;
    }
}
