package ostium.app.booking;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.booking.BookingForm;
import ostium.core.booking.BookingState;
import ostium.core.booking.OfferedService;
import ostium.core.booking.Refusal;
import ostium.core.booking.Slot;
import ostium.core.booking.Slots;
import ostium.core.booking.Wanted;
import ostium.core.fact.Point;
import ostium.core.form.Field;
import ostium.core.form.Form;
import ostium.core.place.FoundPlace;
import ostium.core.place.PlaceFinder;

/**
 * What visitors do: a time is held while they type, then taken, and can be moved or called off by its private link. Each is one
 * transaction that locks the diary first, so that a time is given once, however many ask for it at one moment.
 */
@Service
public class Bookings {
    /** How long a time is held for somebody who is typing. */
    public static final Duration HOLD = Duration.ofMinutes(10);

    /** How long a time that is asked for is kept free for the owner's answer. */
    static final Duration ANSWER = Duration.ofHours(24);

    private static final int NEAREST = 4;

    private final BookingStore store;
    private final BookingMapper mapper;
    private final Desks desks;
    private final BookingMessages messages;
    private final PlaceFinder places;

    Bookings(BookingStore store, BookingMapper mapper, Desks desks, BookingMessages messages, PlaceFinder places) {
        this.store = store;
        this.mapper = mapper;
        this.desks = desks;
        this.messages = messages;
        this.places = places;
    }

    /** A booking by its private link; empty when there is none, or it was given up long ago. */
    public Optional<Booking> byLink(StoredSite site, String link) {
        return link == null || link.isEmpty() ? Optional.empty() : store.byLink(site.id(), link);
    }

    /** Where an address lies, if that is known. */
    public Optional<Point> find(Desk desk, String place) {
        return place.isBlank()
                ? Optional.empty()
                : places.find(place, desk.brief().facts().region()).map(FoundPlace::point);
    }

    /**
     * Holds a time for a visitor who is typing.
     *
     * @param place where it shall be as far as it was said, or empty
     * @param instead link of another time that was held for the same visitor and is let go, or empty
     * @return the held time
     * @throws NotFree if it cannot be booked (any more)
     */
    @DiaryTransaction
    public Booking hold(StoredSite site, Wanted wanted, Instant start, String place, String instead) throws NotFree {
        // Whoever comes too late is told at once, and does not wait in line for it.
        if (instead.isEmpty()) {
            free(open(site), wanted, start, "");
        }
        store.lock(site.id());
        if (!instead.isEmpty()) {
            mapper.letGo(site.id(), instead);
        }
        Desk desk = open(site);
        Slot slot = free(desk, wanted, start, "");
        Booking held =
                made(desk, wanted, slot, place, BookingState.HELD, desk.now().plus(HOLD), Booking.Came.PAGE);
        store.insert(held);
        return held;
    }

    /**
     * Takes a time that was held; mail to both sides is on its way with it. One that has lapsed is taken all the same if it is
     * still free. Sent twice, it is taken once.
     *
     * @param other another start instead, or null
     * @throws NotFree if somebody else has it by now
     */
    @DiaryTransaction
    public Booking take(StoredSite site, String link, Instant other, Form form, Map<String, String> values)
            throws NotFree {
        store.lock(site.id());
        Booking held = store.byLink(site.id(), link).orElseThrow(Problem::notFound);
        if (held.state() != BookingState.HELD) {
            return held;
        }
        Desk desk = open(site);
        String place = values.getOrDefault(BookingForm.PLACE, "");
        Optional<Point> at = find(desk, place).or(() -> place.equals(held.place()) ? held.at() : Optional.empty());
        Wanted wanted = new Wanted(held.service(), other == null ? held.resource() : "", at);
        Slot slot = free(desk, wanted, other == null ? held.start() : other, held.id());
        boolean atOnce = desk.terms().rules().atOnce();
        Booking taken = held.moved(slot.start(), slot.resources().get(0), desk.now())
                .as(
                        atOnce ? BookingState.BOOKED : BookingState.ASKED,
                        atOnce ? null : until(desk.now(), slot.start()),
                        desk.now())
                .of(
                        new Booking.Customer(
                                values.getOrDefault("name", ""),
                                values.getOrDefault("email", ""),
                                values.getOrDefault("telephone", "")),
                        place,
                        at,
                        said(form, values));
        store.update(taken);
        messages.taken(desk, taken);
        return taken;
    }

    /** What was answered beside who and where. */
    private static List<Booking.Said> said(Form form, Map<String, String> values) {
        List<Booking.Said> said = new ArrayList<>();
        for (Field field : form.fields()) {
            String value = values.getOrDefault(field.key(), "");
            boolean own = field.key().equals(BookingForm.NOTE) || field.key().startsWith("question-");
            if (own && !value.isEmpty()) {
                said.add(new Booking.Said(field.label(), value));
            }
        }
        return said;
    }

    private static Instant until(Instant now, Instant start) {
        Instant until = now.plus(ANSWER);
        return until.isBefore(start) ? until : start;
    }

    /** Whether whoever booked can still move it or call it off. */
    public boolean canChange(Desk desk, Booking booking) {
        boolean open = booking.state() == BookingState.BOOKED || booking.state() == BookingState.ASKED;
        Duration until = Duration.ofMinutes(desk.terms().rules().changeUntil());
        return open && desk.now().isBefore(booking.start().minus(until));
    }

