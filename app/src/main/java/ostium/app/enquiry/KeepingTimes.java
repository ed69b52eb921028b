package ostium.app.enquiry;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Set;
import java.util.TreeSet;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import ostium.app.booking.PersonBookings;
import ostium.app.queue.QueuedWork;
import ostium.app.site.SiteService;
import ostium.core.edit.State;

/** Deletes messages and appointments whose keeping time is over, as the site's page says it. */
@Component
class KeepingTimes implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(KeepingTimes.class);
    private static final Duration ROUND = Duration.ofHours(12);

    private final EnquiryMapper enquiries;
    private final PersonBookings bookings;
    private final SiteService sites;
    private final Clock clock;

    KeepingTimes(EnquiryMapper enquiries, PersonBookings bookings, SiteService sites, Clock clock) {
        this.enquiries = enquiries;
        this.bookings = bookings;
        this.sites = sites;
        this.clock = clock;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("keeping-times", FixedDelay.of(ROUND)).execute((instance, context) -> deleteAll());
    }

    /** @return how many messages and appointments were deleted */
    int deleteAll() {
        int deleted = 0;
        Set<String> all = new TreeSet<>(enquiries.sitesWithClosed());
        all.addAll(bookings.sitesWithEnded(clock.instant()));
        for (String site : all) {
            try {
                deleted += sites.byId(site)
                        .map(sites::state)
                        .map(state -> delete(site, state))
                        .orElse(0);
            } catch (RuntimeException e) {
                // One site that cannot be read must not keep the others from being tidied.
                LOG.warn("what is kept of site {} could not be looked through: {}", site, e.getMessage());
            }
        }
        return deleted;
    }

    private int delete(String site, State state) {
        int months = state.doors().keptMonths();
        if (months == 0) {
            return 0;
        }
        ZoneId zone = sites.read(state).brief().facts().zone();
        Instant before = clock.instant().atZone(zone).minusMonths(months).toInstant();
        return enquiries.deleteClosedBefore(site, before) + bookings.deleteEndedBefore(site, before);
    }
}
