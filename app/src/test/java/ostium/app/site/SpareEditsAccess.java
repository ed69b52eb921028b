package ostium.app.site;

import ostium.app.RunningOstium;

/** Sweeps at once what is swept once an hour, and keeps fewer steps. */
public final class SpareEditsAccess {
    private SpareEditsAccess() {}

    public static void sweep(RunningOstium ostium, int kept) {
        ostium.bean(SpareEdits.class).sweep(kept);
    }
}
