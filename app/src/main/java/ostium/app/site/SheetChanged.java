package ostium.app.site;

import ostium.core.edit.State;

/**
 * The facts sheet of a site has changed; heard in the same transaction.
 *
 * @param before the state before the step
 * @param state the state after it
 */
public record SheetChanged(String site, State before, State state) {}
