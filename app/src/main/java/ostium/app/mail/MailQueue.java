package ostium.app.mail;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.Priority;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.mail.MailAuthenticationException;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.OstiumProperties;
import ostium.app.mail.MailMapper.StoredMail;
import ostium.app.queue.Patience;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;
import ostium.app.web.Problem;
import ostium.core.base.Messages;
import ostium.render.mail.MailPage;

/**
 * Sends mail, at least once. {@link #send} only writes the mail and its place in the queue, in the caller's transaction:
 * it goes out if, and only if, that transaction is committed. A mail that the server does not take is tried again, less
 * often with time, for {@link #PATIENCE}; one that it refuses for good is given up at once. After a crash between the
 * server's yes and our note of it, it goes out once more with the same Message-ID.
 */
@Service
public class MailQueue implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(MailQueue.class);
    private static final Patience PATIENCE =
            new Patience(Duration.ofDays(4), Duration.ofSeconds(2), Duration.ofMinutes(5));

    private static final Messages WORDS = Messages.of("mail");
    private static final int MOST_SHOWN = 100;
    private static final Duration OWN_KEPT = Duration.ofDays(1);
    private static final int REST = 5;
    private static final int OF_A_SITE_IN_A_MINUTE = 30;
    private static final Duration LONGEST_REST = Duration.ofMillis(500);

    private final MailMapper mails;
    private final MailServer server;
    private final OstiumProperties properties;
    private final Clock clock;
    private final Queue queue;
    private final OneTimeTask<Void> task;

    /** Mails of each site in the minute that runs. */
    private final Cache<String, AtomicInteger> lately = Caffeine.newBuilder()
            .maximumSize(10_000)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    MailQueue(MailMapper mails, MailServer server, OstiumProperties properties, Clock clock, Queue queue) {
        this.mails = mails;
        this.server = server;
        this.properties = properties;
        this.clock = clock;
        this.queue = queue;
        this.task =
                Tasks.oneTime("mail").onFailure(this::later).execute((instance, context) -> deliver(instance.getId()));
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    /** Puts a mail on its way, as part of the transaction that is running. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void send(Mail mail) {
        String id = UUID.randomUUID().toString();
        String host = properties.mailFrom().substring(properties.mailFrom().indexOf('@') + 1);
        String subject = shortened(mail.subject());
        String html = MailPage.html(mail.dress(), subject, mail.body(), mail.button());
        mails.insert(id, mail.withSubject(subject), html, "<" + id + "@" + host + ">");
        queue.addNew(new TaskInstance.Builder<Void>(task.getName(), id)
                .priority(priority(mail.about()))
                .build());
    }

    /**
     * Somebody waits for a mail about their account: no flood of messages to a site may stand before it. And whatever floods one site,
     * the mails of the others go before it.
     */
    private int priority(Mail.About about) {
        if (about.site() == null) {
            return Priority.HIGH;
        }
        int lately = this.lately.get(about.site(), site -> new AtomicInteger()).incrementAndGet();
        return lately <= OF_A_SITE_IN_A_MINUTE ? Priority.MEDIUM : Priority.LOW;
    }

    /**
     * How a mail fares.
     *
     * @param enquiry id of the enquiry it tells of, or null
     * @param fault why the last try failed, in words; empty when it did not
     */
    public record Delivery(String enquiry, String to, State state, int tries, String fault) {}

    /** How far a mail has come. */
    public enum State {
        WAITING,
        SENT,
        GIVEN_UP,

        /** Given up, and whoever it tells something of has seen it. */
        LET_GO
    }

    /**
     * A mail that has not come to whom it is for.
     *
     * @param at when it was written, or last sent again
     * @param fault why, in words
     */
    public record Undelivered(String id, String to, String subject, Instant at, State state, int tries, String fault) {}

    /** Mails about a site that have not come to whom they are for, the last first; at most {@value #MOST_SHOWN}. */
    public List<Undelivered> undelivered(String site) {
        return mails.undelivered(site, MOST_SHOWN).stream()
                .map(mail -> new Undelivered(
                        mail.id(),
                        mail.recipient(),
                        mail.subject(),
                        mail.madeAt(),
                        State.valueOf(mail.state()),
                        mail.tries(),
                        mail.fault() == null ? "" : mail.fault()))
                .toList();
    }

    /**
     * Sends a mail again that was given up.
     *
     * @throws Problem 404 where the site has no such mail
     */
    @Transactional
    public void again(String site, String id) {
        if (mails.again(site, id, clock.instant()) == 0) {
            throw Problem.notFound();
        }
        queue.add(task.instance(id));
    }

    /**
     * Shows a mail that was given up no more.
     *
     * @throws Problem 404 where the site has no such mail
     */
    @Transactional
    public void letGo(String site, String id) {
        if (mails.letGo(site, id) == 0) {
            throw Problem.notFound();
        }
    }

    /** @param enquiries ids, at least one */
    public List<Delivery> ofEnquiries(List<String> enquiries) {
        return mails.ofEnquiries(enquiries).stream().map(MailQueue::delivery).toList();
    }

    /** The mails that tell of an enquiry, the first that was written first. */
    public List<Delivery> ofEnquiry(String enquiry) {
        return mails.ofEnquiry(enquiry).stream().map(MailQueue::delivery).toList();
    }

    /** The mails that tell of a booking, the first that was written first. */
    public List<Delivery> ofBooking(String booking) {
        return mails.ofBooking(booking).stream().map(MailQueue::delivery).toList();
    }

    /** The mails that tell of somebody's place on a list, the first that was written first. */
    public List<Delivery> ofListMember(String member) {
        return mails.ofListMember(member).stream().map(MailQueue::delivery).toList();
    }

    private static Delivery delivery(StoredMail mail) {
        return new Delivery(
                mail.enquiry(),
                mail.recipient(),
                State.valueOf(mail.state()),
                mail.tries(),
                mail.fault() == null ? "" : mail.fault());
    }

    private void deliver(String id) {
        StoredMail mail = mails.byId(id).orElse(null);
        if (mail == null || !mail.state().equals("WAITING")) {
            return;
        }
        Instant begun = clock.instant();
        try {
            server.send(mail);
        } catch (MailException e) {
            mails.failed(id, inWords(e));
            if (MailServer.refused(e)) {
                mails.givenUp(id);
                return;
            }
            throw e;
        }
        mails.sent(id);
        giveWay(Duration.between(begun, clock.instant()));
    }

    /**
     * Rests a few times as long as a mail took: whoever fills in a form is answered before the mails of those before them are
     * written. The busier the machine, the longer a mail takes, and the longer is the rest.
     */
    private static void giveWay(Duration took) {
        Duration rest = took.multipliedBy(REST);
        try {
            Thread.sleep((rest.compareTo(LONGEST_REST) > 0 ? LONGEST_REST : rest).toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void later(ExecutionComplete complete, ExecutionOperations<Void> operations) {
        String id = complete.getExecution().taskInstance.getId();
        Instant begun = mails.byId(id).map(StoredMail::madeAt).orElse(Instant.EPOCH);
        Optional<Instant> next = PATIENCE.next(complete.getExecution().consecutiveFailures, begun, clock.instant());
        next.ifPresentOrElse(at -> operations.reschedule(complete, at), () -> {
            LOG.warn("mail {} was given up", id);
            mails.givenUp(id);
            operations.stop();
        });
    }

    /** Ostium's own mails to an address go, and are sent no more. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void forget(String address) {
        mails.deleteOwnTo(address);
    }

    /** What Ostium's own mails held is of no use soon. */
    @Scheduled(initialDelay = 90_000, fixedDelay = 3_600_000)
    void sweep() {
        mails.deleteOwnBefore(clock.instant().minus(OWN_KEPT));
    }

    private static String inWords(MailException e) {
        String key = MailServer.refused(e)
                ? "refused"
                : e instanceof MailSendException
                        ? "away"
                        : e instanceof MailAuthenticationException ? "signIn" : "unwritten";
        return WORDS.say("fault." + key);
    }

    private static String shortened(String subject) {
        String line = subject.replaceAll("\\s+", " ").strip();
        return line.length() <= 200 ? line : line.substring(0, 199) + "…";
    }
}
