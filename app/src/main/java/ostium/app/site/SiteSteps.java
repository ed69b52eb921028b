package ostium.app.site;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ostium.app.web.Problem;
import ostium.app.web.Quota;
import ostium.core.edit.Applied;
import ostium.core.edit.Edit;
import ostium.core.edit.EditRefused;
import ostium.core.edit.State;
import ostium.core.edit.Steps;
import ostium.core.edit.Stored;
import ostium.core.edit.Told;

/** What each person can take back and do again. Both are entries of the log themselves. */
@Service
public class SiteSteps {
    private record Author(String site, String author) {}

    private final LogMapper log;
    private final States states;
    private final LogEntries entries;
    private final Cache<Author, List<Steps.Step>> known =
            Caffeine.newBuilder().maximumSize(1_000).build();

    SiteSteps(LogMapper log, States states, LogEntries entries) {
        this.log = log;
        this.states = states;
        this.entries = entries;
    }

    /**
     * Takes the author's last step back. Steps that somebody else has built upon since are left as they are.
     *
     * @param screen where it is asked for
     * @throws Problem 409 when there is none, or it was made where it cannot be seen from here
     */
    @Transactional
    public SiteLog.Done undo(StoredSite site, String author, Told.Screen screen) {
        return goBy(site, author, screen, Steps.Way.UNDO, "steps.nothingToUndo");
    }

    /** Does again what the author took back last. */
    @Transactional
    public SiteLog.Done redo(StoredSite site, String author, Told.Screen screen) {
        return goBy(site, author, screen, Steps.Way.REDO, "steps.nothingToRedo");
    }

    private SiteLog.Done goBy(StoredSite site, String author, Told.Screen screen, Steps.Way way, String nothing) {
        long revision = log.lockRevision(site.id()).orElseThrow(Problem::notFound);
        if (site.owner() == null) {
            Quota.EDITS_BEFORE_SIGN_UP.require(revision);
        }
        Steps steps = of(site.id(), author);
        for (long number : way == Steps.Way.UNDO ? steps.toUndo() : steps.toRedo()) {
            LogMapper.LoggedEdit logged = log.entry(site.id(), number).orElse(null);
            if (logged == null) {
                // The log does not reach back that far any more.
                break;
            }
            Stored.Entry entry = Stored.readEntry(logged.entry());
            Edit inverse = entry.inverse();
            boolean met = log.entries(site.id(), number, revision).stream()
                    .filter(other -> !other.author().equals(author))
                    .anyMatch(other -> Stored.readEntry(other.entry()).edit().meets(inverse));
            if (met) {
                continue;
            }
            try {
                State before = states.at(site.id(), revision);
                Applied applied = inverse.apply(before);
                Told told = told(way == Steps.Way.UNDO ? entry.edit() : inverse, before, applied.state());
                told.elsewhere(screen).ifPresent(words -> {
                    throw Problem.worded(HttpStatus.CONFLICT, "elsewhere", words);
                });
                entries.append(
                        LogEntries.Entry.of(site.id(), revision + 1, author, way, number), before, inverse, applied);
                return new SiteLog.Done(revision + 1, false, told);
            } catch (EditRefused refused) {
                // Somebody else has taken away what this step was about; the one before it may still be taken back.
            }
        }
        throw new Problem(HttpStatus.CONFLICT, "", nothing);
    }

    /** What a step was about is found on the page before it or after it. */
    private static Told told(Edit edit, State before, State after) {
        Told told = Told.of(edit, before.site());
        return told.section().isEmpty() ? Told.of(edit, after.site()) : told;
    }

    /** What an author can take back and do again. Entries never change, so only those not known yet are read. */
    public Steps of(String site, String author) {
        Author key = new Author(site, author);
        List<Steps.Step> steps = known.get(key, missing -> List.of());
        long last = steps.isEmpty() ? 0 : steps.get(steps.size() - 1).number();
        List<LogMapper.LoggedStep> more = log.steps(site, author, last);
        if (!more.isEmpty()) {
            List<Steps.Step> all = new ArrayList<>(steps);
            for (LogMapper.LoggedStep step : more) {
                all.add(new Steps.Step(step.number(), step.author(), step.way(), step.undoes()));
            }
            steps = List.copyOf(all);
            if (!TransactionSynchronizationManager.isActualTransactionActive()) {
                known.put(key, steps);
            }
        }
        return Steps.of(steps, author);
    }
}
