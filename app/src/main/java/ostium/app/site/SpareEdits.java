package ostium.app.site;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import ostium.app.queue.QueuedWork;

/**
 * Takes away, once an hour, the oldest steps of sites that were edited very often, so that nobody's log grows without end. What stays
 * begins with a whole state. Publications stand by themselves and are not touched.
 */
@Component
class SpareEdits implements QueuedWork {
    /** Steps of a site that stay, at the least: so far one can go back. Two years of a hundred an evening, three evenings a week. */
    static final int KEPT = 30_000;

    /** Rows that are taken away at once, so that nobody waits for them. */
    private static final int AT_ONCE = 500;

    private final LogMapper log;

    SpareEdits(LogMapper log) {
        this.log = log;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("spare-edits", FixedDelay.ofHours(1)).execute((instance, context) -> sweep(KEPT));
    }

    /**
     * @param kept steps of a site that stay at the least
     */
    void sweep(int kept) {
        for (LogMapper.OldestKept oldest : log.longerThan(kept)) {
            // Whole states first: none may stand before steps that are not there any more.
            log.deleteSnapshotsBefore(oldest.site(), oldest.number());
            int gone = 0;
            int more;
            do {
                more = log.deleteUpTo(oldest.site(), oldest.number(), AT_ONCE);
                gone += more;
            } while (more == AT_ONCE);
            if (gone > 0) {
                LoggerFactory.getLogger(SpareEdits.class).info("{} steps of site {} were spare", gone, oldest.site());
            }
        }
    }
}
