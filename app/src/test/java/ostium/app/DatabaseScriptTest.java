package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What tools/mariadb promises to whoever starts and stops a database with it. */
class DatabaseScriptTest {
    private static final TestDatabase DATABASE = TestDatabase.fast();

    /**
     * A port among those the system gives to outgoing connections may be held by one of them, even a minute after it was
     * closed; a database that went away could then not come back at its port.
     */
    @Test
    void thePortIsNoneThatTheSystemGivesToOutgoingConnections() throws IOException {
        try (BufferedReader range = Files.newBufferedReader(Path.of("/proc/sys/net/ipv4/ip_local_port_range"))) {
            int lowest = Integer.parseInt(range.readLine().split("\\s+")[0]);
            assertThat(DATABASE.port()).isLessThan(lowest);
        }
    }
}
