package ostium.app;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application, started once for all tests of a JVM and closed at its end. Tests talk HTTP to it, or take beans
 * from its context.
 */
public final class RunningOstium {
    private static RunningOstium started;

    private final ConfigurableApplicationContext context;

    private RunningOstium() {
        Map<String, Object> settings = new HashMap<>();
        for (String setting : TestDatabase.fast().settings()) {
            settings.put(setting.split("=", 2)[0], setting.split("=", 2)[1]);
        }
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=0",
                "--ostium.demo=true",
                "--ostium.sites-per-hour=10000",
                "--ostium.sign-ups-per-hour=10000"));
        settings.forEach((name, value) -> arguments.add("--" + name + "=" + value));
        this.context = SpringApplication.run(Ostium.class, arguments.toArray(String[]::new));
    }

    public static synchronized RunningOstium get() {
        if (started == null) {
            started = new RunningOstium();
        }
        return started;
    }

    public int port() {
        return context.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
