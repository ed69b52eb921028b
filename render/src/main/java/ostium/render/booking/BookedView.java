package ostium.render.booking;

import java.util.List;

/**
 * A booking, for whoever made it.
 *
 * @param heading how it stands
 * @param says a sentence on that
 * @param service what is booked
 * @param when day and time
 * @param lines where, what it costs, and what else is to be known
 * @param calendar address of the file for a calendar; empty where it was called off
 * @param move where another time is chosen; empty where it cannot be moved
 * @param link private address, for calling it off; empty where that cannot be
 * @param until until when it can be changed, or why not any more
 * @param again where a new one can be made; empty for nowhere
 */
public record BookedView(
        String heading,
        String says,
        String service,
        String when,
        List<String> lines,
        String calendar,
        String move,
        String link,
        String until,
        String again) {}
