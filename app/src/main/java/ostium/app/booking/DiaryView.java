package ostium.app.booking;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import ostium.core.booking.BookingState;
import ostium.core.booking.DiaryDay;

/**
 * A stretch of the diary as its owner sees it. Minutes count from midnight as the clocks of the business show them.
 *
 * @param open whether bookings are taken at all, so that there is a diary
 * @param first first day that is shown
 * @param today the day it is for the business
 * @param minute minute of that day it is now
 * @param begins earliest minute that is shown
 * @param ends latest minute that is shown
 * @param totals what the days hold, in words
 * @param asked what waits for an answer, the longest first
 * @param services what can be written in
 * @param resources who or what carries it out; empty where the business is one
 * @param zone whose clocks
 * @param feed path of the private feed; null while there is none
 * @param sources calendars whose busy times stand here, by name
 * @param soonest the next time that could be booked; null where none is free in sight
 * @param texts whether whoever books is told by text too
 */
record DiaryView(
        boolean open,
        LocalDate first,
        LocalDate today,
        int minute,
        int begins,
        int ends,
        List<DiaryDayView> days,
        String totals,
        List<Ticket> asked,
        List<DiaryService> services,
        List<DiaryResource> resources,
        String zone,
        @Schema(nullable = true) String feed,
        List<CalendarSource> sources,
        @Schema(nullable = true) FreeTime soonest,
        boolean texts) {

    /**
     * A calendar whose busy times stand here.
     *
     * @param said when a calendar that is followed was looked at, in words; empty for one that was a file
     * @param away whether it could not be reached the last time
     */
    record CalendarSource(String name, String said, boolean away) {}

    /** @param minute minutes after midnight */
    record FreeTime(LocalDate date, int minute) {}

    /** A service that can be written in. */
    record DiaryService(String id, String name, int minutes) {}

    /** Who or what carries it out. */
    record DiaryResource(String id, String name) {}

    /** A day with what stands on it. */
    record DiaryDayView(
            LocalDate date,
            String name,
            List<DiaryDay.Stretch> open,
            String closed,
            List<PlacedTicket> tickets,
            List<DiaryDay.Way> ways,
            List<BlockedTime> blocks,
            List<DiaryDay.Room> rooms,
            String room,
            int rows) {}

    /** An appointment where it stands on its day. */
    record PlacedTicket(int from, int to, int row, Ticket ticket) {}

    /**
     * A blocked time.
     *
     * @param source name of the calendar it came from; null for one the owner drew
     */
    record BlockedTime(
            String id,
            int from,
            int to,
            String words,
            @Schema(nullable = true) String source) {}

    /**
     * An appointment with all that is known of it.
     *
     * @param short what stands on a small ticket
     * @param person key of whom it is of; null where no way to reach them was left
     * @param when day and time in words
     * @param until until when it is kept while it is asked for, in words; empty where it is not
     * @param way how long the way from the one before takes, in words; empty for none
     * @param mails how the mails that tell of it fare, in words
     */
    record Ticket(
            String id,
            BookingState state,
            LocalDate date,
            int from,
            int minutes,
            String who,

            @com.fasterxml.jackson.annotation.JsonProperty("short")
            String shortName,

            String email,
            String telephone,
            @Schema(nullable = true) String call,
            @Schema(nullable = true) String person,
            String service,
            String serviceName,
            String price,
            String resource,
            String place,
            String when,
            Instant start,
            String until,
            String way,
            List<Booking.Said> answers,
            String note,
            Booking.Came came,
            List<String> mails) {}

    /** Why a service cannot be booked at a time; the words are empty where it can. */
    record WhyNot(String service, String says) {}
}
