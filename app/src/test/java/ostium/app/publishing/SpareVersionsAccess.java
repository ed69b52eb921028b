package ostium.app.publishing;

import ostium.app.RunningOstium;

/** Sweeps at once what is swept once a day. */
public final class SpareVersionsAccess {
    private SpareVersionsAccess() {}

    public static void sweep() {
        RunningOstium.get().bean(SpareVersions.class).sweep();
    }
}
