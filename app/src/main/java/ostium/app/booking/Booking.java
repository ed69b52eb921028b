package ostium.app.booking;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import ostium.core.booking.Appointment;
import ostium.core.booking.BookingState;
import ostium.core.fact.Point;

/**
 * A booking, with what was said when it was made.
 *
 * @param link private address by which whoever booked moves or cancels it
 * @param heldUntil until when it takes its time while it is held or asked for, or null
 * @param service id of the fact it was made for; the fact may be gone
 * @param serviceName what the service was called
 * @param price what it cost, in words, or empty
 * @param resource id of who or what carries it out
 * @param before minutes kept free before it
 * @param after minutes kept free after it
 * @param zone whose clock it was made by
 * @param place where it is; empty at the business
 * @param at the point of that, where it is known
 * @param answers what was answered to the owner's questions
 * @param note what the owner notes of it
 * @param came how it came
 * @param sequence counts its changes, from 0
 */
public record Booking(
        String id,
        String site,
        String link,
        BookingState state,
        Instant heldUntil,
        String service,
        String serviceName,
        String price,
        String resource,
        Instant start,
        Instant end,
        int before,
        int after,
        ZoneId zone,
        Customer customer,
        String place,
        Optional<Point> at,
        List<Said> answers,
        String note,
        Came came,
        int sequence,
        Instant madeAt,
        Instant changedAt) {

    /** Who booked. */
    public record Customer(String name, String email, String telephone) {
        public static final Customer NOBODY = new Customer("", "", "");
    }

    /** A question with its answer. */
    public record Said(String label, String value) {}

    /** How a booking came. */
    public enum Came {
        PAGE,
        /** Written in by the owner. */
        WRITTEN,
        /** A test of the door. */
        TEST
    }

    /** What of it stands in the diary. */
    public Appointment appointment() {
        return new Appointment(id, customer.name(), service, resource, start, end, before, after, at);
    }

    /** Minutes it takes. */
    public int minutes() {
        return (int) java.time.Duration.between(start, end).toMinutes();
    }

    /** This booking at another time, with whoever is free then. */
    Booking moved(Instant other, String by, Instant now) {
        return copy(state, heldUntil, by, other, other.plus(java.time.Duration.between(start, end)), now);
    }

    /** This booking, carried out by somebody. */
    Booking by(String other) {
        return copy(state, heldUntil, other, start, end, changedAt);
    }

    /** This booking, longer or shorter. */
    Booking until(Instant other, Instant now) {
        return copy(state, heldUntil, resource, start, other, now);
    }

    /** This booking in another state. */
    Booking as(BookingState other, Instant until, Instant now) {
        return copy(other, until, resource, start, end, now);
    }

    private Booking copy(
            BookingState newState, Instant until, String by, Instant newStart, Instant newEnd, Instant now) {
        return new Booking(
                id,
                site,
                link,
                newState,
                until,
                service,
                serviceName,
                price,
                by,
                newStart,
                newEnd,
                before,
                after,
                zone,
                customer,
                place,
                at,
                answers,
                note,
                came,
                sequence + 1,
                madeAt,
                now);
    }

    /** This booking with who it is for. */
    Booking of(Customer other, String where, Optional<Point> point, List<Said> said) {
        return new Booking(
                id,
                site,
                link,
                state,
                heldUntil,
                service,
                serviceName,
                price,
                resource,
                start,
                end,
                before,
                after,
                zone,
                other,
                where,
                point,
                said,
                note,
                came,
                sequence,
                madeAt,
                changedAt);
    }
}
