package ostium.core.hours;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * The usual week of a business, on the wall clock of its own zone.
 *
 * <pre>{@code
 * WeeklyHours week = WeeklyHours.read("Mon-Fri 9-5:30, Sat 10-2").value().orElseThrow();
 * week.say();                          // "Mon–Fri 9–5:30 · Sat 10–2 · Sun closed"
 * week.openingHours();                 // "Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off"
 * week.at(instant, zone).open();       // open then?
 * }</pre>
 */
public final class WeeklyHours {
    /** A day each side covers spans that began yesterday and the same day next week. */
    private static final int DAYS_OF_A_WEEK = 8;

    private final Map<DayOfWeek, DayHours> days;

    private WeeklyHours(Map<DayOfWeek, DayHours> days) {
        this.days = Collections.unmodifiableMap(days);
    }

    /** A week from the days that are given; the others are closed. */
    public static WeeklyHours of(Map<DayOfWeek, DayHours> given) {
        Map<DayOfWeek, DayHours> all = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            all.put(day, given.getOrDefault(day, DayHours.CLOSED));
        }
        return new WeeklyHours(all);
    }

    /** Reads one line or many, as people write hours. See {@link HoursReader} for the rules. */
    public static Reading<WeeklyHours> read(String words) {
        return read(words, HoursLanguage.ENGLISH);
    }

    /** Reads words in a language, or in another where it cannot. */
    public static Reading<WeeklyHours> read(String words, HoursLanguage language) {
        return HoursReader.read(words, language);
    }

    /** Whether what is asked about hours is only the days they hold on. */
    public static boolean asksForDays(Reading.Unclear<WeeklyHours> unclear) {
        return unclear.question().equals(Messages.of("hours").say("hoursReader.onWhichDays"));
    }

    /** The same hours on every day. */
    public static WeeklyHours everyDay(DayHours hours) {
        Map<DayOfWeek, DayHours> all = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            all.put(day, hours);
        }
        return new WeeklyHours(all);
    }

    public DayHours on(DayOfWeek day) {
        return days.get(day);
    }

    /** Monday to Sunday, none missing. */
    public Map<DayOfWeek, DayHours> days() {
        return days;
    }

    /** All of the week, grouped and short: {@code Tue–Fri 10–6 · Sat 10–2 · Sun, Mon closed}. */
    public String say() {
        return say(HoursLanguage.ENGLISH);
    }

    /** All of the week in a language; it reads back the same. */
    public String say(HoursLanguage language) {
        return HoursWords.say(this, true, language);
    }

    /** The days that are not closed only: {@code Mon–Fri 9–5:30 · Sat 10–2}. */
    public String sayOpen() {
        return HoursWords.say(this, false, HoursLanguage.ENGLISH);
    }

    /** The open days in full words, as they stand in a sentence: {@code Tuesday to Saturday}; empty when none is. */
    public Optional<String> sayDays() {
        return HoursWords.sayDays(this, HoursLanguage.ENGLISH);
    }

    /** Days of rest: "Saturday and Sunday"; empty when there is none, or more of them than days of work. */
    public Optional<String> sayClosedDays() {
        // The week begins after the last day of rest in a row, so that Sunday comes before Monday.
        DayOfWeek first = DayOfWeek.MONDAY;
        while (on(first.minus(1)).equals(DayHours.CLOSED) && first.minus(1) != DayOfWeek.MONDAY) {
            first = first.minus(1);
        }
        List<String> closed = new ArrayList<>();
        for (int i = 0; i < DayOfWeek.values().length; i++) {
            if (on(first.plus(i)).equals(DayHours.CLOSED)) {
                closed.add(first.plus(i).getDisplayName(TextStyle.FULL, Locale.ENGLISH));
            }
        }
        return closed.isEmpty() || closed.size() > 3 ? Optional.empty() : Optional.of(Listing.and(closed));
    }

    /** The {@code opening_hours} syntax of OpenStreetMap. */
    public String openingHours() {
        return HoursWords.openingHours(this);
    }

    /** What a visitor finds at an instant; right on days of a clock change. */
    public OpenState at(Instant instant, ZoneId zone) {
        return OpenState.of(date -> on(date.getDayOfWeek()), DAYS_OF_A_WEEK, instant, zone);
    }

    /** Days with the same hours, in weekly order, each once. */
    public List<DayGroup> groups() {
        List<DayGroup> groups = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            DayHours hours = on(day);
            Optional<DayGroup> same =
                    groups.stream().filter(group -> group.hours().equals(hours)).findFirst();
            if (same.isPresent()) {
                same.get().days().add(day);
            } else {
                groups.add(new DayGroup(new ArrayList<>(List.of(day)), hours));
            }
        }
        return groups;
    }

    /** Some days that share their hours. */
    public record DayGroup(List<DayOfWeek> days, DayHours hours) {}

    @Override
    public boolean equals(Object other) {
        return other instanceof WeeklyHours week && week.days.equals(days);
    }

    @Override
    public int hashCode() {
        return days.hashCode();
    }

    @Override
    public String toString() {
        return openingHours();
    }
}
