package ostium.app.booking;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ostium.app.booking.BookingMapper.StoredBlock;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.booking.Agenda;
import ostium.core.booking.Appointment;
import ostium.core.booking.BookableService;
import ostium.core.booking.BookingState;
import ostium.core.booking.OfferedService;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Point;

/**
 * What an owner or a helper does in the diary. They may book outside hours and notice; what they cannot is to put two in one
 * place.
 */
@Service
public class DiaryWork {
    private static final int LONGEST_WORDS = 2000;
    private static final int LONGEST_BLOCK = 200;

    private final BookingStore store;
    private final BookingMapper mapper;
    private final Bookings bookings;
    private final Desks desks;
    private final BookingMessages messages;
    private final Clock clock;

    DiaryWork(
            BookingStore store,
            BookingMapper mapper,
            Bookings bookings,
            Desks desks,
            BookingMessages messages,
            Clock clock) {
        this.store = store;
        this.mapper = mapper;
        this.bookings = bookings;
        this.desks = desks;
        this.messages = messages;
        this.clock = clock;
    }

    /**
     * Somebody who is written in: they rang, or stood at the door.
     *
     * @param minutes how long it takes, or null for as long as the service does
     * @param resource id of who carries it out, or empty for whoever is free
     * @param tells whether they are told by mail, where they left an address
     */
    public record WrittenIn(
            String service,
            Instant start,
            Integer minutes,
            String resource,
            Booking.Customer customer,
            String place,
            String note,
            boolean tells) {}

    /** @throws Problem 422 with what is missing; 409 when somebody else is booked then */
    @DiaryTransaction
    public Booking writeIn(StoredSite site, WrittenIn asked) {
        store.lock(site.id());
        Desk desk = open(site);
        if (asked.customer().name().isBlank()) {
            throw Problem.at("name", "booking.name");
        }
        checked("name", asked.customer().name(), 120);
        checked("email", asked.customer().email(), 254);
        checked("telephone", asked.customer().telephone(), 60);
        checked("place", asked.place(), 300);
        String email = asked.customer().email();
        if (!email.isBlank() && EmailAddress.read(email).value().isEmpty()) {
            throw Problem.at("email", "booking.email");
        }
        OfferedService service =
                desk.terms().service(asked.service()).orElseThrow(() -> Problem.at("service", "booking.service"));
        int minutes = asked.minutes() == null ? service.minutes() : asked.minutes();
        Optional<Point> at = bookings.find(desk, asked.place());
        Booking booking = new Booking(
                UUID.randomUUID().toString(),
                site.id(),
                Tokens.fresh(),
                BookingState.BOOKED,
                null,
                service.id(),
                service.name(),
                service.price(),
                asked.resource(),
                asked.start(),
                end(asked.start(), minutes),
                service.before(),
                service.after(),
                desk.terms().zone(),
                asked.customer(),
                asked.place(),
                at,
                List.of(),
                checked("note", asked.note(), LONGEST_WORDS),
                Booking.Came.WRITTEN,
                0,
                desk.now(),
                desk.now());
        Booking placed = placed(desk, booking, service.capacity());
        store.insert(placed);
        if (asked.tells()) {
            messages.agreed(desk, placed, "");
        }
        return placed;
    }

    private static Instant end(Instant start, int minutes) {
        if (minutes < 5) {
            throw Problem.at("minutes", "booking.short");
        }
        if (minutes > BookableService.LONGEST) {
            throw Problem.at("minutes", "booking.long");
        }
        return start.plus(Duration.ofMinutes(minutes));
    }

    /** The booking with who carries it out: the one asked for, or the first who is free. */
    private Booking placed(Desk desk, Booking booking, int capacity) {
        Agenda agenda = agenda(booking);
        List<String> able = booking.resource().isEmpty()
                ? desk.terms().ableTo(booking.service()).stream()
                        .map(resource -> resource.id())
                        .toList()
                : List.of(booking.resource());
        if (able.isEmpty()) {
            throw Problem.at("resource", "booking.resource");
        }
        Optional<Appointment> clash = Optional.empty();
        for (String resource : able) {
            Booking tried = booking.by(resource);
            clash = agenda.clash(tried.appointment(), capacity);
            if (clash.isEmpty()) {
                return tried;
            }
        }
        throw Problem.at(
                "start",
                "booking.clash",
                clash.get().who().isBlank() ? "Somebody" : clash.get().who());
    }

    private Agenda agenda(Booking booking) {
        Duration margin = Duration.ofDays(3);
        return desks.agenda(
                        booking.site(),
                        booking.start().minus(margin),
                        booking.end().plus(margin),
                        clock.instant())
                .without(booking.id());
    }

