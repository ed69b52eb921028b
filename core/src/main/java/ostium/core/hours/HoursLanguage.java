package ostium.core.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.base.DataFile;
import ostium.core.base.Reading.Span;

/**
 * The words of one language for hours: for reading, and for saying. All of it is data ({@code hours-words.yaml}).
 *
 * <pre>{@code
 * HoursLanguage german = HoursLanguage.of("de");
 * WeeklyHours week = WeeklyHours.read("Mo-Fr 9-17 Uhr", german).value().orElseThrow();
 * week.say(german); // "Mo–Fr 9–17 · Sa, So geschlossen"
 * }</pre>
 */
public final class HoursLanguage {
    /** A time, or half of a day in letters. */
    private static final Pattern PART =
            Pattern.compile("(?<![\\p{L}0-9])(?:[0-9]{1,2}(?:[:.][0-9]{2})?\\s?(?:[ap]\\.?m|uhr|h)|[ap]\\.?m\\.?"
                    + "|[0-9]{1,2}:[0-9]{2})(?![\\p{L}0-9])");

    private static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
    private static final Set<DayOfWeek> WEEKEND = EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
    private static final Set<DayOfWeek> ALL_DAYS = EnumSet.allOf(DayOfWeek.class);

    /** An entry of the data file. */
    record Words(
            String id,
            boolean half,
            List<String> days,
            List<String> said,
            List<String> full,
            String allWeek,
            String allDay,
            String everyDay,
            String weekdays,
            String weekend,
            String appointment,
            String closed,
            String away,
            List<String> numbers,
            String quarter,
            String halfHour,
            String threeQuarters,
            String halfPast,
            String halfBefore,
            String to,
            String noon,
            String midnight,
            String filler,
            List<String> months,
            List<String> monthsSaid,
            String yearly,
            String publicHolidays,
            String except,
            String pause,
            String morning,
            String afternoon,
            String evening,
            String nextDay,
            String opens,
            String joins,
            Map<String, String> words) {}

    record File(List<Words> languages) {}

    /** Words that stand for days, for hours, or for both. */
    record Phrase(Pattern pattern, Set<DayOfWeek> days, DayHours hours) {}

    /** Words that change what others mean. */
    record Mark(Pattern pattern, Function<Span, HoursToken> token) {}

    private static final List<HoursLanguage> SHIPPED =
            DataFile.read("/ostium/hours-words.yaml", File.class).languages().stream()
                    .map(HoursLanguage::new)
                    .toList();

    /** English: the language of the interface. */
    public static final HoursLanguage ENGLISH = of("en");

    private final Words data;
    private final List<Pattern> days;
    private final List<Pattern> months;
    private final List<Phrase> phrases;
    private final List<Mark> marks;
    private final Pattern joins;
    final Pattern range;
    final Pattern filler;
    final Pattern noon;
    final Pattern midnight;
    final Pattern yearly;
    /** "Open", before a date or times. */
    final Pattern opens;

    final Pattern publicHolidays;
    /** An hour in words, {@code half} an hour after or {@code before} it, with a half of the day or none. */
    final Pattern spoken;
    /** "On holiday": closed, before dates. */
    final Pattern away;

    private HoursLanguage(Words data) {
        this.data = data;
        this.days = data.days().stream().map(HoursLanguage::whole).toList();
        this.months = data.months().stream().map(HoursLanguage::whole).toList();
        DayHours allDay = DayHours.open(TimeSpan.WHOLE_DAY);
        List<Phrase> all = new ArrayList<>();
        all.add(new Phrase(phrase(data.allWeek()), ALL_DAYS, allDay));
        all.add(new Phrase(phrase(data.allDay()), null, allDay));
        all.add(new Phrase(phrase(data.everyDay()), ALL_DAYS, null));
        all.add(new Phrase(phrase(data.weekdays()), WEEKDAYS, null));
        all.add(new Phrase(phrase(data.weekend()), WEEKEND, null));
        all.add(new Phrase(phrase(data.appointment()), null, DayHours.BY_APPOINTMENT));
        all.add(new Phrase(phrase(data.closed()), null, DayHours.CLOSED));
        this.phrases = List.copyOf(all);
        this.range = Pattern.compile("-|(?:" + data.to() + ")(?![\\p{L}'])");
        this.filler = Pattern.compile("(?:(?:" + data.filler() + ")(?![\\p{L}])|[&+/:\"()]|\\*)");
        this.marks = List.of(
                new Mark(phrase(data.nextDay()), HoursToken.NextDay::new),
                new Mark(phrase(data.publicHolidays()), HoursToken.Holidays::new),
                new Mark(phrase(data.except()), HoursToken.Except::new),
                new Mark(phrase(data.pause()), HoursToken.Pause::new),
                new Mark(phrase(data.morning()), at -> new HoursToken.Part(DayPart.MORNING, at)),
                new Mark(phrase(data.afternoon()), at -> new HoursToken.Part(DayPart.AFTERNOON, at)),
                new Mark(phrase(data.evening()), at -> new HoursToken.Part(DayPart.EVENING, at)),
                new Mark(phrase(data.opens()), HoursToken.Separator::new));
        this.joins = Pattern.compile("(?:^|.*\\s)(?:[&+]|" + data.joins() + ")\\s*");
        this.noon = phrase(data.noon());
        this.midnight = phrase(data.midnight());
        this.yearly = phrase(data.yearly());
        this.opens = phrase(data.opens());
        this.publicHolidays = phrase(data.publicHolidays());
        this.away = phrase(data.away());
        this.spoken = spoken(data);
    }

