package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.core.base.Messages;
import ostium.core.enquiry.EnquiryState;
import ostium.core.format.Csv;
import ostium.core.format.PersonCard;

/** Enquiries as files: all of them as CSV, the people as vCards. */
@RestController
class EnquiriesOut {
    private static final Messages WORDS = Messages.of("enquiry");

    private final EnquiryReader reader;
    private final SiteAccess access;

    EnquiriesOut(EnquiryReader reader, SiteAccess access) {
        this.reader = reader;
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

    /** Everybody who has written, or one of them, for an address book; those set aside as unwanted are not among them. */
    @GetMapping(value = "/api/sites/{id}/enquiries.vcf", produces = "text/vcard")
    ResponseEntity<String> cards(
            @PathVariable String id, @RequestParam(defaultValue = "") String person, HttpServletRequest request) {
        Map<String, PersonCard> people = new LinkedHashMap<>();
        for (Enquiry enquiry : reader.all(access.require(id, request))) {
            boolean known = enquiry.person() != null
                    && enquiry.state() != EnquiryState.UNWANTED
                    && enquiry.came() != Enquiry.Came.TEST;
            if (known && (person.isEmpty() || enquiry.person().key().equals(person))) {
                people.put(enquiry.person().key(), card(enquiry));
            }
        }
        return file("people.vcf", "text/vcard;charset=UTF-8").body(PersonCard.write(List.copyOf(people.values())));
    }

    private static PersonCard card(Enquiry enquiry) {
        return new PersonCard(
                enquiry.answer("name").orElse(""),
                enquiry.person().uri(),
                enquiry.answer("service").orElse(""),
                enquiry.receivedAt().atZone(ZoneOffset.UTC).toLocalDate());
    }

    private static ResponseEntity.BodyBuilder file(String name, String type) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
