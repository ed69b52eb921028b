package ostium.core.booking;

import java.util.List;
import java.util.Optional;

/**
 * How a business takes bookings, as its owner has set it. Acts at once, without publishing.
 *
 * @param atOnce whether a booking is confirmed by itself; else the owner answers each
 * @param notice how long before its start a booking can be made at the latest, in minutes
 * @param daysAhead how many days ahead bookings can be made, today not counted
 * @param grid minutes of the hour at which appointments can begin: at every 5, 10, 15, 20, 30 or 60
 * @param dailyLimit most appointments of a day; 0 for as many as fit
 * @param changeUntil how long before the start visitors can still move or cancel, in minutes; 0 until it begins
 * @param travels whether somebody goes to the customer, so that an address is asked for and the way counts
 * @param way minutes between two customers where the place is not known
 * @param hours the week in which appointments can be, as it was typed; empty for the hours of the business. Days that differ
 *     for the business differ here too
 * @param services what can be booked, in the order of the facts
 * @param resources who or what carries it out; empty for the business as one
 * @param questions what is asked beside name and reach
 * @param costs what is said of a deposit or the price; nothing is paid here
 * @param texts which texts to telephones are sent
 */
public record BookingRules(
        boolean atOnce,
        int notice,
        int daysAhead,
        int grid,
        int dailyLimit,
        int changeUntil,
        boolean travels,
        int way,
        String hours,
        List<BookableService> services,
        List<Resource> resources,
        List<BookingQuestion> questions,
        String costs,
        TextRules texts) {

    /** Minutes of the hour at which appointments can begin. */
    public static final List<Integer> GRIDS = List.of(5, 10, 15, 20, 30, 60);

    /** Furthest ahead, in days. */
    public static final int MOST_DAYS = 365;

    /** Longest notice, and longest time before which visitors can change: thirty days, in minutes. */
    public static final int LONGEST_NOTICE = 30 * 24 * 60;

    /** Longest way between two customers, in minutes. */
    public static final int LONGEST_WAY = 4 * 60;

    /** Most resources. */
    public static final int MOST_RESOURCES = 20;

    /** Most questions. */
    public static final int MOST_QUESTIONS = 6;

    /** Most characters of what is said of costs. */
    public static final int LONGEST_COSTS = 200;

    public BookingRules {
        hours = hours == null ? "" : hours.strip();
        services = services == null ? List.of() : List.copyOf(services);
        resources = resources == null ? List.of() : List.copyOf(resources);
        questions = questions == null ? List.of() : List.copyOf(questions);
        costs = costs == null ? "" : costs.strip();
        texts = texts == null ? TextRules.NONE : texts;
    }

    /** These rules with other texts. */
    public BookingRules withTexts(TextRules other) {
        return new BookingRules(
                atOnce,
                notice,
                daysAhead,
                grid,
                dailyLimit,
                changeUntil,
                travels,
                way,
                hours,
                services,
                resources,
                questions,
                costs,
                other);
    }

    /** How a service is booked; empty when it is not. */
    public Optional<BookableService> service(String id) {
        return services.stream().filter(each -> each.service().equals(id)).findFirst();
    }
}
