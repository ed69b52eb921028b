package ostium.render;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.DayHours;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;

/** The week as the page's script asks it: seven lists of {@code [from, to]} in minutes, Monday first, and the zone. */
final class Timetable {
    private Timetable() {}

    /** How far ahead days with other hours are listed, from the day the page is drawn. */
    private static final int DAYS_AHEAD = 400;

    static String json(Facts facts, LocalDate today) {
        String days = facts.one(FactValue.Hours.class)
                .map(FactValue.Hours::week)
                .map(Timetable::days)
                .orElse("");
        String dates = facts.openingTimes().map(times -> dates(times, today)).orElse("");
        return "{\"zone\":\"" + facts.zone().getId() + "\",\"days\":[" + days + "],\"dates\":{" + dates + "}}";
    }

    /** Days on which other hours hold, and only those: a season that says the same as the week needs no words. */
    private static String dates(OpeningTimes times, LocalDate today) {
        return today.minusDays(1)
                .datesUntil(today.plusDays(DAYS_AHEAD))
                .filter(date -> !times.on(date).equals(times.usual().on(date.getDayOfWeek())))
                .map(date -> "\"" + date + "\":" + spans(times.on(date)))
                .collect(Collectors.joining(","));
    }

    private static String days(WeeklyHours week) {
        return List.of(DayOfWeek.values()).stream()
                .map(day -> spans(week.on(day)))
                .collect(Collectors.joining(","));
    }

    private static String spans(DayHours day) {
        return day.spans().stream()
                .map(span -> "[" + span.from() + "," + span.to() + "]")
                .collect(Collectors.joining(",", "[", "]"));
    }
}
