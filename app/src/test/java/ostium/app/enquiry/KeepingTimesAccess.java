package ostium.app.enquiry;

import ostium.app.RunningOstium;

/** Lets tests ask for the round that deletes messages whose time is over. */
public final class KeepingTimesAccess {
    private KeepingTimesAccess() {}

    /** @return how many messages were deleted */
    public static int round() {
        return RunningOstium.get().bean(KeepingTimes.class).deleteAll();
    }
}
