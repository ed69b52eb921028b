package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;

/** A week while it is read: what stands on each day so far, and what comes when more is said of it. */
final class HoursWeek {
    private static final Messages WORDS = Messages.of("hours");

    private final String words;
    private final HoursLanguage language;
    private final boolean exact;
    private final Map<DayOfWeek, List<TimeSpan>> open = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, DayHours> other = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, Integer> groupSize = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, Span> saidAt = new EnumMap<>(DayOfWeek.class);
    private final Set<String> remarks = new java.util.LinkedHashSet<>();

    HoursWeek(String words, HoursLanguage language, boolean exact) {
        this.words = words;
        this.language = language;
        this.exact = exact;
    }

    void remark(String remark) {
        remarks.add(remark);
    }

    Collection<String> remarks() {
        return remarks;
    }

    /** The days that have hours so far. */
    Set<DayOfWeek> named() {
        return open.isEmpty() ? EnumSet.noneOf(DayOfWeek.class) : EnumSet.copyOf(open.keySet());
    }

    /** Says hours of days. */
    void place(Set<DayOfWeek> days, List<HoursClause> hours) throws HoursStop {
        for (HoursClause clause : hours) {
            for (DayOfWeek day : days) {
                if (clause instanceof HoursClause.Times times) {
                    times(day, times, days.size());
                } else if (clause instanceof HoursClause.Pause pause) {
                    pause(day, pause);
                } else if (clause instanceof HoursClause.Ends ends) {
                    ends(day, ends, days.size());
                } else if (clause instanceof HoursClause.State state) {
                    state(day, state, days.size());
                }
            }
        }
        boolean pausesNothing = days.isEmpty() && hours.stream().anyMatch(HoursClause.Pause.class::isInstance);
        if (pausesNothing) {
            throw HoursStop.refused(
                    WORDS.say("hoursReader.pauseOfWhat"), hours.get(0).at());
        }
    }

    /** All that was said. */
    WeeklyHours whole(boolean anyway) throws HoursStop {
        boolean onlyClosed = open.isEmpty()
                && other.size() < DayOfWeek.values().length
                && other.values().stream().allMatch(DayHours.CLOSED::equals);
        if (onlyClosed && !anyway) {
            throw HoursStop.refused(WORDS.say("hoursReader.andTheOtherDays"), Span.all(words));
        }
        Map<DayOfWeek, DayHours> days = new EnumMap<>(other);
        open.forEach((day, spans) -> days.put(day, new DayHours(DayHours.Kind.OPEN, spans)));
        return WeeklyHours.of(days);
    }

    private void times(DayOfWeek day, HoursClause.Times times, int size) throws HoursStop {
        int previousEnd = spans(day).stream().mapToInt(TimeSpan::to).max().orElse(-1);
        boolean particular = size < groupSize.getOrDefault(day, 0);
        add(day, settle(times, particular ? -1 : previousEnd), size, times.at());
    }

    private List<TimeSpan> spans(DayOfWeek day) {
        return open.getOrDefault(day, List.of());
    }

    private void state(DayOfWeek day, HoursClause.State state, int size) throws HoursStop {
        DayHours hours = state.hours();
        if (hours.isOpen()) {
            add(day, hours.spans().get(0), size, state.at());
            return;
        }
        if (hours.kind() == DayHours.Kind.BY_APPOINTMENT && open.containsKey(day)) {
            besides(day, state);
            return;
        }
        open.remove(day);
        other.put(day, hours);
    }

    /** "9-5 and by appointment" keeps the hours; "9-5, by appointment only" is asked about. */
    private void besides(DayOfWeek day, HoursClause.State state) throws HoursStop {
        int hoursEnd = saidAt.get(day).to();
        String between = Folded.of(words)
                .substring(hoursEnd, Math.max(hoursEnd, state.at().from()));
        if (language.joins(between)) {
            remark(WORDS.say("hoursReader.appointmentBeside"));
            return;
        }
        String before = words.substring(0, saidAt.get(day).from());
        String after = words.substring(state.at().to());
        String hours = words.substring(saidAt.get(day).from(), hoursEnd);
        throw HoursStop.asks(
                WORDS.say("hoursReader.hoursOrAppointment"),
                new Span(saidAt.get(day).from(), Math.max(hoursEnd, state.at().to())),
                List.of(before + hours + after, before + language.word("appointment") + after));
    }

