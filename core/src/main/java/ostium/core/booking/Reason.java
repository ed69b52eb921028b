package ostium.core.booking;

/** Why a time cannot be booked; of several, the first counts. */
public enum Reason {
    /** The service is not offered. */
    NOT_OFFERED,
    PAST,
    /** Too soon. */
    NOTICE,
    /** Too far ahead. */
    AHEAD,
    /** Appointments do not begin at that minute. */
    GRID,
    /** Nobody carries out this service. */
    NOBODY,
    CLOSED,
    /** It would not be done before closing. */
    TOO_LONG,
    /** The owner has blocked the time. */
    BLOCKED,
    /** Somebody else has it. */
    TAKEN,
    /** The class is full. */
    FULL,
    /** There is no time for the way from the one before, or to the one after. */
    TRAVEL,
    /** The day has as many as it takes. */
    DAILY_LIMIT
}
