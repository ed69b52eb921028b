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
import ostium.app.hook.WebHook;
import ostium.app.hook.WebHooks;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteOutlook;
import ostium.app.site.StoredSite;
import ostium.core.enquiry.EnquiryState;
import ostium.core.form.Field;
import ostium.core.form.Form;
import ostium.core.form.SentFiles;
import ostium.core.text.Sha256;
import tools.jackson.databind.json.JsonMapper;

/** Keeps enquiries. When {@link #keep} has returned, the message survives the end of this process. */
@Service
@Order(2)
public class EnquiryService implements SiteOutlook {
    private final EnquiryMapper enquiries;
    private final JsonMapper json;
    private final Clock clock;

    private final EnquiryFiles files;
    private final MailQueue mail;
    private final WebHooks hooks;
    private final EnquiryMail words;

    EnquiryService(
            EnquiryMapper enquiries,
            EnquiryFiles files,
            MailQueue mail,
            WebHooks hooks,
            EnquiryMail words,
            JsonMapper json,
            Clock clock) {
        this.enquiries = enquiries;
        this.files = files;
        this.mail = mail;
        this.hooks = hooks;
        this.words = words;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a visitor sent.
     *
     * @param values the answers, by key
     * @param submission id the page gave the sending, or blank; the same message with the same id is one enquiry
     * @param unwanted whether it looks like no customer's; such a one is kept, and nobody is bothered with it
     */
    public record Message(
            Form form, Map<String, String> values, SentFiles files, String submission, boolean unwanted) {}

    /**
     * Keeps a message, and puts mail to the owner on its way in the same transaction.
     *
     * @param site the site as it is live
     */
    @Transactional
    public void keep(StoredSite site, Long publication, Message message) {
        String id = UUID.randomUUID().toString();
        List<Enquiry.Answer> answers = answers(message.form(), message.values());
        EnquiryState state = message.unwanted() ? EnquiryState.UNWANTED : EnquiryState.NEW;
        Instant now = clock.instant();
        String repeat = repeatKey(site.id(), message, answers, now);
        if (!insert(id, site.id(), publication, answers, repeat, state, Enquiry.Came.FORM, now)) {
            return;
        }
        files.keep(id, message.files());
        if (!message.unwanted()) {
            words.told(site, id, answers).forEach(mail::send);
            tell(site.id(), id, answers, now);
            if (message.form().confirms()) {
                words.confirmed(site, message.form(), id, answers).ifPresent(mail::send);
            }
        }
    }

    private void tell(String site, String id, List<Enquiry.Answer> answers, Instant at) {
        hooks.tell(
                site,
                WebHook.Subject.ENQUIRIES,
                "enquiry.came",
                Map.of("enquiry", id, "receivedAt", at, "answers", answers));
    }

    /**
     * Keeps a message that came at a given time, or that an owner wrote down after a call or a visit; nobody is told.
     *
     * @return its id
     */
    @Transactional
    public String bringIn(String site, Form form, Map<String, String> values, Enquiry.Came came, Instant receivedAt) {
        String id = UUID.randomUUID().toString();
        insert(id, site, null, answers(form, values), Sha256.hex(id), EnquiryState.NEW, came, receivedAt);
        return id;
    }

    /**
     * Sends a test the whole way; the one before it goes. Nobody waits for an answer to it.
     *
     * @return its id
     */
    @Transactional
    public String tryOut(StoredSite site, Form form, Map<String, String> values) {
        enquiries.deleteTests(site.id());
        String id = UUID.randomUUID().toString();
        List<Enquiry.Answer> answers = answers(form, values);
        insert(id, site.id(), null, answers, Sha256.hex(id), EnquiryState.DONE, Enquiry.Came.TEST, clock.instant());
        words.tried(site, id, answers).forEach(mail::send);
        return id;
    }

    private static List<Enquiry.Answer> answers(Form form, Map<String, String> values) {
        List<Enquiry.Answer> answers = new ArrayList<>();
        for (Field field : form.fields()) {
            String value = values.getOrDefault(field.key(), "");
            if (!value.isEmpty()) {
                answers.add(new Enquiry.Answer(field.key(), field.label(), value));
            }
        }
        return answers;
    }

    /** @return false for a repeat of the same message */
    private boolean insert(
            String id,
            String site,
            Long publication,
            List<Enquiry.Answer> answers,
            String repeatKey,
            EnquiryState state,
            Enquiry.Came came,
            Instant receivedAt) {
        return enquiries.insert(
                        id,
                        site,
                        publication,
                        repeatKey,
                        state.name(),
                        came.name(),
                        json.writeValueAsString(answers),
                        receivedAt)
                == 1;
    }

    @Override
    public SiteOutlook.Outlook add(StoredSite site, SiteOutlook.Outlook state) {
        EnquiryMapper.Waiting waiting = enquiries.waiting(site.id());
        return state.waiting(waiting.number(), waiting.since());
    }

    /**
     * Without a script the page gives every visitor the same empty id; then the same words on the same day are taken
     * for the same message sent again.
     */
    private String repeatKey(String site, Message message, List<Enquiry.Answer> answers, Instant at) {
        StringBuilder said = new StringBuilder(site)
                .append('\n')
                .append(message.submission().isBlank() ? at.toString().substring(0, 10) : message.submission())
                .append('\n')
                .append(json.writeValueAsString(answers));
        for (SentFiles.Named file : message.files().files()) {
            said.append('\n').append(file.taken().file().hash());
        }
        return Sha256.hex(said.toString());
    }
}
