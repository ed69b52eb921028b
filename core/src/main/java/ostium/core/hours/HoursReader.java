package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.base.Reading.Remark;
import ostium.core.base.Reading.Span;

/**
 * Reads hours as people write them: {@code Mon-Fri 9-5:30, Sat 10–2, closed Sun}; {@code Tue & Thu 9-12 and 13-17};
 * {@code daily except Monday 7-22}; {@code 24/7}; {@code Fri 18:00-01:00}; {@code Sat by appointment}; {@code Mon-Fri 9-5, lunch
 * 12-1}.
 *
 * <p>Days come before their hours or after them, by clause. A day that is not named is closed, where any is open. A day named
 * again with other hours keeps the more particular ({@code Mon-Fri 9-5, Fri 9-3}); hours that lie apart add up. Nothing is
 * guessed in silence: every word counts, changes nothing, or ends the reading; what can mean two things is asked, and a fault
 * points at the words.
 */
final class HoursReader {
    private static final Messages WORDS = Messages.of("hours");

    static final int LONGEST = 500;

    private final String words;
    private final HoursLanguage language;
    private final boolean exact;
    private final HoursWeek week;

    private HoursReader(String words, HoursLanguage language, boolean exact) {
        this.words = words;
        this.language = language;
        this.exact = exact;
        this.week = new HoursWeek(words, language, exact);
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
            return Reading.refused(WORDS.say("hoursReader.atMost", LONGEST), LONGEST, words.length());
        }
        try {
            HoursTable.check(words, language);
            HoursParser parser = new HoursParser(words, new HoursLexer(words, language, exact).tokens());
            assign(parser.clauses());
            if (parser.saysHolidays()) {
                week.remark(WORDS.say("hoursReader.holidaysStandElsewhere"));
            }
            return new Reading.Understood<>(
                    week.whole(exact),
                    week.remarks().stream()
                            .map(remark -> new Remark(remark, null))
                            .toList());
        } catch (HoursStop stop) {
            return stop.reading();
        }
    }

    // ---- clauses to days -----------------------------------------------------------------------------------------

    private final Set<DayOfWeek> pending = EnumSet.noneOf(DayOfWeek.class);
    private final Set<DayOfWeek> taken = EnumSet.noneOf(DayOfWeek.class);
    private final java.util.ArrayList<HoursClause> unplaced = new java.util.ArrayList<>();
    private Set<DayOfWeek> last;
    private Span pendingAt;

    private void assign(List<HoursClause> clauses) throws HoursStop {
        HoursClause previous = null;
        for (int i = 0; i < clauses.size(); i++) {
            HoursClause clause = clauses.get(i);
            if (clause instanceof HoursClause.End) {
                continue;
            }
            if (clause instanceof HoursClause.Without without) {
                pending.removeAll(without.days());
                taken.addAll(without.days());
            } else if (clause instanceof HoursClause.Days days) {
                days(days, clauses, i);
            } else {
                hours(clause, previous, clauses, i);
            }
            previous = clause;
        }
        if (!pending.isEmpty()) {
            throw hoursMissing();
        }
        if (last == null) {
            withoutDays();
        }
    }

    private void days(HoursClause.Days days, List<HoursClause> clauses, int i) throws HoursStop {
        if (unplaced.isEmpty()) {
            pending.addAll(days.days());
            pendingAt = days.at();
            return;
        }
        // "closed Sun", "9-5 Mon, Tue, Wed": hours stood first.
        week.place(days.days(), unplaced);
        last = days.days();
        if (!nextIsOnlyDays(clauses, i + 1)) {
            unplaced.clear();
        }
    }

    private void hours(HoursClause clause, HoursClause previous, List<HoursClause> clauses, int i) throws HoursStop {
        boolean startsClause = i == 0 || clauses.get(i - 1) instanceof HoursClause.End;
        boolean closed = clause instanceof HoursClause.State state && state.hours() == DayHours.CLOSED;
        boolean daysFollow =
                (startsClause || closed) && i + 1 < clauses.size() && clauses.get(i + 1) instanceof HoursClause.Days;
        if (!pending.isEmpty() && startsClause && closed && daysFollow) {
            // "Open Mon, Wed; closed Tue": what is closed is said of the days behind it.
            throw hoursMissing();
        }
        if (!pending.isEmpty()) {
            week.place(pending, List.of(clause));
            week.place(taken, List.of(new HoursClause.State(DayHours.CLOSED, clause.at())));
            taken.clear();
            last = EnumSet.copyOf(pending);
            pending.clear();
        } else if (clause instanceof HoursClause.Pause) {
            week.place(week.named(), List.of(clause));
        } else if (last != null && !daysFollow) {
            week.place(last, List.of(clause));
        } else {
            if (previous instanceof HoursClause.Days) {
                unplaced.clear();
            }
            unplaced.add(clause);
        }
    }

    private HoursStop hoursMissing() {
        String day = HoursLanguage.ENGLISH.sayFull(pending.iterator().next());
        return HoursStop.refused(WORDS.say("hoursReader.whatAreTheHoursOn", day), pendingAt);
    }

    /** Whether only days, and no hours, stand in the clause that begins at {@code i} or continues there. */
    private static boolean nextIsOnlyDays(List<HoursClause> clauses, int i) {
        int at = i;
        while (at < clauses.size() && clauses.get(at) instanceof HoursClause.End) {
            at++;
        }
        boolean any = false;
        while (at < clauses.size() && !(clauses.get(at) instanceof HoursClause.End)) {
            if (!(clauses.get(at) instanceof HoursClause.Days)) {
                return false;
            }
            any = true;
            at++;
        }
        return any;
    }

    private void withoutDays() throws HoursStop {
        if (unplaced.isEmpty()) {
            throw HoursStop.refused(WORDS.say("hoursReader.thereAreNoHoursHere"), Span.all(words));
        }
        boolean everyDay = unplaced.size() == 1
                && unplaced.get(0) instanceof HoursClause.State state
                && state.hours().kind() != DayHours.Kind.CLOSED;
        if (!everyDay) {
            String typed = words.strip();
            throw HoursStop.asks(
                    WORDS.say("hoursReader.onWhichDays"),
                    Span.all(words),
                    List.of("Mon–Fri " + typed, "Mon–Sat " + typed, "daily " + typed));
        }
        week.place(EnumSet.allOf(DayOfWeek.class), unplaced);
    }
}
