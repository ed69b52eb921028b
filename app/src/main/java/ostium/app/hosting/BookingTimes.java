package ostium.app.hosting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.app.booking.Desk;
import ostium.core.base.Messages;
import ostium.core.booking.BookingRules;
import ostium.core.booking.ClockWords;
import ostium.core.booking.OfferedService;
import ostium.core.booking.Resource;
import ostium.core.booking.Slot;
import ostium.core.booking.Slots;
import ostium.core.booking.Wanted;
import ostium.core.fact.Minutes;
import ostium.core.fact.Point;
import ostium.core.hours.OpenSpan;
import ostium.render.booking.TimesView;

/** Two weeks of days with the times of one, as a visitor sees them. */
final class BookingTimes {
    private static final Messages WORDS = Messages.of("booking-page");
    private static final int DAYS = 14;
    private static final int NOON = 12;
    private static final int EVENING = 17;

    private final Desk desk;
    private final ClockWords clock;
    private final BookingViews.Place place;

    BookingTimes(Desk desk, BookingViews.Place place) {
        this.desk = desk;
        this.clock = desk.terms().clock();
        this.place = place;
    }

    /**
     * @param at the point of what was answered to where, if it is known
     * @param without id of a booking that is moved, or empty
     * @param said what has to be said first, or empty
     */
    TimesView of(Chosen chosen, OfferedService service, Optional<Point> at, String without, String said) {
        BookingRules rules = desk.terms().rules();
        Slots slots = without.isEmpty() ? desk.slots() : desk.slotsWithout(without);
        Wanted wanted = chosen.wanted(at);
        LocalDate today = desk.today();
        LocalDate last = today.plusDays(rules.daysAhead());
        LocalDate asked = chosen.day() == null || chosen.day().isBefore(today) ? today : chosen.day();
        LocalDate first = today.plusDays((asked.toEpochDay() - today.toEpochDay()) / DAYS * DAYS);
        Map<LocalDate, List<Slot>> free = new LinkedHashMap<>();
        for (Slot slot : slots.free(wanted, first, DAYS)) {
            free.computeIfAbsent(slot.start().atZone(clock.zone()).toLocalDate(), day -> new ArrayList<>())
                    .add(slot);
        }
        LocalDate shown = chosen.day() != null && free.containsKey(chosen.day())
                ? chosen.day()
                : free.keySet().stream().findFirst().orElse(null);
        boolean isMoved = !chosen.move().isEmpty();
        return new TimesView(
                WORDS.say("times.what", service.name(), Minutes.say(service.minutes()), service.price())
                        .replaceAll("( · )+$", ""),
                place.page(),
                isMoved || desk.terms().services().size() < 2 ? "" : place.page(),
                said.isEmpty() && isMoved ? WORDS.say("times.moving") : said,
                rules.travels() && !isMoved,
                chosen.where(),
                at.isPresent(),
                hidden(chosen),
                isMoved ? List.of() : people(chosen, service),
                first.datesUntil(first.plusDays(DAYS))
                        .filter(day -> !day.isAfter(last))
                        .map(day -> day(day, free.getOrDefault(day, List.of()), day.equals(shown), chosen))
                        .toList(),
                shown == null ? "" : clock.longDay(shown),
                shown == null ? List.of() : parts(free.get(shown)),
                clock.zone().getId().replaceFirst(".*/", "").replace('_', ' '),
                clock.zone().getId(),
                first.isAfter(today) ? link(chosen, first.minusDays(DAYS)) : "",
                first.plusDays(DAYS).isAfter(last) ? "" : link(chosen, first.plusDays(DAYS)),
                shown == null ? next(slots, wanted, first.plusDays(DAYS), chosen) : TimesView.Next.NOTHING,
                place.act(isMoved ? "move" : "hold"));
    }

    private List<TimesView.Person> people(Chosen chosen, OfferedService service) {
        List<Resource> choice = desk.terms().choiceFor(service.id());
        if (choice.isEmpty()) {
            return List.of();
        }
        List<TimesView.Person> people = new ArrayList<>();
        people.add(person(WORDS.say("times.anyone"), "", chosen));
        choice.forEach(resource -> people.add(person(resource.name(), resource.id(), chosen)));
        return people;
    }

