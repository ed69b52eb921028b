package ostium.render;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.stream.Collectors;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorMoment;
import ostium.core.door.DoorsOf;
import ostium.core.hours.BusinessDay;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * When the doors of a page change, as it carries it: {@code from} is a minute since 1970, {@code steps} are pairs of minutes since
 * the one before and the number of the state, {@code says} with the doors that are away and those that are shut.
 */
public final class DoorTimetable {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private DoorTimetable() {}

    /**
     * The doors at an instant.
     *
     * @param away kinds of doors with a space between, as the page's root has them
     * @param shut likewise
     * @param until when that changes; empty when it does not in the time that is known
     */
    public record Shown(String away, String shut, Optional<Instant> until) {
        static final Shown ALL_OPEN = new Shown("", "", Optional.empty());
    }

    static String written(DoorsOf doors, BusinessDay today) {
        Instant from = Opening.from(today);
        SortedMap<Instant, DoorMoment> moments = doors.moments(from, Opening.DAYS);
        Map<String, Integer> says = new LinkedHashMap<>();
        List<String> steps = new ArrayList<>();
        long before = minute(from);
        for (Map.Entry<Instant, DoorMoment> moment : moments.entrySet()) {
            String said = "[" + Json.quoted(words(moment.getValue().away())) + ","
                    + Json.quoted(words(moment.getValue().shut())) + "]";
            int number = says.computeIfAbsent(said, words -> says.size());
            steps.add(minute(moment.getKey()) - before + "," + number);
            before = minute(moment.getKey());
        }
        return "{\"from\":" + minute(from) + ",\"says\":[" + String.join(",", says.keySet()) + "],\"steps\":["
                + String.join(",", steps) + "]}";
    }

    private static String words(List<DoorKind> kinds) {
        return kinds.stream().map(DoorKind::id).collect(Collectors.joining(" "));
    }

    private static long minute(Instant t) {
        return t.getEpochSecond() / 60;
    }

    /**
     * What a page that carries a timetable shows at an instant; all doors open where it carries none.
     *
     * @param changes the changes of the page, JSON, with the doors among them
     */
    public static Shown at(String changes, Instant t) {
        JsonNode doors;
        try {
            doors = JSON.readTree(changes).path("doors");
        } catch (JacksonException e) {
            return Shown.ALL_OPEN;
        }
        Instant when = Instant.EPOCH.plus(doors.path("from").asLong(0), ChronoUnit.MINUTES);
        Shown shown = Shown.ALL_OPEN;
        JsonNode steps = doors.path("steps");
        for (int i = 0; i + 1 < steps.size(); i += 2) {
            when = when.plus(steps.get(i).asLong(), ChronoUnit.MINUTES);
            if (when.isAfter(t)) {
                return new Shown(shown.away(), shown.shut(), Optional.of(when));
            }
            JsonNode says = doors.path("says").path(steps.get(i + 1).asInt());
            shown = new Shown(says.path(0).asString(), says.path(1).asString(), Optional.empty());
        }
        return shown;
    }
}
