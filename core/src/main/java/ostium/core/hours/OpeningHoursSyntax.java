package ostium.core.hours;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * The {@code opening_hours} syntax of OpenStreetMap, in and out: {@code Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off; Dec 25
 * off}. Read is the part that a local business uses: days, times, months and dates, public holidays, comments.
 *
 * @see <a href="https://wiki.openstreetmap.org/wiki/Key:opening_hours/specification">the specification</a>
 */
public final class OpeningHoursSyntax {
    /** Most characters that are read. */
    private static final int LONGEST = 2000;

    private static final Messages WORDS = Messages.of("hours");

    private static final String[] MONTHS = {
        "Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"
    };
    private static final String MONTH = "(Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)";
    private static final Pattern DATES = Pattern.compile(
            "(?:([0-9]{4})\\s+)?" + MONTH + "(?:\\s+([0-9]{1,2})(?![0-9:]))?(?:\\s*-\\s*(?:(?:([0-9]{4})\\s+)?" + MONTH
                    + ")?(?:\\s*([0-9]{1,2})(?![0-9:]))?)?:?\\s*");
    private static final String DAY = "[0-9]{1,2}(?![0-9:])(?:-(?:" + MONTH + " )?[0-9]{1,2}(?![0-9:]))?";

    /** Several dates before one rule. */
    private static final Pattern LISTED = Pattern.compile(
            "((?:^|;)\\s*)((" + MONTH + ")\\s+" + DAY + "(?:\\s*,\\s*(?:" + MONTH + "\\s+)?" + DAY + ")+)([^;]*)");

    private static final Pattern EASTER = Pattern.compile("easter(?:\\s*([+-])\\s*([0-9]+)\\s*days?)?\\s*");
    private static final Pattern UNSUPPORTED =
            Pattern.compile("sunrise|sunset|dawn|dusk|week\\s*[0-9]|\\bSH\\b|\\[[-0-9]+\\]|[0-9]\\+|\\|\\||unknown");
    private static final Pattern SPLIT = Pattern.compile(";(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)");

    private OpeningHoursSyntax() {}

