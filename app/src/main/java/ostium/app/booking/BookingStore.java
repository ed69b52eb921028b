package ostium.app.booking;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.booking.BookingMapper.StoredBooking;
import ostium.core.booking.Appointment;
import ostium.core.booking.BookableService;
import ostium.core.booking.BookingState;
import ostium.core.fact.Point;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Bookings as records, and as the rows they are kept in. */
@Component
class BookingStore {
    private final BookingMapper mapper;
    private final JsonMapper json;

    BookingStore(BookingMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** From here on to the end of the transaction nobody else changes this diary. */
    void lock(String site) {
        if (mapper.lock(site).isEmpty()) {
            // Only where the rules were put there past an edit.
            mapper.begin(site);
            mapper.lock(site).orElseThrow();
        }
    }

    void insert(Booking booking) {
        mapper.insert(stored(booking));
    }

    void update(Booking booking) {
        mapper.update(stored(booking));
    }

    Optional<Booking> one(String site, String id) {
        return mapper.one(site, id).map(this::booking);
    }

    Optional<Booking> byLink(String site, String link) {
        return mapper.byLink(site, link).map(this::booking);
    }

    List<Appointment> takingTime(String site, Instant from, Instant to, Instant now) {
        Instant earliest = from.minus(Duration.ofMinutes(BookableService.LONGEST));
        return mapper.takingTime(site, earliest, from, to, now).stream()
                .map(row -> new Appointment(
                        row.id(),
                        row.who(),
                        row.service(),
                        row.resource(),
                        row.startsAt(),
                        row.endsAt(),
                        row.beforeMinutes(),
                        row.afterMinutes(),
                        point(row.latitude(), row.longitude())))
                .toList();
    }

    List<Booking> between(String site, Instant from, Instant to) {
        return all(mapper.between(site, from, to));
    }

    List<Booking> ofPeople(String site) {
        return all(mapper.ofPeople(site));
    }

    List<Booking> asked(String site) {
        return all(mapper.asked(site));
    }

    List<Booking> coming(String site, Instant now) {
        return all(mapper.coming(site, now));
    }

    List<Booking> toRemind(Instant now, Instant until, Instant madeBefore) {
        return all(mapper.toRemind(now, until, madeBefore));
    }

    private List<Booking> all(List<StoredBooking> stored) {
        return stored.stream().map(this::booking).toList();
    }

    private Booking booking(StoredBooking row) {
        return new Booking(
                row.id(),
                row.site(),
                row.link(),
                BookingState.valueOf(row.state()),
                row.heldUntil(),
                row.service(),
                row.serviceName(),
                row.price(),
                row.resource(),
                row.startsAt(),
                row.endsAt(),
                row.beforeMinutes(),
                row.afterMinutes(),
                ZoneId.of(row.zone()),
                new Booking.Customer(row.who(), row.email(), row.telephone()),
                row.place(),
                point(row.latitude(), row.longitude()),
                json.readValue(row.answers(), new TypeReference<List<Booking.Said>>() {}),
                row.note(),
                Booking.Came.valueOf(row.came()),
                row.sequence(),
                row.madeAt(),
                row.changedAt());
    }

    private static Optional<Point> point(Double latitude, Double longitude) {
        return latitude == null ? Optional.empty() : Optional.of(new Point(latitude, longitude, Point.Accuracy.HOUSE));
    }

    private StoredBooking stored(Booking booking) {
        return new StoredBooking(
                booking.id(),
                booking.site(),
                booking.link(),
                booking.state().name(),
                booking.heldUntil(),
                booking.service(),
                booking.serviceName(),
                booking.price(),
                booking.resource(),
                booking.start(),
                booking.end(),
                booking.before(),
                booking.after(),
                booking.zone().getId(),
                booking.customer().name(),
                booking.customer().email(),
                booking.customer().telephone(),
                booking.place(),
                booking.at().map(Point::latitude).orElse(null),
                booking.at().map(Point::longitude).orElse(null),
                json.writeValueAsString(booking.answers()),
                booking.note(),
                booking.came().name(),
                booking.sequence(),
                booking.madeAt(),
                booking.changedAt());
    }
}
