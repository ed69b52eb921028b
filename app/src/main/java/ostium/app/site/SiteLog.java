package ostium.app.site;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ostium.app.site.LogMapper.LoggedEdit;
import ostium.app.web.Problem;
import ostium.core.draft.Draft;
import ostium.core.draft.Recipe;
import ostium.core.edit.Applied;
import ostium.core.edit.Consequences;
import ostium.core.edit.Edit;
import ostium.core.edit.EditRefused;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.Steps;
import ostium.core.edit.Stored;
import ostium.core.edit.TextEdit;
import ostium.core.edit.WholeEdit;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;

/**
 * The one log of edits of each site, and the state they lead to. An edit and its revision are stored in one
 * transaction; a whole state is stored every {@value #SNAPSHOT_EVERY} edits. When a method here has returned, what it
 * took is kept.
 */
@Service
public class SiteLog {
    private static final int SNAPSHOT_EVERY = 100;

    /**
     * What came of an edit.
     *
     * @param revision the present revision
     * @param aside whether the words were kept aside, since somebody else has changed the same text
     */
    public record Done(long revision, boolean aside) {}

    /** Words kept aside. */
    public record Aside(String id, String text, String author, String tree) {}

    private record At(long revision, State state) {}

    private final LogMapper log;
    private final Clock clock;
    private final Cache<String, At> present =
            Caffeine.newBuilder().maximumSize(1_000).build();

    private record ReadOn(LocalDate day, SheetReading reading) {}

    /** By identity: states that differ in words only share their sheet. */
    private final Cache<TypedSheet, ReadOn> readings =
            Caffeine.newBuilder().weakKeys().build();

    private record Author(String site, String author) {}

    private final Cache<Author, List<Steps.Step>> stepsOf =
            Caffeine.newBuilder().maximumSize(1_000).build();

