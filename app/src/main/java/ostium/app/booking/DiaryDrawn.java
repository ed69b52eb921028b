package ostium.app.booking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ostium.app.booking.BookingMapper.StoredBlock;
import ostium.app.mail.MailQueue;
import ostium.app.site.StoredSite;
import ostium.app.text.TextQueue;
import ostium.core.base.Messages;
import ostium.core.booking.Agenda;
import ostium.core.booking.Block;
import ostium.core.booking.BookingState;
import ostium.core.booking.ClockWords;
import ostium.core.booking.DiaryDay;
import ostium.core.booking.Resource;
import ostium.core.booking.Slots;
import ostium.core.booking.Wanted;
import ostium.core.fact.Minutes;
import ostium.core.fact.Telephone;

/** Draws the diary of a site for its owner. */
@Component
class DiaryDrawn {
    private static final Messages WORDS = Messages.of("diary");
    private static final int HOUR = 60;
    private static final int DAY = 24 * HOUR;
    private static final int USUAL_BEGIN = 8 * HOUR;
    private static final int USUAL_END = 18 * HOUR;

    private final BookingStore store;
    private final BookingMapper mapper;
    private final FollowedMapper followed;
    private final MailQueue mail;
    private final TextQueue text;

    DiaryDrawn(BookingStore store, BookingMapper mapper, FollowedMapper followed, MailQueue mail, TextQueue text) {
        this.store = store;
        this.mapper = mapper;
        this.followed = followed;
        this.mail = mail;
        this.text = text;
    }

    /** The diary of a site that takes no bookings. */
    static DiaryView closed(LocalDate today) {
        return new DiaryView(
                false,
                today,
                today,
                0,
                USUAL_BEGIN,
                USUAL_END,
                List.of(),
                "",
                List.of(),
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                null,
                false);
    }

    /**
     * @param first first day that is shown
     * @param days how many
     */
    DiaryView view(Desk desk, LocalDate first, int days) {
        StoredSite site = desk.site();
        ClockWords clock = desk.terms().clock();
        Instant from = first.minusDays(1).atStartOfDay(clock.zone()).toInstant();
        Instant to = first.plusDays(days + 1L).atStartOfDay(clock.zone()).toInstant();
        Map<String, Booking> bookings =
                store.between(site.id(), from, to).stream().collect(Collectors.toMap(Booking::id, booking -> booking));
        List<StoredBlock> blocks = mapper.blocks(site.id(), from, to);
        Agenda agenda = new Agenda(
                bookings.values().stream().map(Booking::appointment).toList(),
                blocks.stream()
                        .map(block -> new Block(block.resource(), block.startsAt(), block.endsAt(), block.words()))
                        .toList());
        List<DiaryDay> drawn = first.datesUntil(first.plusDays(days))
                .map(date -> DiaryDay.of(desk.terms(), agenda, desk.now(), date))
                .toList();
        ZonedDateTime local = desk.now().atZone(clock.zone());
        return new DiaryView(
                true,
                first,
                desk.today(),
                local.getHour() * HOUR + local.getMinute(),
                begins(drawn),
                ends(drawn),
                drawn.stream().map(day -> day(desk, day, bookings, blocks)).toList(),
                totals(drawn, bookings),
                store.asked(site.id()).stream()
                        .map(booking -> ticket(desk, booking, ""))
                        .toList(),
                desk.terms().services().stream()
                        .map(service -> new DiaryView.DiaryService(service.id(), service.name(), service.minutes()))
                        .toList(),
                desk.terms().rules().resources().stream()
                        .map(resource -> new DiaryView.DiaryResource(resource.id(), resource.name()))
                        .toList(),
                clock.zone().getId(),
                mapper.feed(site.id()).map(key -> "/api/diary/" + key + ".ics").orElse(null),
                sources(desk),
                soonest(desk),
                desk.terms().rules().texts().customers());
    }

