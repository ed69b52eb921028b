package ostium.core.booking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.OpenSpan;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;

/**
 * The times that can be booked, and why another cannot.
 *
 * <pre>{@code
 * Slots slots = Slots.of(terms, agenda, now);
 * slots.free(Wanted.of("service/sweep"), today, 14);          // two weeks of starts
 * slots.whyNot(Wanted.of("service/sweep"), start);            // empty: it can be booked
 * slots.nearest(Wanted.of("service/sweep"), start, 3);        // what to offer instead
 * }</pre>
 *
 * <p>A function of terms, diary and instant; not thread-safe.
 */
public final class Slots {
    /** Starts lie at least five minutes apart. */
    private static final int CELL = 5;

    /** How far from a time the nearest are looked for, in days. */
    private static final int NEAR = 21;

    /** Days beside the range whose hours decide about it: the longest service takes two. */
    private static final int DAYS_AFTER = 3;

    private static final Duration DAY_AND_WAY = Duration.ofHours(30);
    private static final Duration BUFFERS = Duration.ofMinutes(2 * BookableService.LONGEST_BUFFER);

    private final BookingTerms terms;
    private final WallClock clock;
    private final int now;
    private final LocalDate today;
    private final List<Lane> lanes;
    /** How many appointments a day has, by its number since 1970. */
    private final Map<Integer, Integer> onDay;

    private Slots(BookingTerms terms, Agenda agenda, Instant now, LocalDate first, LocalDate last) {
        this.terms = terms;
        this.clock = new WallClock(terms.zone());
        this.now = WallClock.minute(now);
        this.today = BusinessDay.at(now, terms.zone()).date();
        this.lanes = lanes(agenda, first.isBefore(today) ? today : first, last.isAfter(lastDay()) ? lastDay() : last);
        this.onDay = onDay(agenda);
    }

    /** Of all days that can be booked. */
    public static Slots of(BookingTerms terms, Agenda agenda, Instant now) {
        return new Slots(terms, agenda, now, LocalDate.MIN, LocalDate.MAX);
    }

    /**
     * One start, if it can be booked: what {@link #at} says of it, without looking at the other days.
     *
     * @param agenda what takes time within {@link #around} of the start and of the end; more does no harm
     */
    public static Optional<Slot> one(BookingTerms terms, Agenda agenda, Instant now, Wanted wanted, Instant start) {
        LocalDate day = start.atZone(terms.zone()).toLocalDate();
        return new Slots(terms, agenda, now, day.minusDays(1), day).at(wanted, start);
    }

    /** How far before a start, and after the end of what begins there, the diary decides about it. */
    public static Duration around(BookingRules rules) {
        return rules.travels() || rules.dailyLimit() > 0 ? DAY_AND_WAY : BUFFERS;
    }

    private List<Lane> lanes(Agenda agenda, LocalDate first, LocalDate last) {
        Instant from = first.atStartOfDay(terms.zone()).toInstant();
        Instant to = last.plusDays(DAYS_AFTER).atStartOfDay(terms.zone()).toInstant();
        List<OpenSpan> business = terms.times().between(from, to, terms.zone());
        Map<String, List<OpenSpan>> weeks = new HashMap<>();
        List<Lane> made = new ArrayList<>();
        for (Resource resource : terms.resources()) {
            List<OpenSpan> own = weeks.computeIfAbsent(
                    resource.hours(), hours -> both(business, week(resource, from, to, business)));
            made.add(Lane.of(
                    resource,
                    own,
                    agenda.appointments().stream()
                            .filter(each -> isOf(resource, each.resource()))
                            .toList(),
                    agenda.blocks().stream()
                            .filter(each ->
                                    each.resource().isEmpty() || each.resource().equals(resource.id()))
                            .toList()));
        }
        return made;
    }

    /** What nobody who is still there carries out keeps everybody's time, rather than be booked over. */
    private boolean isOf(Resource resource, String id) {
        return id.equals(resource.id()) || terms.resource(id).isEmpty();
    }

    private List<OpenSpan> week(Resource resource, Instant from, Instant to, List<OpenSpan> business) {
        Optional<WeeklyHours> week =
                resource.hours().isEmpty() ? Optional.empty() : resource.week().value();
        return week.map(own -> new OpeningTimes(own, List.of()).between(from, to, terms.zone()))
                .orElse(business);
    }

    private static List<OpenSpan> both(List<OpenSpan> some, List<OpenSpan> others) {
        if (some == others) {
            return some;
        }
        List<OpenSpan> both = new ArrayList<>();
        int at = 0;
        for (OpenSpan one : some) {
            while (at < others.size() && !others.get(at).to().isAfter(one.from())) {
                at++;
            }
            for (int i = at; i < others.size() && others.get(i).from().isBefore(one.to()); i++) {
                OpenSpan other = others.get(i);
                both.add(new OpenSpan(
                        one.from().isAfter(other.from()) ? one.from() : other.from(),
                        one.to().isBefore(other.to()) ? one.to() : other.to()));
            }
        }
        return both;
    }

    private Map<Integer, Integer> onDay(Agenda agenda) {
        Map<Integer, Integer> counts = new HashMap<>();
        Set<List<Object>> seen = new HashSet<>();
        for (Appointment each : agenda.appointments()) {
            if (seen.add(List.of(each.resource(), each.service(), each.start()))) {
                counts.merge(clock.day(WallClock.minute(each.start())), 1, Integer::sum);
            }
        }
        return counts;
    }

