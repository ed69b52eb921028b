package ostium.app.site;

import ostium.core.edit.State;

/** The facts sheet of a site has changed; heard in the same transaction. */
public record SheetChanged(String site, State state) {}
