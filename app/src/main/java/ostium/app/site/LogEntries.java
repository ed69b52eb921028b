package ostium.app.site;

import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import ostium.core.edit.Applied;
import ostium.core.edit.Edit;
import ostium.core.edit.State;
import ostium.core.edit.Steps;
import ostium.core.edit.Stored;

/** Writes entries of the log: an edit with its inverse and the new revision, and a whole state now and then. */
@Component
class LogEntries {
    private static final int SNAPSHOT_EVERY = 100;

    private final LogMapper log;
    private final States states;
    private final ApplicationEventPublisher events;

    LogEntries(LogMapper log, States states, ApplicationEventPublisher events) {
        this.log = log;
        this.states = states;
        this.events = events;
    }

    /**
     * What an entry is about.
     *
     * @param key id of the edit, made by whoever made it
     * @param undoes for a step back or forward, the entry whose inverse it is; else null
     */
    record Entry(String site, long number, String key, String author, Steps.Way way, Long undoes) {
        static Entry of(String site, long number, String author, Steps.Way way, Long undoes) {
            return new Entry(site, number, UUID.randomUUID().toString(), author, way, undoes);
        }
    }

    /** @param before the state the edit was applied to */
    void append(Entry entry, State before, Edit edit, Applied applied) {
        log.insert(
                entry.site(),
                entry.number(),
                entry.key(),
                entry.author(),
                entry.way(),
                entry.undoes(),
                Stored.write(new Stored.Entry(edit, applied.inverse())));
        log.setRevision(entry.site(), entry.number());
        if (entry.number() % SNAPSHOT_EVERY == 0) {
            log.insertSnapshot(entry.site(), entry.number(), Stored.write(applied.state()));
        }
        states.willBe(entry.site(), entry.number(), applied.state());
        if (!before.sheet().equals(applied.state().sheet())
                || !before.doors().equals(applied.state().doors())) {
            events.publishEvent(new FactsOrDoorsChanged(entry.site(), before, applied.state()));
        }
    }
}
