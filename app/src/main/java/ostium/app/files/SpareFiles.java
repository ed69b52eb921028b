package ostium.app.files;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.util.function.IntSupplier;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Component;
import ostium.app.files.FileMapper.OldSize;
import ostium.app.queue.QueuedWork;

/**
 * Takes away what nothing refers to, once a day: files that no edit, state or version of a site names, and sizes nobody
 * has wanted for a month. As long as a step can be undone or a version put back, its pictures are there.
 */
@Component
class SpareFiles implements QueuedWork {
    private final FileMapper files;

    SpareFiles(FileMapper files) {
        this.files = files;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("spare-files", FixedDelay.ofHours(24)).execute((instance, context) -> sweep());
    }

    /**
     * A row at a time: what is looked at is not locked, so that nobody who edits has to wait. A row that somebody else
     * holds is in use, and left for another day.
     */
    void sweep() {
        files.unnamed().forEach(spare -> unlessHeld(() -> files.unlinkOld(spare.site(), spare.file())));
        int gone = 0;
        for (long file : files.unlinked()) {
            gone += unlessHeld(() -> files.deleteUnlinked(file));
        }
        for (OldSize size : files.oldSizes()) {
            gone += unlessHeld(() -> files.deleteOldSize(size.file(), size.path()));
        }
        if (gone > 0) {
            LoggerFactory.getLogger(SpareFiles.class).info("{} files and sizes were spare", gone);
        }
    }

    private static int unlessHeld(IntSupplier change) {
        try {
            return change.getAsInt();
        } catch (ConcurrencyFailureException e) {
            return 0;
        }
    }
}
