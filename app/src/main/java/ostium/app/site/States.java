package ostium.app.site;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ostium.app.site.LogMapper.LoggedEdit;
import ostium.app.web.Problem;
import ostium.core.edit.State;
import ostium.core.edit.Stored;

/** The state of each site at a revision, replayed from the last whole one; the present one stays in memory. */
@Component
public class States {
    private record At(long revision, State state) {}

    private final LogMapper log;
    private final Cache<String, At> present =
            Caffeine.newBuilder().maximumSize(1_000).build();

    States(LogMapper log) {
        this.log = log;
    }

    /** The site as it stands now; stays in memory, as whoever asks once asks again. */
    public State of(StoredSite site) {
        State state = at(site.id(), site.revision());
        willBe(site.id(), site.revision(), state);
        return state;
    }

    /** @throws Problem 409 if the log does not reach back that far */
    public State at(String site, long revision) {
        At known = present.getIfPresent(site);
        if (known == null || known.revision() > revision) {
            LogMapper.StoredState snapshot =
                    log.snapshot(site, revision).orElseThrow(() -> new Problem(HttpStatus.CONFLICT, "", "site.reload"));
            known = new At(snapshot.number(), Stored.readState(snapshot.state()));
        }
        State state = known.state();
        if (known.revision() < revision) {
            for (LoggedEdit entry : log.entries(site, known.revision(), revision)) {
                state = Stored.readEntry(entry.entry()).edit().apply(state).state();
            }
        }
        return state;
    }

    /** What a transaction makes of a site, or reads of it, is its present state once that is committed. */
    void willBe(String site, long revision, State state) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            remember(site, new At(revision, state));
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                remember(site, new At(revision, state));
            }
        });
    }

    private void remember(String site, At fresh) {
        present.asMap().merge(site, fresh, (known, other) -> known.revision() > other.revision() ? known : other);
    }
}
