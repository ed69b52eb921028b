package ostium.core.base;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;

/**
 * How long a piece of work may keep a processor busy. Whoever goes over what somebody has sent, line by line or place by place, says
 * {@link #check()} on the way; work for which no time was set goes on as long as it takes.
 *
 * <p>It is counted in time of the processor, so that a slow line or a busy machine costs nobody anything. A check costs a few
 * nanoseconds: the clock is looked at once in {@value #CALLS}.
 */
public final class TimeBudget {
    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();
    private static final ThreadLocal<TimeBudget> PRESENT = new ThreadLocal<>();
    private static final int CALLS = 32;

    private final long end;
    private int calls;

    private TimeBudget(long end) {
        this.end = end;
    }

    /** The time is up; what was begun is given up. */
    public static final class Spent extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Spent() {
            super(null, null, false, true);
        }
    }

    /** From here on the work of this thread has so much time. */
    public static void begin(Duration time) {
        PRESENT.set(new TimeBudget(CLOCK.getCurrentThreadCpuTime() + time.toNanos()));
    }

    /** The work of this thread is done; what it does next has no limit. */
    public static void end() {
        PRESENT.remove();
    }

    /** @throws Spent if the time that was set is up */
    public static void check() {
        TimeBudget budget = PRESENT.get();
        if (budget != null && ++budget.calls % CALLS == 0 && CLOCK.getCurrentThreadCpuTime() > budget.end) {
            throw new Spent();
        }
    }
}