    /**
     * Moves a booking for whoever made it.
     *
     * @throws NotFree if the other time cannot be booked
     * @throws Problem 409 if it can no longer be moved
     */
    @DiaryTransaction
    public Booking move(StoredSite site, String link, Instant start) throws NotFree {
        store.lock(site.id());
        Booking booking = store.byLink(site.id(), link).orElseThrow(Problem::notFound);
        Desk desk = open(site);
        requireChangeable(desk, booking);
        if (booking.start().equals(start)) {
            return booking;
        }
        Slot slot = free(desk, new Wanted(booking.service(), "", booking.at()), start, booking.id());
        String by = slot.resources().contains(booking.resource())
                ? booking.resource()
                : slot.resources().get(0);
        boolean atOnce = desk.terms().rules().atOnce();
        Booking moved = booking.moved(slot.start(), by, desk.now());
        Booking kept = atOnce ? moved : moved.as(BookingState.ASKED, until(desk.now(), slot.start()), desk.now());
        store.update(kept);
        messages.movedByVisitor(desk, booking, kept);
        return kept;
    }

    /**
     * Calls a booking off for whoever made it.
     *
     * @throws Problem 409 if it can no longer be called off
     */
    @DiaryTransaction
    public Booking cancel(StoredSite site, String link) {
        store.lock(site.id());
        Booking booking = store.byLink(site.id(), link).orElseThrow(Problem::notFound);
        if (booking.state() == BookingState.CANCELLED) {
            return booking;
        }
        Desk desk = open(site);
        requireChangeable(desk, booking);
        Booking gone = booking.as(BookingState.CANCELLED, null, desk.now());
        store.update(gone);
        messages.cancelledByVisitor(desk, gone);
        return gone;
    }

    private void requireChangeable(Desk desk, Booking booking) {
        if (!canChange(desk, booking)) {
            throw Problem.at("", "booking.tooLate");
        }
    }

    /**
     * Books the first free time there is as a test that goes the whole way, and gives the time back; the test before it goes.
     *
     * @return its id
     * @throws Problem 422 if nothing is free
     */
    @DiaryTransaction
    public String tryOut(StoredSite site, String email) {
        store.lock(site.id());
        mapper.deleteTests(site.id());
        Desk desk = open(site);
        for (OfferedService service : desk.terms().services()) {
            Wanted wanted = Wanted.of(service.id());
            List<Slot> free =
                    desk.slots().free(wanted, desk.today(), desk.terms().rules().daysAhead() + 1);
            if (!free.isEmpty()) {
                Booking test = made(desk, wanted, free.get(0), "", BookingState.CANCELLED, null, Booking.Came.TEST)
                        .of(new Booking.Customer("Test", email, ""), "", Optional.empty(), List.of());
                store.insert(test);
                messages.tried(desk, test);
                return test.id();
            }
        }
        throw Problem.at("", "booking.nothingFree");
    }

    /**
     * Brings in an appointment of elsewhere or of long ago as it was; nobody is told, and nothing is checked.
     *
     * @param service name of one of the services that can be booked
     * @param note what was said with it, or empty
     * @throws Problem if there is no such service
     */
    @DiaryTransaction
    public void bringIn(
            StoredSite site,
            String service,
            Instant start,
            Booking.Customer customer,
            String place,
            String note,
            BookingState state) {
        store.lock(site.id());
        Desk desk = open(site);
        OfferedService offered = desk.terms().services().stream()
                .filter(each -> each.name().equals(service))
                .findFirst()
                .orElseThrow(() -> Problem.at("service", "booking.service"));
        Optional<Point> at = find(desk, place);
        Slot slot =
                new Slot(start, List.of(desk.terms().ableTo(offered.id()).get(0).id()));
        List<Booking.Said> said = note.isEmpty()
                ? List.of()
                : List.of(new Booking.Said(
                        BookingForm.of(desk.terms().rules()).fields().stream()
                                .filter(field -> field.key().equals(BookingForm.NOTE))
                                .findFirst()
                                .orElseThrow()
                                .label(),
                        note));
        Instant until = state == BookingState.ASKED ? until(desk.now(), start) : null;
        store.insert(made(desk, new Wanted(offered.id(), "", at), slot, place, state, until, Booking.Came.PAGE)
                .of(customer, place, at, said));
    }

    /** The whole diary is read only for whoever comes too late: to say why, and what is free nearest to it. */
    private static Slot free(Desk desk, Wanted wanted, Instant start, String without) throws NotFree {
        Optional<Slot> slot = desk.slot(wanted, start, without);
        if (slot.isPresent()) {
            return slot.get();
        }
        Slots slots = desk.slotsWithout(without);
        Optional<Refusal> refusal = slots.whyNot(wanted, start);
        if (refusal.isEmpty()) {
            // Given up by somebody between the two looks.
            return slots.at(wanted, start).orElseThrow();
        }
        throw new NotFree(refusal.get(), slots.nearest(wanted, start, NEAREST));
    }

    private Booking made(
            Desk desk,
            Wanted wanted,
            Slot slot,
            String place,
            BookingState state,
            Instant heldUntil,
            Booking.Came came) {
        OfferedService service = desk.terms().service(wanted.service()).orElseThrow();
        return new Booking(
                UUID.randomUUID().toString(),
                desk.site().id(),
                Tokens.fresh(),
                state,
                heldUntil,
                service.id(),
                service.name(),
                service.price(),
                slot.resources().get(0),
                slot.start(),
                slot.start().plus(Duration.ofMinutes(service.minutes())),
                service.before(),
                service.after(),
                desk.terms().zone(),
                Booking.Customer.NOBODY,
                place,
                wanted.at(),
                List.of(),
                "",
                came,
                0,
                desk.now(),
                desk.now());
    }

    private Desk open(StoredSite site) {
        return desks.of(site).orElseThrow(() -> Problem.at("", "booking.none"));
    }
}
