package ostium.app.enquiry;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.hook.WebHook;
import ostium.app.hook.WebHooks;
import ostium.app.mail.MailQueue;
import ostium.app.site.SiteOutlook;
import ostium.app.site.StoredSite;
import ostium.app.text.TextMessage;
import ostium.app.text.TextQueue;
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
    /** A flood of messages is read in the mail; nobody pays for a text of each. */
    private static final int MOST_TEXTS_AN_HOUR = 20;

    private final EnquiryMapper enquiries;
    private final JsonMapper json;
    private final Clock clock;

    private final EnquiryFiles files;
    private final MailQueue mail;
    private final TextQueue texts;
    private final WebHooks hooks;
    private final EnquiryMail words;
    private final Weighing weighing;

    EnquiryService(
            EnquiryMapper enquiries,
            EnquiryFiles files,
            MailQueue mail,
            TextQueue texts,
            WebHooks hooks,
            EnquiryMail words,
            Weighing weighing,
            JsonMapper json,
            Clock clock) {
        this.enquiries = enquiries;
        this.files = files;
        this.mail = mail;
        this.texts = texts;
        this.hooks = hooks;
        this.words = words;
        this.weighing = weighing;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a visitor sent.
     *
     * @param name which of the site's forms it is; null for the only one
     * @param values the answers, by key
     * @param submission id the page gave the sending, or blank; the same message with the same id is one enquiry
     */
    public record Message(
            String name, Form form, Map<String, String> values, SentFiles files, String submission, Arrival arrival) {}

    /**
     * How a message came.
     *
     * @param trapped whether a field was filled in that people do not see
     * @param taken from opening the page to sending; empty where no script told it
     * @param from network address it came from; it is not kept
     * @param region ISO 3166 country of the business, for numbers
     */
    public record Arrival(boolean trapped, Optional<Duration> taken, String from, String region) {}

    /**
     * Keeps a message, and puts mail to the owner on its way in the same transaction. What looks like no customer's is kept
     * as well, and nobody is bothered with it.
     *
     * @param site the site as it is live
     */
    @Transactional
    public void keep(StoredSite site, Long publication, Message message) {
        String id = UUID.randomUUID().toString();
        List<Enquiry.Answer> answers = answers(message.form(), message.values());
        Instant now = clock.instant();
        Weighing.Weighed weighed = weighing.weigh(site.id(), answers, message.arrival(), now);
        String repeat = repeatKey(site.id(), message, answers, now);
        if (!insert(
                new New(id, site.id(), publication, repeat, weighed.state(), Enquiry.Came.FORM, now, message.name()),
                answers,
                weighed)) {
            return;
        }
        files.keep(id, message.files());
        if (weighed.state().waits()) {
            EnquiryMail.Come come = new EnquiryMail.Come(id, message.name(), answers);
            words.told(site, come).forEach(mail::send);
            text(site, words.texted(site, come), now);
            tell(site.id(), id, answers, now);
            if (message.form().confirms()) {
                words.confirmed(site, message.form(), id, answers).ifPresent(mail::send);
            }
        }
    }

    private void text(StoredSite site, List<TextMessage> all, Instant now) {
        if (!all.isEmpty() && texts.ofEnquiriesSince(site.id(), now.minus(Duration.ofHours(1))) < MOST_TEXTS_AN_HOUR) {
            all.forEach(texts::send);
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
     * Keeps a message that came at a given time, or that an owner wrote down after a call or a visit; nobody is told. What
     * came through a form is weighed as any.
     *
     * @return its id
     */
    @Transactional
    public String bringIn(
            String site, Form form, Map<String, String> values, Enquiry.Came came, Instant receivedAt, String region) {
        String id = UUID.randomUUID().toString();
        List<Enquiry.Answer> answers = answers(form, values);
        Weighing.Weighed weighed = came == Enquiry.Came.FORM
                ? weighing.weigh(site, answers, new Arrival(false, Optional.empty(), id, region), receivedAt)
                : Weighing.Weighed.NOT;
        insert(new New(id, site, null, Sha256.hex(id), weighed.state(), came, receivedAt, null), answers, weighed);
        return id;
    }

    /**
     * Sends a test the whole way; the one before it goes. Nobody waits for an answer to it.
     *
     * @return its id
     */
    @Transactional
    public String tryOut(StoredSite site, String name, Form form, Map<String, String> values) {
        enquiries.deleteTests(site.id());
        String id = UUID.randomUUID().toString();
        List<Enquiry.Answer> answers = answers(form, values);
        insert(
                new New(
                        id,
                        site.id(),
                        null,
                        Sha256.hex(id),
                        EnquiryState.DONE,
                        Enquiry.Came.TEST,
                        clock.instant(),
                        name),
                answers,
                Weighing.Weighed.NOT);
        EnquiryMail.Come come = new EnquiryMail.Come(id, name, answers);
        words.tried(site, come).forEach(mail::send);
        words.textTried(site, come).forEach(texts::send);
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

    private record New(
            String id,
            String site,
            Long publication,
            String repeatKey,
            EnquiryState state,
            Enquiry.Came came,
            Instant receivedAt,
            String form) {}

    /** @return false for a repeat of the same message */
    private boolean insert(New made, List<Enquiry.Answer> answers, Weighing.Weighed weighed) {
        return enquiries.insert(new EnquiryMapper.NewEnquiry(
                        made.id(),
                        made.site(),
                        made.publication(),
                        made.repeatKey(),
                        made.state().name(),
                        made.came().name(),
                        json.writeValueAsString(answers),
                        made.receivedAt(),
                        weighed.setAside(),
                        weighed.wordsKey(),
                        weighed.senderKey(),
                        made.form()))
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
