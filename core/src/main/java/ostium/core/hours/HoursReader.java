package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.base.Reading.Span;

/**
 * Reads hours as people write them: {@code Mon-Fri 9-5:30, Sat 10–2, closed Sun}; {@code Tue & Thu 9-12 and 13-17};
 * {@code daily 7-22}; {@code 24/7}; {@code Fri 18:00-01:00}; {@code Sat by appointment}.
 *
 * <p>Days come before their hours or after them, by clause. A day that is not named is closed. A day named again with
 * other hours keeps the more particular ({@code Mon-Fri 9-5, Fri 9-3}); hours that lie apart add up. Nothing is guessed
 * in silence: what can mean two things is asked, and a fault points at the words.
 */
final class HoursReader {
    private static final Messages WORDS = Messages.of("hours");

    static final int LONGEST = 500;

    private final String words;
    private final List<HoursToken> tokens;
    private final Map<DayOfWeek, List<TimeSpan>> open = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, DayHours> other = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, Integer> groupSize = new EnumMap<>(DayOfWeek.class);

    private int next;

    /** Ends the reading early with a question or a fault. */
    private static final class Stop extends Exception {
        private static final long serialVersionUID = 1L;
        private final transient Reading<WeeklyHours> reading;

        Stop(Reading<WeeklyHours> reading) {
            super(null, null, false, false);
            this.reading = reading;
        }
    }

    /** Days and hours as they stand in one clause. */
    private record Part(Set<DayOfWeek> days, List<Object> values, Span at) {
        boolean hasDays() {
            return days != null;
        }
    }

    /** Two written times, not yet settled. */
    private record Times(ClockTime from, ClockTime to, Span at) {}

    private HoursReader(String words, HoursLanguage language, boolean exact) {
        this.words = words;
        this.tokens = words.length() > LONGEST ? List.of() : new HoursLexer(words, language, exact).tokens();
    }

    /**
     * Reads words in a language, or in another one where those say more: a German price list does not become English by
     * standing on an English site.
     */
    static Reading<WeeklyHours> read(String words, HoursLanguage first) {
        Reading<WeeklyHours> answer = null;
        for (HoursLanguage language : first.andOthers()) {
            Reading<WeeklyHours> reading = new HoursReader(words, language, false).read();
            if (!(reading instanceof Reading.Refused)) {
                return reading;
            }
            answer = answer == null ? reading : answer;
        }
        return answer;
    }

    /** Reads words of an open standard: in English, and every time by the 24-hour clock. */
    static Reading<WeeklyHours> readExact(String words) {
        return new HoursReader(words, HoursLanguage.ENGLISH, true).read();
    }

    private Reading<WeeklyHours> read() {
        if (words.isBlank()) {
            return Reading.refused(WORDS.say("hoursReader.typeYourHoursLikeMon"), words);
        }
        if (words.length() > LONGEST) {
            return Reading.refused("Hours have at most " + LONGEST + " characters.", LONGEST, words.length());
        }
        try {
            for (HoursToken token : tokens) {
                if (token instanceof HoursToken.Unknown unknown) {
                    String said =
                            words.substring(unknown.at().from(), unknown.at().to());
                    throw refused("“" + said + "” " + unknown.reason() + ".", unknown.at());
                }
            }
            assign(parts());
            return Reading.understood(week());
        } catch (Stop stop) {
            return stop.reading;
        }
    }

    private static Stop refused(String reason, Span at) {
        return new Stop(Reading.refused(reason, at.from(), at.to()));
    }

    // ---- words to parts ------------------------------------------------------------------------------------------

