package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.fact.Reading.Span;
import ostium.core.hours.ClockTime.Half;

/** Cuts a line of hours into tokens, each with its place in the words. */
final class HoursLexer {
    private static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
    private static final Set<DayOfWeek> WEEKEND = EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
    private static final Set<DayOfWeek> ALL = EnumSet.allOf(DayOfWeek.class);
    private static final DayHours ALL_DAY = DayHours.open(TimeSpan.WHOLE_DAY);

    private static final Map<String, DayOfWeek> DAY_NAMES = Map.of(
            "mo(?:n(?:day)?s?)?", DayOfWeek.MONDAY,
            "tu(?:e(?:s(?:day)?)?s?)?", DayOfWeek.TUESDAY,
            "we(?:d(?:nes(?:day)?)?s?)?", DayOfWeek.WEDNESDAY,
            "th(?:u(?:rs?(?:day)?)?s?)?", DayOfWeek.THURSDAY,
            "fr(?:i(?:day)?s?)?", DayOfWeek.FRIDAY,
            "sa(?:t(?:ur(?:day)?)?s?)?", DayOfWeek.SATURDAY,
            "su(?:n(?:day)?s?)?", DayOfWeek.SUNDAY);

    private static final Pattern TIME = Pattern.compile(
            "(?<hour>[0-9]{1,2})(?:[:.h](?<minute>[0-9]{2}))?(?![0-9])\\s*(?<half>[ap]\\.?\\s?m\\b\\.?)?(?:\\s*(?:o['’]clock|uhr|h)\\b)?");
    private static final Pattern MILITARY =
            Pattern.compile("(?<hour>[0-2][0-9])(?<minute>[0-5][0-9])(?![0-9])\\s*(?:h|hrs|hours)?\\b");
    private static final Pattern NUMBER = Pattern.compile("[0-9][0-9:.]*[0-9]|[0-9]");
    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}'’]*");
    private static final Pattern FILLER = Pattern.compile(
            "(?:we(?:['’]re| are)?|i['’]?m|open(?:ing)?(?: hours| times)?|hours|times?|from|on|at|only|the|is|are|and|plus|&|\\+|/|:|\"|\\(|\\))",
            Pattern.CASE_INSENSITIVE);

    private record Phrase(Pattern pattern, Set<DayOfWeek> days, DayHours hours) {}

    private static final List<Phrase> PHRASES = List.of(
            new Phrase(phrase("24 ?/ ?7|24 hours a day,? (?:7|seven) days a week"), ALL, ALL_DAY),
            new Phrase(
                    phrase("24 ?(?:hours|hrs|h)(?: a day)?|all day|round the clock|around the clock"), null, ALL_DAY),
            new Phrase(phrase("every ?day|daily|all week|(?:7|seven) days(?: a week)?"), ALL, null),
            new Phrase(phrase("week ?days?|working days"), WEEKDAYS, null),
            new Phrase(phrase("week ?ends?"), WEEKEND, null),
            new Phrase(
                    phrase("(?:strictly )?by (?:prior )?(?:appointment|arrangement)(?: only)?|appointments? only"),
                    null,
                    DayHours.BY_APPOINTMENT),
            new Phrase(phrase("closed|shut|off|not open"), null, DayHours.CLOSED));

    private static Pattern phrase(String words) {
        return Pattern.compile("(?:" + words + ")(?![\\p{L}0-9])");
    }

    private static final Pattern RANGE = Pattern.compile("[-–—‒−]|(?:to|till?|until|through|thru|bis)(?![\\p{L}])");
    private static final Pattern SEPARATOR = Pattern.compile("[,;·|•]|\\R|\\.(?=\\s|$)");

    private final String lower;
    private final List<HoursToken> tokens = new ArrayList<>();
    private int at;

    HoursLexer(String words) {
        // Lower case must not move places: letters whose lower case is longer are left as they are.
        StringBuilder same = new StringBuilder(words.length());
        for (int i = 0; i < words.length(); i++) {
            same.append(Character.toLowerCase(words.charAt(i)));
        }
        this.lower = same.toString();
    }

    List<HoursToken> tokens() {
        while (at < lower.length()) {
            if (Character.isWhitespace(lower.charAt(at)) && lower.charAt(at) != '\n' && lower.charAt(at) != '\r') {
                at++;
            } else if (!phrase() && !range() && !separator() && !day() && !clock() && !named() && !filler()) {
                unknown();
            }
        }
        return tokens;
    }

    private boolean phrase() {
        for (Phrase phrase : PHRASES) {
            Matcher matcher = at(phrase.pattern());
            if (matcher.lookingAt()) {
                Span span = new Span(at, matcher.end());
                if (phrase.days() != null) {
                    tokens.add(new HoursToken.Days(phrase.days(), span));
                }
                if (phrase.hours() != null) {
                    tokens.add(new HoursToken.State(phrase.hours(), span));
                }
                at = matcher.end();
                return true;
            }
        }
        return false;
    }

    private boolean range() {
        Matcher matcher = at(RANGE);
        if (!matcher.lookingAt()) {
            return false;
        }
        tokens.add(new HoursToken.To(new Span(at, matcher.end())));
        at = matcher.end();
        return true;
    }

    private boolean separator() {
        Matcher matcher = at(SEPARATOR);
        if (!matcher.lookingAt()) {
            return false;
        }
        tokens.add(new HoursToken.Separator(new Span(at, matcher.end())));
        at = matcher.end();
        return true;
    }

    private boolean day() {
        Matcher word = at(WORD);
        if (!word.lookingAt()) {
            return false;
        }
        for (Map.Entry<String, DayOfWeek> name : DAY_NAMES.entrySet()) {
            if (word.group().matches(name.getKey())) {
                int end = word.end() < lower.length() && lower.charAt(word.end()) == '.' ? word.end() + 1 : word.end();
                tokens.add(new HoursToken.Days(Set.of(name.getValue()), new Span(at, end)));
                at = end;
                return true;
            }
        }
        return false;
    }

    private boolean clock() {
        Matcher military = at(MILITARY);
        Matcher matcher = at(TIME);
        boolean fourDigits = military.lookingAt();
        if (!fourDigits && !matcher.lookingAt()) {
            return false;
        }
        Matcher found = fourDigits ? military : matcher;
        Span span = new Span(at, end(found));
        int hour = Integer.parseInt(found.group("hour"));
        int minute = found.group("minute") == null ? 0 : Integer.parseInt(found.group("minute"));
        String half = fourDigits || found.group("half") == null ? "" : found.group("half");
        at = found.end();
        if (hour > 24 || minute > 59 || hour == 24 && minute > 0) {
            tokens.add(new HoursToken.Unknown(lower.substring(span.from(), span.to()), "is not a time of day", span));
        } else if (!half.isEmpty() && (hour > 12 || hour == 0)) {
            tokens.add(new HoursToken.Unknown(
                    lower.substring(span.from(), span.to()), "mixes the 12 and the 24 hour clock", span));
        } else {
            boolean exact = fourDigits || hour > 12 || found.group("hour").startsWith("0");
            Half said = half.isEmpty() ? (exact ? Half.EXACT : Half.BARE) : half.startsWith("a") ? Half.AM : Half.PM;
            tokens.add(new HoursToken.Time(new ClockTime(hour, minute, said, span), span));
        }
        return true;
    }

    /** Where the found words end, without the white space a pattern may have taken along. */
    private int end(Matcher found) {
        int end = found.end();
        while (Character.isWhitespace(lower.charAt(end - 1))) {
            end--;
        }
        return end;
    }

    private boolean named() {
        for (Map.Entry<String, Integer> name :
                Map.of("noon", 12, "midday", 12, "midnight", 24).entrySet()) {
            if (lower.startsWith(name.getKey(), at)) {
                Span span = new Span(at, at + name.getKey().length());
                tokens.add(new HoursToken.Time(new ClockTime(name.getValue(), 0, Half.EXACT, span), span));
                at = span.to();
                return true;
            }
        }
        return false;
    }

    private boolean filler() {
        Matcher matcher = at(FILLER);
        if (!matcher.lookingAt()
                || Character.isLetter(lower.charAt(matcher.end() - 1))
                        && matcher.end() < lower.length()
                        && Character.isLetter(lower.charAt(matcher.end()))) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    private void unknown() {
        Matcher number = at(NUMBER);
        Matcher word = at(WORD);
        int end = number.lookingAt() ? number.end() : word.lookingAt() ? word.end() : at + 1;
        String reason = number.lookingAt() ? "is not a time of day" : "is not something we can read as hours";
        tokens.add(new HoursToken.Unknown(lower.substring(at, end), reason, new Span(at, end)));
        at = end;
    }

    private Matcher at(Pattern pattern) {
        return pattern.matcher(lower).region(at, lower.length()).useTransparentBounds(true);
    }
}
