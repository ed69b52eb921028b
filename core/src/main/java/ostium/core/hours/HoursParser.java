package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;

/** Puts the words of a line of hours together: ranges of days, times with their ends, pauses, exceptions. */
final class HoursParser {
    private static final Messages WORDS = Messages.of("hours");

    private final String words;
    private final String lower;
    private final List<HoursToken> tokens;
    private final List<HoursClause> clauses = new ArrayList<>();
    private boolean holidays;
    private int next;

    HoursParser(String words, List<HoursToken> tokens) {
        this.words = words;
        this.lower = Folded.of(words);
        this.tokens = new ArrayList<>(tokens);
    }

    /** Whether something was said of public holidays, which are no days of the week and were left out. */
    boolean saysHolidays() {
        return holidays;
    }

    List<HoursClause> clauses() throws HoursStop {
        refuseUnknown();
        leaveHolidays();
        while (next < tokens.size()) {
            HoursToken token = tokens.get(next);
            if (token instanceof HoursToken.Separator) {
                clauses.add(new HoursClause.End(token.at()));
                next++;
            } else if (token instanceof HoursToken.Days) {
                days();
            } else if (token instanceof HoursToken.Except) {
                except();
            } else if (token instanceof HoursToken.State state) {
                next++;
                boolean pause = state.hours() == DayHours.CLOSED && isRange(next);
                clauses.add(pause ? pause(state.at()) : new HoursClause.State(state.hours(), state.at()));
            } else if (token instanceof HoursToken.Pause) {
                next++;
                clauses.add(pause(token.at()));
            } else if (token instanceof HoursToken.Part part) {
                part(part);
            } else if (token instanceof HoursToken.Time) {
                clauses.add(times(null));
            } else {
                throw HoursStop.refused(WORDS.say("hoursReader.thereIsNothingBeforeThis"), token.at());
            }
        }
        return clauses;
    }

    private void refuseUnknown() throws HoursStop {
        for (HoursToken token : tokens) {
            if (token instanceof HoursToken.Unknown unknown) {
                String said = words.substring(unknown.at().from(), unknown.at().to());
                throw HoursStop.refused(WORDS.say(unknown.reason(), said), unknown.at());
            }
        }
    }

    private HoursToken token(int index) {
        return index >= 0 && index < tokens.size() ? tokens.get(index) : null;
    }

    /** Public holidays go, with the hours that are said of them alone. */
    private void leaveHolidays() {
        for (int i = 0; i < tokens.size(); i++) {
            if (!(tokens.get(i) instanceof HoursToken.Holidays)) {
                continue;
            }
            holidays = true;
            boolean besideDays = token(i - 1) instanceof HoursToken.Days;
            boolean daysFollow = token(i + 1) instanceof HoursToken.Days;
            boolean stateFollows = token(i + 1) instanceof HoursToken.State;
            boolean stateBefore = token(i - 1) instanceof HoursToken.State;
            if (!besideDays && stateFollows) {
                tokens.remove(i + 1);
            } else if (!besideDays && isRange(i + 1)) {
                tokens.subList(i + 1, i + 4).clear();
            }
            tokens.remove(i);
            if (token(i - 1) instanceof HoursToken.Except && !daysFollow) {
                tokens.remove(i - 1);
            }
            if (stateBefore && !daysFollow && !stateFollows) {
                tokens.remove(i - 1);
            }
            i = -1;
        }
    }

    private boolean isRange(int at) {
        return token(at) instanceof HoursToken.Time
                && token(at + 1) instanceof HoursToken.To
                && token(at + 2) instanceof HoursToken.Time;
    }

    // ---- days ----------------------------------------------------------------------------------------------------

    private void days() throws HoursStop {
        HoursToken.Days first = (HoursToken.Days) tokens.get(next);
        clauses.add(new HoursClause.Days(group(), first.at()));
        if (!(token(next) instanceof HoursToken.To to)) {
            return;
        }
        HoursToken after = token(next + 1);
        if (after == null || after instanceof HoursToken.Separator) {
            boolean saysClosed =
                    lower.substring(first.at().to(), to.at().from()).contains(":");
            if (!saysClosed) {
                throw HoursStop.refused(WORDS.say("hoursReader.toWhichDay"), to.at());
            }
            clauses.add(new HoursClause.State(DayHours.CLOSED, to.at())); // "Sun: –"
            next++;
        } else if (after instanceof HoursToken.Time time && !isRange(next + 1)) {
            clauses.add(new HoursClause.Ends(
                    time.time(), new Span(to.at().from(), time.at().to()))); // "Fri till 1"
            next += 2;
        } else {
            next++; // "Mon - 9-5": the dash only leads over to the hours
        }
    }

