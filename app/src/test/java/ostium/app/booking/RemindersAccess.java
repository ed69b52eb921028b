package ostium.app.booking;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.RunningOstium;

/** Lets tests turn the time of a booking, and ask for the round that reminds. */
public final class RemindersAccess {
    private RemindersAccess() {}

    public static void round() {
        RunningOstium.get().bean(Reminders.class).remindAll();
    }

    /** A booking of two days ago that is tomorrow. */
    public static void tomorrow(String link) {
        Instant start = Instant.now().plus(Duration.ofHours(20));
        sql(
                "update booking set starts_at = ?, ends_at = ?, made_at = ? where link = ?",
                Timestamp.from(start),
                Timestamp.from(start.plusSeconds(2700)),
                Timestamp.from(Instant.now().minus(Duration.ofDays(2))),
                link);
    }

    /** A held time that is held no more. */
    public static void lapse(String link) {
        sql(
                "update booking set held_until = ? where link = ?",
                Timestamp.from(Instant.now().minusSeconds(60)),
                link);
    }

    private static void sql(String statement, Object... values) {
        RunningOstium.get().bean(JdbcTemplate.class).update(statement, values);
    }
}
