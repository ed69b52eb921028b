package ostium.app.files;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.queue.QueuedWork;

/**
 * Takes away what nothing refers to, once a day: files that no edit, state or version of a site names, and sizes nobody
 * has wanted for a month. As long as a step can be undone or a version put back, its pictures are there.
 */
@Component
class SpareFiles implements QueuedWork {
    private final FileMapper files;
    private final TransactionTemplate transactions;

    SpareFiles(FileMapper files, TransactionTemplate transactions) {
        this.files = files;
        this.transactions = transactions;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("spare-files", FixedDelay.ofHours(24)).execute((instance, context) -> sweep());
    }

    void sweep() {
        Integer gone = transactions.execute(status -> {
            files.unlinkUnnamed();
            return files.deleteUnlinked() + files.deleteOldSizes();
        });
        if (gone != null && gone > 0) {
            LoggerFactory.getLogger(SpareFiles.class).info("{} files and sizes were spare", gone);
        }
    }
}
