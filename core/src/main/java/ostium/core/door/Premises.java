package ostium.core.door;

import java.util.List;
import ostium.core.fact.Facts;
import ostium.core.site.Site;

/**
 * What doors stand on: the facts, the pages, and where messages go.
 *
 * @param messagesTo mail addresses that messages from the form go to
 */
public record Premises(Facts facts, Site site, List<String> messagesTo) {
    /** A fact in its usual words; empty when it is not known. */
    public String say(String fact, String facet) {
        return facts.say(fact, facet).orElse("");
    }
}
