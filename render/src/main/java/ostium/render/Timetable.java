package ostium.render;

import java.time.DayOfWeek;
import java.util.List;
import java.util.stream.Collectors;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.WeeklyHours;

/** The week as the page's script asks it: seven lists of {@code [from, to]} in minutes, Monday first, and the zone. */
final class Timetable {
    private Timetable() {}

    static String json(Facts facts) {
        String days = facts.one(FactValue.Hours.class)
                .map(FactValue.Hours::week)
                .map(Timetable::days)
                .orElse("");
        return "{\"zone\":\"" + facts.zone().getId() + "\",\"days\":[" + days + "]}";
    }

    private static String days(WeeklyHours week) {
        return List.of(DayOfWeek.values()).stream()
                .map(day -> week.on(day).spans().stream()
                        .map(span -> "[" + span.from() + "," + span.to() + "]")
                        .collect(Collectors.joining(",", "[", "]")))
                .collect(Collectors.joining(","));
    }
}
