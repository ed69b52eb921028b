package ostium.core.booking;

/** How far a booking has come. */
public enum BookingState {
    /** Kept for a visitor who is still typing. */
    HELD,
    /** Asked for; the owner has not answered yet. */
    ASKED,
    /** Agreed. */
    BOOKED,
    /** The work is done. */
    DONE,
    /** Nobody came, or nobody was there. */
    MISSED,
    /** Called off, by either side, or declined. */
    CANCELLED;

    /** Whether it takes its time in the diary; what is held or asked for does so only until it lapses. */
    public boolean takesTime() {
        return this != CANCELLED;
    }

    /** Whether it is still to come or to be decided. */
    public boolean isOpen() {
        return this == HELD || this == ASKED || this == BOOKED;
    }
}
