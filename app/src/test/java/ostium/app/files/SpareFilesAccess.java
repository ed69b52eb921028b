package ostium.app.files;

import ostium.app.RunningOstium;

/** Lets tests of other packages sweep when they want to. */
public final class SpareFilesAccess {
    private SpareFilesAccess() {}

    public static void sweep() {
        RunningOstium.get().bean(SpareFiles.class).sweep();
    }
}
