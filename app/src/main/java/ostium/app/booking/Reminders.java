package ostium.app.booking;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.queue.QueuedWork;
import ostium.app.site.SiteService;

/** Reminds those who booked a day before, once, unless they booked only just before that; and lets held times of long ago go. */
@Component
class Reminders implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(Reminders.class);
    private static final Duration ROUND = Duration.ofMinutes(5);
    private static final Duration AHEAD = Duration.ofHours(24);
    /** Whoever booked later than this before now knows of it. */
    private static final Duration JUST_BOOKED = Duration.ofHours(12);

    private static final Duration LAPSED = Duration.ofDays(1);

    private final BookingStore store;
    private final BookingMapper mapper;
    private final Desks desks;
    private final SiteService sites;
    private final BookingMessages messages;
    private final TransactionTemplate transactions;
    private final Clock clock;

    Reminders(
            BookingStore store,
            BookingMapper mapper,
            Desks desks,
            SiteService sites,
            BookingMessages messages,
            TransactionTemplate transactions,
            Clock clock) {
        this.store = store;
        this.mapper = mapper;
        this.desks = desks;
        this.sites = sites;
        this.messages = messages;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("reminders", FixedDelay.of(ROUND)).execute((instance, context) -> remindAll());
    }

    void remindAll() {
        Instant now = clock.instant();
        for (Booking booking : store.toRemind(now, now.plus(AHEAD), now.minus(JUST_BOOKED))) {
            try {
                transactions.executeWithoutResult(status -> remind(booking, now));
            } catch (RuntimeException e) {
                // One site that cannot be read must not keep the others from being reminded.
                LOG.warn("of booking {} nobody could be reminded: {}", booking.id(), e.getMessage());
            }
        }
        mapper.sweep(now.minus(LAPSED));
    }

    private void remind(Booking booking, Instant now) {
        sites.byId(booking.site()).flatMap(desks::of).ifPresent(desk -> {
            if (mapper.remind(booking.id(), now) == 1) {
                messages.reminder(desk, booking);
            }
        });
    }
}