    SiteLog(LogMapper log, Clock clock) {
        this.log = log;
        this.clock = clock;
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** The facts of a state, read today. Reading takes longest of all on the way to the shopfront, so it is done once. */
    public SheetReading read(State state) {
        LocalDate today = today();
        ReadOn read = readings.get(state.sheet(), sheet -> new ReadOn(today, SheetReader.read(sheet, today)));
        if (!read.day().equals(today)) {
            read = new ReadOn(today, state.reading(today));
            readings.put(state.sheet(), read);
        }
        return read.reading();
    }

    /** The first state of a new site. */
    @Transactional
    void begin(String site, State state) {
        log.insertSnapshot(site, 1, Stored.write(state));
    }

    /** The site as it stands now. */
    public State state(StoredSite site) {
        return stateAt(site.id(), site.revision());
    }

    /** @throws Problem 409 if the log does not reach back that far */
    public State stateAt(String site, long revision) {
        At known = present.getIfPresent(site);
        if (known == null || known.revision() > revision) {
            LogMapper.StoredState snapshot = log.snapshot(site, revision)
                    .orElseThrow(() -> new Problem(HttpStatus.CONFLICT, "", "Reload to see this site as it is now."));
            known = new At(snapshot.number(), Stored.readState(snapshot.state()));
        }
        State state = known.state();
        for (LoggedEdit entry :
                known.revision() == revision ? List.<LoggedEdit>of() : log.entries(site, known.revision(), revision)) {
            state = Stored.readEntry(entry.entry()).edit().apply(state).state();
        }
        return state;
    }

    /**
     * Applies an edit made on some revision, with what it means for the rest of the document, as one step.
     *
     * @param author who edits
     * @param base revision the edit was made on
     * @param key id of the edit, made by whoever made it: the same edit sent twice is one
     * @throws Problem 409 when somebody else has changed the same place since, 422 when the edit cannot be
     */
    @Transactional
    public Done edit(StoredSite site, String author, long base, String key, Edit edit) {
        long revision = log.lockRevision(site.id()).orElseThrow(Problem::notFound);
        if (log.countKey(site.id(), key) > 0) {
            return new Done(revision, false);
        }
        if (base > revision) {
            throw new Problem(HttpStatus.CONFLICT, "", "Reload to see this site as it is now.");
        }
        boolean met = base < revision
                && log.entries(site.id(), base, revision).stream()
                        .anyMatch(
                                other -> Stored.readEntry(other.entry()).edit().meets(edit));
        if (met) {
            return setAside(site, author, revision, edit, "Somebody else has changed this a moment ago.");
        }
        State state = stateAt(site.id(), revision);
        Edit step;
        try {
            State after = edit.apply(state).state();
            List<Edit> all = new ArrayList<>(List.of(edit));
            all.addAll(Consequences.of(state, after, today()));
            step = WholeEdit.of(all);
            append(site.id(), revision + 1, key, author, Steps.Way.DO, null, step, step.apply(state));
        } catch (EditRefused refused) {
            if (base < revision) {
                return setAside(site, author, revision, edit, refused.getMessage());
            }
            throw Problem.at("", refused.getMessage());
        }
        return new Done(revision + 1, false);
    }

    /**
     * Keeps the draft that the facts give: from here on the site has a document. Does nothing if one was kept before.
     *
     * @param author account that keeps it
     * @param messagesTo where messages from the form go at first
     * @param recipe the draft of the table that is kept; null keeps the one the site gives by itself
     */
    @Transactional
    public void keepDraft(StoredSite site, String author, String messagesTo, Recipe recipe) {
        long revision = log.lockRevision(site.id()).orElseThrow(Problem::notFound);
        State state = stateAt(site.id(), revision);
        if (state.isKept()) {
            return;
        }
        Draft draft = recipe == null
                ? state.draft(read(state))
                : recipe.draft(read(state).brief());
        long seed = recipe == null ? state.sheet().seed() : recipe.words();
        Edit edit = new WholeEdit.Several(List.of(
                new SheetEdit.SetLine("seed", String.valueOf(seed)),
                new WholeEdit.PutDraft(draft.site(), draft.look()),
                new WholeEdit.SendMessagesTo(List.of(messagesTo))));
        append(
                site.id(),
                revision + 1,
                UUID.randomUUID().toString(),
                author,
                Steps.Way.BEGIN,
                null,
                edit,
                edit.apply(state));
    }

    /** Words that cannot stand are kept beside the page; anything else is said. */
    private Done setAside(StoredSite site, String author, long revision, Edit edit, String why) {
        if (!(edit instanceof TextEdit.SetText words)) {
            throw new Problem(HttpStatus.CONFLICT, "", why + " You see it as it is now.");
        }
        log.insertAside(UUID.randomUUID().toString(), site.id(), words.text(), author, Stored.writeTree(words.tree()));
        return new Done(revision, true);
    }

    /** Takes the author's last step back. Steps that somebody else has built upon since are left as they are. */
    @Transactional
    public Done undo(StoredSite site, String author) {
        return goBy(site, author, Steps.Way.UNDO, "There is nothing to take back.");
    }

    /** Does again what the author took back last. */
    @Transactional
    public Done redo(StoredSite site, String author) {
        return goBy(site, author, Steps.Way.REDO, "There is nothing to do again.");
    }

    private Done goBy(StoredSite site, String author, Steps.Way way, String nothing) {
        long revision = log.lockRevision(site.id()).orElseThrow(Problem::notFound);
        Steps steps = steps(site.id(), author);
        for (long number : way == Steps.Way.UNDO ? steps.toUndo() : steps.toRedo()) {
            Edit inverse = Stored.readEntry(
                            log.entry(site.id(), number).orElseThrow().entry())
                    .inverse();
            boolean met = log.entries(site.id(), number, revision).stream()
                    .filter(other -> !other.author().equals(author))
                    .anyMatch(other -> Stored.readEntry(other.entry()).edit().meets(inverse));
            if (met) {
                continue;
            }
            try {
                Applied applied = inverse.apply(stateAt(site.id(), revision));
                append(site.id(), revision + 1, UUID.randomUUID().toString(), author, way, number, inverse, applied);
                return new Done(revision + 1, false);
            } catch (EditRefused refused) {
                // Somebody else has taken away what this step was about; the one before it may still be taken back.
            }
        }
        throw new Problem(HttpStatus.CONFLICT, "", nothing);
    }

    /** What an author can take back and do again. Entries never change, so only those not known yet are read. */
    public Steps steps(String site, String author) {
        Author key = new Author(site, author);
        List<Steps.Step> known = stepsOf.get(key, missing -> List.of());
        long last = known.isEmpty() ? 0 : known.get(known.size() - 1).number();
        List<LogMapper.LoggedStep> more = log.steps(site, author, last);
        if (!more.isEmpty()) {
            List<Steps.Step> all = new ArrayList<>(known);
            for (LogMapper.LoggedStep step : more) {
                all.add(new Steps.Step(step.number(), step.author(), step.way(), step.undoes()));
            }
            known = List.copyOf(all);
            if (!TransactionSynchronizationManager.isActualTransactionActive()) {
                stepsOf.put(key, known);
            }
        }
        return Steps.of(known, author);
    }

    public List<Aside> asides(String site) {
        return log.asides(site).stream()
                .map(stored -> new Aside(stored.id(), stored.text(), stored.author(), stored.tree()))
                .toList();
    }

    /** @throws Problem 404 if there are no such words */
    @Transactional
    public void letGo(String site, String aside) {
        if (log.deleteAside(site, aside) == 0) {
            throw Problem.notFound();
        }
    }

    /** What was edited with a browser's key is the account's from now on, so that it can go back to the beginning. */
    void claim(String account, String keyHash) {
        log.claim(account, keyHash);
    }

    private void append(
            String site,
            long number,
            String key,
            String author,
            Steps.Way way,
            Long undoes,
            Edit edit,
            Applied applied) {
        log.insert(site, number, key, author, way, undoes, Stored.write(new Stored.Entry(edit, applied.inverse())));
        log.setRevision(site, number);
        if (number % SNAPSHOT_EVERY == 0) {
            log.insertSnapshot(site, number, Stored.write(applied.state()));
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                present.asMap()
                        .merge(
                                site,
                                new At(number, applied.state()),
                                (known, fresh) -> known.revision() > fresh.revision() ? known : fresh);
            }
        });
    }

    /** The revision of a site, or empty when it is gone. */
    public Optional<Long> revision(String site) {
        return log.revision(site);
    }
}
