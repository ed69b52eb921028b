package ostium.app.enquiry;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteOutlook;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.enquiry.Form;
import ostium.core.text.Sha256;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps enquiries. When {@link #keep} has returned, the message survives the end of this process. */
@Service
@Order(2)
public class EnquiryService implements SiteOutlook {

    /** What has come of a message. */
    public enum State {
        NEW,
        DONE,
        UNWANTED
    }

    /** One answer of a visitor, with the question as it stood on the page. */
    public record Answer(String key, String label, String value) {}

    /** A message as the owner sees it. */
    public record Enquiry(
            String id, State state, Instant receivedAt, List<Answer> answers, List<MailQueue.Delivery> deliveries) {}

    private final EnquiryMapper enquiries;
    private final JsonMapper json;
    private final Clock clock;

    private final MailQueue mail;
    private final EnquiryMail words;

    EnquiryService(EnquiryMapper enquiries, MailQueue mail, EnquiryMail words, JsonMapper json, Clock clock) {
        this.enquiries = enquiries;
        this.mail = mail;
        this.words = words;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Keeps a message, and puts mail to the owner on its way in the same transaction.
     *
     * @param site the site as it is live
     * @param submission id the page gave the sending, or blank; the same message with the same id is one enquiry
     * @param unwanted whether it looks like no customer's; such a one is kept, and nobody is bothered with it
     */
    @Transactional
    public void keep(
            StoredSite site,
            Long publication,
            Form form,
            Map<String, String> values,
            String submission,
            boolean unwanted) {
        String id = UUID.randomUUID().toString();
        List<Answer> answers = answers(form, values);
        if (insert(id, site.id(), publication, answers, submission, unwanted, clock.instant()) && !unwanted) {
            words.of(site, id, answers).forEach(mail::send);
        }
    }

    /** Keeps a message that came at a given time, for messages brought in; nobody is told. */
    @Transactional
    public void bringIn(String site, Form form, Map<String, String> values, String submission, Instant receivedAt) {
        insert(UUID.randomUUID().toString(), site, null, answers(form, values), submission, false, receivedAt);
    }

    private static List<Answer> answers(Form form, Map<String, String> values) {
        List<Answer> answers = new ArrayList<>();
        for (Form.Field field : form.fields()) {
            String value = values.getOrDefault(field.key(), "");
            if (!value.isEmpty()) {
                answers.add(new Answer(field.key(), field.label(), value));
            }
        }
        return answers;
    }

    /** @return false for a repeat of the same message */
    private boolean insert(
            String id,
            String site,
            Long publication,
            List<Answer> answers,
            String submission,
            boolean unwanted,
            Instant receivedAt) {
        String fields = json.writeValueAsString(answers);
        return enquiries.insert(
                        id,
                        site,
                        publication,
                        repeatKey(site, submission, fields, receivedAt),
                        (unwanted ? State.UNWANTED : State.NEW).name(),
                        fields,
                        receivedAt)
                == 1;
    }

    public List<Enquiry> ofSite(String site) {
        List<MailQueue.Delivery> deliveries = mail.ofSite(site);
        return enquiries.ofSite(site).stream()
                .map(stored -> new Enquiry(
                        stored.id(),
                        State.valueOf(stored.state()),
                        stored.receivedAt(),
                        json.readValue(stored.fields(), new TypeReference<List<Answer>>() {}),
                        deliveries.stream()
                                .filter(delivery -> delivery.enquiry().equals(stored.id()))
                                .toList()))
                .toList();
    }

    /** @throws Problem 404 if the site has no such enquiry */
    @Transactional
    public void mark(String site, String id, State state) {
        if (enquiries.setState(site, id, state.name()) == 0) {
            throw Problem.notFound();
        }
    }

    @Override
    public SiteOutlook.Outlook add(StoredSite site, SiteOutlook.Outlook state) {
        return new SiteOutlook.Outlook(
                state.publicAddress(), state.addressName(), state.pendingChanges(), enquiries.countNew(site.id()));
    }

    /**
     * Without a script the page gives every visitor the same empty id; then the same words on the same day are taken
     * for the same message sent again.
     */
    private static String repeatKey(String site, String submission, String fields, Instant at) {
        String day = submission.isBlank() ? at.toString().substring(0, 10) : submission;
        return Sha256.hex(site + "\n" + day + "\n" + fields);
    }
}