    private LocalDate lastDay() {
        return today.plusDays(terms.rules().daysAhead());
    }

    /**
     * The starts that can be booked, in order.
     *
     * @param from first day that is looked at
     * @param days how many
     */
    public List<Slot> free(Wanted wanted, LocalDate from, int days) {
        OfferedService service = terms.service(wanted.service()).orElse(null);
        LocalDate begin = from.isBefore(today) ? today : from;
        LocalDate end =
                from.plusDays(days).isAfter(lastDay().plusDays(1)) ? lastDay().plusDays(1) : from.plusDays(days);
        if (service == null || !begin.isBefore(end)) {
            return List.of();
        }
        int base = clock.startOf(begin);
        int first = Math.max(base, now + terms.rules().notice());
        int last = clock.startOf(end);
        long[] able = new long[(last - base) / CELL + 1];
        for (int i = 0; i < lanes.size(); i++) {
            if (isAsked(lanes.get(i), wanted)) {
                mark(able, 1L << i, lanes.get(i), service, wanted, base, first, last);
            }
        }
        return slots(able, base);
    }

    private boolean isAsked(Lane lane, Wanted wanted) {
        return lane.resource().can(wanted.service())
                && (wanted.resource().isEmpty()
                        || wanted.resource().equals(lane.resource().id()));
    }

    private void mark(
            long[] able, long bit, Lane lane, OfferedService service, Wanted wanted, int base, int first, int last) {
        Lane.Walk walk = lane.walk(service, wanted.at(), terms);
        int[] open = lane.open();
        for (int span = 0; span < open.length; span += 2) {
            int start = onGrid(Math.max(open[span], first));
            int end = Math.min(open[span + 1] - service.minutes(), last - 1);
            while (start <= end) {
                if (walk.at(start) == null && (walk.joins() || hasRoom(start))) {
                    able[(start - base) / CELL] |= bit;
                }
                start = onGrid(walk.earliest());
            }
        }
    }

    /** The first minute from one on at which appointments can begin. */
    private int onGrid(int minute) {
        int grid = terms.rules().grid();
        int start = minute + Math.floorMod(-clock.local(minute), grid);
        // A clock change in between may have moved the grid.
        return clock.runsEvenlyTo(start) || Math.floorMod(clock.local(start), grid) == 0 ? start : onGrid(start);
    }

    private boolean hasRoom(int start) {
        int limit = terms.rules().dailyLimit();
        return limit == 0 || onDay.getOrDefault(clock.day(start), 0) < limit;
    }

    private List<Slot> slots(long[] able, int base) {
        Map<Long, List<String>> resources = new HashMap<>();
        List<Slot> slots = new ArrayList<>();
        for (int cell = 0; cell < able.length; cell++) {
            if (able[cell] != 0) {
                slots.add(new Slot(
                        WallClock.instant(base + cell * CELL), resources.computeIfAbsent(able[cell], this::ids)));
            }
        }
        return slots;
    }

    private List<String> ids(long mask) {
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < lanes.size(); i++) {
            if ((mask & 1L << i) != 0) {
                ids.add(lanes.get(i).resource().id());
            }
        }
        return ids;
    }

    /** Why a time cannot be booked; empty when it can. */
    public Optional<Refusal> whyNot(Wanted wanted, Instant start) {
        RefusalWords words = new RefusalWords(terms, today);
        OfferedService service = terms.service(wanted.service()).orElse(null);
        if (service == null) {
            return Optional.of(words.of(Reason.NOT_OFFERED, start));
        }
        int minute = WallClock.minute(start);
        Reason general = general(minute);
        if (general != null) {
            return Optional.of(words.of(general, start));
        }
        Refusal nearest = null;
        boolean anybody = false;
        for (Lane lane : lanes) {
            if (!isAsked(lane, wanted)) {
                continue;
            }
            anybody = true;
            Lane.Walk walk = lane.walk(service, wanted.at(), terms);
            Reason reason = walk.at(minute);
            if (reason == null && !walk.joins() && !hasRoom(minute)) {
                reason = Reason.DAILY_LIMIT;
            }
            if (reason == null) {
                return onGrid(minute) == minute ? Optional.empty() : Optional.of(words.of(Reason.GRID, start));
            }
            if (nearest == null || reason.compareTo(nearest.reason()) > 0) {
                nearest = words.of(reason, start, service, walk);
            }
        }
        return Optional.of(anybody ? nearest : words.of(Reason.NOBODY, start));
    }

    private Reason general(int minute) {
        if (minute < now) {
            return Reason.PAST;
        }
        if (minute < now + terms.rules().notice()) {
            return Reason.NOTICE;
        }
        return clock.day(minute) > lastDay().toEpochDay() ? Reason.AHEAD : null;
    }

    /** The time itself, if it can be booked. */
    public Optional<Slot> at(Wanted wanted, Instant start) {
        LocalDate day = start.atZone(terms.zone()).toLocalDate();
        return free(wanted, day, 1).stream()
                .filter(slot -> slot.start().equals(start))
                .findFirst();
    }

    /** The times nearest to one that can be booked, in order. */
    public List<Slot> nearest(Wanted wanted, Instant start, int most) {
        LocalDate day = start.atZone(terms.zone()).toLocalDate();
        Stream<Slot> near = free(wanted, day.minusDays(NEAR), 2 * NEAR + 1).stream()
                .sorted(Comparator.comparing(
                        slot -> Duration.between(slot.start(), start).abs()));
        return near.limit(most).sorted(Comparator.comparing(Slot::start)).toList();
    }
}
