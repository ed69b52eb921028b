/**
 * Booking: which times are free, and why another is not. What an owner sets is {@link ostium.core.booking.BookingRules}; with the
 * facts they become {@link ostium.core.booking.BookingTerms}; with the diary beside them, {@link ostium.core.booking.Slots} says
 * what can be booked. Nothing here stores or sends anything.
 */
package ostium.core.booking;