    /** One day, a named set, or a range of days. */
    private Set<DayOfWeek> group() throws HoursStop {
        HoursToken.Days first = (HoursToken.Days) tokens.get(next++);
        boolean isRange = token(next) instanceof HoursToken.To && token(next + 1) instanceof HoursToken.Days;
        if (!isRange) {
            return first.days();
        }
        HoursToken.Days last = (HoursToken.Days) tokens.get(next + 1);
        Span at = new Span(first.at().from(), last.at().to());
        if (first.days().size() > 1 || last.days().size() > 1) {
            throw HoursStop.refused(WORDS.say("hoursReader.giveARangeFromOne"), at);
        }
        DayOfWeek from = first.days().iterator().next();
        DayOfWeek until = last.days().iterator().next();
        if (from == until) {
            throw HoursStop.refused(WORDS.say("hoursReader.fromDayToItself", HoursLanguage.ENGLISH.sayFull(from)), at);
        }
        Set<DayOfWeek> range = EnumSet.of(from);
        for (DayOfWeek day = from; day != until; day = day.plus(1)) {
            range.add(day.plus(1));
        }
        next += 2;
        return range;
    }

    /** "Daily except Monday 9-5" takes days out; "Mon-Fri 9-5 except Wed 9-1" says other hours, or none, of some. */
    private void except() throws HoursStop {
        Span at = tokens.get(next++).at();
        boolean hoursFollow = hoursSince();
        clauses.add(new HoursClause.End(at));
        if (!(token(next) instanceof HoursToken.Days)) {
            throw HoursStop.refused(WORDS.say("hoursReader.exceptWhichDays"), at);
        }
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        while (token(next) instanceof HoursToken.Days) {
            days.addAll(group());
        }
        if (!hoursFollow) {
            clauses.remove(clauses.size() - 1);
            clauses.add(new HoursClause.Without(days, at));
            return;
        }
        clauses.add(new HoursClause.Days(days, at));
        HoursToken after = token(next);
        if (after == null || after instanceof HoursToken.Separator) {
            clauses.add(new HoursClause.State(DayHours.CLOSED, at));
        }
    }

    /** Whether the days that were said last have their hours already. */
    private boolean hoursSince() {
        for (int i = clauses.size() - 1; i >= 0; i--) {
            HoursClause clause = clauses.get(i);
            if (clause instanceof HoursClause.Days || clause instanceof HoursClause.Without) {
                return false;
            }
            if (!(clause instanceof HoursClause.End)) {
                return true;
            }
        }
        return true;
    }

    // ---- times ---------------------------------------------------------------------------------------------------

    private HoursClause.Times times(DayPart part) throws HoursStop {
        HoursToken.Time from = (HoursToken.Time) tokens.get(next);
        HoursToken.Time to;
        if (isRange(next)) {
            to = (HoursToken.Time) tokens.get(next + 2);
            next += 3;
        } else if (token(next + 1) instanceof HoursToken.Time second
                && lower.substring(from.at().to(), second.at().from()).contains("\t")) {
            to = second; // a pasted table: start and end in columns
            next += 2;
        } else {
            throw HoursStop.refused(WORDS.say("hoursReader.untilWhenGiveAStart"), from.at());
        }
        boolean isApart = from.time().minutes() > TimeSpan.DAY
                || to.time().minutes() > from.time().minutes() + TimeSpan.DAY;
        if (isApart) {
            throw HoursStop.refused(WORDS.say("hoursReader.notOneDay"), from.at());
        }
        boolean nextDay = token(next) instanceof HoursToken.NextDay;
        next += nextDay ? 1 : 0;
        Span at = new Span(from.at().from(), tokens.get(next - 1).at().to());
        return new HoursClause.Times(from.time(), to.time(), part, nextDay, at);
    }

    private HoursClause.Pause pause(Span at) throws HoursStop {
        if (!isRange(next)) {
            throw HoursStop.refused(WORDS.say("hoursReader.pauseFromWhen"), at);
        }
        HoursClause.Times times = times(null);
        return new HoursClause.Pause(times, new Span(at.from(), times.at().to()));
    }

    /** A part of the day, before its times or behind them. */
    private void part(HoursToken.Part part) throws HoursStop {
        next++;
        HoursClause last = clauses.isEmpty() ? null : clauses.get(clauses.size() - 1);
        if (token(next) instanceof HoursToken.Time) {
            clauses.add(times(part.part()));
        } else if (last instanceof HoursClause.Times times && times.part() == null) {
            clauses.set(
                    clauses.size() - 1,
                    new HoursClause.Times(times.from(), times.to(), part.part(), times.nextDay(), times.at()));
        } else {
            throw HoursStop.refused(WORDS.say("hoursReader.partFromWhen"), part.at());
        }
    }
}
