package ostium.core.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/**
 * What one person can take back and do again, worked out from the log. A step taken back is a step of the log too, so
 * there is no end to going back, and none to going forward until something new is done.
 */
public final class Steps {

    /** Why an entry is in the log. */
    public enum Way {
        /** A draft is kept: the manuscript begins, and nobody goes back beyond it. */
        BEGIN,
        /** Something new. */
        DO,
        /** Taking back. */
        UNDO,
        /** Doing again what was taken back. */
        REDO
    }

    /**
     * One entry of the log, as far as steps go.
     *
     * @param number its revision
     * @param author who
     * @param undoes for a step back or forward, the entry whose inverse it is; null for something new
     */
    public record Step(long number, String author, Way way, Long undoes) {}

    private final List<Long> done;
    private final List<Long> undone;

    private Steps(Deque<Long> done, Deque<Long> undone) {
        this.done = List.copyOf(done);
        this.undone = List.copyOf(undone);
    }

    /**
     * @param log entries in order
     * @param author whose steps
     */
    public static Steps of(List<Step> log, String author) {
        Deque<Long> done = new ArrayDeque<>();
        Deque<Long> undone = new ArrayDeque<>();
        for (Step step : log) {
            if (!step.author().equals(author) && step.way() != Way.BEGIN) {
                continue;
            }
            switch (step.way()) {
                case BEGIN -> {
                    done.clear();
                    undone.clear();
                }
                case DO -> {
                    done.push(step.number());
                    undone.clear();
                }
                case UNDO -> {
                    done.remove(step.undoes());
                    undone.push(step.number());
                }
                case REDO -> {
                    undone.remove(step.undoes());
                    done.push(step.number());
                }
            }
        }
        return new Steps(done, undone);
    }

    /** Entries whose inverse is a step back, the last first. */
    public List<Long> toUndo() {
        return done;
    }

    /** Entries whose inverse is a step forward, the last taken back first. */
    public List<Long> toRedo() {
        return undone;
    }
}
