package ostium.app.site;

import java.util.Set;
import ostium.core.door.DoorKind;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Knows which doors of a site were tried as they are now. */
public interface TriedDoors {
    Set<DoorKind> of(StoredSite site, State state, SheetReading reading);
}
