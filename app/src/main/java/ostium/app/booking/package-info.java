/**
 * Bookings and the diary: times are held, taken, moved and called off here, each in one transaction that locks the diary of its
 * site. What can be booked is said by {@link ostium.core.booking.Slots}.
 */
package ostium.app.booking;