    private List<Part> parts() throws Stop {
        List<Part> parts = new ArrayList<>();
        while (next < tokens.size()) {
            HoursToken token = tokens.get(next);
            if (token instanceof HoursToken.Separator) {
                parts.add(null);
                next++;
            } else if (token instanceof HoursToken.Days) {
                parts.add(days());
            } else if (token instanceof HoursToken.State state) {
                parts.add(new Part(null, List.of(state.hours()), state.at()));
                next++;
            } else if (token instanceof HoursToken.Time) {
                Times times = times();
                parts.add(new Part(null, List.of(times), times.at()));
            } else {
                throw refused(WORDS.say("hoursReader.thereIsNothingBeforeThis"), token.at());
            }
        }
        return parts;
    }

    private Part days() throws Stop {
        HoursToken.Days first = (HoursToken.Days) tokens.get(next++);
        if (next < tokens.size() && tokens.get(next) instanceof HoursToken.To to) {
            if (next + 1 >= tokens.size() || !(tokens.get(next + 1) instanceof HoursToken.Days last)) {
                if (next + 1 < tokens.size() && !(tokens.get(next + 1) instanceof HoursToken.Separator)) {
                    next++; // "Mon - 9-5": the dash only leads over to the hours
                    return new Part(first.days(), null, first.at());
                }
                throw refused(WORDS.say("hoursReader.toWhichDay"), to.at());
            }
            Span at = new Span(first.at().from(), last.at().to());
            if (first.days().size() > 1 || last.days().size() > 1) {
                throw refused(WORDS.say("hoursReader.giveARangeFromOne"), at);
            }
            DayOfWeek from = first.days().iterator().next();
            DayOfWeek until = last.days().iterator().next();
            if (from == until) {
                throw refused(
                        "This goes from " + name(from) + " to " + name(until) + ". Name the last day, or say “daily”.",
                        at);
            }
            Set<DayOfWeek> range = EnumSet.of(from);
            for (DayOfWeek day = from; day != until; day = day.plus(1)) {
                range.add(day.plus(1));
            }
            next += 2;
            return new Part(range, null, at);
        }
        return new Part(first.days(), null, first.at());
    }

    private Times times() throws Stop {
        HoursToken.Time from = (HoursToken.Time) tokens.get(next);
        if (next + 2 < tokens.size()
                && tokens.get(next + 1) instanceof HoursToken.To
                && tokens.get(next + 2) instanceof HoursToken.Time to) {
            next += 3;
            return new Times(
                    from.time(), to.time(), new Span(from.at().from(), to.at().to()));
        }
        throw refused(WORDS.say("hoursReader.untilWhenGiveAStart"), from.at());
    }

    // ---- parts to days -------------------------------------------------------------------------------------------

