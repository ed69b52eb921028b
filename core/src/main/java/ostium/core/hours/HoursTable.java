package ostium.core.hours;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;

/** Tells a table with the days across, and their hours in the line below, which is pasted from a page or a sheet. */
final class HoursTable {
    private static final Messages WORDS = Messages.of("hours");

    private HoursTable() {}

    /** @throws HoursStop with a question whose choice says it day by day, where the words are such a table */
    static void check(String words, HoursLanguage language) throws HoursStop {
        List<String> lines = words.lines().filter(line -> !line.isBlank()).toList();
        if (lines.size() < 2 || !lines.get(0).contains("\t")) {
            return;
        }
        List<String> days = List.of(lines.get(0).strip().split("\\s*\\t\\s*"));
        boolean across = days.size() > 1 && days.stream().allMatch(cell -> isDay(cell, language));
        if (!across) {
            return;
        }
        List<String> hours = List.of(lines.get(1).strip().split("\\s*\\t\\s*"));
        if (lines.size() != 2 || hours.size() != days.size()) {
            throw HoursStop.refused(WORDS.say("hoursReader.eachDayOnALine"), Span.all(words));
        }
        StringBuilder down = new StringBuilder();
        for (int i = 0; i < days.size(); i++) {
            down.append(i == 0 ? "" : ", ").append(days.get(i)).append(' ').append(hours.get(i));
        }
        throw HoursStop.asks(WORDS.say("hoursReader.isThisDayByDay"), Span.all(words), List.of(down.toString()));
    }

    private static boolean isDay(String cell, HoursLanguage language) {
        return language.day(Folded.of(cell).replace(".", "").strip()).isPresent();
    }
}
