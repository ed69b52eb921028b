package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever ends by itself is started again; what was meant to end is not. */
class SuperviseTest {
    @TempDir
    private Path directory;

    private Path pid;
    private Path runs;
    private Process supervisor;

    @BeforeEach
    void start() throws IOException {
        pid = directory.resolve("pid");
        runs = Files.createFile(directory.resolve("runs"));
        supervisor = new ProcessBuilder(
                        TestDatabase.root().resolve("tools/supervise").toString(),
                        pid.toString(),
                        "sh",
                        "-c",
                        "echo run >>" + runs + "; exec sleep 600")
                .redirectErrorStream(true)
                .redirectOutput(directory.resolve("log").toFile())
                .start();
    }

    @AfterEach
    void stop() throws IOException {
        supervisor.destroyForcibly();
        process().ifPresent(ProcessHandle::destroyForcibly);
    }

    /** None before its number is written down: it may have begun to run by then. */
    private java.util.Optional<ProcessHandle> process() throws IOException {
        if (!Files.exists(pid)) {
            return java.util.Optional.empty();
        }
        String words = Files.readString(pid).strip();
        return words.isEmpty() ? java.util.Optional.empty() : ProcessHandle.of(Long.parseLong(words));
    }

    private ProcessHandle running(int run) throws IOException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (Files.readAllLines(runs).size() < run || process().isEmpty()) {
            assertThat(System.nanoTime()).as("run " + run).isLessThan(end);
            StandInMails.pause();
        }
        return process().orElseThrow();
    }

    @Test
    void whatIsKilledIsStartedAgain() throws Exception {
        ProcessHandle first = running(1);
        first.destroyForcibly();
        ProcessHandle second = running(2);
        assertThat(second.pid()).isNotEqualTo(first.pid());
        assertThat(Files.readString(directory.resolve("log"))).contains("ended by itself");
    }

    @Test
    void whatIsMeantToEndStaysSo() throws Exception {
        ProcessHandle first = running(1);
        Files.delete(pid);
        first.destroy();
        assertThat(supervisor.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(supervisor.exitValue()).isZero();
        assertThat(Files.readAllLines(runs)).hasSize(1);
    }
}
