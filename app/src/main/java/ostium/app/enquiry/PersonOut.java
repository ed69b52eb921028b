package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;
import tools.jackson.databind.json.JsonMapper;

/** Everything that is known of one person, as they may ask for it: person.json, with the files they sent beside it. */
@RestController
class PersonOut {
    private final EnquiryWork work;
    private final EnquiryFiles files;
    private final SiteAccess access;
    private final JsonMapper json;

    PersonOut(EnquiryWork work, EnquiryFiles files, SiteAccess access, JsonMapper json) {
        this.work = work;
        this.files = files;
        this.access = access;
        this.json = json;
    }

    /** Written as it is read: only one file is in memory at a time. */
    @GetMapping(value = "/api/sites/{id}/person.zip", produces = "application/zip")
    void person(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String person,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        StoredSite site = access.require(id, request);
        EnquiryWork.KnownPerson known = work.ofPerson(site, person);
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename("person.zip").build().toString());
        try (ZipOutputStream zip = new ZipOutputStream(response.getOutputStream())) {
            put(zip, "person.json", json.writerWithDefaultPrettyPrinter().writeValueAsBytes(known));
            for (Enquiry enquiry : known.messages()) {
                putFiles(zip, site, enquiry);
            }
        }
    }

    /** In a folder of the day the message came; its id tells two of one day apart. */
    private void putFiles(ZipOutputStream zip, StoredSite site, Enquiry enquiry) throws IOException {
        String day = enquiry.receivedAt().atZone(ZoneOffset.UTC).toLocalDate().toString();
        for (Enquiry.Attached attached : enquiry.files()) {
            Optional<EnquiryFiles.Content> file = files.content(site.id(), enquiry.id(), attached.position());
            if (file.isPresent()) {
                String name =
                        "files/%s-%s/%d-%s".formatted(day, enquiry.id(), attached.position() + 1, attached.name());
                put(zip, name, file.get().bytes());
            }
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }
}
