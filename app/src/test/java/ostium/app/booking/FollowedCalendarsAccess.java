package ostium.app.booking;

import ostium.app.RunningOstium;

/** Lets tests ask for the round that reads calendars anew. */
public final class FollowedCalendarsAccess {
    private FollowedCalendarsAccess() {}

    public static void round() {
        RunningOstium.get().bean(FollowedCalendars.class).readAll();
    }
}
