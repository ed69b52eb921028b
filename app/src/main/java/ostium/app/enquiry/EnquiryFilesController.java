package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.web.Problem;

/** The files of a message, for whoever may see the site. */
@RestController
class EnquiryFilesController {
    private final EnquiryFiles files;
    private final SiteAccess access;

    EnquiryFilesController(EnquiryFiles files, SiteAccess access) {
        this.files = files;
        this.access = access;
    }

    /** A photograph is shown; everything else is handed over as a file, and runs nothing here. */
    @GetMapping("/api/sites/{id}/enquiries/{enquiry}/files/{position}")
    ResponseEntity<byte[]> file(
            @PathVariable String id,
            @PathVariable String enquiry,
            @PathVariable int position,
            HttpServletRequest request) {
        EnquiryFiles.Content file = files.content(access.require(id, request).id(), enquiry, position)
                .orElseThrow(Problem::notFound);
        ContentDisposition.Builder way = EnquiryFiles.canBeShown(file.contentType())
                ? ContentDisposition.inline()
                : ContentDisposition.attachment();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(file.contentType()))
                .header("Content-Security-Policy", "default-src 'none'")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        way.filename(file.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.bytes());
    }
}
