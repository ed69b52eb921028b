package ostium.core.hours;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.base.Reading.Span;
import ostium.core.hours.ClockTime.Half;

/** Says hours: grouped, short, and so that they read back the same. */
final class HoursWords {
    private static final DayOfWeek[] WEEK = DayOfWeek.values();
    private static final Span NOWHERE = new Span(0, 0);

    private HoursWords() {}

    static String say(WeeklyHours week, boolean withClosed, HoursLanguage language) {
        if (week.days().values().stream().allMatch(day -> day.equals(DayHours.open(TimeSpan.WHOLE_DAY)))) {
            return "24/7";
        }
        List<String> parts = new ArrayList<>();
        for (Run run : runs(week, 0)) {
            if (run.hours().kind() != DayHours.Kind.CLOSED) {
                parts.add(run.say(language) + " " + hours(run.hours(), language));
            }
        }
        if (withClosed || parts.isEmpty()) {
            String closed = runs(week, dayAfterLastOpen(week)).stream()
                    .filter(run -> run.hours().kind() == DayHours.Kind.CLOSED)
                    .map(run -> run.say(language))
                    .collect(Collectors.joining(", "));
            if (!closed.isEmpty()) {
                parts.add(closed + " " + language.word("closed"));
            }
        }
        return String.join(" · ", parts);
    }

    static Optional<String> sayDays(WeeklyHours week, HoursLanguage language) {
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
            return Optional.of(language.word("everyDay"));
        }
        boolean inARow = open.get(open.size() - 1).getValue() - open.get(0).getValue() == open.size() - 1;
        List<String> names = open.stream().map(language::sayFull).toList();
        return Optional.of(
                open.size() > 2 && inARow
                        ? names.get(0) + language.word("fullTo") + names.get(names.size() - 1)
                        : and(names, language));
    }

    private static String and(List<String> names, HoursLanguage language) {
        return names.size() < 2
                ? String.join("", names)
                : String.join(", ", names.subList(0, names.size() - 1))
                        + language.word("fullAnd")
                        + names.get(names.size() - 1);
    }

    static String openingHours(WeeklyHours week) {
        if (say(week, true, HoursLanguage.ENGLISH).equals("24/7")) {
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
    static String hours(DayHours day, HoursLanguage language) {
        return switch (day.kind()) {
            case CLOSED -> language.word("closed");
            case BY_APPOINTMENT -> language.word("appointment");
            case OPEN -> {
                List<String> said = new ArrayList<>();
                int previousEnd = -1;
                for (TimeSpan span : day.spans()) {
                    said.add(span(span, previousEnd, language));
                    previousEnd = span.to();
                }
                yield String.join(language.word("and"), said);
            }
        };
    }

    private static String span(TimeSpan span, int previousEnd, HoursLanguage language) {
        if (span.equals(TimeSpan.WHOLE_DAY)) {
            return language.word("allDay");
        }
        String to = language.word("to");
        SpanReading.Manner manner = new SpanReading.Manner(previousEnd, !language.usesHalves(), false);
        if (!language.usesHalves()) {
            String from = onTheDial(span.from());
            String until = onTheDial(span.to());
            return readsBack(written(from), written(until), manner, span) ? from + to + until : exactly(span, language);
        }
        return readsBack(bare(span.from()), bare(span.to()), manner, span)
                ? ClockTime.sayBare(span.from()) + to + ClockTime.sayBare(span.to())
                : exactly(span, language);
    }

    /** A span so that nobody has to ask: with the half of the day, or by the 24-hour clock, and the next day where it ends then. */
    static String exactly(TimeSpan span, HoursLanguage language) {
        String nextDay = SpanReading.isLong(span) ? language.word("nextDay") : "";
        return (language.usesHalves()
                        ? ClockTime.sayWithHalf(span.from()) + language.word("to") + ClockTime.sayWithHalf(span.to())
                        : TimeSpan.clock(span.from()) + language.word("to") + TimeSpan.clock(span.to()))
                + nextDay;
    }

    private static boolean readsBack(ClockTime from, ClockTime to, SpanReading.Manner manner, TimeSpan span) {
        return SpanReading.of(from, to, manner) instanceof SpanReading.Clear clear
                && clear.span().equals(span);
    }

    /** {@code 9}, {@code 17:30}: by the 24-hour clock, without a leading zero. */
    private static String onTheDial(int minutes) {
        int ofDay = minutes == TimeSpan.DAY ? TimeSpan.DAY : minutes % TimeSpan.DAY;
        return ofDay / 60 + (ofDay % 60 == 0 ? "" : String.format(":%02d", ofDay % 60));
    }

    /** The time as a reader takes it: an hour above twelve, or none at all, says which half of the day it is in. */
    private static ClockTime written(String dial) {
        String[] parts = dial.split(":");
        int hour = Integer.parseInt(parts[0]);
        int minute = parts.length > 1 ? Integer.parseInt(parts[1]) : 0;
        return new ClockTime(hour, minute, hour > 12 || hour == 0 ? Half.EXACT : Half.BARE, NOWHERE);
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
        String say(HoursLanguage language) {
            String from = language.say(first);
            String to = language.say(last);
            return switch (length) {
                case 1 -> from;
                case 2 -> from + ", " + to;
                default -> from + language.word("to") + to;
            };
        }
    }
}
