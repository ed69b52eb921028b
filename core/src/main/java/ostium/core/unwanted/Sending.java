package ostium.core.unwanted;

import java.time.Duration;
import java.util.Optional;

/**
 * A message on its way in, as far as it is weighed.
 *
 * @param trapped whether a field was filled in that people do not see
 * @param taken from opening the page to sending; empty where no script told it
 * @param words what was written in text fields
 * @param sender key of the way they can be reached; empty for none
 * @param toldHere how many others sent the same words to this site in the last days
 * @param toldElsewhere to how many other sites the same words came in the last days
 * @param withinTheHour how many messages came from the same sender in the last hour, this one not counted
 */
public record Sending(
        boolean trapped,
        Optional<Duration> taken,
        String words,
        Optional<String> sender,
        int toldHere,
        int toldElsewhere,
        int withinTheHour) {}
