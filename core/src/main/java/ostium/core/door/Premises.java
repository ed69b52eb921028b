package ostium.core.door;

import java.util.List;
import java.util.Optional;
import ostium.core.booking.BookingRules;
import ostium.core.fact.Facts;
import ostium.core.site.Site;

/**
 * What doors stand on: the facts, the pages, and where messages go.
 *
 * @param messagesTo mail addresses that messages from the form go to
 * @param booking how bookings are taken; empty until the owner has set it up
 */
public record Premises(Facts facts, Site site, List<String> messagesTo, Optional<BookingRules> booking) {
    /** A fact in its usual words; empty when it is not known. */
    public String say(String fact, String facet) {
        return facts.say(fact, facet).orElse("");
    }
}