    private static Pattern spoken(Words data) {
        StringBuilder hours = new StringBuilder();
        for (int i = 0; i < data.numbers().size(); i++) {
            hours.append("|(?<hour")
                    .append(i + 1)
                    .append('>')
                    .append(data.numbers().get(i))
                    .append(')');
        }
        return Pattern.compile("(?:(?<past>" + orNone(data.halfPast()) + ")\\s+|(?<before>" + orNone(data.halfBefore())
                + ")\\s+)?(?:(?<digits>1[0-2]|[1-9])(?![0-9.:])" + hours
                + ")(?:\\s*o'?clock)?(?:\\s+(?:" + minutes(data)
                + "))?(?:\\s*(?:(?<am>a\\.?m\\.?)|(?<pm>p\\.?m\\.?)))?(?![\\p{L}0-9])");
    }

    /** The minutes behind an hour in words, each a group: "eight thirty". */
    private static String minutes(Words data) {
        return "(?<quarter>" + orNone(data.quarter()) + ")|(?<half>" + orNone(data.halfHour()) + ")|(?<three>"
                + orNone(data.threeQuarters()) + ")";
    }

    /** A pattern, or one that never fits. */
    private static String orNone(String pattern) {
        return pattern == null ? "(?!)" : pattern;
    }

    private static Pattern whole(String words) {
        return Pattern.compile(words);
    }

    private static Pattern phrase(String words) {
        return Pattern.compile("(?:" + words + ")(?![\\p{L}0-9])");
    }

    /** The words of a language; English where there are none of it. */
    public static HoursLanguage of(String id) {
        return SHIPPED.stream()
                .filter(language -> language.id().equals(id))
                .findFirst()
                .orElse(SHIPPED.get(0));
    }

    /** Every language there are words of. */
    public static List<HoursLanguage> all() {
        return SHIPPED;
    }

    /** This language first, then the others in their order: the order in which a line is tried. */
    List<HoursLanguage> andOthers() {
        List<HoursLanguage> all = new ArrayList<>(SHIPPED);
        all.remove(this);
        all.add(0, this);
        return all;
    }

    /** ISO 639. */
    public String id() {
        return data.id();
    }

    /** Whether times are said with am and pm. */
    boolean usesHalves() {
        return data.half();
    }

    /** Whether words say a part of a day, or other days: a time, "am only", "afternoon", "weekend", "bank holiday". */
    boolean saysWhen(String lower) {
        return PART.matcher(lower).find()
                || publicHolidays.matcher(lower).lookingAt()
                || phrases.stream()
                        .anyMatch(phrase -> phrase.days() != null
                                && phrase.pattern().matcher(lower.strip()).lookingAt())
                || Stream.of(data.morning(), data.afternoon(), data.evening(), data.noon())
                        .anyMatch(part -> Pattern.compile("(?<![\\p{L}])(?:" + part + ")(?![\\p{L}])")
                                .matcher(lower)
                                .find());
    }

    List<Phrase> phrases() {
        return phrases;
    }

    List<Mark> marks() {
        return marks;
    }

    /** Whether words between two others join them: "and", "or". */
    boolean joins(String between) {
        return joins.matcher(between).matches();
    }

    /** The day a word in small letters names. */
    Optional<DayOfWeek> day(String word) {
        for (int i = 0; i < 7; i++) {
            if (days.get(i).matcher(word).matches()) {
                return Optional.of(DayOfWeek.of(i + 1));
            }
        }
        return Optional.empty();
    }

    /** The number of the month a word in small letters names, from 1. */
    public Optional<Integer> month(String word) {
        for (int i = 0; i < 12; i++) {
            if (months.get(i).matcher(word).matches()) {
                return Optional.of(i + 1);
            }
        }
        return Optional.empty();
    }

    String say(DayOfWeek day) {
        return data.said().get(day.getValue() - 1);
    }

    String sayFull(DayOfWeek day) {
        return data.full().get(day.getValue() - 1);
    }

    /** @param number of the month, from 1 */
    String sayMonth(int number) {
        return data.monthsSaid().get(number - 1);
    }

    /** One of its small words: {@code to, and, closed, appointment, allDay, everyDay, fullTo, fullAnd, nextDay, yearly}. */
    String word(String name) {
        return data.words().get(name);
    }
}
