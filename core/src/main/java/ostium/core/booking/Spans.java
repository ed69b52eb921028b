package ostium.core.booking;

import ostium.core.base.Messages;

/** Says how long before something: "24 hours", "3 days", "30 minutes". */
public final class Spans {
    private static final Messages WORDS = Messages.of("booking");
    private static final int HOUR = 60;
    private static final int DAY = 24 * HOUR;

    private Spans() {}

    /** @param minutes at least 0 */
    public static String say(int minutes) {
        if (minutes >= 2 * DAY && minutes % DAY == 0) {
            return WORDS.say("span.days", minutes / DAY);
        }
        if (minutes >= HOUR && minutes % HOUR == 0) {
            return minutes == HOUR ? WORDS.say("span.hour") : WORDS.say("span.hours", minutes / HOUR);
        }
        return minutes == 1 ? WORDS.say("span.minute") : WORDS.say("span.minutes", minutes);
    }
}
