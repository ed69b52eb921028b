package ostium.app.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.enquiry.AskedWordsService;
import ostium.app.enquiry.Enquiry;
import ostium.app.enquiry.EnquiryService;
import ostium.app.enquiry.EnquiryWork;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.brief.Brief;
import ostium.core.enquiry.EnquiryState;
import ostium.core.enquiry.StartingForm;
import ostium.core.form.Form;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Eight weeks of messages, each as long ago as the demo's file says, with what was done about them. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoEnquiries {
    private final EnquiryService enquiries;
    private final EnquiryWork work;
    private final AskedWordsService asked;
    private final SiteService sites;
    private final JsonMapper json;
    private final Clock clock;

    DemoEnquiries(
            EnquiryService enquiries,
            EnquiryWork work,
            AskedWordsService asked,
            SiteService sites,
            JsonMapper json,
            Clock clock) {
        this.enquiries = enquiries;
        this.work = work;
        this.asked = asked;
        this.sites = sites;
        this.json = json;
        this.clock = clock;
    }

    /** @param after how long after the message it was done */
    record Done(Duration after, Enquiry.Entry.Kind kind, String words) {}

    /**
     * @param ago how long ago it came
     * @param askAgain in how many days the owner asks again, or null
     * @param words what they said of it when they were asked, by key of the field; null where they were not
     */
    record Message(
            Duration ago,
            Map<String, String> answers,
            EnquiryState state,
            Enquiry.Came came,
            Integer askAgain,
            List<Done> entries,
            Map<String, String> words) {}

    void bringIn(StoredSite site, Account owner, byte[] file) throws IOException {
        Brief brief = sites.read(sites.state(site)).brief();
        Form form = StartingForm.of(brief);
        for (Message message : json.readValue(file, new TypeReference<List<Message>>() {})) {
            Instant received = clock.instant().minus(message.ago());
            String id = enquiries.bringIn(
                    site.id(),
                    form,
                    message.answers(),
                    message.came() == null ? Enquiry.Came.FORM : message.came(),
                    received,
                    brief.facts().region());
            for (Done done : message.entries() == null ? List.<Done>of() : message.entries()) {
                work.writeAt(site, id, done.kind(), done.words(), owner, received.plus(done.after()));
            }
            if (message.state() != null) {
                work.mark(site, id, message.state());
            }
            if (message.askAgain() != null) {
                work.askAgain(site, id, brief.today().date().plusDays(message.askAgain()));
            }
            if (message.words() != null) {
                String link = asked.ask(site, id);
                asked.say(link.substring(link.lastIndexOf('/') + 1), message.words());
            }
        }
    }
}
