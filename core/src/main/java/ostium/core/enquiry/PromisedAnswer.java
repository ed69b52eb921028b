package ostium.core.enquiry;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.DayHours;
import ostium.core.hours.OpenSpan;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;

/**
 * The owner's promise of an answer, held against the clock: by when a message that came at an instant is to be answered.
 *
 * <p>What is understood: "by the next working morning", "the same day", "by the next day", "within two hours", "within three
 * working days", "in a week". A day of work is one with hours; where no hours are known, Monday to Friday, 9 to 5.
 */
public final class PromisedAnswer {
    private static final WeeklyHours USUAL =
            WeeklyHours.read("Mon-Fri 9-17").value().orElseThrow();
    private static final LocalTime NOON = LocalTime.NOON;
    /** Further than this nobody promises; a business closed for so long answers nothing. */
    private static final int DAYS_AHEAD = 120;

    private static final List<String> NUMBERS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

    private static final Pattern WITHIN = Pattern.compile(
            "\\b(?:within|in|inside)\\s+(?:the\\s+|an?\\s+|about\\s+)*(?<number>[0-9]{1,3}|" + String.join("|", NUMBERS)
                    + "|half an)?\\s*(?<work>working |business )?(?<unit>minute|hour|day|week)s?\\b");
    private static final Pattern SAME_DAY = Pattern.compile("\\bsame (?:working |business )?day\\b|\\btoday\\b");
    private static final Pattern NEXT = Pattern.compile(
            "\\bnext (?:working |business )?(?<when>morning|day)\\b|\\b(?<tomorrow>tomorrow)(?: (?<part>morning))?\\b");

    private final OpeningTimes times;
    private final ZoneId zone;
    private final String promise;

    private PromisedAnswer(String promise, OpeningTimes times, ZoneId zone) {
        this.promise = promise.toLowerCase(Locale.ROOT);
        this.times = times;
        this.zone = zone;
    }

    /** The promise among the facts; empty where none is given. */
    public static Optional<PromisedAnswer> of(Facts facts) {
        return facts.one(FactValue.AnswerPromise.class)
                .map(given -> new PromisedAnswer(given.words(), working(facts), facts.zone()));
    }

    /** What somebody who writes expects of a business that promises no time: an answer by the end of the next day of work. */
    static PromisedAnswer usual(Facts facts) {
        return new PromisedAnswer("by the next day", working(facts), facts.zone());
    }

    /** The hours in which somebody works: those for appointments, else those for visitors, else the usual. */
    private static OpeningTimes working(Facts facts) {
        Optional<OpeningTimes> open = facts.openingTimes();
        Optional<WeeklyHours> own = facts.all(FactValue.HoursFor.class).stream()
                .filter(fact -> fact.value().use() == FactValue.HoursFor.Use.WORKING)
                .map(fact -> fact.value().week())
                .findFirst();
        return new OpeningTimes(
                own.or(() -> open.map(OpeningTimes::usual)).orElse(USUAL),
                open.map(OpeningTimes::special).orElse(List.of()));
    }

    /**
     * By when it is to be answered.
     *
     * @param received when the message came
     * @return empty where the promise says no time, or nobody works in the next months
     */
    public Optional<Instant> due(Instant received) {
        Matcher within = WITHIN.matcher(promise);
        if (SAME_DAY.matcher(promise).find()) {
            return sameDay(received);
        }
        Matcher next = NEXT.matcher(promise);
        if (next.find()) {
            boolean morning = "morning".equals(next.group("when")) || next.group("part") != null;
            return morning ? nextMorning(received) : endOfWorkingDay(received, 1);
        }
        return within.find() ? within(received, within) : Optional.empty();
    }

    /** The times of work from one instant to another, in order: a wait runs through these. */
    public List<OpenSpan> work(Instant from, Instant to) {
        return times.between(from, to, zone);
    }

    private Optional<Instant> within(Instant received, Matcher within) {
        String number = within.group("number");
        boolean half = "half an".equals(number);
        int count = number == null || half
                ? 1
                : NUMBERS.contains(number) ? NUMBERS.indexOf(number) : Integer.parseInt(number);
        boolean work = within.group("work") != null;
        return switch (within.group("unit")) {
            case "minute" -> Optional.of(received.plus(Duration.ofMinutes(count)));
            case "hour" ->
                work
                        ? workedThrough(received, Duration.ofHours(count))
                        : Optional.of(received.plus(half ? Duration.ofMinutes(30) : Duration.ofHours(count)));
            case "day" -> work ? endOfWorkingDay(received, count) : Optional.of(received.plus(Duration.ofDays(count)));
            default -> Optional.of(received.plus(Duration.ofDays(7L * count)));
        };
    }

    /** The end of work on that day; of the next day of work, where it was over already. */
    private Optional<Instant> sameDay(Instant received) {
        return endOfDay(received.atZone(zone).toLocalDate())
                .filter(received::isBefore)
                .or(() -> endOfWorkingDay(received, 1));
    }

    private Optional<Instant> endOfWorkingDay(Instant received, int which) {
        LocalDate today = received.atZone(zone).toLocalDate();
        return today.plusDays(1)
                .datesUntil(today.plusDays(DAYS_AHEAD))
                .filter(this::isWorked)
                .skip(Math.max(0, which - 1L))
                .findFirst()
                .flatMap(this::endOfDay);
    }

    /** Noon of the next day on which work begins in the morning after the message came. */
    private Optional<Instant> nextMorning(Instant received) {
        LocalDate today = received.atZone(zone).toLocalDate();
        return today.datesUntil(today.plusDays(DAYS_AHEAD))
                .filter(this::isWorked)
                .filter(date -> startOfDay(date).isAfter(received))
                .findFirst()
                .map(date -> {
                    Instant noon = date.atTime(NOON).atZone(zone).toInstant();
                    Instant end = endOfDay(date).orElse(noon);
                    return startOfDay(date).isBefore(noon) && noon.isBefore(end) ? noon : end;
                });
    }

    private Optional<Instant> workedThrough(Instant received, Duration wanted) {
        Duration left = wanted;
        for (OpenSpan span : work(received, received.plus(Duration.ofDays(DAYS_AHEAD)))) {
            if (span.length().compareTo(left) >= 0) {
                return Optional.of(span.from().plus(left));
            }
            left = left.minus(span.length());
        }
        return Optional.empty();
    }

    private boolean isWorked(LocalDate date) {
        DayHours hours = times.on(date);
        return !hours.spans().isEmpty();
    }

    private Instant startOfDay(LocalDate date) {
        return at(date, times.on(date).spans().get(0).from());
    }

    private Optional<Instant> endOfDay(LocalDate date) {
        var spans = times.on(date).spans();
        return spans.isEmpty()
                ? Optional.empty()
                : Optional.of(at(date, spans.get(spans.size() - 1).to()));
    }

    private Instant at(LocalDate date, int minutes) {
        return date.atStartOfDay().plusMinutes(minutes).atZone(zone).toInstant();
    }
}
