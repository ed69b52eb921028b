package ostium.core.draft;

import ostium.core.door.Doors;
import ostium.core.look.Look;
import ostium.core.site.Site;

/**
 * A complete proposed site.
 *
 * @param site the document
 * @param look how it is drawn
 * @param plan why it has the sections it has
 * @param doors how its doors are set
 */
public record Draft(Site site, Look look, Plan plan, Doors doors) {
    /** A draft whose doors are as usual. */
    public Draft(Site site, Look look, Plan plan) {
        this(site, look, plan, Doors.none());
    }

    public Draft withLook(Look other) {
        return new Draft(site, other, plan, doors);
    }
}
