package ostium.app.enquiry;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import ostium.app.account.Account;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.StartingForm;
import ostium.core.form.Form;

/** Enquiries, for whoever may see the site. */
@RestController
class EnquiryController {
    private static final Messages WORDS = Messages.of("enquiry");

    private final EnquiryService enquiries;
    private final EnquiryReader reader;
    private final EnquiryWork work;
    private final SiteAccess access;
    private final SiteService sites;
    private final RateLimits limits;
    private final Clock clock;

    EnquiryController(
            EnquiryService enquiries,
            EnquiryReader reader,
            EnquiryWork work,
            SiteAccess access,
            SiteService sites,
            RateLimits limits,
            Clock clock) {
        this.enquiries = enquiries;
        this.reader = reader;
        this.work = work;
        this.access = access;
        this.sites = sites;
        this.limits = limits;
        this.clock = clock;
    }

    record Mark(EnquiryState state) {}

    record Written(Enquiry.Entry.Kind entry, String words) {}

    record Reply(String words) {}

    /** @param day null for none */
    record AskAgain(@Schema(nullable = true) LocalDate day) {}

    /** What somebody said on the telephone or at the door. */
    record WrittenDown(
            String name,
            String reach,
            @Schema(nullable = true) String service,
            String message) {}

    /**
     * The first of them: what is open, the newest first, and behind it what is over.
     *
     * @param after id of the last that is known; those behind it then
     */
    @GetMapping("/api/sites/{id}/enquiries")
    List<Enquiry> list(
            @PathVariable String id, @RequestParam(required = false) String after, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        return after == null ? reader.first(site) : reader.behind(site, after);
    }

    @GetMapping("/api/sites/{id}/enquiries/{enquiry}")
    Enquiry one(@PathVariable String id, @PathVariable String enquiry, HttpServletRequest request) {
        return reader.one(access.require(id, request), enquiry).orElseThrow(Problem::notFound);
    }

    @PostMapping("/api/sites/{id}/enquiries")
    @ResponseStatus(HttpStatus.CREATED)
    Enquiry writeDown(@PathVariable String id, @RequestBody WrittenDown asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Brief brief = sites.read(sites.state(site)).brief();
        Form form = StartingForm.writtenDown(brief);
        Map<String, List<String>> posted = new LinkedHashMap<>();
        put(posted, "name", asked.name());
        put(posted, "reach", asked.reach());
        put(posted, "service", asked.service());
        put(posted, "message", asked.message());
        Form.Checked checked = form.check(posted, brief.facts().region());
        checked.faults().entrySet().stream().findFirst().ifPresent(fault -> {
            throw Problem.worded(fault.getKey(), fault.getValue());
        });
        String made = enquiries.bringIn(
                site.id(),
                form,
                checked.values(),
                Enquiry.Came.WRITTEN,
                clock.instant(),
                brief.facts().region());
        return reader.one(site, made).orElseThrow(Problem::notFound);
    }

    private static void put(Map<String, List<String>> posted, String key, String value) {
        if (value != null && !value.isBlank()) {
            posted.put(key, List.of(value));
        }
    }

    @PutMapping("/api/sites/{id}/enquiries/{enquiry}/state")
    Enquiry mark(
            @PathVariable String id,
            @PathVariable String enquiry,
            @RequestBody Mark asked,
            HttpServletRequest request) {
        if (asked.state() == null) {
            throw Problem.worded("state", WORDS.say("state.missing"));
        }
        StoredSite site = access.require(id, request);
        work.mark(site, enquiry, asked.state());
        return reader.one(site, enquiry).orElseThrow(Problem::notFound);
    }

    /** A note, or a call that is written down. */
    @PostMapping("/api/sites/{id}/enquiries/{enquiry}/entries")
    Enquiry write(
            @PathVariable String id,
            @PathVariable String enquiry,
            @RequestBody Written asked,
            HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Enquiry.Entry.Kind kind =
                asked.entry() == Enquiry.Entry.Kind.CALL ? Enquiry.Entry.Kind.CALL : Enquiry.Entry.Kind.NOTE;
        work.write(site, enquiry, kind, asked.words(), access.requireAccount());
        return reader.one(site, enquiry).orElseThrow(Problem::notFound);
    }

    @PostMapping("/api/sites/{id}/enquiries/{enquiry}/reply")
    Enquiry reply(
            @PathVariable String id,
            @PathVariable String enquiry,
            @RequestBody Reply asked,
            HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Account author = access.requireAccount();
        limits.require(RateLimits.Act.MAIL, author.id());
        work.reply(site, enquiry, asked.words(), author);
        return reader.one(site, enquiry).orElseThrow(Problem::notFound);
    }

    @PutMapping("/api/sites/{id}/enquiries/{enquiry}/ask-again")
    Enquiry askAgain(
            @PathVariable String id,
            @PathVariable String enquiry,
            @RequestBody AskAgain asked,
            HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        work.askAgain(site, enquiry, asked.day());
        return reader.one(site, enquiry).orElseThrow(Problem::notFound);
    }

    /**
     * What was deleted of a person.
     *
     * @param entries messages and appointments
     */
    record Forgotten(int entries) {}

    @DeleteMapping("/api/sites/{id}/enquiries")
    Forgotten forget(
            @PathVariable String id, @RequestParam(defaultValue = "") String person, HttpServletRequest request) {
        return new Forgotten(work.forget(access.require(id, request), person));
    }
}
