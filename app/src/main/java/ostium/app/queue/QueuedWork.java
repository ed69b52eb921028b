package ostium.app.queue;

import com.github.kagkarlsson.scheduler.task.Task;

/** A kind of work that is done from the queue, at least once. */
public interface QueuedWork {
    /** How it is done, and what happens when it fails. The instance of the task names what it is about. */
    Task<Void> task();
}
