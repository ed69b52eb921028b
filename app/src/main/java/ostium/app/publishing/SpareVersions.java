package ostium.app.publishing;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.util.function.IntSupplier;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import ostium.app.queue.QueuedWork;

/**
 * Takes away, once a day, the oldest versions of sites that were published very often; and what sites that were deleted have left: bytes
 * that no version has, addresses nobody has any more. What is live stays, however old it is.
 */
@Component
class SpareVersions implements QueuedWork {
    /** Versions of a site that can be looked at and put back; as many as are shown. */
    static final int KEPT = 100;

    private final PublicationMapper publications;

    /** The newest change of addresses a sweep ago: every instance has heard of those before it. */
    private long heard;

    SpareVersions(PublicationMapper publications) {
        this.publications = publications;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("spare-versions", FixedDelay.ofHours(24)).execute((instance, context) -> sweep());
    }

    /** A row at a time, so that nobody who publishes has to wait; a row that somebody holds or wants again is left. */
    void sweep() {
        int gone = publications.deleteGivenUp(heard);
        heard = publications.newestChange();
        for (long version : publications.beyond(KEPT)) {
            gone += unlessHeld(() -> publications.delete(version));
        }
        for (String hash : publications.unused()) {
            gone += unlessHeld(() -> publications.deleteUnused(hash));
        }
        if (gone > 0) {
            LoggerFactory.getLogger(SpareVersions.class).info("{} versions and files of versions were spare", gone);
        }
    }

    private static int unlessHeld(IntSupplier change) {
        try {
            return change.getAsInt();
        } catch (ConcurrencyFailureException | DataIntegrityViolationException e) {
            return 0;
        }
    }
}
