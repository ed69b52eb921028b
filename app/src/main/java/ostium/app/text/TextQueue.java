package ostium.app.text;

import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.queue.Patience;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;
import ostium.app.text.TextMapper.StoredText;
import ostium.app.web.Problem;

/**
 * Sends texts, at least once, as mails are sent: {@link #send} writes the text in the caller's transaction, and it goes out if, and
 * only if, that is committed. A text that is a day late helps nobody, so it is given up sooner than a mail.
 */
@Service
public class TextQueue implements QueuedWork {
    private static final Patience PATIENCE =
            new Patience(Duration.ofHours(12), Duration.ofSeconds(2), Duration.ofMinutes(5));

    private final TextMapper texts;
    private final TextGateway gateway;
    private final Clock clock;
    private final Queue queue;
    private final OneTimeTask<Void> task;

    TextQueue(TextMapper texts, TextGateway gateway, Clock clock, Queue queue) {
        this.texts = texts;
        this.gateway = gateway;
        this.clock = clock;
        this.queue = queue;
        this.task =
                Tasks.oneTime("text").onFailure(this::later).execute((instance, context) -> deliver(instance.getId()));
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    /** Puts a text on its way, as part of the transaction that is running. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void send(TextMessage text) {
        String id = UUID.randomUUID().toString();
        texts.insert(id, text);
        queue.add(task.instance(id));
    }

    /** How many texts told of messages to a site. */
    public int ofEnquiriesSince(String site, Instant since) {
        return texts.ofEnquiriesSince(site, since);
    }

    /** How a text fares. */
    public record Delivery(String to, State state) {}

    /** How far a text has come. */
    public enum State {
        WAITING,
        SENT,
        GIVEN_UP,
        /** Given up, and the owner wants to see it no more. */
        LET_GO
    }

    /** A text that has not come to whom it is for, with when it was written. */
    public record Undelivered(String id, String to, String words, Instant at, State state) {}

    /** Texts about appointments of a site that are not over, or messages that wait; the last first. */
    public List<Undelivered> undelivered(String site) {
        return texts.undelivered(site, clock.instant()).stream()
                .map(text -> new Undelivered(
                        text.id(), text.recipient(), text.words(), text.madeAt(), State.valueOf(text.state())))
                .toList();
    }

    /**
     * Sends a text again that was given up.
     *
     * @throws Problem 404 where the site has no such text
     */
    @Transactional
    public void again(String site, String id) {
        if (texts.again(site, id, clock.instant()) == 0) {
            throw Problem.notFound();
        }
        queue.add(task.instance(id));
    }

    /** @throws Problem 404 where the site has no such text that was given up */
    @Transactional
    public void letGo(String site, String id) {
        if (texts.letGo(site, id) == 0) {
            throw Problem.notFound();
        }
    }

    /** The texts that tell of a booking, the first that was written first. */
    public List<Delivery> ofBooking(String booking) {
        return deliveries(texts.ofBooking(booking));
    }

    /** The texts that tell of an enquiry, likewise. */
    public List<Delivery> ofEnquiry(String enquiry) {
        return deliveries(texts.ofEnquiry(enquiry));
    }

    private static List<Delivery> deliveries(List<StoredText> texts) {
        return texts.stream()
                .map(text -> new Delivery(text.recipient(), State.valueOf(text.state())))
                .toList();
    }

    private void deliver(String id) {
        StoredText text = texts.byId(id).orElse(null);
        if (text == null || !text.state().equals(State.WAITING.name())) {
            return;
        }
        try {
            gateway.send(id, text.recipient(), text.words());
        } catch (TextGateway.NotTaken e) {
            texts.failed(id);
            throw new IllegalStateException(e);
        }
        texts.sent(id);
    }

    private void later(ExecutionComplete complete, ExecutionOperations<Void> operations) {
        String id = complete.getExecution().taskInstance.getId();
        Instant begun = texts.byId(id).map(StoredText::madeAt).orElse(Instant.EPOCH);
        Optional<Instant> next = PATIENCE.next(complete.getExecution().consecutiveFailures, begun, clock.instant());
        next.ifPresentOrElse(at -> operations.reschedule(complete, at), () -> {
            texts.givenUp(id);
            operations.stop();
        });
    }
}