    private void assign(List<Part> parts) throws Stop {
        Set<DayOfWeek> pending = EnumSet.noneOf(DayOfWeek.class);
        Span pendingAt = null;
        Set<DayOfWeek> last = null;
        List<Part> unplaced = new ArrayList<>();
        Part previous = null;
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (part == null) {
                continue;
            }
            if (part.hasDays()) {
                if (!unplaced.isEmpty()) { // "closed Sun", "9-5 Mon, Tue, Wed": hours stood first
                    place(part.days(), unplaced);
                    last = part.days();
                    boolean moreDays = i + 1 < parts.size() && nextIsOnlyDays(parts, i + 1);
                    if (!moreDays) {
                        unplaced.clear();
                    }
                } else {
                    pending.addAll(part.days());
                    pendingAt = part.at();
                }
            } else {
                boolean startsClause = i == 0 || parts.get(i - 1) == null;
                boolean daysFollow = startsClause
                        && i + 1 < parts.size()
                        && parts.get(i + 1) != null
                        && parts.get(i + 1).hasDays();
                if (!pending.isEmpty()) {
                    place(pending, List.of(part));
                    last = EnumSet.copyOf(pending);
                    pending.clear();
                } else if (last != null && !daysFollow) {
                    place(last, List.of(part));
                } else {
                    if (previous != null && previous.hasDays()) {
                        unplaced.clear();
                    }
                    unplaced.add(part);
                }
            }
            previous = part;
        }
        if (!pending.isEmpty()) {
            throw refused("What are the hours on " + name(pending.iterator().next()) + "?", pendingAt);
        }
        if (last == null) {
            withoutDays(unplaced);
        }
    }

    /** Whether only days, and no hours, stand in the clause that begins at {@code i} or continues there. */
    private static boolean nextIsOnlyDays(List<Part> parts, int i) {
        int at = i;
        while (at < parts.size() && parts.get(at) == null) {
            at++;
        }
        boolean any = false;
        while (at < parts.size() && parts.get(at) != null) {
            if (!parts.get(at).hasDays()) {
                return false;
            }
            any = true;
            at++;
        }
        return any;
    }

    private void withoutDays(List<Part> parts) throws Stop {
        if (parts.isEmpty()) {
            throw refused(WORDS.say("hoursReader.thereAreNoHoursHere"), Span.all(words));
        }
        boolean everyDay = parts.size() == 1
                && parts.get(0).values().get(0) instanceof DayHours hours
                && hours.kind() != DayHours.Kind.CLOSED;
        if (!everyDay) {
            String typed = words.strip();
            throw new Stop(new Reading.Unclear<>(
                    WORDS.say("hoursReader.onWhichDays"),
                    Span.all(words),
                    List.of("Mon–Fri " + typed, "Mon–Sat " + typed, "daily " + typed)));
        }
        place(EnumSet.allOf(DayOfWeek.class), parts);
    }

    private void place(Set<DayOfWeek> days, List<Part> parts) throws Stop {
        for (Part part : parts) {
            for (DayOfWeek day : days) {
                Object value = part.values().get(0);
                if (value instanceof Times times) {
                    List<TimeSpan> spans = open.getOrDefault(day, List.of());
                    int previousEnd =
                            spans.stream().mapToInt(TimeSpan::to).max().orElse(-1);
                    boolean particular = days.size() < groupSize.getOrDefault(day, 0);
                    TimeSpan span = settle(times, particular ? -1 : previousEnd);
                    add(day, span, days.size(), part.at());
                } else {
                    DayHours hours = (DayHours) value;
                    if (hours.isOpen()) {
                        add(day, hours.spans().get(0), days.size(), part.at());
                    } else {
                        open.remove(day);
                        other.put(day, hours);
                    }
                }
            }
        }
    }

    private void add(DayOfWeek day, TimeSpan span, int size, Span at) throws Stop {
        List<TimeSpan> spans = new ArrayList<>(open.getOrDefault(day, List.of()));
        if (spans.stream().anyMatch(span::overlaps)) {
            if (size >= groupSize.getOrDefault(day, 0)) {
                throw refused("The hours on " + name(day) + " overlap.", at);
            }
            spans.clear();
        }
        spans.add(span);
        Collections.sort(spans);
        open.put(day, spans);
        other.remove(day);
        groupSize.put(day, size);
    }

    private TimeSpan settle(Times times, int previousEnd) throws Stop {
        SpanReading reading = SpanReading.of(times.from(), times.to(), previousEnd);
        if (reading instanceof SpanReading.Clear clear) {
            return clear.span();
        }
        List<String> meanings = ((SpanReading.Either) reading)
                .spans().stream()
                        .map(span -> ClockTime.sayWithHalf(span.from()) + "–" + ClockTime.sayWithHalf(span.to()))
                        .toList();
        String before = words.substring(0, times.at().from());
        String after = words.substring(times.at().to());
        throw new Stop(new Reading.Unclear<>(
                "Do you mean " + String.join(" or ", meanings) + "?",
                times.at(),
                meanings.stream().map(meaning -> before + meaning + after).toList()));
    }

    private WeeklyHours week() {
        Map<DayOfWeek, DayHours> days = new EnumMap<>(other);
        open.forEach((day, spans) -> days.put(day, new DayHours(DayHours.Kind.OPEN, spans)));
        return WeeklyHours.of(days);
    }

    private static String name(DayOfWeek day) {
        return HoursLanguage.ENGLISH.sayFull(day);
    }
}
