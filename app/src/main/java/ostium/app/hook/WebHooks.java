package ostium.app.hook;

import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.hook.HookMapper.StoredCall;
import ostium.app.hook.WebHook.Subject;
import ostium.app.outside.Outside;
import ostium.app.outside.WebAddress;
import ostium.app.queue.Patience;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.base.Messages;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells the programs of owners what happens, at least once: a call is written in the transaction of what it tells, and tried
 * until the program answers that it has it. A program that is told twice knows it by the id.
 */
@Service
public class WebHooks implements QueuedWork {
    private static final Messages WORDS = Messages.of("hook");
    private static final Patience PATIENCE =
            new Patience(Duration.ofDays(2), Duration.ofSeconds(2), Duration.ofMinutes(30));

    private static final int SHOWN = 10;
    private static final Duration KEPT = Duration.ofDays(30);

    private final HookMapper hooks;
    private final Outside outside;
    private final Queue queue;
    private final JsonMapper json;
    private final Clock clock;
    private final OneTimeTask<Void> task;

    WebHooks(HookMapper hooks, Outside outside, Queue queue, JsonMapper json, Clock clock) {
        this.hooks = hooks;
        this.outside = outside;
        this.queue = queue;
        this.json = json;
        this.clock = clock;
        this.task =
                Tasks.oneTime("web-hook").onFailure(this::later).execute((instance, context) -> call(instance.getId()));
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    /** How far a call has come. */
    public enum CallState {
        WAITING,
        TAKEN,
        GIVEN_UP
    }

    /**
     * A call.
     *
     * @param says what it told
     * @param fault why the last try failed, in words; empty when it did not
     */
    public record Call(String id, Instant at, String says, CallState state, int tries, String fault) {}

    public Optional<WebHook> of(StoredSite site, Subject subject) {
        return hooks.of(site.id(), subject.name());
    }

    /** The last calls, the last first. */
    public List<Call> calls(StoredSite site, Subject subject) {
        return hooks.calls(site.id(), subject.name(), SHOWN).stream()
                .map(WebHooks::call)
                .toList();
    }

    private static Call call(StoredCall call) {
        return new Call(
                call.id(),
                call.madeAt(),
                WORDS.say("type." + call.type()),
                CallState.valueOf(call.state()),
                call.tries(),
                call.fault() == null ? "" : call.fault());
    }

    /**
     * Sets the program that is told; it keeps the secret it has.
     *
     * @throws Problem 422 where there is no such address
     */
    @Transactional
    public void set(StoredSite site, Subject subject, String typed) {
        URI address = WebAddress.read(typed).orElseThrow(() -> Problem.worded("address", WORDS.say("address")));
        hooks.put(site.id(), subject.name(), new WebHook(address.toString(), HookSignature.freshSecret()));
    }

    @Transactional
    public void remove(StoredSite site, Subject subject) {
        hooks.delete(site.id(), subject.name());
    }

    /**
     * Tells a site's program of something, as part of the transaction that is running; does nothing where there is none.
     *
     * @param type what happened, such as {@code list.joined}
     * @param data what it is about, as JSON
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void tell(String site, Subject subject, String type, Map<String, ?> data) {
        if (hooks.of(site, subject.name()).isEmpty()) {
            return;
        }
        String id = UUID.randomUUID().toString();
        Instant now = clock.instant();
        String body =
                json.writeValueAsString(new java.util.TreeMap<>(Map.of("type", type, "timestamp", now, "data", data)));
        hooks.insert(id, site, subject.name(), type, body, now);
        queue.add(task.instance(id));
    }

    /** Tells a site's program that this is a test. */
    @Transactional
    public void test(StoredSite site, Subject subject) {
        tell(site.id(), subject, "test", Map.of());
    }

    /** Tries a call again that was given up. */
    @Transactional
    public void again(StoredSite site, String call) {
        if (hooks.again(site.id(), call, clock.instant()) == 0) {
            throw Problem.notFound();
        }
        queue.add(task.instance(call));
    }

    private void call(String id) throws NotTaken {
        StoredCall call = hooks.call(id).orElse(null);
        if (call == null || !call.state().equals(CallState.WAITING.name())) {
            return;
        }
        WebHook hook = hooks.of(call.site(), call.subject()).orElse(null);
        if (hook == null) {
            return;
        }
        Instant now = clock.instant();
        try {
            outside.post(
                    URI.create(hook.address()),
                    call.body(),
                    HookSignature.headers(hook.secret(), id, now, call.body()));
        } catch (Outside.NotFetched e) {
            hooks.failed(id, WORDS.say("fault." + e.fault()));
            throw new NotTaken(e);
        }
        hooks.taken(id, clock.instant());
    }

    /** The program does not have it. */
    private static final class NotTaken extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NotTaken(Throwable cause) {
            super(cause);
        }
    }

    private void later(ExecutionComplete complete, ExecutionOperations<Void> operations) {
        String id = complete.getExecution().taskInstance.getId();
        Instant begun = hooks.call(id).map(StoredCall::madeAt).orElse(Instant.EPOCH);
        Optional<Instant> next = PATIENCE.next(complete.getExecution().consecutiveFailures, begun, clock.instant());
        next.ifPresentOrElse(at -> operations.reschedule(complete, at), () -> {
            hooks.givenUp(id, clock.instant());
            operations.stop();
        });
    }

    /** What was told a month ago is of no use any more. */
    @Scheduled(initialDelay = 120_000, fixedDelay = 3_600_000)
    void sweep() {
        hooks.deleteDoneBefore(clock.instant().minus(KEPT));
    }
}
