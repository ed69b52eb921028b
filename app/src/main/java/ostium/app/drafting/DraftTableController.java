package ostium.app.drafting;

import jakarta.servlet.http.HttpServletRequest;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.PreviewTokens;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.draft.Pin;
import ostium.core.sheet.SheetReading;

/** The drafts table: three drafts at a time, with what is held of earlier ones. */
@RestController
class DraftTableController {
    private final SiteAccess access;
    private final SiteService sites;
    private final DraftRounds rounds;
    private final RateLimits limits;
    private final Origins origins;
    private final PreviewTokens tokens;

    DraftTableController(
            SiteAccess access,
            SiteService sites,
            DraftRounds rounds,
            RateLimits limits,
            Origins origins,
            PreviewTokens tokens) {
        this.access = access;
        this.sites = sites;
        this.rounds = rounds;
        this.limits = limits;
        this.origins = origins;
        this.tokens = tokens;
    }

    /** @param pins what to hold, each at most once */
    record DrawAsked(List<PinAsked> pins) {
        DrawAsked {
            pins = pins == null ? null : List.copyOf(pins);
        }
    }

    record PinAsked(Pin pin, int round, int place) {}

    /** @param round the one to show; the last one when it is left out. With no round at all, {@code rounds} is 0. */
    @GetMapping("/api/sites/{id}/drafts")
    DraftsView drafts(
            @PathVariable String id, @RequestParam(defaultValue = "0") int round, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        int count = rounds.count(site);
        return count == 0 && round == 0
                ? new DraftsView(0, 0, List.of(), List.of(), 0)
                : view(site, rounds.round(site, round == 0 ? count : round));
    }

    /** Draws three more. */
    @PostMapping("/api/sites/{id}/drafts")
    DraftsView draw(@PathVariable String id, @RequestBody DrawAsked asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        limits.require(RateLimits.Act.EDIT, access.author(request));
        SheetReading reading = sites.read(sites.state(site));
        if (!reading.isEnough()) {
            throw Problem.at("", "draft.stillNeeded", reading.missingWords());
        }
        Map<Pin, DraftRounds.Place> pins = new EnumMap<>(Pin.class);
        for (PinAsked pin : asked.pins() == null ? List.<PinAsked>of() : asked.pins()) {
            if (pin.pin() == null) {
                throw Problem.at("pins", "draft.pin");
            }
            pins.put(pin.pin(), new DraftRounds.Place(pin.round(), pin.place()));
        }
        return view(site, rounds.draw(site, pins));
    }

    private DraftsView view(StoredSite site, DraftRounds.Round round) {
        return DraftsView.of(
                rounds.count(site),
                round,
                sites.read(sites.state(site)).brief(),
                origins.preview() + "/" + tokens.give(site) + "/");
    }
}
