package ostium.app.booking;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ostium.core.booking.BookingState;
import ostium.core.enquiry.Reach;

/** The appointments of one person, whoever wrote them in: found by any way to be reached that was left with them. */
@Component
public class PersonBookings {
    private final BookingStore store;
    private final BookingMapper mapper;

    PersonBookings(BookingStore store, BookingMapper mapper) {
        this.store = store;
        this.mapper = mapper;
    }

    /**
     * An appointment as the person it is of may ask for it.
     *
     * @param service what it was for, as it was called
     */
    public record Appointment(
            String service,
            Instant start,
            Instant end,
            BookingState state,
            Booking.Customer customer,
            String place,
            List<Booking.Said> answers,
            String note,
            Instant madeAt) {}

    /**
     * Key of the person a booking is of; empty where no way to reach them was left.
     *
     * @param region ISO 3166 country of the business, for numbers
     */
    public static Optional<String> key(Booking booking, String region) {
        return reaches(booking, region).findFirst();
    }

    private static Stream<String> reaches(Booking booking, String region) {
        return Stream.of(booking.customer().email(), booking.customer().telephone())
                .flatMap(words -> Reach.read(words, region).stream())
                .map(Reach::key);
    }

    /** All of them, the first first. */
    public List<Appointment> of(String site, String person, String region) {
        return bookings(site, person, region)
                .map(booking -> new Appointment(
                        booking.serviceName(),
                        booking.start(),
                        booking.end(),
                        booking.state(),
                        booking.customer(),
                        booking.place(),
                        booking.answers(),
                        booking.note(),
                        booking.madeAt()))
                .toList();
    }

    /** Deletes all of them, with the mails that told of them; their times are free again. Returns how many. */
    @DiaryTransaction
    public int forget(String site, String person, String region) {
        return (int) bookings(site, person, region)
                .map(booking -> mapper.delete(site, booking.id()))
                .filter(gone -> gone > 0)
                .count();
    }

    /** Sites with appointments that are over. */
    public List<String> sitesWithEnded(Instant now) {
        return mapper.sitesWithEnded(now);
    }

    /** Deletes the appointments of a site that were over before an instant; returns how many. */
    @DiaryTransaction
    public int deleteEndedBefore(String site, Instant before) {
        return mapper.deleteEndedBefore(site, before);
    }

    private Stream<Booking> bookings(String site, String person, String region) {
        return store.ofPeople(site).stream()
                .filter(booking -> reaches(booking, region).anyMatch(person::equals));
    }
}
