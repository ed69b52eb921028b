package ostium.core.hours;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.fact.Listing;
import ostium.core.fact.Reading.Span;
import ostium.core.hours.ClockTime.Half;

/** Says hours: grouped, short, and so that they read back the same. */
final class HoursWords {
    private static final DayOfWeek[] WEEK = DayOfWeek.values();
    private static final Span NOWHERE = new Span(0, 0);

    private HoursWords() {}

    static String say(WeeklyHours week, boolean withClosed) {
        if (week.days().values().stream().allMatch(day -> day.equals(DayHours.open(TimeSpan.WHOLE_DAY)))) {
            return "24/7";
        }
        List<String> parts = new ArrayList<>();
        for (Run run : runs(week, 0)) {
            if (run.hours().kind() != DayHours.Kind.CLOSED) {
                parts.add(run.say() + " " + hours(run.hours()));
            }
        }
        if (withClosed || parts.isEmpty()) {
            String closed = runs(week, dayAfterLastOpen(week)).stream()
                    .filter(run -> run.hours().kind() == DayHours.Kind.CLOSED)
                    .map(Run::say)
                    .collect(Collectors.joining(", "));
            if (!closed.isEmpty()) {
                parts.add(closed + " closed");
            }
        }
        return String.join(" · ", parts);
    }

    static Optional<String> sayDays(WeeklyHours week) {
        List<DayOfWeek> open = new ArrayList<>();
        for (DayOfWeek day : WEEK) {
            if (week.on(day).isOpen()) {
                open.add(day);
            }
        }
        if (open.isEmpty()) {
            return Optional.empty();
        }
        if (open.size() == 7) {
            return Optional.of("every day");
        }
        boolean inARow = open.get(open.size() - 1).getValue() - open.get(0).getValue() == open.size() - 1;
        List<String> names = open.stream()
                .map(day -> day.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                .toList();
        return Optional.of(
                open.size() > 2 && inARow ? names.get(0) + " to " + names.get(names.size() - 1) : Listing.and(names));
    }

    static String openingHours(WeeklyHours week) {
        if (say(week, true).equals("24/7")) {
            return "24/7";
        }
        List<String> rules = new ArrayList<>();
        for (Run run : runs(week, 0)) {
            String days =
                    two(run.first()) + (run.length() == 1 ? "" : (run.length() == 2 ? "," : "-") + two(run.last()));
            rules.add(days + " "
                    + switch (run.hours().kind()) {
                        case CLOSED -> "off";
                        case BY_APPOINTMENT -> "\"by appointment\"";
                        case OPEN ->
                            run.hours().spans().stream()
                                    .map(span -> TimeSpan.clock(span.from()) + "-" + TimeSpan.clock(span.to()))
                                    .collect(Collectors.joining(","));
                    });
        }
        return String.join("; ", rules);
    }

    private static String two(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH).substring(0, 2);
    }

    /** The hours of one day: {@code 9–12 and 1–5}; am and pm only where the bare form would read differently. */
    static String hours(DayHours day) {
        return switch (day.kind()) {
            case CLOSED -> "closed";
            case BY_APPOINTMENT -> "by appointment";
            case OPEN -> {
                List<String> said = new ArrayList<>();
                int previousEnd = -1;
                for (TimeSpan span : day.spans()) {
                    said.add(span(span, previousEnd));
                    previousEnd = span.to();
                }
                yield String.join(" and ", said);
            }
        };
    }

    private static String span(TimeSpan span, int previousEnd) {
        if (span.equals(TimeSpan.WHOLE_DAY)) {
            return "24 hours";
        }
        ClockTime from = bare(span.from());
        ClockTime to = bare(span.to());
        boolean bareReadsBack = SpanReading.of(from, to, previousEnd) instanceof SpanReading.Clear clear
                && clear.span().equals(span);
        return bareReadsBack
                ? ClockTime.sayBare(span.from()) + "–" + ClockTime.sayBare(span.to())
                : ClockTime.sayWithHalf(span.from()) + "–" + ClockTime.sayWithHalf(span.to());
    }

    private static ClockTime bare(int minutes) {
        int hour = minutes / 60 % 12;
        return new ClockTime(hour == 0 ? 12 : hour, minutes % 60, Half.BARE, NOWHERE);
    }

    private static int dayAfterLastOpen(WeeklyHours week) {
        for (int i = 6; i >= 0; i--) {
            if (week.on(WEEK[i]).kind() != DayHours.Kind.CLOSED) {
                return (i + 1) % 7;
            }
        }
        return 0;
    }

    /** Neighbouring days with the same hours, in order from the day with index {@code start}. */
    private static List<Run> runs(WeeklyHours week, int start) {
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            DayOfWeek day = WEEK[(start + i) % 7];
            Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last != null && last.hours().equals(week.on(day))) {
                runs.set(runs.size() - 1, new Run(last.first(), day, last.length() + 1, last.hours()));
            } else {
                runs.add(new Run(day, day, 1, week.on(day)));
            }
        }
        return runs;
    }

    private record Run(DayOfWeek first, DayOfWeek last, int length, DayHours hours) {
        String say() {
            String from = first.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
            String to = last.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
            return switch (length) {
                case 1 -> from;
                case 2 -> from + ", " + to;
                default -> from + "–" + to;
            };
        }
    }
}
