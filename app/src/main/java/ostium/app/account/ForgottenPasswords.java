package ostium.app.account;

import com.github.kagkarlsson.scheduler.task.Priority;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.queue.Queue;
import ostium.app.queue.QueuedWork;

/**
 * Sends links for new passwords. Whoever asks is answered before anybody looks whether there is such an account: neither the words
 * nor the time of the answer tell.
 */
@Service
class ForgottenPasswords implements QueuedWork {
    private final AccountMapper accounts;
    private final AccountLinks links;
    private final Queue queue;
    private final Clock clock;
    private final OneTimeTask<Void> task;

    ForgottenPasswords(
            AccountMapper accounts, AccountLinks links, Queue queue, Clock clock, TransactionTemplate transactions) {
        this.accounts = accounts;
        this.links = links;
        this.queue = queue;
        this.clock = clock;
        this.task = Tasks.oneTime("forgotten-password")
                .execute((instance, context) -> transactions.executeWithoutResult(status -> send(instance.getId())));
    }

    @Override
    public Task<Void> task() {
        return task;
    }

    @Transactional
    public void ask(String email) {
        String id = UUID.randomUUID().toString();
        accounts.insertForgotten(id, email, clock.instant());
        queue.addNew(new TaskInstance.Builder<Void>(task.getName(), id)
                .priority(Priority.HIGH)
                .build());
    }

    private void send(String id) {
        accounts.forgotten(id)
                .flatMap(accounts::byEmail)
                .ifPresent(account -> links.send(account, AccountToken.Purpose.PASSWORD, account.email()));
        accounts.deleteForgotten(id);
    }
}
