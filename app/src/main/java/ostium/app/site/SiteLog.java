package ostium.app.site;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.web.Problem;
import ostium.app.web.Quota;
import ostium.core.base.Messages;
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
import ostium.core.edit.Told;
import ostium.core.edit.WholeEdit;

/**
 * The one log of edits of each site. An edit, what it means for the rest of the document, and the new revision are stored in
 * one transaction. When a method here has returned, what it took is kept.
 */
@Service
public class SiteLog {
    private static final Messages WORDS = Messages.of("problem");

    /**
     * What came of an edit.
     *
     * @param revision the present revision
     * @param aside whether the words were kept aside, since somebody else has changed the same text
     * @param told what was taken back or done again; null for an edit
     */
    public record Done(long revision, boolean aside, Told told) {
        public Done(long revision, boolean aside) {
            this(revision, aside, null);
        }
    }

    private final LogMapper log;
    private final LogEntries entries;
    private final States states;
    private final Readings readings;
    private final WordsAside asides;

    SiteLog(LogMapper log, LogEntries entries, States states, Readings readings, WordsAside asides) {
        this.log = log;
        this.entries = entries;
        this.states = states;
        this.readings = readings;
        this.asides = asides;
    }

    /** The first state of a new site. */
    @Transactional
    void begin(String site, State state) {
        log.insertSnapshot(site, 1, Stored.write(state));
    }

    /**
     * Applies an edit made on some revision, with what it means for the rest of the document, as one step.
     *
     * @param author who edits
     * @param base revision the edit was made on
     * @param key id of the edit, made by whoever made it: the same edit sent twice is one. What stands before a full stop in
     *     it names the window; edits of one window never meet
     * @throws Problem 409 when somebody else has changed the same place since, 422 when the edit cannot be
     */
    @Transactional
    public Done edit(StoredSite site, String author, long base, String key, Edit edit) {
        long revision = log.lockRevision(site.id()).orElseThrow(Problem::notFound);
        if (log.countKey(site.id(), key) > 0) {
            return new Done(revision, false);
        }
        if (base > revision) {
            throw new Problem(HttpStatus.CONFLICT, "", "site.reload");
        }
        // What one window sends, it sends in order: its own edits before this one are what it was made on.
        String window = key.contains(".") ? key.substring(0, key.indexOf('.') + 1) : key;
        List<LogMapper.LoggedEdit> since = base == revision ? List.of() : log.entries(site.id(), base, revision);
        if (since.size() < revision - Math.max(1, base)) {
            // The log does not reach back that far any more.
            throw new Problem(HttpStatus.CONFLICT, "", "site.reload");
        }
        List<LogMapper.LoggedEdit> others = since.stream()
                .filter(other ->
                        !(other.author().equals(author) && other.editKey().startsWith(window)))
                .toList();
        if (others.stream()
                .anyMatch(other -> Stored.readEntry(other.entry()).edit().meets(edit))) {
            return setAside(site, author, revision, edit, WORDS.say("edit.met"));
        }
        if (site.owner() == null) {
            Quota.EDITS_BEFORE_SIGN_UP.require(revision);
        }
        State state = states.at(site.id(), revision);
        try {
            Applied applied = edit.apply(state);
            List<Edit> more = Consequences.of(state, applied.state(), readings::of);
            entries.append(
                    new LogEntries.Entry(site.id(), revision + 1, key, author, Steps.Way.DO, null),
                    state,
                    WholeEdit.of(concat(edit, more)),
                    applied.then(more));
        } catch (EditRefused refused) {
            if (!others.isEmpty()) {
                return setAside(site, author, revision, edit, refused.getMessage());
            }
            throw Problem.worded("", refused.getMessage());
        }
        return new Done(revision + 1, false);
    }

    private static List<Edit> concat(Edit edit, List<Edit> more) {
        return java.util.stream.Stream.concat(java.util.stream.Stream.of(edit), more.stream())
                .toList();
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
        State state = states.at(site.id(), revision);
        if (state.isKept()) {
            return;
        }
        Draft draft = recipe == null
                ? state.draft(readings.of(state))
                : recipe.draft(readings.of(state).brief());
        long seed = recipe == null ? state.sheet().seed() : recipe.words();
        Edit edit = new WholeEdit.Several(List.of(
                new SheetEdit.SetLine("seed", String.valueOf(seed)),
                new WholeEdit.PutDraft(draft.site(), draft.look()),
                new WholeEdit.SendMessagesTo(List.of(messagesTo))));
        entries.append(
                LogEntries.Entry.of(site.id(), revision + 1, author, Steps.Way.BEGIN, null),
                state,
                edit,
                edit.apply(state));
    }

    /** Words that cannot stand are kept beside the page; anything else is said. */
    private Done setAside(StoredSite site, String author, long revision, Edit edit, String why) {
        if (!(edit instanceof TextEdit.SetText words)) {
            throw new Problem(HttpStatus.CONFLICT, "", "edit.seenNow", why);
        }
        asides.keep(site.id(), author, words);
        return new Done(revision, true);
    }

    /** What was edited with a browser's key is the account's from now on, so that it can go back to the beginning. */
    void claim(String account, String keyHash) {
        log.claim(account, keyHash);
    }
}
