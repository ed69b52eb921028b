package ostium.app.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ostium.app.files.FileMapper.Progress;
import ostium.app.files.FilesView.PictureView;
import ostium.app.files.FilesView.TakenView;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.RateLimits;
import ostium.core.base.Reading;
import ostium.core.fact.Document;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;
import ostium.core.picture.FileLimits;
import ostium.core.picture.FileReader;
import ostium.core.picture.Rendition;
import ostium.core.picture.Renditions;
import ostium.core.picture.TakenFile;

/** Pictures and PDFs over HTTP: giving them, and seeing them in the editor. What is done to them stands on the sheet. */
@RestController
class FilesController {
    /** As wide as a picture is while it is changed. */
    private static final int WORKING_WIDTH = 1280;

    private final SiteService sites;
    private final SiteAccess access;
    private final RateLimits limits;
    private final KeptFiles files;
    private final PictureSizes sizes;

    FilesController(SiteService sites, SiteAccess access, RateLimits limits, KeptFiles files, PictureSizes sizes) {
        this.sites = sites;
        this.access = access;
        this.limits = limits;
        this.files = files;
        this.sizes = sizes;
    }

    /** Takes a file. It is on the sheet only when its line is put there. */
    @PostMapping("/api/sites/{id}/files")
    TakenView give(
            @PathVariable String id,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "work") String use,
            HttpServletRequest request)
            throws IOException {
        StoredSite site = access.require(id, request);
        limits.require(RateLimits.Act.FILE, access.author(request));
        if (file == null) {
            throw new Problem(HttpStatus.BAD_REQUEST, "file", "file.none");
        }
        String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        Reading<TakenFile> reading = sizes.oneAtATime(() -> FileReader.read(file.getBytes(), name));
        if (reading instanceof Reading.Refused<TakenFile> refused) {
            throw Problem.worded(HttpStatus.UNPROCESSABLE_CONTENT, "file", refused.reason());
        }
        TakenFile taken = reading.value().orElseThrow();
        files.keep(site, taken);
        boolean picture = taken.file().isPicture();
        if (picture) {
            sizes.want(site, plain(taken.file(), Picture.Use.named(use).orElse(Picture.Use.WORK)));
            sizes.want(site, plain(taken.file(), Picture.Use.WORK));
        }
        return new TakenView(
                picture ? "picture" : "document",
                taken.file().say(),
                FileName.spoken(name),
                taken.notes(),
                taken.inside().say(),
                taken.ground());
    }

    private static Picture plain(StoredFile file, Picture.Use use) {
        return new Picture(file, use, "", true, "", Treatment.NONE);
    }

    /** What stands beside the rows; sizes that are not made yet are put on the queue. */
    @GetMapping("/api/sites/{id}/files")
    FilesView show(@PathVariable String id, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Facts facts = facts(site);
        Map<String, PictureView> pictures = new LinkedHashMap<>();
        facts.list().forEach(fact -> {
            if (fact.value() instanceof Picture picture) {
                pictures.put(row(fact.id()), view(site, picture));
            }
        });
        Map<String, String> documents = new LinkedHashMap<>();
        facts.list().forEach(fact -> {
            if (fact.value() instanceof Document document) {
                documents.put(row(fact.id()), document.size());
            }
        });
        return new FilesView(
                FileLimits.words(), FileLimits.PICTURE_BYTES, FileLimits.DOCUMENT_BYTES, pictures, documents);
    }

    private static String row(String fact) {
        return fact.substring(fact.indexOf('/') + 1);
    }

    private PictureView view(StoredSite site, Picture picture) {
        Progress progress = sizes.want(site, picture);
        Picture plain = plain(picture.file(), Picture.Use.WORK);
        sizes.want(site, plain);
        return new PictureView(
                path(picture, 1),
                path(plain, WORKING_WIDTH),
                path(picture, WORKING_WIDTH),
                picture.treatment().width(picture.file()),
                picture.treatment().height(picture.file()),
                picture.file().kind() == StoredFile.Kind.SVG,
                progress.planned(),
                progress.made());
    }

    /** The first size that is at least so wide, or the widest. */
    private static String path(Picture picture, int width) {
        List<Rendition> all = Renditions.of(picture);
        return all.stream()
                .filter(each -> each.width() >= width)
                .findFirst()
                .orElse(all.get(all.size() - 1))
                .path();
    }

    /** A size of one of the pictures on the sheet. What a path shows never changes. */
    @GetMapping("/api/sites/{id}/pictures/{name}")
    ResponseEntity<byte[]> picture(@PathVariable String id, @PathVariable String name, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        List<Picture> pictures = facts(site).list().stream()
                .map(fact -> fact.value())
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .flatMap(picture -> java.util.stream.Stream.of(picture, plain(picture.file(), Picture.Use.WORK)))
                .toList();
        PictureSizes.Made made = sizes.bytes(site, pictures, "pictures/" + name).orElseThrow(Problem::notFound);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(made.contentType()))
                .cacheControl(
                        CacheControl.maxAge(365, TimeUnit.DAYS).cachePrivate().immutable())
                .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; img-src data:")
                .body(made.bytes());
    }

    /** A document on the sheet, to be looked at. */
    @GetMapping("/api/sites/{id}/files/{hash}")
    ResponseEntity<byte[]> document(@PathVariable String id, @PathVariable String hash, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        Document document = facts(site).list().stream()
                .map(fact -> fact.value())
                .filter(Document.class::isInstance)
                .map(Document.class::cast)
                .filter(each -> each.file().hash().equals(hash))
                .findFirst()
                .orElseThrow(Problem::notFound);
        byte[] bytes = files.content(site, hash).orElseThrow(Problem::notFound);
        String name = document.path().replaceFirst("^files/(.*)\\.[0-9a-f]{12}", "$1");
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(bytes);
    }

    private Facts facts(StoredSite site) {
        return sites.read(sites.state(site)).brief().facts();
    }
}
