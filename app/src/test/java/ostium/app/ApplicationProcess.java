package ostium.app;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The application in a process of its own. */
record ApplicationProcess(Process process, int port) {
    /** An application that has been started and may not be ready yet. */
    record Starting(Process process, Path log) {
        String says() throws IOException {
            return Files.readString(log);
        }

        ApplicationProcess ready() throws IOException, InterruptedException {
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(90);
            while (System.nanoTime() < end && process.isAlive()) {
                var ready = java.util.regex.Pattern.compile("ready at http://localhost:([0-9]+)")
                        .matcher(says());
                if (ready.find()) {
                    return new ApplicationProcess(process, Integer.parseInt(ready.group(1)));
                }
                Thread.sleep(100);
            }
            throw new AssertionError("did not start: " + says());
        }
    }

    static ApplicationProcess start(TestDatabase database, String... more) throws IOException, InterruptedException {
        return starting(database, more).ready();
    }

    static Starting starting(TestDatabase database, String... more) throws IOException {
        Path log = Files.createTempFile("ostium", ".log");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                "ostium.app.Ostium",
                "--server.port=0",
                "--ostium.enquiries-per-ten-minutes=100000"));
        command.addAll(List.of(more));
        for (String setting : database.settings()) {
            command.add("--" + setting);
        }
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(new File(log.toString()))
                .start();
        return new Starting(process, log);
    }

    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }
}
