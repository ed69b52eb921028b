package ostium.app.look;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.files.KeptFiles;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.draft.Draft;
import ostium.core.edit.Edit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.fact.Picture;
import ostium.core.look.Look;
import ostium.core.picture.FileReader;
import ostium.core.picture.TakenFile;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.render.Motifs;
import ostium.render.sign.Signs;

/** Signs for a business without a logo: shown, given as files, and taken as its logo. */
@RestController
class SignController {
    private final SiteAccess access;
    private final SiteService sites;
    private final SiteLog log;
    private final KeptFiles files;
    private final RateLimits limits;

    SignController(SiteAccess access, SiteService sites, SiteLog log, KeptFiles files, RateLimits limits) {
        this.access = access;
        this.sites = sites;
        this.log = log;
        this.files = files;
        this.limits = limits;
    }

    /** @param drawing address of its SVG */
    record SignView(String id, String words, String drawing) {}

    @GetMapping("/api/sites/{id}/signs")
    List<SignView> signs(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        return proposals(site).stream()
                .map(sign -> new SignView(
                        sign.id(),
                        sign.words(),
                        "/api/sites/" + id + "/signs/" + sign.id() + "?revision=" + site.revision()))
                .toList();
    }

    @GetMapping("/api/sites/{id}/signs/{sign}")
    ResponseEntity<byte[]> drawing(@PathVariable String id, @PathVariable String sign, HttpServletRequest request) {
        byte[] svg = proposal(access.require(id, request), sign).svg().getBytes(StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .header("Content-Security-Policy", "default-src 'none'")
                .body(svg);
    }

    /** Takes a sign as the logo; one that was there is replaced. One step, which can be taken back. */
    @PostMapping("/api/sites/{id}/signs/{sign}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@PathVariable String id, @PathVariable String sign, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        String author = access.author(request);
        limits.require(RateLimits.Act.FILE, author);
        Signs.Sign taken = proposal(site, sign);
        TakenFile file = FileReader.read(taken.svg().getBytes(StandardCharsets.UTF_8), "sign.svg")
                .value()
                .orElseThrow();
        files.keep(site, file);
        List<Edit> edits = new ArrayList<>();
        sites.state(site).sheet().rows(RowKind.PICTURE).stream()
                .filter(row -> Picture.Use.LOGO.word().equals(row.lines().get("use")))
                .forEach(row -> edits.add(new SheetEdit.RemoveRow(row.id())));
        edits.add(new SheetEdit.PutRow(
                new TypedRow(
                        RowKind.PICTURE.id(),
                        "sign-" + UUID.randomUUID().toString().substring(0, 8),
                        Map.of("file", file.file().say(), "use", Picture.Use.LOGO.word(), "name", taken.words())),
                ""));
        log.edit(site, author, site.revision(), UUID.randomUUID().toString(), WholeEdit.of(edits));
    }

    private Signs.Sign proposal(StoredSite site, String sign) {
        return proposals(site).stream()
                .filter(each -> each.id().equals(sign))
                .findFirst()
                .orElseThrow(Problem::notFound);
    }

    private List<Signs.Sign> proposals(StoredSite site) {
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        Draft draft = state.draft(reading);
        Look look = draft.look();
        String name = reading.brief().facts().say("name", "").orElse("");
        return Signs.propose(name, look, Motifs.svg(look.motif()));
    }
}
