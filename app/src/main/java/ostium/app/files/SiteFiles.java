package ostium.app.files;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import ostium.app.site.StoredSite;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.fact.Document;
import ostium.core.fact.Fact;
import ostium.core.fact.Picture;
import ostium.render.KeptFile;
import ostium.render.SiteRenderer;

/** The files a site refers to whose bytes its owner gave. */
@Service
public class SiteFiles {
    private final KeptFiles files;
    private final PictureSizes sizes;

    SiteFiles(KeptFiles files, PictureSizes sizes) {
        this.files = files;
        this.sizes = sizes;
    }

    /** A file as it goes out. */
    public record Content(String path, String contentType, byte[] bytes) {}

    /** One file by its path; empty when the site has none there. */
    public Optional<Content> of(StoredSite site, Brief brief, String path) {
        if (path.startsWith("pictures/")) {
            List<Picture> pictures =
                    brief.facts().all(Picture.class).stream().map(Fact::value).toList();
            return sizes.bytes(site, pictures, path).map(made -> new Content(path, made.contentType(), made.bytes()));
        }
        if (path.startsWith("files/")) {
            return brief.facts().all(Document.class).stream()
                    .map(Fact::value)
                    .filter(document -> document.path().equals(path))
                    .findFirst()
                    .flatMap(document -> files.content(site, document.file().hash()))
                    .map(bytes -> new Content(path, "application/pdf", bytes));
        }
        return Optional.empty();
    }

    /**
     * Everything a page refers to; sizes that are not made yet are made now.
     *
     * @throws FileGone if a file was given to another site, or is not there any more
     */
    public List<Content> all(StoredSite site, Brief brief, Draft draft) {
        return SiteRenderer.shipped().keptFiles(brief, draft).stream()
                .map(file -> of(site, brief, file.path()).orElseThrow(() -> new FileGone(file)))
                .toList();
    }

    /** A page refers to a file that is not kept. */
    public static final class FileGone extends RuntimeException {
        private static final long serialVersionUID = 1L;

        FileGone(KeptFile file) {
            super(file.path());
        }
    }
}
