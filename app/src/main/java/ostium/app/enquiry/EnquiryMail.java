package ostium.app.enquiry;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.mail.Mail;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.core.edit.State;
import ostium.core.fact.EmailAddress;

/** The mail that tells an owner of a message: all of it, with a way to answer at once. */
@Component
class EnquiryMail {
    private final SiteService sites;
    private final Origins origins;

    EnquiryMail(SiteService sites, Origins origins) {
        this.sites = sites;
        this.origins = origins;
    }

    /** One for each address the site's messages go to. */
    List<Mail> of(StoredSite site, String enquiry, List<EnquiryService.Answer> answers) {
        State state = sites.state(site);
        String subject = value(answers, "name").orElse("Somebody") + " has written to you"
                + value(answers, "service").map(service -> ": " + service).orElse("");
        String replyTo = value(answers, "reach")
                .flatMap(reach -> EmailAddress.read(reach).value())
                .map(EmailAddress::ascii)
                .orElse(null);
        StringBuilder body = new StringBuilder();
        for (EnquiryService.Answer answer : answers) {
            body.append(answer.label()).append('\n').append(answer.value()).append("\n\n");
        }
        body.append(replyTo == null ? "" : "Answer this mail, and it goes to them.\n");
        body.append("All messages of ")
                .append(state.sheet().name())
                .append(": ")
                .append(origins.editor())
                .append("/sites/")
                .append(site.id())
                .append("/enquiries\n");
        return state.doors().messagesTo().stream()
                .map(to -> new Mail(to, replyTo, subject, body.toString(), enquiry))
                .toList();
    }

    private static Optional<String> value(List<EnquiryService.Answer> answers, String key) {
        return answers.stream()
                .filter(answer -> answer.key().equals(key))
                .map(EnquiryService.Answer::value)
                .findFirst();
    }
}
