package ostium.app.enquiry;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.enquiry.EnquiryMapper.StoredEnquiry;
import ostium.app.mail.MailQueue;
import ostium.app.queue.QueuedWork;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.enquiry.WaitReminder;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Reminds owners of messages nobody has answered, once each, as {@link WaitReminder} says. */
@Component
class WaitReminders implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(WaitReminders.class);
    private static final Duration ROUND = Duration.ofMinutes(5);

    /** What was to be reminded of longer ago than this is old news: an owner who was away for weeks gets no flood of mail. */
    private static final Duration OLD = Duration.ofDays(2);

    private final EnquiryMapper enquiries;
    private final EnquiryMail words;
    private final MailQueue mail;
    private final SiteService sites;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    private final Clock clock;

    WaitReminders(
            EnquiryMapper enquiries,
            EnquiryMail words,
            MailQueue mail,
            SiteService sites,
            TransactionTemplate transactions,
            JsonMapper json,
            Clock clock) {
        this.enquiries = enquiries;
        this.words = words;
        this.mail = mail;
        this.sites = sites;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("wait-reminders", FixedDelay.of(ROUND)).execute((instance, context) -> remindAll());
    }

    void remindAll() {
        for (String site : enquiries.sitesWithUnreminded()) {
            try {
                sites.byId(site).ifPresent(this::remind);
            } catch (RuntimeException e) {
                // One site that cannot be read must not keep the others from being reminded.
                LOG.warn("of messages of site {} nobody could be reminded: {}", site, e.getMessage());
            }
        }
    }

    private void remind(StoredSite site) {
        WaitReminder reminder =
                WaitReminder.of(sites.read(sites.state(site)).brief().facts());
        Instant now = clock.instant();
        for (StoredEnquiry waiting : enquiries.unreminded(site.id())) {
            Optional<Instant> at = reminder.at(waiting.receivedAt()).filter(when -> !when.isAfter(now));
            at.ifPresent(when -> transactions.executeWithoutResult(status -> {
                if (enquiries.setReminded(waiting.id(), now) == 1 && when.isAfter(now.minus(OLD))) {
                    words.reminded(site, come(waiting), reminder.say(waiting.receivedAt(), now))
                            .forEach(mail::send);
                }
            }));
        }
    }

    private EnquiryMail.Come come(StoredEnquiry waiting) {
        return new EnquiryMail.Come(
                waiting.id(),
                waiting.form(),
                json.readValue(waiting.fields(), new TypeReference<List<Enquiry.Answer>>() {}));
    }
}
