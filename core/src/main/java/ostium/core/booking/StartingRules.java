package ostium.core.booking;

import java.util.List;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.Service;

/** How bookings are taken until the owner says otherwise: sensible for a trade, by who comes to whom and how hurried it is. */
public final class StartingRules {
    private static final int HOUR = 60;
    private static final int DAY = 24 * HOUR;
    private static final int USUAL_WAY = 20;
    private static final int DAYS_AHEAD = 60;

    private StartingRules() {}

    /**
     * A business that travels answers each request, has a day's notice, and counts the way; one that receives takes bookings at
     * once. Every service that says how long it takes can be booked.
     */
    public static BookingRules of(Brief brief) {
        boolean travels = brief.visits() && !brief.receives();
        int notice = travels ? DAY : brief.urgent() ? HOUR : 2 * HOUR;
        return new BookingRules(
                !travels,
                notice,
                DAYS_AHEAD,
                travels ? 30 : 15,
                0,
                DAY,
                travels,
                USUAL_WAY,
                "",
                brief.services().stream()
                        .filter(fact -> fact.value().minutes() != null)
                        .map(Fact<Service>::id)
                        .map(BookableService::usual)
                        .toList(),
                List.of(),
                List.of(),
                "",
                TextRules.NONE);
    }
}
