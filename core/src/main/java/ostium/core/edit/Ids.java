package ostium.core.edit;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import ostium.core.site.Site;

/** Ids that come in with an edit. */
final class Ids {

    private static final String FORM = "[A-Za-z0-9-]{1,60}";

    private Ids() {}

    /** @throws EditRefused if one is malformed, comes twice, or is in the document already */
    static void requireNew(Site site, Collection<String> ids) {
        Set<String> taken = site.ids().collect(java.util.stream.Collectors.toCollection(HashSet::new));
        for (String id : ids) {
            if (id == null || !id.matches(FORM)) {
                throw EditRefused.saying("ids.wrong", id);
            }
            if (!taken.add(id)) {
                throw EditRefused.saying("ids.thisStandsOnTheSite");
            }
        }
    }
}