    private static DiaryView.FreeTime soonest(Desk desk) {
        Slots slots = desk.slots();
        return desk.terms().services().stream()
                .flatMap(service -> slots.nearest(Wanted.of(service.id()), desk.now(), 1).stream())
                .map(slot -> slot.start().atZone(desk.terms().zone()))
                .min(Comparator.naturalOrder())
                .map(at -> new DiaryView.FreeTime(at.toLocalDate(), at.getHour() * HOUR + at.getMinute()))
                .orElse(null);
    }

    /** Those that are followed, and those that were files. */
    private List<DiaryView.CalendarSource> sources(Desk desk) {
        List<FollowedMapper.Followed> all = followed.ofSite(desk.site().id());
        Set<String> names = all.stream().map(FollowedMapper.Followed::name).collect(Collectors.toSet());
        return Stream.concat(
                        all.stream()
                                .map(each -> new DiaryView.CalendarSource(
                                        each.name(), lookedAt(desk.terms().clock(), each), each.fault() != null)),
                        mapper.sources(desk.site().id()).stream()
                                .filter(name -> !names.contains(name))
                                .map(name -> new DiaryView.CalendarSource(name, "", false)))
                .toList();
    }

    private static String lookedAt(ClockWords clock, FollowedMapper.Followed calendar) {
        if (calendar.readAt() == null) {
            return WORDS.say("source.never");
        }
        return WORDS.say(
                calendar.fault() == null ? "source.read" : "source.away",
                clock.day(calendar.readAt().atZone(clock.zone()).toLocalDate()),
                clock.time(calendar.readAt()));
    }

    private static int begins(List<DiaryDay> days) {
        int earliest = days.stream()
                .flatMap(day -> Stream.concat(
                        day.open().stream().map(DiaryDay.Stretch::from),
                        day.placed().stream().map(DiaryDay.Placed::from)))
                .min(Integer::compare)
                .orElse(USUAL_BEGIN);
        return Math.max(0, (earliest - HOUR / 2) / (HOUR / 2) * (HOUR / 2));
    }

    private static int ends(List<DiaryDay> days) {
        int latest = days.stream()
                .flatMap(day -> Stream.concat(
                        day.open().stream().map(DiaryDay.Stretch::to),
                        day.placed().stream().map(DiaryDay.Placed::to)))
                .max(Integer::compare)
                .orElse(USUAL_END);
        return Math.min(DAY, (latest + HOUR) / (HOUR / 2) * (HOUR / 2));
    }

    private DiaryView.DiaryDayView day(
            Desk desk, DiaryDay day, Map<String, Booking> bookings, List<StoredBlock> blocks) {
        Map<String, DiaryDay.Way> ways = new HashMap<>();
        day.ways().forEach(way -> ways.put(way.to(), way));
        return new DiaryView.DiaryDayView(
                day.date(),
                desk.terms().clock().longDay(day.date()),
                day.open(),
                day.closed(),
                day.placed().stream()
                        .map(placed -> new DiaryView.PlacedTicket(
                                placed.from(),
                                placed.to(),
                                placed.row(),
                                ticket(
                                        desk,
                                        bookings.get(placed.id()),
                                        ways.containsKey(placed.id())
                                                ? WORDS.say(
                                                        "way",
                                                        ways.get(placed.id()).minutes())
                                                : "")))
                        .toList(),
                day.ways(),
                day.blocks().stream()
                        .map(blocked -> {
                            StoredBlock block = blocks.get(blocked.index());
                            return new DiaryView.BlockedTime(
                                    block.id(), blocked.from(), blocked.to(), block.words(), block.source());
                        })
                        .toList(),
                day.rooms(),
                day.room(),
                day.rows());
    }

