package ostium.app.facts;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ostium.app.facts.FactsView.CountryView;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Reading;
import ostium.core.country.Country;
import ostium.core.edit.State;
import ostium.core.fact.Facts;
import ostium.core.format.BusinessCard;
import ostium.core.format.LocalBusiness;
import ostium.core.format.ServicesCsv;
import ostium.core.hours.OpeningHoursSyntax;
import ostium.core.paste.Findings;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.text.Slug;

/** The facts sheet over HTTP. The words of its lines are kept with the site; here is what stands beside them. */
@RestController
class FactsController {
    private final SiteService sites;
    private final SiteAccess access;
    private final RateLimits limits;

    FactsController(SiteService sites, SiteAccess access, RateLimits limits) {
        this.sites = sites;
        this.access = access;
        this.limits = limits;
    }

    record PastedText(String text) {}

    @GetMapping("/api/countries")
    List<CountryView> countries() {
        return Country.all().stream().map(CountryView::of).toList();
    }

    @GetMapping("/api/sites/{id}/facts")
    FactsView show(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        State state = sites.state(site);
        return FactsView.of(site.revision(), state, sites.read(state));
    }

    // ---- in ------------------------------------------------------------------------------------------------------

    @PostMapping("/api/sites/{id}/paste")
    Findings paste(@PathVariable String id, @RequestBody PastedText asked, HttpServletRequest request) {
        return read(id, Source.pasted(asked.text() == null ? "" : asked.text()), request);
    }

    @PostMapping("/api/sites/{id}/paste/file")
    Findings file(
            @PathVariable String id, @RequestParam(required = false) MultipartFile file, HttpServletRequest request)
            throws IOException {
        access.require(id, request);
        if (file == null) {
            throw new Problem(HttpStatus.BAD_REQUEST, "paste", "file.none");
        }
        String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        return read(id, Source.file(file.getBytes(), name), request);
    }

    /** Reads for whoever may edit the site; nothing is changed by it. */
    private Findings read(String id, Reading<Source> source, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        limits.require(RateLimits.Act.EDIT, access.author(request));
        if (source instanceof Reading.Refused<Source> refused) {
            throw Problem.worded(HttpStatus.UNPROCESSABLE_CONTENT, "paste", refused.reason());
        }
        State state = sites.state(site);
        return PasteReader.read(
                source.value().orElseThrow(),
                state.sheet(),
                sites.read(state).brief().today());
    }

    // ---- out -----------------------------------------------------------------------------------------------------

    @GetMapping("/api/sites/{id}/facts.vcf")
    ResponseEntity<byte[]> card(@PathVariable String id, HttpServletRequest request) {
        State state = state(id, request);
        Facts facts = sites.read(state).brief().facts();
        return download(state, "vcf", "text/vcard", BusinessCard.write(facts, state.sheet()));
    }

    @GetMapping("/api/sites/{id}/facts.jsonld")
    ResponseEntity<byte[]> data(@PathVariable String id, HttpServletRequest request) {
        State state = state(id, request);
        return download(
                state,
                "jsonld",
                "application/ld+json",
                LocalBusiness.file(sites.read(state).brief(), state.sheet()));
    }

    @GetMapping("/api/sites/{id}/services.csv")
    ResponseEntity<byte[]> services(@PathVariable String id, HttpServletRequest request) {
        State state = state(id, request);
        return download(
                state,
                "csv",
                "text/csv",
                ServicesCsv.write(sites.read(state).brief().services()));
    }

    @GetMapping("/api/sites/{id}/opening-hours.txt")
    ResponseEntity<byte[]> openingHours(@PathVariable String id, HttpServletRequest request) {
        State state = state(id, request);
        String line = sites.read(state)
                .brief()
                .facts()
                .openingTimes()
                .map(OpeningHoursSyntax::write)
                .orElse("");
        return download(state, "opening-hours.txt", "text/plain", line + "\n");
    }

    private State state(String id, HttpServletRequest request) {
        return sites.state(access.require(id, request));
    }

    private static ResponseEntity<byte[]> download(State state, String ending, String type, String words) {
        String slug = Slug.of(state.sheet().name(), 40);
        String name = (slug.isEmpty() ? "business" : slug) + "." + ending;
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .body(words.getBytes(StandardCharsets.UTF_8));
    }
}
