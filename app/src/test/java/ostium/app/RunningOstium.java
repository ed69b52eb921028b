package ostium.app;

import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application, started once for all tests of a JVM and closed at its end. Tests talk HTTP to it, or take beans
 * from its context.
 */
public final class RunningOstium {
    private static final TestDatabase DATABASE =
            Boolean.getBoolean("ostium.speed") ? TestDatabase.durable() : TestDatabase.fast();
    private static RunningOstium started;

    private final ConfigurableApplicationContext context;

    private RunningOstium(boolean demo, String... more) {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=0",
                "--ostium.demo=" + demo,
                "--ostium.sites-per-hour=10000",
                "--ostium.sign-ups-per-hour=10000",
                "--ostium.wrong-sign-ins=100000",
                "--ostium.mails-per-hour=10000",
                "--ostium.ask-this-machine=true",
                "--ostium.bookings-per-ten-minutes=100000"));
        for (String setting : DATABASE.settings()) {
            arguments.add("--" + setting);
        }
        arguments.addAll(List.of(more));
        this.context = SpringApplication.run(Ostium.class, arguments.toArray(String[]::new));
    }

    public static synchronized RunningOstium get() {
        if (started == null) {
            started = new RunningOstium(true);
        }
        return started;
    }

    /** One more instance on the same database, with settings of its own; the test closes it. */
    public static RunningOstium another(String... more) {
        get();
        return new RunningOstium(false, more);
    }

    /** What it keeps its rows in. */
    static TestDatabase database() {
        return DATABASE;
    }

    public void close() {
        context.close();
    }

    public int port() {
        return context.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