    /**
     * Reads a value.
     *
     * @param country whose public holidays {@code PH} means
     */
    public static Reading<OpeningTimes> read(String value, String country) {
        Optional<Reading<OpeningTimes>> tooLong = Reading.tooLong(value, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        List<String> usual = new ArrayList<>();
        Map<When, String> others = new LinkedHashMap<>();
        int at = 0;
        for (String part : SPLIT.split(eachDate(value))) {
            String rule = part.strip();
            int from = Math.min(at + part.indexOf(rule), value.length());
            at += part.length() + 1;
            if (rule.isEmpty()) {
                continue;
            }
            Matcher unsupported = UNSUPPORTED.matcher(rule);
            if (unsupported.find()) {
                return Reading.refused(
                        WORDS.say("syntax.rule", unsupported.group()),
                        from + unsupported.start(),
                        from + unsupported.end());
            }
            Optional<When> when;
            try {
                when = when(rule, country);
            } catch (java.time.DateTimeException | IllegalArgumentException e) {
                return Reading.refused(WORDS.say("openingHoursSyntax.thereIsNoSuchDay"), from, from + rule.length());
            }
            if (when.isEmpty()) {
                usual.add(rule);
            } else {
                others.merge(when.get(), rule.substring(start(rule)), (one, other) -> one + "; " + other);
            }
        }
        if (usual.isEmpty()) {
            return Reading.refused(WORDS.say("openingHoursSyntax.thereAreNoHoursOf"), value);
        }
        List<SpecialHours> special = new ArrayList<>();
        for (Map.Entry<When, String> other : others.entrySet()) {
            Reading<SpecialHours> hours = special(other.getKey(), other.getValue());
            if (hours.value().isEmpty()) {
                return Reading.refused(((Reading.Refused<?>) hours).reason(), value);
            }
            special.add(hours.value().get());
        }
        Reading<WeeklyHours> week = HoursReader.readExact(words(String.join("; ", usual)));
        return week instanceof Reading.Refused<WeeklyHours> refused
                ? Reading.refused(refused.reason(), value)
                : week.map(hours -> new OpeningTimes(hours, special));
    }

    /** {@code Dec 24,31 off} as {@code Dec 24 off; Dec 31 off}. */
    private static String eachDate(String value) {
        return LISTED.matcher(value).replaceAll(list -> {
            String month = list.group(3);
            String rest = list.group(list.groupCount());
            List<String> rules = new ArrayList<>();
            for (String date : list.group(2).split("\\s*,\\s*")) {
                rules.add((Character.isDigit(date.charAt(0)) ? month + " " + date : date) + " " + rest.strip());
            }
            return Matcher.quoteReplacement(list.group(1) + String.join("; ", rules));
        });
    }

    private static Reading<SpecialHours> special(When when, String rule) {
        Matcher comment = Pattern.compile("\"([^\"]*)\"\\s*$").matcher(rule);
        boolean appointment = rule.matches(".*\"by appointment\"\\s*$");
        String reason = comment.find() && !appointment ? comment.group(1) : "";
        String rest = words(reason.isEmpty() ? rule : rule.replace("\"" + reason + "\"", ""))
                .strip();
        if (rest.matches("(?i)off|closed")) {
            return Reading.understood(SpecialHours.of(when, DayHours.CLOSED, reason));
        }
        Reading<WeeklyHours> week = HoursReader.readExact(rest);
        if (week instanceof Reading.Unclear) {
            week = HoursReader.readExact("daily " + rest);
        }
        if (week instanceof Reading.Unclear<WeeklyHours> unclear) {
            return Reading.refused(unclear.question(), rest);
        }
        return week.map(hours -> new SpecialHours(when, hours, reason));
    }

    /** Quoted words are taken for what they say; commas between days and hours are read as they are. */
    private static String words(String rules) {
        return rules.replace("\"", "").replaceAll("\\b24:00\\b", "24:00").replaceAll("\\bopen\\b", "");
    }

    private static int start(String rule) {
        Matcher easter = EASTER.matcher(rule);
        Matcher dates = DATES.matcher(rule);
        if (rule.startsWith("PH")) {
            return 2;
        }
        return easter.lookingAt() ? easter.end() : dates.lookingAt() ? dates.end() : 0;
    }

    private static Optional<When> when(String rule, String country) {
        if (rule.matches("PH\\b(?!\\s*,).*")) {
            return Optional.of(new When.PublicHolidays(country));
        }
        Matcher easter = EASTER.matcher(rule);
        if (easter.lookingAt()) {
            String on = "easter" + (easter.group(1) == null ? "+0" : easter.group(1) + easter.group(2));
            return Holiday.of(country).stream()
                    .filter(holiday -> holiday.on().equals(on))
                    .findFirst()
                    .map(holiday -> new When.OnHoliday(country, holiday.id()));
        }
        Matcher dates = DATES.matcher(rule);
        if (!dates.lookingAt()) {
            return Optional.empty();
        }
        int month = month(dates.group(2));
        int lastMonth = dates.group(5) == null ? month : month(dates.group(5));
        boolean span = dates.group().contains("-");
        int day = dates.group(3) == null ? 1 : Integer.parseInt(dates.group(3));
        int lastDay = dates.group(6) != null
                ? Integer.parseInt(dates.group(6))
                : dates.group(3) == null || span && dates.group(5) != null
                        ? java.time.Month.of(lastMonth).maxLength()
                        : day;
        if (dates.group(1) != null) {
            int year = Integer.parseInt(dates.group(1));
            int lastYear = dates.group(4) == null ? year : Integer.parseInt(dates.group(4));
            return Optional.of(
                    new When.Once(LocalDate.of(year, month, day), LocalDate.of(lastYear, lastMonth, lastDay)));
        }
        return Optional.of(new When.Yearly(MonthDay.of(month, day), MonthDay.of(lastMonth, lastDay)));
    }

    private static int month(String name) {
        return List.of(MONTHS).indexOf(name) + 1;
    }

    /** The value that says these times; reasons stand as comments. */
    public static String write(OpeningTimes times) {
        List<String> rules = new ArrayList<>();
        rules.add(times.usual().openingHours());
        for (SpecialHours special : times.special()) {
            DayHours monday = special.week().on(DayOfWeek.MONDAY);
            boolean uniform = special.week().days().values().stream().allMatch(monday::equals);
            String hours = uniform ? day(monday) : special.week().openingHours();
            String comment =
                    special.reason().isEmpty() ? "" : " \"" + special.reason().replace("\"", "'") + "\"";
            String dates = dates(special.when());
            // Each part of a season's week is a rule with the same dates before it.
            rules.add(hours.lines()
                    .flatMap(line -> Pattern.compile("; ").splitAsStream(line))
                    .map(rule -> dates + " " + rule + comment)
                    .collect(Collectors.joining("; ")));
        }
        return String.join("; ", rules);
    }

    private static String day(DayHours hours) {
        return switch (hours.kind()) {
            case CLOSED -> "off";
            case BY_APPOINTMENT -> "\"by appointment\"";
            case OPEN ->
                hours.spans().stream()
                        .map(span -> TimeSpan.clock(span.from()) + "-" + TimeSpan.clock(span.to()))
                        .collect(Collectors.joining(","));
        };
    }

    private static String dates(When when) {
        if (when instanceof When.Once once) {
            String start = once.from().getYear() + " " + date(MonthDay.from(once.from()));
            return once.from().equals(once.to())
                    ? start
                    : start + "-" + once.to().getYear() + " " + date(MonthDay.from(once.to()));
        }
        if (when instanceof When.Yearly yearly) {
            return yearly.from().equals(yearly.to())
                    ? date(yearly.from())
                    : date(yearly.from()) + "-" + date(yearly.to());
        }
        if (when instanceof When.OnHoliday holiday) {
            String on = Holiday.of(holiday.country()).stream()
                    .filter(each -> each.id().equals(holiday.id()))
                    .findFirst()
                    .orElseThrow()
                    .on();
            Matcher easter = Pattern.compile("easter([+-])([0-9]+)").matcher(on);
            if (easter.matches()) {
                return "easter " + easter.group(1) + easter.group(2) + " day"
                        + (easter.group(2).equals("1") ? "" : "s");
            }
            return on.matches("[0-9-]+") ? date(MonthDay.parse("--" + on)) : "PH";
        }
        return "PH";
    }

    private static String date(MonthDay day) {
        return MONTHS[day.getMonthValue() - 1] + String.format(Locale.ROOT, " %02d", day.getDayOfMonth());
    }
}
