package ostium.core.edit;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.site.Site;

/** Ids that come in with an edit. */
final class Ids {
    private static final Messages WORDS = Messages.of("edit");

    private static final String FORM = "[A-Za-z0-9-]{1,60}";

    private Ids() {}

    /** @throws EditRefused if one is malformed, comes twice, or is in the document already */
    static void requireNew(Site site, Collection<String> ids) {
        Set<String> taken = site.ids().collect(java.util.stream.Collectors.toCollection(HashSet::new));
        for (String id : ids) {
            if (id == null || !id.matches(FORM)) {
                throw new EditRefused("“" + id + "” is not an id.");
            }
            if (!taken.add(id)) {
                throw new EditRefused(WORDS.say("ids.thisStandsOnTheSite"));
            }
        }
    }
}
