package ostium.app.editing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SentEdit;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.SiteSteps;
import ostium.app.site.StoredSite;
import ostium.app.site.WordsAside;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Seed;
import ostium.core.edit.Edit;
import ostium.core.edit.Redraft;
import ostium.core.edit.State;
import ostium.core.edit.Told;
import ostium.core.site.SectionKind;

@RestController
class EditingController {
    private final SiteService sites;
    private final SiteAccess access;
    private final SiteLog log;
    private final SiteSteps steps;
    private final WordsAside asides;
    private final ManuscriptService manuscripts;
    private final EditAnswers answers;
    private final RateLimits limits;
    private final SecureRandom random = new SecureRandom();

    EditingController(
            SiteService sites,
            SiteAccess access,
            SiteLog log,
            SiteSteps steps,
            WordsAside asides,
            ManuscriptService manuscripts,
            EditAnswers answers,
            RateLimits limits) {
        this.sites = sites;
        this.access = access;
        this.log = log;
        this.steps = steps;
        this.asides = asides;
        this.manuscripts = manuscripts;
        this.answers = answers;
        this.limits = limits;
    }

    /** @param revision revision the shopfront shows */
    record On(long revision) {}

    /**
     * @param revision revision the shopfront shows
     * @param screen where the step is asked for
     */
    record Step(long revision, Told.Screen screen) {}

    record Add(long revision, SectionKind kind) {}

    /** @param leave true where the owner says that it is right as it is; left out, it is put right */
    record Fix(long revision, String rule, String section, String text, Boolean leave) {}

    record Revision(long revision) {}

    @GetMapping("/api/sites/{id}/manuscript")
    ManuscriptView show(@PathVariable String id, HttpServletRequest request) {
        return manuscripts.view(access.require(id, request), access.author(request));
    }

    @GetMapping("/api/sites/{id}/revision")
    Revision revision(@PathVariable String id, HttpServletRequest request) {
        return new Revision(access.require(id, request).revision());
    }

    /** Takes one edit. How long that took, commit and drawing included, stands in the answer (W3C Server Timing). */
    @PostMapping("/api/sites/{id}/edits")
    EditAnswer edit(
            @PathVariable String id,
            @RequestBody SentEdit asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        long begun = System.nanoTime();
        EditAnswer answer = edit(id, asked, request);
        response.setHeader(
                "Server-Timing", String.format(Locale.ROOT, "edit;dur=%.1f", (System.nanoTime() - begun) / 1e6));
        return answer;
    }

    private EditAnswer edit(String id, SentEdit asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        limits.require(RateLimits.Act.EDIT, author);
        Edit edit = asked.read(request);
        return answers.answer(
                site, author, asked.revision(), log.edit(site, author, asked.revision(), asked.key(), edit));
    }

    @PostMapping("/api/sites/{id}/undo")
    EditAnswer undo(@PathVariable String id, @RequestBody Step asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        return answers.answer(site, author, asked.revision(), steps.undo(site, author, asked.screen()));
    }

    @PostMapping("/api/sites/{id}/redo")
    EditAnswer redo(@PathVariable String id, @RequestBody Step asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        return answers.answer(site, author, asked.revision(), steps.redo(site, author, asked.screen()));
    }

    /** Drafts the whole site again; own and confirmed words stay, in their places or in hidden sections. */
    @PostMapping("/api/sites/{id}/draft")
    EditAnswer draftWhole(@PathVariable String id, @RequestBody On asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        State state = sites.state(site);
        return answers.apply(
                site,
                asked.revision(),
                request,
                () -> Redraft.whole(state, sites.read(state), new Seed(random.nextInt(1, Integer.MAX_VALUE))));
    }

    /** Drafts one section again; own and confirmed words stay. */
    @PostMapping("/api/sites/{id}/sections/{section}/draft")
    EditAnswer draftAgain(
            @PathVariable String id, @PathVariable String section, @RequestBody On asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        State state = sites.state(site);
        return answers.apply(
                site,
                asked.revision(),
                request,
                () -> Redraft.again(state, sites.read(state), section, new Seed(random.nextLong())));
    }

    /** Puts a section on the page that the facts can carry. */
    @PostMapping("/api/sites/{id}/sections")
    EditAnswer add(@PathVariable String id, @RequestBody Add asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        if (asked.kind() == null) {
            throw Problem.at("kind", "section.missing");
        }
        State state = sites.state(site);
        return answers.apply(
                site,
                asked.revision(),
                request,
                () -> Redraft.put(state, sites.read(state), asked.kind(), new Seed(random.nextLong())));
    }

    /** Puts a snag right, or leaves it for good. */
    @PostMapping("/api/sites/{id}/fixes")
    EditAnswer fix(@PathVariable String id, @RequestBody Fix asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Edit fix = manuscripts.fix(site, asked).orElseThrow(() -> new Problem(HttpStatus.CONFLICT, "", "snag.gone"));
        return answers.apply(site, asked.revision(), request, () -> fix);
    }

    /** Lets words go that were kept aside. */
    @DeleteMapping("/api/sites/{id}/asides/{aside}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@PathVariable String id, @PathVariable String aside, HttpServletRequest request) {
        asides.letGo(access.require(id, request).id(), aside);
    }
}
