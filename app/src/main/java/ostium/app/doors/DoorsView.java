package ostium.app.doors;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import ostium.core.door.Door;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorPlace;
import ostium.core.door.DoorWeek;
import ostium.core.door.FoundDoor;

/**
 * The doors of a site with a week of their hours, as the owner sees them.
 *
 * @param monday first day of the week that is shown
 * @param today the day it is for the business
 * @param now minute of the week it is there now; -1 in any other week
 * @param hours the usual hours of the business, in short; empty where none are known
 * @param doors every kind there is
 * @param differing days of the week that are not like others
 * @param moments what a visitor finds, through the week
 * @param places which doors stand where
 * @param whens ways the hours of a door can hang on those of the business
 * @param live whether the site is public, so that what acts at once does
 */
record DoorsView(
        long revision,
        LocalDate monday,
        LocalDate today,
        int now,
        String hours,
        List<DoorView> doors,
        List<DoorWeek.Differs> differing,
        List<DoorWeek.Moment> moments,
        List<DoorPlaceView> places,
        List<Choice> whens,
        boolean live) {

    /** Something that can be chosen: its name in an edit, and in words. */
    record Choice(String id, String words) {}

    /**
     * A door.
     *
     * @param missing what is missing, where it is ajar
     * @param leadsTo the number, the address or the place it leads to
     * @param line the line of the sheet that is typed on; empty when it is none of the sheet's
     * @param usualWords what stands on it until the owner says otherwise
     * @param goal what the owner wants of visitors who makes it the main door; empty where it cannot be
     * @param main whether visitors are led to it first
     * @param standIns doors that can stand in for it
     * @param lane when it is answered
     * @param setUp what is set up behind it: {@code booking}, or empty for nothing
     * @param tells mail addresses of those who are told of what comes through it; empty where nothing is sent
     * @param whole whether a test of it goes the whole way
     * @param test the last test, as long as the door is what it was; else null
     */
    record DoorView(
            DoorKind kind,
            String name,
            FoundDoor.State state,
            String missing,
            String leadsTo,
            String line,
            Door door,
            String usualWords,
            boolean keepsHours,
            boolean placed,
            boolean hasOpening,
            String goal,
            boolean main,
            List<Choice> standIns,
            List<DoorWeek.Stretch> lane,
            String setUp,
            String tells,
            boolean whole,
            @Schema(nullable = true) TestView test) {}

    /** A test, and the way it went. */
    record TestView(Instant at, List<DoorTests.TestStep> steps) {}

    /**
     * A place of the page.
     *
     * @param usual whether those that usually stand there do
     * @param doors kinds in order
     * @param offered doors that can stand there
     */
    record DoorPlaceView(
            DoorPlace place, String name, int most, boolean usual, List<DoorKind> doors, List<Choice> offered) {}
}
