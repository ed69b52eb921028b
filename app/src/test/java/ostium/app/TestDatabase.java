package ostium.app;

import static java.nio.file.StandardOpenOption.CREATE;
import static java.nio.file.StandardOpenOption.WRITE;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.util.FileSystemUtils;

/**
 * A real MariaDB for tests, started by the same script an owner's is. Classes of tests are played by two JVMs side by side:
 * each has its databases to itself, for a test may take one away.
 */
public final class TestDatabase {
    private static final Path ROOT = root();
    /** The first port of the first place; none comes into the hundred of the next. */
    private static final int FIRST_PORT = 23306;

    /** The place of this JVM among those side by side, from 1, held by a lock as long as it lives. */
    private static FileLock lock;

    private static final int PLACE = place();

    private static final List<TestDatabase> STARTED = new CopyOnWriteArrayList<>();

    /** Further options of the server. */
    private String options;

    private final Path directory;
    private final String port;

    private TestDatabase(String name, boolean durable, String options) {
        this.options = options;
        this.directory = ROOT.resolve(".ostium").resolve(name + "-" + PLACE);
        this.port = durable ? run("start", directory.toString()) : run("start", directory.toString(), "--fast");
        STARTED.add(this);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> run("stop", directory.toString())));
    }

    private static int place() {
        try {
            Path places = Files.createDirectories(ROOT.resolve(".ostium"));
            for (int place = 1; ; place++) {
                lock = FileChannel.open(places.resolve("test-place-" + place), CREATE, WRITE)
                        .tryLock();
                if (lock != null) {
                    return place;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Fast, for everything but the tests of durability. */
    public static TestDatabase fast() {
        return new TestDatabase("test-db", false, "");
    }

    /** With the settings an owner's database has: what is committed survives. */
    public static TestDatabase durable() {
        return new TestDatabase("durable-test-db", true, "");
    }

    /**
     * As an owner's database is, on a disk of a certain size: all tables stand in one file that grows no further. It is made anew:
     * the one of before may have moved to a larger disk.
     *
     * @param megabytes what fits, with what the server itself needs
     */
    static TestDatabase onADiskOf(int megabytes) {
        try {
            FileSystemUtils.deleteRecursively(ROOT.resolve(".ostium").resolve("small-disk-db-" + PLACE));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new TestDatabase("small-disk-db", true, disk(megabytes));
    }

    private static String disk(int megabytes) {
        return "--innodb-file-per-table=0 --innodb-data-file-path=ibdata1:12M:autoextend:max:" + megabytes + "M";
    }

    /** The server ends, and comes back on a larger disk. */
    void moveToADiskOf(int megabytes) {
        signal("KILL");
        options = disk(megabytes);
        run("start", directory.toString());
    }

    public static Path root() {
        Path at = Path.of("").toAbsolutePath();
        while (!Files.exists(at.resolve("ostium"))) {
            at = at.getParent();
        }
        return at;
    }

    /** Settings by which the application finds this database; every JVM gets a fresh schema. */
    public String[] settings() {
        return new String[] {
            "OSTIUM_DATABASE_PORT=" + port,
            "OSTIUM_DATABASE_PASSWORD=" + secret("password"),
            "OSTIUM_DATABASE_OWNERPASSWORD=" + secret("owner-password"),
            "OSTIUM_DATABASE_NAME=ostium_test_" + ProcessHandle.current().pid()
        };
    }

    /**
     * As if the links that were sent to an address had been opened, in whatever application of this JVM: it is its owner's, and takes
     * messages.
     */
    public static void confirm(String email) {
        for (TestDatabase each : STARTED) {
            try (Connection connection = each.connect()) {
                run(connection, "update account set confirmed_at = now(6) where email = ?", email);
                run(connection, "update recipient set confirmed_at = now(6) where email = ?", email);
                run(connection, "delete from mail where recipient = ? and site is null", email);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static void run(Connection connection, String statement, String email) throws SQLException {
        try (PreparedStatement update = connection.prepareStatement(statement)) {
            update.setString(1, email.toLowerCase(Locale.ROOT));
            update.executeUpdate();
        }
    }

    /** A connection of its own, to see what is really stored. */
    public Connection connect() throws SQLException {
        return DriverManager.getConnection(url(), "ostium_owner", secret("owner-password"));
    }

    /** Does something while the database is away; it comes back at the same port. */
    public void away(Runnable meanwhile) {
        run("stop", directory.toString());
        try {
            meanwhile.run();
        } finally {
            run("start", directory.toString());
        }
    }

    /** The port it listens at. */
    int port() {
        return Integer.parseInt(port);
    }

    /** A connection as the application has it. */
    Connection connectAsApplication() throws SQLException {
        return DriverManager.getConnection(url(), "ostium", secret("password"));
    }

    private String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/ostium_test_"
                + ProcessHandle.current().pid();
    }

    /** The server ends on the spot, and comes back at the same port after a while. */
    void killed(Runnable meanwhile) {
        signal("KILL");
        try {
            meanwhile.run();
        } finally {
            run("start", directory.toString());
        }
    }

    /** Does something while the database takes calls and answers none. */
    public void hung(Runnable meanwhile) {
        signal("STOP");
        try {
            meanwhile.run();
        } finally {
            signal("CONT");
        }
    }

    private void signal(String name) {
        try {
            String server = Files.readString(directory.resolve("pid")).strip();
            new ProcessBuilder("kill", "-" + name, server).start().waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private String secret(String name) {
        try {
            return Files.readString(directory.resolve(name)).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String run(String... arguments) {
        try {
            String[] command = new String[arguments.length + 1];
            command[0] = ROOT.resolve("tools/mariadb").toString();
            System.arraycopy(arguments, 0, command, 1, arguments.length);
            Path complaints = Files.createTempFile("mariadb", ".txt");
            ProcessBuilder builder = new ProcessBuilder(command).redirectError(complaints.toFile());
            builder.environment().put("OSTIUM_DATABASE_OPTIONS", options);
            builder.environment().put("OSTIUM_DATABASE_PORT", String.valueOf(FIRST_PORT + 100 * PLACE));
            Process process = builder.start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (process.waitFor() != 0) {
                throw new IllegalStateException(
                        "tools/mariadb " + String.join(" ", arguments) + " failed: " + Files.readString(complaints));
            }
            Files.delete(complaints);
            return said;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
