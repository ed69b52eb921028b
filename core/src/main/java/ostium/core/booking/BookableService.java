package ostium.core.booking;

import ostium.core.fact.Minutes;

/**
 * How one service of the facts is booked.
 *
 * @param service id of the fact
 * @param minutes how long it takes, where that is to be other than the fact says, or the fact says nothing; else null
 * @param before minutes kept free before it, from 0 to {@link #LONGEST_BUFFER}
 * @param after minutes kept free after it, likewise
 * @param capacity how many can come at once: 1, or more for a class
 */
public record BookableService(String service, Integer minutes, int before, int after, int capacity) {
    /** Longest time that is kept free beside an appointment, in minutes. */
    public static final int LONGEST_BUFFER = 4 * 60;

    /** Most people of a class. */
    public static final int MOST_CAPACITY = 200;

    /** Longest appointment, in minutes. */
    public static final int LONGEST = Minutes.LONGEST;

    /** A service as it is until an owner says otherwise. */
    public static BookableService usual(String service) {
        return new BookableService(service, null, 0, 0, 1);
    }
}
