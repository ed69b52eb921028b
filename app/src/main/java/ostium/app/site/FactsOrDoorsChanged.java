package ostium.app.site;

import ostium.core.edit.State;

/**
 * The facts sheet or the doors of a site have changed; heard in the same transaction.
 *
 * @param before the state before the step
 * @param state the state after it
 */
public record FactsOrDoorsChanged(String site, State before, State state) {}
