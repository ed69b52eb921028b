package ostium.core.hours;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/** What follows the date of a line of other hours: hours or nothing, and perhaps a reason. */
final class HoursOfDay {
    private static final Messages WORDS = Messages.of("hours");

    private static final Pattern REASON =
            Pattern.compile("\\s*(?:\\((?<inside>[^()]*)\\)|(?:[,:;–—]|\\s-\\s|\\bfor\\b|\\bwegen\\b|\\bpor\\b"
                    + "|\\bpour\\b|\\bbecause of\\b)\\s*(?<after>.+))$");

    /** Says what dates mean anyway: the last day is one of them. */
    private static final Pattern BOTH_ENDS = Pattern.compile(
            "(?iu)^\\s*\\(?(?:inclusive|incl\\.?|inklusive|einschließlich|inclus|incluidos?)\\)?(?![\\p{L}])");

    private final String words;
    private final String lower;
    private final HoursLanguage language;
    private int place;

    /** @param from where the date ends */
    HoursOfDay(String words, int from, HoursLanguage language) {
        this.words = words;
        this.lower = words.toLowerCase(Locale.ROOT);
        this.language = language;
        this.place = from;
    }

    /** @param closedFirst whether "closed" stood before the date */
    Reading<SpecialHours> read(When when, boolean closedFirst) {
        while (place < lower.length() && " \t:,;=-–—".indexOf(lower.charAt(place)) >= 0) {
            place++;
        }
        Matcher everyYear = language.yearly.matcher(lower).region(place, lower.length());
        if (everyYear.lookingAt()) {
            place = everyYear.end();
        }
        String rest = BOTH_ENDS.matcher(words.substring(place)).replaceFirst("");
        if (rest.isBlank() && closedFirst) {
            return Reading.understood(SpecialHours.of(when, DayHours.CLOSED, ""));
        }
        if (closedFirst) {
            if (language.saysWhen(rest.toLowerCase(Locale.ROOT))) {
                return Reading.refused(WORDS.say("specialHoursReader.partOfDay"), words);
            }
            Matcher reason = REASON.matcher(rest.strip());
            String why = reason.matches() ? said(reason) : rest.strip();
            return Reading.understood(SpecialHours.of(when, DayHours.CLOSED, why));
        }
        if (rest.isBlank()) {
            return Reading.refused(WORDS.say("specialHoursReader.whatAreTheHoursThen"), words);
        }
        return withReason(
                when,
                Pattern.compile(language.yearly.pattern(), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                        .matcher(rest)
                        .replaceFirst("")
                        .stripTrailing());
    }

    private static String said(Matcher reason) {
        String inside = reason.group("inside");
        return (inside == null ? reason.group("after") : inside).strip();
    }

    /** The longest beginning that can be read as hours; what follows a comma or stands in brackets is the reason. */
    private Reading<SpecialHours> withReason(When when, String rest) {
        List<Integer> cuts = new ArrayList<>();
        cuts.add(rest.length());
        Matcher possible = Pattern.compile("[,;(–—]|\\s-\\s|\\bfor\\b|\\bwegen\\b|\\bpor\\b|\\bpour\\b")
                .matcher(rest);
        while (possible.find()) {
            cuts.add(possible.start());
        }
        cuts.sort(Comparator.reverseOrder());
        Reading<WeeklyHours> all = null;
        for (int cut : cuts) {
            Matcher reason = REASON.matcher(rest.substring(cut));
            boolean isReason = cut == rest.length() || reason.matches();
            Reading<WeeklyHours> reading =
                    isReason ? week(rest.substring(0, cut).strip()) : null;
            if (reading instanceof Reading.Understood<WeeklyHours> understood) {
                return Reading.understood(
                        new SpecialHours(when, understood.meaning(), cut == rest.length() ? "" : said(reason)));
            }
            if (reading instanceof Reading.Unclear<WeeklyHours> unclear) {
                String before = words.substring(0, place);
                String after = rest.substring(cut);
                return new Reading.Unclear<>(
                        unclear.question(),
                        inLine(unclear.at()),
                        unclear.choices().stream()
                                .map(choice -> before + choice + after)
                                .toList());
            }
            all = all == null ? reading : all;
        }
        Reading.Refused<WeeklyHours> refused = (Reading.Refused<WeeklyHours>) all;
        return new Reading.Refused<>(refused.reason(), inLine(refused.at()));
    }

    /** A place in the hours as a place in the line; hours that were read with words of ours before them may lie beyond it. */
    private Reading.Span inLine(Reading.Span at) {
        int from = Math.min(words.length(), place + at.from());
        return new Reading.Span(from, Math.max(from, Math.min(words.length(), place + at.to())));
    }

    /** Hours of a season with its days, or hours alone, which hold on every day. */
    private Reading<WeeklyHours> week(String hours) {
        Reading<WeeklyHours> reading = WeeklyHours.read(hours, language);
        if (reading instanceof Reading.Unclear<WeeklyHours> unclear && WeeklyHours.asksForDays(unclear)) {
            return WeeklyHours.read(language.word("everyDay") + " " + hours, language);
        }
        if (reading.value().isEmpty() && hours.toLowerCase(Locale.ROOT).matches("[\\p{L} ]+")) {
            for (HoursLanguage.Phrase phrase : language.phrases()) {
                if (phrase.days() == null
                        && phrase.pattern()
                                .matcher(hours.toLowerCase(Locale.ROOT))
                                .matches()) {
                    return Reading.understood(WeeklyHours.everyDay(phrase.hours()));
                }
            }
        }
        return reading;
    }
}