    private TimesView.Person person(String name, String id, Chosen chosen) {
        return new TimesView.Person(name, link(chosen.by(id), chosen.day()), id.equals(chosen.who()));
    }

    private TimesView.Next next(Slots slots, Wanted wanted, LocalDate from, Chosen chosen) {
        return slots.free(wanted, from, desk.terms().rules().daysAhead() + 1).stream()
                .findFirst()
                .map(slot -> slot.start().atZone(clock.zone()).toLocalDate())
                .map(day -> new TimesView.Next(WORDS.say("times.none", clock.longDay(day)), link(chosen, day)))
                .orElse(new TimesView.Next(WORDS.say("times.nothing"), ""));
    }

    private TimesView.Day day(LocalDate day, List<Slot> free, boolean isShown, Chosen chosen) {
        String says = free.isEmpty()
                ? WORDS.say(isClosed(day) ? "times.closed" : isTooSoon(day) ? "times.soon" : "times.full")
                : free.size() == 1 ? WORDS.say("times.one") : WORDS.say("times.many", free.size());
        return new TimesView.Day(
                clock.day(day), says, free.isEmpty() ? "" : link(chosen, day) + "#times", isShown, lane(day, free));
    }

    private boolean isClosed(LocalDate day) {
        return hours(day).isEmpty();
    }

    /** Whether the notice that is asked for reaches over the whole day. */
    private boolean isTooSoon(LocalDate day) {
        List<OpenSpan> hours = hours(day);
        Instant earliest =
                desk.now().plus(Duration.ofMinutes(desk.terms().rules().notice()));
        return !hours.get(hours.size() - 1).to().isAfter(earliest);
    }

    private List<OpenSpan> hours(LocalDate day) {
        return desk.terms()
                .times()
                .between(
                        day.atStartOfDay(clock.zone()).toInstant(),
                        day.plusDays(1).atStartOfDay(clock.zone()).toInstant(),
                        clock.zone());
    }

    /** The free starts of a day, as stretches of its hours. */
    private List<TimesView.Stretch> lane(LocalDate day, List<Slot> free) {
        List<OpenSpan> hours = hours(day);
        if (hours.isEmpty() || free.isEmpty()) {
            return List.of();
        }
        long from = hours.get(0).from().getEpochSecond();
        long length = Math.max(1, hours.get(hours.size() - 1).to().getEpochSecond() - from);
        int width = (int) Math.max(1, Math.round(desk.terms().rules().grid() * 60 * 100.0 / length) + 1);
        List<TimesView.Stretch> lane = new ArrayList<>();
        for (Slot slot : free) {
            int at = (int) ((slot.start().getEpochSecond() - from) * 100 / length);
            TimesView.Stretch before = lane.isEmpty() ? null : lane.get(lane.size() - 1);
            if (before != null && before.from() + before.width() >= at) {
                lane.set(lane.size() - 1, new TimesView.Stretch(before.from(), at + width - before.from()));
            } else {
                lane.add(new TimesView.Stretch(at, width));
            }
        }
        return lane;
    }

    private List<TimesView.Part> parts(List<Slot> slots) {
        Map<String, List<TimesView.Time>> parts = new LinkedHashMap<>();
        for (Slot slot : slots) {
            ZonedDateTime local = slot.start().atZone(clock.zone());
            String part = local.getHour() < NOON ? "morning" : local.getHour() < EVENING ? "afternoon" : "evening";
            parts.computeIfAbsent(WORDS.say("times." + part), name -> new ArrayList<>())
                    .add(new TimesView.Time(
                            clock.time(slot.start()), slot.start().toString()));
        }
        return parts.entrySet().stream()
                .map(part -> new TimesView.Part(part.getKey(), part.getValue()))
                .toList();
    }

    private static List<TimesView.Hidden> hidden(Chosen chosen) {
        return chosen.asked().entrySet().stream()
                .filter(field -> !field.getKey().equals("where"))
                .map(field -> new TimesView.Hidden(field.getKey(), field.getValue()))
                .toList();
    }

    /** Where the times of a day are. */
    String link(Chosen chosen, LocalDate day) {
        Map<String, String> asked = chosen.asked();
        if (day != null) {
            asked.put("day", day.toString());
        }
        return place.page() + "?" + Chosen.query(asked);
    }
}
