package ostium.app.booking;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.booking.FollowedMapper.Followed;
import ostium.app.outside.Outside;
import ostium.app.outside.WebAddress;
import ostium.app.queue.QueuedWork;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;

/**
 * Calendars that are followed: their busy times are asked for at their address, and asked for anew every half an hour. While one
 * cannot be reached, what it said last stands.
 */
@Component
public class FollowedCalendars implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(FollowedCalendars.class);
    private static final Duration ROUND = Duration.ofMinutes(3);
    private static final Duration OLD = Duration.ofMinutes(30);
    private static final int MOST = 10;

    private final FollowedMapper followed;
    private final BusyCalendars calendars;
    private final SiteService sites;
    private final Outside outside;
    private final TransactionTemplate transactions;
    private final Clock clock;

    FollowedCalendars(
            FollowedMapper followed,
            BusyCalendars calendars,
            SiteService sites,
            Outside outside,
            TransactionTemplate transactions,
            Clock clock) {
        this.followed = followed;
        this.calendars = calendars;
        this.sites = sites;
        this.outside = outside;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("calendars", FixedDelay.of(ROUND)).execute((instance, context) -> readAll());
    }

    /**
     * Follows a calendar from now on.
     *
     * @param typed its address; {@code webcal:} is how calendars are offered, and means https
     * @throws Problem 422 where there is no such address, or no calendar there
     */
    public BusyCalendars.BroughtIn follow(StoredSite site, String typed) {
        URI address = address(typed);
        List<Followed> others = followed.ofSite(site.id());
        if (others.size() >= MOST) {
            throw Problem.at("address", "booking.feed.many");
        }
        String file;
        try {
            file = outside.fetch(address, BusyCalendars.MOST_BYTES);
        } catch (Outside.NotFetched e) {
            throw Problem.at("address", "booking.feed." + e.fault());
        }
        String name = name(address, others);
        return transactions.execute(status -> {
            followed.delete(site.id(), name);
            followed.insert(site.id(), name, address.toString(), clock.instant());
            return calendars.bringIn(site, name, file);
        });
    }

    private static URI address(String typed) {
        return WebAddress.read(typed == null ? "" : typed.strip().replaceFirst("(?i)^webcals?:", "https:"))
                .orElseThrow(() -> Problem.at("address", "booking.feed"));
    }

    /** The machine it comes from; the second from there is told apart. */
    private static String name(URI address, List<Followed> others) {
        String host = BusyCalendars.shortened(address.getHost());
        for (int number = 1; ; number++) {
            String name = number == 1 ? host : host + " " + number;
            boolean free = others.stream()
                    .noneMatch(
                            each -> each.name().equals(name) && !each.address().equals(address.toString()));
            if (free) {
                return name;
            }
        }
    }

    /** Reads those anew that were read half an hour ago or longer. */
    void readAll() {
        for (Followed calendar : followed.toRead(clock.instant().minus(OLD))) {
            Instant now = clock.instant();
            if (followed.take(calendar, now) == 1) {
                read(calendar, now);
            }
        }
    }

    private void read(Followed calendar, Instant now) {
        try {
            String file = outside.fetch(URI.create(calendar.address()), BusyCalendars.MOST_BYTES);
            sites.byId(calendar.site()).ifPresent(site -> calendars.bringIn(site, calendar.name(), file));
            followed.read(calendar.site(), calendar.name(), now);
        } catch (Outside.NotFetched e) {
            followed.failed(calendar.site(), calendar.name(), e.fault().name());
        } catch (RuntimeException e) {
            // One calendar that makes no sense must not keep the others from being read.
            LOG.warn("a calendar of site {} could not be read: {}", calendar.site(), e.getMessage());
            followed.failed(calendar.site(), calendar.name(), Outside.Fault.NOTHING.name());
        }
    }
}