    /**
     * Moves a booking, makes it longer or shorter, or gives it to somebody else; a request that is moved is agreed with that.
     *
     * @param words what the visitor is told besides, or empty
     * @param tells whether they are told at all
     */
    @DiaryTransaction
    public Booking change(
            StoredSite site, String id, Instant start, int minutes, String resource, String words, boolean tells) {
        store.lock(site.id());
        Booking booking = require(site, id);
        Desk desk = open(site);
        if (!booking.state().isOpen()) {
            throw Problem.at("", "booking.over");
        }
        Booking moved = booking.moved(start, resource, desk.now())
                .until(end(start, minutes), desk.now())
                .as(BookingState.BOOKED, null, desk.now());
        int capacity = desk.terms()
                .service(booking.service())
                .map(OfferedService::capacity)
                .orElse(1);
        Booking placed = placed(desk, moved, capacity);
        store.update(placed);
        if (tells) {
            messages.movedByOwner(desk, placed, checked("words", words, LONGEST_WORDS));
        }
        return placed;
    }

    /** Says yes to what was asked for. */
    @DiaryTransaction
    public Booking agree(StoredSite site, String id, String words) {
        store.lock(site.id());
        Booking booking = require(site, id);
        if (booking.state() == BookingState.BOOKED) {
            return booking;
        }
        requireAsked(booking);
        Desk desk = open(site);
        int capacity = desk.terms()
                .service(booking.service())
                .map(OfferedService::capacity)
                .orElse(1);
        Booking agreed = placed(desk, booking.as(BookingState.BOOKED, null, desk.now()), capacity);
        store.update(agreed);
        messages.agreed(desk, agreed, checked("words", words, LONGEST_WORDS));
        return agreed;
    }

    /** Says no to what was asked for, or calls off what was agreed. */
    @DiaryTransaction
    public Booking cancel(StoredSite site, String id, String words, boolean tells) {
        store.lock(site.id());
        Booking booking = require(site, id);
        if (booking.state() == BookingState.CANCELLED) {
            return booking;
        }
        Desk desk = open(site);
        Booking gone = booking.as(BookingState.CANCELLED, null, desk.now());
        store.update(gone);
        if (tells && booking.state() == BookingState.ASKED) {
            messages.declined(desk, gone, checked("words", words, LONGEST_WORDS));
        } else if (tells) {
            messages.cancelledByOwner(desk, gone, checked("words", words, LONGEST_WORDS));
        }
        return gone;
    }

    /** Puts back what was called off, if nobody else has its time by now. */
    @DiaryTransaction
    public Booking restore(StoredSite site, String id) {
        store.lock(site.id());
        Booking booking = require(site, id);
        Desk desk = open(site);
        Booking back = placed(desk, booking.as(BookingState.BOOKED, null, desk.now()), 1);
        store.update(back);
        messages.agreed(desk, back, "");
        return back;
    }

    /** Marks how it went: done, not come, or neither after all. */
    @DiaryTransaction
    public Booking mark(StoredSite site, String id, BookingState state) {
        Booking booking = require(site, id);
        boolean known = state == BookingState.DONE || state == BookingState.MISSED || state == BookingState.BOOKED;
        boolean can = booking.state() == BookingState.BOOKED
                || booking.state() == BookingState.DONE
                || booking.state() == BookingState.MISSED;
        if (!known || !can) {
            throw Problem.at("", "booking.over");
        }
        Booking marked = booking.as(state, null, clock.instant());
        store.update(marked);
        return marked;
    }

    private static void requireAsked(Booking booking) {
        if (booking.state() != BookingState.ASKED) {
            throw Problem.at("", "booking.over");
        }
    }

    /** Blocks a time; bookings that are there stay. */
    @DiaryTransaction
    public StoredBlock block(StoredSite site, String resource, Instant from, Instant to, String words) {
        if (!to.isAfter(from) || Duration.between(from, to).toDays() > 366) {
            throw Problem.at("block", "booking.block");
        }
        store.lock(site.id());
        StoredBlock block = new StoredBlock(
                UUID.randomUUID().toString(), resource, from, to, checked("words", words, LONGEST_BLOCK), null);
        mapper.insertBlock(site.id(), block);
        return block;
    }

    @DiaryTransaction
    public void unblock(StoredSite site, String id) {
        if (mapper.deleteBlock(site.id(), id) == 0) {
            throw Problem.notFound();
        }
    }

    /** @throws Problem 404 if the site has no such booking */
    public Booking one(StoredSite site, String id) {
        return require(site, id);
    }

    private Booking require(StoredSite site, String id) {
        return store.one(site.id(), id).orElseThrow(Problem::notFound);
    }

    private Desk open(StoredSite site) {
        return desks.of(site).orElseThrow(() -> Problem.at("", "booking.none"));
    }

    private static String checked(String field, String words, int longest) {
        String plain = words == null ? "" : words.replaceAll("\\r\\n?", "\n").strip();
        if (plain.length() > longest) {
            throw Problem.at(field, "booking.words", longest, plain.length());
        }
        return plain;
    }
}
