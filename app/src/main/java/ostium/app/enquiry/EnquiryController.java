package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.web.Problem;

@RestController
class EnquiryController {
    private final EnquiryService enquiries;
    private final SiteAccess access;

    EnquiryController(EnquiryService enquiries, SiteAccess access) {
        this.enquiries = enquiries;
        this.access = access;
    }

    record Mark(EnquiryService.State state) {}

    @GetMapping("/api/sites/{id}/enquiries")
    List<EnquiryService.Enquiry> list(@PathVariable String id, HttpServletRequest request) {
        return enquiries.ofSite(access.require(id, request).id());
    }

    @PutMapping("/api/sites/{id}/enquiries/{enquiry}/state")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mark(
            @PathVariable String id,
            @PathVariable String enquiry,
            @RequestBody Mark asked,
            HttpServletRequest request) {
        if (asked.state() == null) {
            throw Problem.at("state", "Say what has come of it.");
        }
        enquiries.mark(access.require(id, request).id(), enquiry, asked.state());
    }
}
