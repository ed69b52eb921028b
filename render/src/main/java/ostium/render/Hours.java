package ostium.render;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ostium.core.base.Messages;
import ostium.core.hours.DayHours;
import ostium.core.hours.TimeSpan;
import ostium.core.hours.WeeklyHours;

/**
 * A week drawn as seven rows of bars over an hour axis. Places are classes of the stylesheet ({@code from-n},
 * {@code long-n} in quarter hours of the axis), because published pages carry no style attributes.
 */
public final class Hours {
    /** @param name short name of the day */
    public record Row(String name, String words, boolean shorter, List<Bar> bars) {}

    /**
     * @param css classes that place the bar
     * @param words what stands on it
     */
    public record Bar(String css, String words) {}

    private static final Messages WORDS = Messages.of("page");
    private final WeeklyHours week;
    private final int firstHour;
    private final int lastHour;

    Hours(WeeklyHours week) {
        this.week = week;
        int first = 24;
        int last = 0;
        for (DayHours day : week.days().values()) {
            for (TimeSpan span : day.spans()) {
                first = Math.min(first, span.from() / 60);
                last = Math.max(last, (Math.min(span.to(), TimeSpan.DAY) + 59) / 60);
            }
        }
        this.firstHour = first >= last ? 8 : first;
        this.lastHour = first >= last ? 18 : Math.max(last, first + 4);
    }

    public boolean hasBars() {
        return week.days().values().stream().anyMatch(DayHours::isOpen);
    }

    /** The hours that are written over the axis, each with its classes. */
    public List<Bar> axis() {
        int step = lastHour - firstHour > 16 ? 4 : lastHour - firstHour > 11 ? 2 : 1;
        List<Bar> axis = new ArrayList<>();
        for (int hour = firstHour; hour < lastHour; hour += step) {
            int clock = hour % 12 == 0 ? 12 : hour % 12;
            axis.add(new Bar("from-" + (hour - firstHour) * 4, String.valueOf(clock)));
        }
        return axis;
    }

    public List<Row> rows() {
        int longest =
                week.days().values().stream().mapToInt(Hours::minutes).max().orElse(0);
        List<Row> rows = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            DayHours hours = week.on(day);
            String name = day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
            String words = switch (hours.kind()) {
                case CLOSED -> WORDS.say("hours.closed");
                case BY_APPOINTMENT -> WORDS.say("hours.byAppointment");
                case OPEN -> "";
            };
            rows.add(new Row(name, words, minutes(hours) < longest, bars(hours)));
        }
        return rows;
    }

    private List<Bar> bars(DayHours hours) {
        return hours.spans().stream()
                .map(span -> {
                    int from = (span.from() - firstHour * 60) / 15;
                    int to = (Math.min(span.to(), TimeSpan.DAY) - firstHour * 60 + 14) / 15;
                    String words = WeeklyHours.of(java.util.Map.of(DayOfWeek.MONDAY, DayHours.open(span)))
                            .sayOpen()
                            .replaceFirst("^Mon ", "")
                            .replace("–", " " + WORDS.say("hours.to") + " ");
                    return new Bar("from-" + from + " long-" + Math.max(1, to - from), words);
                })
                .toList();
    }

    private static int minutes(DayHours hours) {
        return hours.spans().stream().mapToInt(span -> span.to() - span.from()).sum();
    }

    /** Rules that place the bars and the axis. */
    String css() {
        int quarters = (lastHour - firstHour) * 4;
        StringBuilder css = new StringBuilder();
        for (int i = 0; i <= quarters; i++) {
            String share = percent(i, quarters);
            css.append(".from-").append(i).append("{--from:").append(share).append("}");
            if (i > 0) {
                css.append(".long-").append(i).append("{--long:").append(share).append("}");
            }
        }
        css.append(".sheet{--hour:").append(percent(4, quarters)).append("}");
        return css.toString();
    }

    private static String percent(int part, int whole) {
        return String.format(Locale.ROOT, "%.3f%%", 100.0 * part / whole).replaceFirst("\\.?0+%$", "%");
    }
}
