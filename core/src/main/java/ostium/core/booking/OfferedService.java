package ostium.core.booking;

/**
 * A service as it can be booked: what the rules say of it, with the facts beside them.
 *
 * @param id id of the fact
 * @param name what it is called
 * @param price what it costs in words, or empty
 * @param minutes how long it takes
 * @param before minutes kept free before it
 * @param after minutes kept free after it
 * @param capacity how many can come at once
 */
public record OfferedService(String id, String name, String price, int minutes, int before, int after, int capacity) {
    /** Whether several people share one appointment. */
    public boolean isClass() {
        return capacity > 1;
    }
}
