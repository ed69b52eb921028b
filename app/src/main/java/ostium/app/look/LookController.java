package ostium.app.look;

import jakarta.servlet.http.HttpServletRequest;
import java.security.SecureRandom;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.files.KeptFiles;
import ostium.app.site.PreviewTokens;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.fact.Fact;
import ostium.core.fact.Picture;
import ostium.core.look.Colour;
import ostium.core.look.Look;
import ostium.core.look.PictureColours;
import ostium.core.look.PictureDrawer;
import ostium.core.picture.Darkroom;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.SheetReading;
import ostium.core.site.PlainText;

/** The look of a site: shown with everything it could be, and changed one thing at a time. */
@RestController
class LookController {
    private final SiteAccess access;
    private final SiteService sites;
    private final SiteLog log;
    private final RateLimits limits;
    private final Origins origins;
    private final PreviewTokens tokens;
    private final KeptFiles files;
    private final SecureRandom random = new SecureRandom();

    LookController(
            SiteAccess access,
            SiteService sites,
            SiteLog log,
            RateLimits limits,
            Origins origins,
            PreviewTokens tokens,
            KeptFiles files) {
        this.access = access;
        this.sites = sites;
        this.log = log;
        this.limits = limits;
        this.origins = origins;
        this.tokens = tokens;
        this.files = files;
    }

    @GetMapping("/api/sites/{id}/look")
    LookView look(@PathVariable String id, HttpServletRequest request) {
        return view(access.require(id, request));
    }

    /** Changes one thing; it can be taken back like every other edit. */
    @PostMapping("/api/sites/{id}/look")
    LookView change(@PathVariable String id, @RequestBody LookChange asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        limits.require(RateLimits.Act.EDIT, author);
        State state = kept(site);
        Look changed = asked.of(
                state.look(),
                sites.read(state).brief().trade().moods(),
                new Seed(random.nextInt(1, Integer.MAX_VALUE)));
        if (!changed.equals(state.look())) {
            log.edit(site, author, site.revision(), UUID.randomUUID().toString(), new WholeEdit.SetLook(changed));
        }
        return view(sites.byId(id).orElseThrow(Problem::notFound));
    }

    /**
     * Colours from a picture of the owner's: its main colour becomes the brand's.
     *
     * @param from {@code logo} or {@code opening}
     */
    record Picked(String from) {}

    @PostMapping("/api/sites/{id}/look/picture")
    LookView fromPicture(@PathVariable String id, @RequestBody Picked asked, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        kept(site);
        Picture picture = sites.read(sites.state(site)).brief().facts().all(Picture.class).stream()
                .map(Fact::value)
                .filter(each -> each.use().word().equals(asked.from()))
                .findFirst()
                .orElseThrow(() -> Problem.at("picture", "look.picture"));
        byte[] content = files.content(site, picture.file().hash()).orElseThrow(Problem::notFound);
        List<Colour> colours =
                PictureColours.of(Darkroom.develop(content, picture.treatment()).pixels());
        if (colours.isEmpty()) {
            throw Problem.at("picture", "look.greys");
        }
        return change(id, new LookChange("brand", colours.get(0).hex()), request);
    }

    /** A scene that was found. */
    record SceneFound(String id, String words) {}

    /** @param words what is looked for; all scenes when it is empty */
    @GetMapping("/api/scenes")
    List<SceneFound> scenes(@RequestParam(defaultValue = "") String words) {
        return PictureDrawer.find(words).stream()
                .map(scene -> new SceneFound(scene.id(), scene.name()))
                .toList();
    }

    private State kept(StoredSite site) {
        State state = sites.state(site);
        if (!state.isKept()) {
            throw new Problem(HttpStatus.CONFLICT, "", "draft.keepForLook");
        }
        return state;
    }

    private LookView view(StoredSite site) {
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        Draft draft = state.draft(reading);
        String headline = draft.site()
                .section(OpeningSection.KIND)
                .flatMap(opening -> opening.text("headline"))
                .map(text -> PlainText.of(text, reading.brief().facts()))
                .orElse("");
        List<String> pictures = reading.brief().facts().all(Picture.class).stream()
                .map(picture -> picture.value().use())
                .filter(use -> use == Picture.Use.LOGO || use == Picture.Use.OPENING)
                .map(Picture.Use::word)
                .distinct()
                .toList();
        return LookView.of(
                site.revision(),
                draft.look(),
                reading.brief(),
                origins.preview() + "/" + tokens.give(site) + "/",
                pictures,
                headline);
    }
}
