package ostium.app.enquiry;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteAccess;

/** Mails about a site that have not come to whom they are for. */
@RestController
@RequestMapping("/api/sites/{id}/mails/undelivered")
class UndeliveredController {
    private final MailQueue mail;
    private final SiteAccess access;

    UndeliveredController(MailQueue mail, SiteAccess access) {
        this.mail = mail;
        this.access = access;
    }

    @GetMapping
    List<MailQueue.Undelivered> undelivered(@PathVariable String id, HttpServletRequest request) {
        return mail.undelivered(access.require(id, request).id());
    }

    /** Sends one again that was given up. */
    @PostMapping("/{mail}")
    List<MailQueue.Undelivered> again(
            @PathVariable String id, @PathVariable("mail") String which, HttpServletRequest request) {
        String site = access.require(id, request).id();
        mail.again(site, which);
        return mail.undelivered(site);
    }

    /** Shows one no more that was given up. */
    @DeleteMapping("/{mail}")
    List<MailQueue.Undelivered> letGo(
            @PathVariable String id, @PathVariable("mail") String which, HttpServletRequest request) {
        String site = access.require(id, request).id();
        mail.letGo(site, which);
        return mail.undelivered(site);
    }
}
