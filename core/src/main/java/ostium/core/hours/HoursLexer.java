package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading.Span;
import ostium.core.hours.ClockTime.Half;

/** Cuts a line of hours into tokens, each with its place in the words. */
final class HoursLexer {

    private static final Pattern TIME = Pattern.compile(
            "(?<hour>[0-9]{1,2})(?:(?:[:.]|\\s?h\\s?)(?<minute>[0-9]{2})(?!\\s?h))?(?![0-9])(?:\\s*(?<half>[ap]\\.?\\s?m\\b\\.?)"
                    + "|(?<letter>[ap])(?![\\p{L}']))?(?:\\s*(?:o'clock|uhr|heures?|hrs?|h)(?![\\p{L}]))?");
    private static final Pattern MILITARY =
            Pattern.compile("(?<hour>[0-2]?[0-9])(?<minute>[0-5][0-9])(?![0-9:.])\\s*(?:h|hrs|hours)?\\b");
    private static final Pattern NUMBER = Pattern.compile("[0-9][0-9:.]*[0-9]|[0-9]");
    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}']*");
    private static final Pattern SEPARATOR = Pattern.compile("[,;·|•]|\\R|\\.(?=\\s|$)");

    private final HoursLanguage language;
    private final boolean exact;
    private final String lower;
    private final List<HoursToken> tokens = new ArrayList<>();
    private int at;

    /** @param exact whether every time is one of the 24-hour clock, as in the open standards */
    HoursLexer(String words, HoursLanguage language, boolean exact) {
        this.language = language;
        this.exact = exact;
        this.lower = Folded.of(words);
    }

    List<HoursToken> tokens() {
        while (at < lower.length()) {
            if (Character.isWhitespace(lower.charAt(at)) && lower.charAt(at) != '\n' && lower.charAt(at) != '\r') {
                at++;
            } else if (!mark()
                    && !phrase()
                    && !range()
                    && !separator()
                    && !day()
                    && !named()
                    && !spoken()
                    && !clock()
                    && !filler()) {
                unknown();
            }
        }
        return tokens;
    }

    private boolean phrase() {
        for (HoursLanguage.Phrase phrase : language.phrases()) {
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

    /** Words that stand for no day and no hours, but change what others mean. */
    private boolean mark() {
        for (HoursLanguage.Mark mark : language.marks()) {
            Matcher matcher = at(mark.pattern());
            if (matcher.lookingAt()) {
                tokens.add(mark.token().apply(new Span(at, matcher.end())));
                at = matcher.end();
                return true;
            }
        }
        return false;
    }

    private boolean range() {
        Matcher matcher = at(language.range);
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
        Optional<DayOfWeek> named = language.day(word.group());
        if (named.isEmpty()) {
            return false;
        }
        int end = word.end() < lower.length() && lower.charAt(word.end()) == '.' ? word.end() + 1 : word.end();
        tokens.add(new HoursToken.Days(Set.of(named.get()), new Span(at, end)));
        at = end;
        return true;
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
        String half = fourDigits ? "" : half(found);
        at = found.end();
        if (hour > (exact ? 48 : 24) || minute > 59 || !exact && hour == 24 && minute > 0) {
            tokens.add(new HoursToken.Unknown(lower.substring(span.from(), span.to()), "unknown.time", span));
        } else if (!half.isEmpty() && (hour > 12 || hour == 0)) {
            tokens.add(new HoursToken.Unknown(lower.substring(span.from(), span.to()), "unknown.clocks", span));
        } else {
            boolean says = exact
                    || fourDigits && found.group("hour").length() == 2
                    || hour > 12
                    || found.group("hour").startsWith("0");
            Half said = half.isEmpty() ? (says ? Half.EXACT : Half.BARE) : half.startsWith("a") ? Half.AM : Half.PM;
            tokens.add(new HoursToken.Time(new ClockTime(hour, minute, said, span), span));
        }
        return true;
    }

    private static String half(Matcher found) {
        String half = found.group("half") == null ? found.group("letter") : found.group("half");
        return half == null ? "" : half;
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
        return named(language.noon, 12) || named(language.midnight, 24);
    }

    /** "Nine", "half eight", "halb acht": an hour in words. Figures alone are read as a clock. */
    private boolean spoken() {
        Matcher matcher = at(language.spoken);
        if (exact || !matcher.lookingAt()) {
            return false;
        }
        boolean past = matcher.group("past") != null;
        boolean before = matcher.group("before") != null;
        if (matcher.group("digits") != null && !past && !before) {
            return false;
        }
        int hour = matcher.group("digits") == null ? hour(matcher) : Integer.parseInt(matcher.group("digits"));
        int minutes = hour * 60 + (past ? 30 : 0) - (before ? 30 : 0) + minutesBehind(matcher);
        Half half = matcher.group("am") != null ? Half.AM : matcher.group("pm") != null ? Half.PM : Half.BARE;
        Span span = new Span(at, end(matcher));
        int full = minutes < 60 ? minutes + 12 * 60 : minutes;
        tokens.add(new HoursToken.Time(new ClockTime(full / 60, full % 60, half, span), span));
        at = matcher.end();
        return true;
    }

    private static int minutesBehind(Matcher spoken) {
        return spoken.group("quarter") != null
                ? 15
                : spoken.group("half") != null ? 30 : spoken.group("three") != null ? 45 : 0;
    }

    private static int hour(Matcher spoken) {
        for (int hour = 1; hour <= 12; hour++) {
            if (spoken.group("hour" + hour) != null) {
                return hour;
            }
        }
        throw new IllegalStateException("no hour in " + spoken.group());
    }

    private boolean named(Pattern pattern, int hour) {
        Matcher matcher = at(pattern);
        if (!matcher.lookingAt()) {
            return false;
        }
        Span span = new Span(at, matcher.end());
        tokens.add(new HoursToken.Time(new ClockTime(hour, 0, Half.EXACT, span), span));
        at = span.to();
        return true;
    }

    private boolean filler() {
        Matcher matcher = at(language.filler);
        if (!matcher.lookingAt()) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    private void unknown() {
        Matcher number = at(NUMBER);
        Matcher word = at(WORD);
        int end = number.lookingAt() ? number.end() : word.lookingAt() ? word.end() : at + 1;
        String reason = number.lookingAt() ? "unknown.time" : "unknown.words";
        tokens.add(new HoursToken.Unknown(lower.substring(at, end), reason, new Span(at, end)));
        at = end;
    }

    private Matcher at(Pattern pattern) {
        return pattern.matcher(lower).region(at, lower.length()).useTransparentBounds(true);
    }
}
