package ostium.app.enquiry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * Words a customer was asked for, once their matter was done.
 *
 * @param goodUntil until when their link leads anywhere
 * @param saidAt when they said something, or null
 * @param words what they said; empty while they have said nothing
 * @param who the name they want beside it
 * @param where where it was, or empty
 * @param agreed the wording they agreed to
 */
public record AskedWords(
        State state,
        Instant askedAt,
        Instant goodUntil,
        @Schema(nullable = true) Instant saidAt,
        String words,
        String who,
        String where,
        String agreed) {

    /** How far it has come. */
    public enum State {
        ASKED,
        SAID,
        /** Among the owner's facts. */
        TAKEN,
        /** The owner does not want it, or has taken the link back. */
        LET_GO
    }
}