    /** "11 visits, 9 h 30 of work, 3 h 10 on the road". */
    private static String totals(List<DiaryDay> days, Map<String, Booking> bookings) {
        List<Booking> placed = days.stream()
                .flatMap(day -> day.placed().stream())
                .map(each -> bookings.get(each.id()))
                .distinct()
                .toList();
        int work = placed.stream().mapToInt(Booking::minutes).sum();
        int road = days.stream()
                .flatMap(day -> day.ways().stream())
                .mapToInt(DiaryDay.Way::minutes)
                .sum();
        if (placed.isEmpty()) {
            return WORDS.say("totals.none");
        }
        String visits = placed.size() == 1 ? WORDS.say("totals.one") : WORDS.say("totals.many", placed.size());
        return road == 0
                ? WORDS.say("totals", visits, Minutes.say(work))
                : WORDS.say("totals.road", visits, Minutes.say(work), Minutes.say(road));
    }

    /** @param way how long the way to it takes, in words; empty for none */
    DiaryView.Ticket ticket(Desk desk, Booking booking, String way) {
        ClockWords clock = desk.terms().clock();
        ZonedDateTime local = booking.start().atZone(clock.zone());
        boolean asked = booking.state() == BookingState.ASKED && booking.heldUntil() != null;
        boolean kept = asked && booking.heldUntil().isAfter(desk.now());
        return new DiaryView.Ticket(
                booking.id(),
                booking.state(),
                local.toLocalDate(),
                local.getHour() * HOUR + local.getMinute(),
                booking.minutes(),
                booking.customer().name(),
                shortName(booking.customer().name()),
                booking.customer().email(),
                booking.customer().telephone(),
                Telephone.read(
                                booking.customer().telephone(),
                                desk.brief().facts().region())
                        .value()
                        .map(Telephone::uri)
                        .orElse(null),
                PersonBookings.key(booking, desk.brief().facts().region()).orElse(null),
                booking.service(),
                booking.serviceName(),
                booking.price(),
                desk.terms().resource(booking.resource()).map(Resource::name).orElse(""),
                booking.place(),
                clock.say(booking.start(), booking.end()),
                booking.start(),
                kept
                        ? WORDS.say(
                                "kept",
                                clock.day(
                                        booking.heldUntil().atZone(clock.zone()).toLocalDate()),
                                clock.time(booking.heldUntil()))
                        : asked ? WORDS.say("kept.over") : "",
                way,
                booking.answers(),
                booking.note(),
                booking.came(),
                undelivered(booking));
    }

    /** Mails and texts that have not arrived, in words. */
    private List<String> undelivered(Booking booking) {
        return Stream.concat(
                        mail.ofBooking(booking.id()).stream()
                                .filter(delivery -> delivery.state() != MailQueue.State.SENT)
                                .map(delivery ->
                                        WORDS.say("mail." + delivery.state(), delivery.to(), delivery.fault())),
                        text.ofBooking(booking.id()).stream()
                                .filter(delivery -> delivery.state() != TextQueue.State.SENT)
                                .map(delivery -> WORDS.say("text." + delivery.state(), delivery.to())))
                .toList();
    }

    /** The family name: the last word, or the whole where it is one. */
    private static String shortName(String name) {
        String plain = name.strip();
        int at = plain.lastIndexOf(' ');
        return at < 0 ? plain : plain.substring(at + 1);
    }

    /** Why nothing is offered at a time, service by service. */
    static List<DiaryView.WhyNot> why(Desk desk, Instant start) {
        Slots slots = desk.slots();
        return desk.terms().services().stream()
                .map(service -> new DiaryView.WhyNot(
                        service.name(),
                        slots.whyNot(Wanted.of(service.id()), start)
                                .map(refusal -> refusal.says())
                                .orElse("")))
                .toList();
    }

    /** The coming appointments that lie outside the hours as they are now. */
    List<Booking> outside(Desk desk) {
        return store.coming(desk.site().id(), desk.now()).stream()
                .filter(booking ->
                        desk
                                .terms()
                                .times()
                                .between(
                                        booking.start(),
                                        booking.end(),
                                        desk.terms().zone())
                                .stream()
                                .noneMatch(span -> Duration.between(span.from(), span.to())
                                        .equals(Duration.between(booking.start(), booking.end()))))
                .toList();
    }
}
