package ostium.app.publishing;

import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.publishing.PublicationMapper.LivePublication;
import ostium.app.queue.QueuedWork;
import ostium.app.site.FactsOrDoorsChanged;
import ostium.app.site.Readings;
import ostium.app.site.SiteService;
import ostium.core.door.Doors;
import ostium.core.edit.State;
import ostium.core.edit.Stored;
import ostium.core.sheet.Line;

/**
 * Keeps what public pages say of the hours and the doors right without a publish. A day that differs, a door that is shut and its
 * hours act at once (decision 2): the week is that of the published version, the days that differ are those of the sheet as it
 * stands. The list of changes reaches 400 days
 * ahead and is renewed every day.
 */
@Service
class OpeningNow implements QueuedWork {
    private static final Logger LOG = LoggerFactory.getLogger(OpeningNow.class);
    private static final Duration ROUND = Duration.ofHours(6);

    private final PublicationMapper publications;
    private final SiteService sites;
    private final Readings readings;
    private final StandingParts parts;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;

    OpeningNow(
            PublicationMapper publications,
            SiteService sites,
            Readings readings,
            StandingParts parts,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.publications = publications;
        this.sites = sites;
        this.readings = readings;
        this.parts = parts;
        this.events = events;
        this.transactions = transactions;
    }

    /** Something has changed: in the same transaction the public pages are told, if it is among what acts at once. */
    @EventListener
    @Transactional
    public void changed(FactsOrDoorsChanged changed) {
        if (atOnce(changed.before()).equals(atOnce(changed.state()))) {
            return;
        }
        publications
                .addressOf(changed.site())
                .map(PublicationMapper.Address::publication)
                .flatMap(publications::byId)
                .ifPresent(live -> renew(live, changed.state()));
    }

    @Override
    public Task<Void> task() {
        return Tasks.recurring("opening-now", FixedDelay.of(ROUND)).execute((instance, context) -> renewAll());
    }

    void renewAll() {
        for (Long publication : publications.livePublications()) {
            try {
                transactions.executeWithoutResult(status -> renew(publication));
            } catch (RuntimeException e) {
                // One that cannot be read must not keep the others from being renewed.
                LOG.warn("the hours of publication {} could not be renewed: {}", publication, e.getMessage());
            }
        }
    }

    private void renew(long publication) {
        publications
                .byId(publication)
                .ifPresent(live -> sites.byId(live.site()).map(sites::state).ifPresent(state -> renew(live, state)));
    }

    private void renew(LivePublication live, State present) {
        if (live.url() == null) {
            return;
        }
        State published = Stored.readState(live.state());
        State now = published
                .withSheet(published.sheet().with(Line.EXCEPTIONS, daysOff(present)))
                .withDoors(published.doors().withHoursOf(present.doors()));
        String opening = parts.opening(now, readings.of(now), live.url());
        if (opening.equals(live.opening())) {
            return;
        }
        long number = publications.lockCounter() + 1;
        publications.setCounter(number);
        publications.setOpening(live.id(), opening);
        publications.touch(live.id(), number);
        publications
                .addressOf(live.site())
                .map(PublicationMapper.Address::host)
                .ifPresent(host -> PublishingService.afterCommit(
                        () -> events.publishEvent(new PublishingService.HostChanged(host))));
    }

    private static List<Object> atOnce(State state) {
        return List.of(daysOff(state), Doors.none().withHoursOf(state.doors()));
    }

    private static String daysOff(State state) {
        return state.sheet().line(Line.EXCEPTIONS);
    }
}