    private void pause(DayOfWeek day, HoursClause.Pause pause) throws HoursStop {
        TimeSpan closed = within(day, pause);
        List<TimeSpan> left = new ArrayList<>();
        for (TimeSpan span : spans(day)) {
            if (!span.overlaps(closed)) {
                left.add(span);
                continue;
            }
            if (closed.from() > span.from()) {
                left.add(new TimeSpan(span.from(), closed.from()));
            }
            if (closed.to() < span.to()) {
                left.add(new TimeSpan(closed.to(), span.to()));
            }
        }
        open.put(day, left);
    }

    /** The pause as it lies within the hours of a day: "closed 1-2" is in the afternoon. */
    private TimeSpan within(DayOfWeek day, HoursClause.Pause pause) throws HoursStop {
        for (DayPart part : new DayPart[] {DayPart.MORNING, DayPart.AFTERNOON}) {
            ClockTime from = part.of(pause.times().from());
            SpanReading reading = SpanReading.of(from, pause.times().to(), new SpanReading.Manner(-1, true, false));
            boolean inside = reading instanceof SpanReading.Clear clear
                    && clear.span().to() < TimeSpan.DAY
                    && spans(day).stream()
                            .anyMatch(span -> span.from() < clear.span().from()
                                    && clear.span().to() < span.to());
            if (inside) {
                return ((SpanReading.Clear) reading).span();
            }
        }
        throw HoursStop.refused(WORDS.say("hoursReader.pauseOfWhat"), pause.at());
    }

    private void ends(DayOfWeek day, HoursClause.Ends ends, int size) throws HoursStop {
        if (spans(day).isEmpty()) {
            throw HoursStop.refused(WORDS.say("hoursReader.untilButFromWhen"), ends.at());
        }
        List<TimeSpan> spans = new ArrayList<>(spans(day));
        TimeSpan first = spans.get(0);
        ClockTime from = new ClockTime(first.from() / 60, first.from() % 60, ClockTime.Half.EXACT, ends.at());
        SpanReading reading = SpanReading.of(from, ends.to(), new SpanReading.Manner(-1, true, false));
        if (!(reading instanceof SpanReading.Clear clear)) {
            throw HoursStop.refused(WORDS.say("hoursReader.untilButFromWhen"), ends.at());
        }
        int end = clear.span().to();
        spans.removeIf(span -> span.from() >= end);
        TimeSpan lastSpan = spans.remove(spans.size() - 1);
        spans.add(new TimeSpan(lastSpan.from(), end));
        open.put(day, spans);
        groupSize.put(day, size);
        saidAt.put(day, ends.at());
    }

    private void add(DayOfWeek day, TimeSpan span, int size, Span at) throws HoursStop {
        List<TimeSpan> spans = new ArrayList<>(spans(day));
        boolean overlaps = spans.stream().anyMatch(span::overlaps);
        if (overlaps) {
            if (size >= groupSize.getOrDefault(day, 0)) {
                throw HoursStop.refused(WORDS.say("hoursReader.overlap", HoursLanguage.ENGLISH.sayFull(day)), at);
            }
            spans.clear();
        }
        spans.add(span);
        Collections.sort(spans);
        open.put(day, spans);
        other.remove(day);
        groupSize.put(day, size);
        saidAt.put(day, at);
    }

    private TimeSpan settle(HoursClause.Times times, int previousEnd) throws HoursStop {
        ClockTime from = times.part() == null ? times.from() : times.part().of(times.from());
        SpanReading.Manner manner =
                new SpanReading.Manner(previousEnd, exact || !language.usesHalves(), exact || times.nextDay());
        SpanReading reading = SpanReading.of(from, times.to(), manner);
        if (reading instanceof SpanReading.Clear clear) {
            if (times.part() != null && !times.part().holds(clear.span())) {
                throw HoursStop.refused(WORDS.say("hoursReader.notThatPart"), times.at());
            }
            return clear.span();
        }
        List<String> meanings = ((SpanReading.Either) reading)
                .spans().stream()
                        .map(span -> HoursWords.exactly(span, language))
                        .toList();
        String before = words.substring(0, times.at().from());
        String after = words.substring(times.at().to());
        throw HoursStop.asks(
                WORDS.say("hoursReader.doYouMean", String.join(" or ", meanings)),
                times.at(),
                meanings.stream().map(meaning -> before + meaning + after).toList());
    }
}
