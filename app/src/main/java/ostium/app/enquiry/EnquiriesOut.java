package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.format.Csv;

/** Enquiries as files: all of them as CSV, those of one person as JSON. */
@RestController
class EnquiriesOut {
    private static final Messages WORDS = Messages.of("enquiry");

    private final EnquiryReader reader;
    private final EnquiryWork work;
    private final SiteAccess access;

    EnquiriesOut(EnquiryReader reader, EnquiryWork work, SiteAccess access) {
        this.reader = reader;
        this.work = work;
        this.access = access;
    }

    @GetMapping(value = "/api/sites/{id}/enquiries.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable String id, HttpServletRequest request) {
        List<Enquiry> all = reader.all(access.require(id, request));
        Map<String, String> asked = new LinkedHashMap<>();
        all.forEach(enquiry -> enquiry.answers().forEach(answer -> asked.put(answer.key(), answer.label())));
        List<String> head = new ArrayList<>(List.of(WORDS.say("csv.received"), WORDS.say("csv.state")));
        head.addAll(asked.values());
        head.add(WORDS.say("csv.asked"));
        List<List<String>> rows = all.stream()
                .map(enquiry -> {
                    List<String> row = new ArrayList<>(List.of(
                            enquiry.receivedAt().toString(), enquiry.state().name()));
                    asked.keySet().forEach(key -> row.add(enquiry.answer(key).orElse("")));
                    row.add(enquiry.askAgain() == null ? "" : enquiry.askAgain().toString());
                    return row;
                })
                .toList();
        return file("enquiries.csv", "text/csv;charset=UTF-8").body(Csv.write(head, rows));
    }

    /** Everything that is known of one person, as they may ask for it. */
    @GetMapping(value = "/api/sites/{id}/enquiries.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<List<Enquiry>> person(
            @PathVariable String id, @RequestParam(defaultValue = "") String person, HttpServletRequest request) {
        StoredSite site = access.require(id, request);
        return file("person.json", MediaType.APPLICATION_JSON_VALUE).body(work.ofPerson(site, person));
    }

    private static ResponseEntity.BodyBuilder file(String name, String type) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
