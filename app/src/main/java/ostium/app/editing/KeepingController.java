package ostium.app.editing;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.account.Account;
import ostium.app.drafting.DraftRounds;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.draft.Recipe;
import ostium.core.edit.Redraft;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Keeps a draft: the first time it becomes the site, later on it takes the place of what is there. */
@RestController
class KeepingController {
    private final SiteService sites;
    private final SiteAccess access;
    private final SiteLog log;
    private final DraftRounds rounds;
    private final ManuscriptService manuscripts;
    private final EditAnswers answers;

    KeepingController(
            SiteService sites,
            SiteAccess access,
            SiteLog log,
            DraftRounds rounds,
            ManuscriptService manuscripts,
            EditAnswers answers) {
        this.sites = sites;
        this.access = access;
        this.log = log;
        this.rounds = rounds;
        this.manuscripts = manuscripts;
        this.answers = answers;
    }

    /**
     * @param round round of the drafts table, from 1; without one the draft the facts give by themselves is kept
     * @param place place in the round, from 1
     */
    record Keep(Integer round, Integer place) {}

    /**
     * Keeps a draft: from here on it has words of its own. Needs an account. A site that has a draft already gets this one
     * instead, as one step that can be undone; own and confirmed words stay, in their places or in hidden sections.
     */
    @PostMapping("/api/sites/{id}/kept")
    ManuscriptView keep(
            @PathVariable String id, @RequestBody(required = false) Keep asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Account account = access.requireAccount();
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        Recipe recipe = asked == null || asked.round() == null || asked.round() == 0
                ? null
                : rounds.recipe(site, new DraftRounds.Place(asked.round(), asked.place() == null ? 0 : asked.place()))
                        .orElseThrow(() -> Problem.at("", "draft.notOnTheTable"));
        if (!state.isKept()) {
            if (!reading.isEnough()) {
                throw Problem.at("", "draft.stillNeeded", reading.missingWords());
            }
            log.keepDraft(site, account.id(), account.email(), recipe);
        } else if (recipe != null) {
            answers.apply(site, site.revision(), request, () -> Redraft.kept(state, reading, recipe));
        }
        return manuscripts.view(answers.again(site), account.id());
    }
}
