package ostium.app.queue;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.jdbc.JdbcCustomization;
import com.github.kagkarlsson.scheduler.jdbc.MariaDBJdbcCustomization;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Mail, sizes of pictures, sweeps: whatever need not be done before somebody is answered. Adding work writes its place in
 * the queue in the caller's transaction; it is done if, and only if, that transaction is committed, and done again after
 * a crash. What is due goes by {@link com.github.kagkarlsson.scheduler.task.Priority}, then by its time.
 */
@Component
public class Queue {
    private static final JdbcCustomization IN_UTC = new MariaDBJdbcCustomization(true);

    private final DataSource dataSource;
    private final ObjectProvider<QueuedWork> works;
    private final Clock clock;
    private final SchedulerClient client;
    private Scheduler scheduler;

    Queue(DataSource dataSource, ObjectProvider<QueuedWork> works, Clock clock) {
        this.dataSource = dataSource;
        this.works = works;
        this.clock = clock;
        this.client = SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(dataSource))
                .jdbcCustomization(IN_UTC)
                .enablePriority()
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        List<Task<?>> once = new ArrayList<>();
        List<RecurringTask<Void>> again = new ArrayList<>();
        works.orderedStream().map(QueuedWork::task).forEach(task -> {
            if (task instanceof RecurringTask<Void> recurring) {
                again.add(recurring);
            } else {
                once.add(task);
            }
        });
        scheduler = Scheduler.create(dataSource, once)
                .startTasks(again)
                .jdbcCustomization(IN_UTC)
                .enablePriority()
                .threads(3)
                .pollingInterval(Duration.ofSeconds(1))
                .heartbeatInterval(Duration.ofSeconds(10))
                .missedHeartbeatsLimit(4)
                .shutdownMaxWait(Duration.ofSeconds(2))
                .build();
        scheduler.start();
    }

    @PreDestroy
    void stop() {
        if (scheduler != null) {
            scheduler.stop();
        }
    }

    /** Adds work that is not in the queue yet, as part of the transaction that is running. */
    public void add(TaskInstance<Void> work) {
        add(work, Duration.ZERO);
    }

    /** Adds work whose name nothing in the queue can have, as part of the transaction that is running: nothing is looked up. */
    public void addNew(TaskInstance<Void> work) {
        client.scheduleBatch(List.of(work), clock.instant());
    }

    /** @param later how long it waits at least, so that more of the same is done at once */
    public void add(TaskInstance<Void> work, Duration later) {
        client.scheduleIfNotExists(work, clock.instant().plus(later));
    }
}
