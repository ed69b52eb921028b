package ostium.core.format;

import java.time.Instant;

/**
 * An appointment as a calendar has it (RFC 5545).
 *
 * @param uid the same for every version of one appointment, unique in the world
 * @param sequence counts its versions, from 0
 * @param summary one line
 * @param description more of it, or empty
 * @param location where, or empty
 * @param status how sure it is
 * @param stamp when this version was made
 */
public record CalendarEvent(
        String uid,
        int sequence,
        Instant start,
        Instant end,
        String summary,
        String description,
        String location,
        Status status,
        Instant stamp) {

    /** How sure an appointment is. */
    public enum Status {
        TENTATIVE,
        CONFIRMED,
        CANCELLED
    }
}
