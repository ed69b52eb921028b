package ostium.app.list;

import java.time.Instant;

/**
 * Somebody on a list, or on the way there.
 *
 * @param site UUID of the site
 * @param agreed the words they agreed to, or how the owner says they agreed
 * @param confirmedAt null until they have confirmed
 * @param leaveToken stands in the link by which they leave; whoever has it can do nothing else
 */
record ListMember(
        String id,
        String site,
        String email,
        String name,
        State state,
        Came came,
        String agreed,
        Instant agreedAt,
        Instant confirmedAt,
        String leaveToken) {

    /** How far they have come. */
    enum State {
        /** Asked to confirm by mail. */
        ASKED,
        ON
    }

    /** How they came. */
    enum Came {
        FORM,
        FILE,
        TEST
    }
}
