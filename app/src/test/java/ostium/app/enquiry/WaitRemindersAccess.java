package ostium.app.enquiry;

import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.RunningOstium;

/** Lets tests say that a message came earlier, and ask for the round that reminds. */
public final class WaitRemindersAccess {
    private WaitRemindersAccess() {}

    public static void earlier(String enquiry, int hours) {
        RunningOstium.get()
                .bean(JdbcTemplate.class)
                .update("update enquiry set received_at = received_at - interval ? hour where id = ?", hours, enquiry);
    }

    public static void round() {
        RunningOstium.get().bean(WaitReminders.class).remindAll();
    }
}
