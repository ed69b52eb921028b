package ostium.core.format;

import java.util.ArrayList;
import java.util.List;
import ostium.core.format.LocalBusinessReader.Unreadable;
import tools.jackson.databind.JsonNode;

/**
 * Reads {@code OpeningHoursSpecification} into words that {@link ostium.core.hours.WeeklyHours} and {@link
 * ostium.core.hours.SpecialHours} read.
 *
 * @see <a href="https://schema.org/OpeningHoursSpecification">schema.org/OpeningHoursSpecification</a>
 */
final class SpecifiedHours {
    private final JsonSource source;
    private final List<String> week = new ArrayList<>();
    private final List<String> special = new ArrayList<>();

    SpecifiedHours(JsonSource source) {
        this.source = source;
    }

    /** The usual week in one line; empty when nothing was said of it. */
    String week() {
        return String.join("; ", week);
    }

    /** Days that differ, one a line. */
    String special() {
        return String.join("\n", special);
    }

    /** Hours of the usual week, and of the days between {@code validFrom} and {@code validThrough}. */
    void read(JsonNode value) throws Unreadable {
        for (JsonNode specification : JsonSource.list(value)) {
            String from = source.text(specification.path("validFrom"), "validFrom");
            String through = source.text(specification.path("validThrough"), "validThrough");
            String rule = rule(specification, !from.isBlank());
            if (from.isBlank()) {
                week.add(rule);
            } else {
                String dates =
                        day(from) + (through.isBlank() || day(through).equals(day(from)) ? "" : " - " + day(through));
                special.add(dates + " " + rule);
            }
        }
    }

    private static String day(String date) {
        return date.length() > 10 ? date.substring(0, 10) : date;
    }

    private String rule(JsonNode specification, boolean special) throws Unreadable {
        List<String> days = new ArrayList<>();
        for (String day : source.names(specification.path("dayOfWeek"), "dayOfWeek")) {
            days.add(day.replaceFirst("^https?://schema\\.org/", ""));
        }
        String opens = source.text(specification.path("opens"), "opens");
        String closes = source.text(specification.path("closes"), "closes");
        boolean closed = opens.isBlank() && closes.isBlank() || opens.equals(closes);
        if (!closed && (opens.isBlank() || closes.isBlank()) || closed && !special && days.isEmpty()) {
            throw source.wrong("openingHoursSpecification", "hours");
        }
        String span = closed
                ? "closed"
                : opens.startsWith("00:00") && closes.startsWith("23:59")
                        ? "24 hours"
                        : clock(opens) + "-" + clock(closes);
        return special && days.isEmpty() ? span : (days.isEmpty() ? "daily" : String.join(" ", days)) + " " + span;
    }

    /** A time that says by itself which half of the day it is in: {@code 09:00}, never {@code 9}. */
    private static String clock(String time) {
        String plain = time.substring(0, Math.min(5, time.length()));
        if (!plain.matches("1[0-2]:[0-9]{2}")) {
            return plain;
        }
        int hour = Integer.parseInt(plain.substring(0, 2));
        return hour == 12 ? plain + "pm" : plain + "am";
    }
}
