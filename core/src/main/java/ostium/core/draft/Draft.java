package ostium.core.draft;

import ostium.core.look.Look;
import ostium.core.site.Site;

/**
 * A complete proposed site.
 *
 * @param site the document
 * @param look how it is drawn
 * @param plan why it has the sections it has
 */
public record Draft(Site site, Look look, Plan plan) {}
