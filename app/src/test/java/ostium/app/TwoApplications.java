package ostium.app;

import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ThreadLocalRandom;

/** Two instances on one database: one can be killed and started again while the other works. */
final class TwoApplications {
    private final TestDatabase database;
    private final String[] settings;
    private final ApplicationProcess[] running = new ApplicationProcess[2];
    private final CompletableFuture<?>[] starting = new CompletableFuture<?>[2];
    private int next;

    TwoApplications(TestDatabase database, String... settings) {
        this.database = database;
        this.settings = settings;
        start(0);
        starting[0].join();
        start(1);
        starting[1].join();
    }

    private void start(int which) {
        starting[which] = CompletableFuture.runAsync(() -> {
            try {
                ApplicationProcess process = supervised();
                synchronized (running) {
                    running[which] = process;
                }
            } catch (IOException | InterruptedException e) {
                throw new CompletionException(e);
            }
        });
    }

    /** What ends by itself while it starts, for the database was killed right then, is started again: tools/supervise does so. */
    private ApplicationProcess supervised() throws IOException, InterruptedException {
        for (int starts = 1; ; starts++) {
            ApplicationProcess.Starting starting = ApplicationProcess.starting(database, settings);
            try {
                return starting.ready();
            } catch (AssertionError failed) {
                if (starting.process().isAlive() || starts == 5) {
                    throw failed;
                }
            }
        }
    }

    /** The port of one of them, which may be dead. */
    int anyPort() {
        return port(ThreadLocalRandom.current().nextInt(2));
    }

    /** The port of the one that is killed after the other: it is there. */
    int alivePort() {
        starting[next].join();
        return port(next);
    }

    int port(int which) {
        synchronized (running) {
            return running[which].port();
        }
    }

    /** Kills one, and starts it again in the background; waits first until the other is there. */
    void killOne() throws InterruptedException {
        int which = next;
        next = 1 - next;
        starting[which].join();
        starting[1 - which].join();
        running[which].kill();
        start(which);
    }

    /** Waits until both are there. */
    void whole() {
        CompletableFuture.allOf(starting).join();
    }

    void stop() throws InterruptedException {
        whole();
        running[0].kill();
        running[1].kill();
    }
}
